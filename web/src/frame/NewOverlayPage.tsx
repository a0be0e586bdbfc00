import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { answer, api, type Frame } from "../api/client";
import { Bar } from "../app/Bar";
import { useHouse } from "../house/useHouse";
import { Notice } from "../ui/Notice";
import { FrameChooser } from "./FrameChooser";
import { FrameSummary } from "./FrameSummary";

const HD: Frame = {
  width: 1920,
  height: 1080,
  pixelAspect: "1/1",
  scan: "PROGRESSIVE",
  safeAreas: { name: "EBU R 95", actionX: 3.5, actionY: 3.5, titleX: 5, titleY: 5 },
  ownMargin: { unit: "PERCENT", left: 0, top: 0, right: 0, bottom: 0 },
};

/** Begins an overlay: its name and the frame it is for. */
export function NewOverlayPage() {
  const packageId = Number(useParams().packageId);
  const navigate = useNavigate();
  const [name, setName] = useState("");
  const [frame, setFrame] = useState(HD);
  const { house } = useHouse(packageId);
  const [problem, setProblem] = useState("");
  const create = async () => {
    setProblem("");
    try {
      const saved = await answer(
        api.POST("/api/packages/{id}/overlays", {
          params: { path: { id: packageId } },
          body: {
            name: name.trim(),
            frame: { ...frame, ownMargin: house.ownMargin },
            stack: [],
            forTargets: [],
          },
        }),
      );
      void navigate(`/overlays/${saved.id}/compose`);
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <div className="flex h-full flex-col">
      <Bar>
        <h1 className="font-semibold">New overlay</h1>
      </Bar>
      <main className="flex min-h-0 flex-1 gap-6 overflow-y-auto px-6 py-4">
        <div className="flex-1">
          <FrameChooser frame={frame} onChoose={setFrame} />
        </div>
        <form
          className="w-72 shrink-0"
          onSubmit={(event) => {
            event.preventDefault();
            void create();
          }}
        >
          <label className="mb-3 block">
            <span className="mb-1 block text-xs font-semibold uppercase tracking-wide opacity-75">
              Name of the overlay
            </span>
            <input
              className="input w-full"
              maxLength={120}
              value={name}
              onChange={(event) => setName(event.target.value)}
              placeholder="Skipper lower third"
            />
          </label>
          <FrameSummary frame={frame} />
          {problem && (
            <div className="mt-3">
              <Notice>{problem}</Notice>
            </div>
          )}
          <button
            type="submit"
            className="btn btn-primary mt-3 w-full"
            disabled={name.trim() === ""}
          >
            Compose it
          </button>
        </form>
      </main>
    </div>
  );
}
