import { useQuery } from "@tanstack/react-query";
import { Redo2, Undo2 } from "lucide-react";
import { useEffect } from "react";
import { NavLink, Outlet, useNavigate, useParams } from "react-router";
import { answer, api } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { SaveState } from "../document/SaveState";
import { useSaving } from "../document/saving";
import { Notice } from "../ui/Notice";
import { Bar } from "./Bar";
import { useKeys } from "./keys";

const STEPS = [
  ["frame", "Frame"],
  ["compose", "Compose"],
  ["proof", "Proof"],
  ["deliver", "Deliver"],
] as const;

/** Loads an overlay and shows its steps across the top. */
export function OverlayShell() {
  const id = Number(useParams().overlayId);
  const navigate = useNavigate();
  const overlay = useOverlay((state) => state.overlay);
  const openId = useOverlay((state) => state.id);
  const open = useOverlay((state) => state.open);
  const undo = useOverlay((state) => state.undo);
  const redo = useOverlay((state) => state.redo);
  const canUndo = useOverlay((state) => state.past.length > 0);
  const canRedo = useOverlay((state) => state.future.length > 0);
  const loaded = useQuery({
    queryKey: ["overlay", id],
    queryFn: () => answer(api.GET("/api/overlays/{id}", { params: { path: { id } } })),
    gcTime: 0,
    staleTime: Infinity,
  });
  useEffect(() => {
    if (loaded.data && useOverlay.getState().id !== loaded.data.id) open(loaded.data);
  }, [loaded.data, open]);
  useEffect(() => () => useOverlay.getState().close(), [id]);
  useSaving();
  useKeys({
    "Mod+z": undo,
    "Mod+Shift+Z": redo,
    "Mod+Shift+z": redo,
    "Mod+y": redo,
    ...Object.fromEntries(
      STEPS.map(([path], i) => [`Alt+${i + 1}`, () => void navigate(`/overlays/${id}/${path}`)]),
    ),
  });
  const ready = overlay !== null && openId === id;
  return (
    <div className="flex h-full flex-col">
      <Bar>
        <nav aria-label="Steps" className="flex items-center">
          {STEPS.map(([path, name], i) => (
            <NavLink
              key={path}
              to={path}
              className={({ isActive }) =>
                `flex h-12 items-center gap-1.5 border-b-2 px-3 text-sm ${
                  isActive
                    ? "border-primary font-semibold text-primary"
                    : "border-transparent hover:bg-base-200"
                }`
              }
            >
              <span className="text-xs opacity-60">{i + 1}</span>
              {name}
            </NavLink>
          ))}
        </nav>
        <div className="flex items-center gap-1">
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label="Undo"
            title="Undo (Ctrl Z)"
            disabled={!canUndo}
            onClick={undo}
          >
            <Undo2 size={16} />
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label="Redo"
            title="Redo (Ctrl Shift Z)"
            disabled={!canRedo}
            onClick={redo}
          >
            <Redo2 size={16} />
          </button>
        </div>
        <div className="flex min-w-0 flex-1 items-baseline justify-end gap-2">
          {ready && (
            <>
              <h1 className="truncate font-semibold">{overlay.name}</h1>
              <span className="shrink-0 text-xs opacity-75">
                {overlay.frame.width} × {overlay.frame.height}
              </span>
              <SaveState />
            </>
          )}
        </div>
      </Bar>
      {loaded.isError && (
        <div className="p-6">
          <Notice>{loaded.error.message}</Notice>
        </div>
      )}
      <main className="min-h-0 flex-1">{ready && <Outlet />}</main>
    </div>
  );
}
