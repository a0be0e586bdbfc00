import { useQuery } from "@tanstack/react-query";
import { History, House, Redo2, Undo2 } from "lucide-react";
import { useEffect, useState } from "react";
import { Link, NavLink, Outlet, useLocation, useNavigate, useParams } from "react-router";
import { answer, api } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { SaveState } from "../document/SaveState";
import { openSaved, useSaving } from "../document/saving";
import { HistoryPanel } from "../history/HistoryPanel";
import { goHome } from "../ui/home";
import { Notice } from "../ui/Notice";
import { Bar } from "../ui/Bar";
import { useKeys } from "../ui/keys";
import { useUndoing } from "../ui/undoing";

const STEPS = [
  ["frame", "Frame"],
  ["compose", "Compose"],
  ["proof", "Proof"],
  ["deliver", "Deliver"],
  ["roster", "Roster"],
  ["photographs", "Photographs"],
] as const;

/** Loads an overlay and shows its steps across the top. */
export function OverlayShell() {
  const id = Number(useParams().overlayId);
  const navigate = useNavigate();
  const overlay = useOverlay((state) => state.overlay);
  const openId = useOverlay((state) => state.id);
  const packageId = useOverlay((state) => state.packageId);
  const instead = useUndoing((state) => state.instead);
  const undoOverlay = useOverlay((state) => state.undo);
  const redoOverlay = useOverlay((state) => state.redo);
  const undo = instead?.undo ?? undoOverlay;
  const redo = instead?.redo ?? redoOverlay;
  const did = useOverlay((state) => state.past.at(-1)?.did);
  const gone = useOverlay((state) => state.future[0]?.did);
  const undoes = instead ? (instead.canUndo ? "the cue list" : undefined) : did;
  const redoes = instead ? (instead.canRedo ? "the cue list" : undefined) : gone;
  const [history, showHistory] = useState(false);
  const loaded = useQuery({
    queryKey: ["overlay", id],
    queryFn: () => answer(api.GET("/api/overlays/{id}", { params: { path: { id } } })),
    gcTime: 0,
    staleTime: Infinity,
  });
  useEffect(() => {
    if (loaded.data && useOverlay.getState().id !== loaded.data.id) void openSaved(loaded.data);
  }, [loaded.data]);
  useEffect(() => () => useOverlay.getState().close(), [id]);
  useSaving();
  // Rows and photographs are no part of the overlay; undoing in the roster takes cells back.
  const { pathname } = useLocation();
  const ofOverlay = !pathname.endsWith("/roster") && !pathname.endsWith("/photographs");
  useKeys({
    ...(ofOverlay
      ? { "Mod+z": undo, "Mod+Shift+Z": redo, "Mod+Shift+z": redo, "Mod+y": redo }
      : {}),
    y: () => showHistory(!history),
    "Alt+h": () => void navigate(`/packages/${packageId}/house`, { state: { overlay: id } }),
    ...Object.fromEntries(
      STEPS.map(([path], i) => [`Alt+${i + 1}`, () => void navigate(`/overlays/${id}/${path}`)]),
    ),
  });
  const ready = overlay !== null && openId === id;
  return (
    <div className="flex h-full flex-col">
      <a
        href="#step"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-base-100 focus:p-2"
        onClick={(event) => {
          event.preventDefault();
          if (!goHome()) document.getElementById("step")?.focus();
        }}
      >
        Skip to the step
      </a>
      <Bar>
        <nav aria-label="Steps" className="flex shrink-0 items-center">
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
        <div className="flex shrink-0 items-center gap-1">
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label="Undo"
            title={undoes === undefined ? "Undo (Ctrl Z)" : `Undo: ${undoes} (Ctrl Z)`}
            disabled={undoes === undefined || !ofOverlay}
            onClick={undo}
          >
            <Undo2 size={16} />
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label="Redo"
            title={redoes === undefined ? "Redo (Ctrl Shift Z)" : `Redo: ${redoes} (Ctrl Shift Z)`}
            disabled={redoes === undefined || !ofOverlay}
            onClick={redo}
          >
            <Redo2 size={16} />
          </button>
          <button
            type="button"
            className={`btn btn-sm btn-square ${history ? "btn-primary" : "btn-ghost"}`}
            aria-label="History"
            aria-pressed={history}
            title="History (Y)"
            onClick={() => showHistory(!history)}
          >
            <History size={16} />
          </button>
          <Link
            to={`/packages/${packageId}/house`}
            state={{ overlay: id }}
            className="btn btn-ghost btn-sm btn-square"
            aria-label="House"
            title="The house: colours, fonts, marks (Alt H)"
          >
            <House size={16} />
          </Link>
        </div>
        <div className="flex min-w-36 grow items-baseline justify-end gap-2">
          {ready && (
            <>
              <h1 className="min-w-0 truncate font-semibold" title={overlay.name}>
                {overlay.name}
              </h1>
              <span className="shrink-0 text-xs opacity-75 max-xl:hidden">
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
      <div className="flex min-h-0 flex-1">
        <main id="step" tabIndex={-1} className="min-w-0 flex-1 focus:outline-none">
          {ready && <Outlet />}
        </main>
        {ready && history && <HistoryPanel overlayId={id} />}
      </div>
    </div>
  );
}
