import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { answer, api, type Frame, type SavedOverlay } from "../api/client";
import { Bar } from "../ui/Bar";
import { Choice } from "../ui/Choice";
import { Notice } from "../ui/Notice";
import { FrameChooser } from "./FrameChooser";
import { FrameSummary } from "./FrameSummary";

type Lengths = "FOLLOW_FRAME" | "STAY";

const LENGTHS = [
  ["FOLLOW_FRAME", "as large as the frame makes them"],
  ["STAY", "as many pixels as they are"],
] as const satisfies readonly (readonly [Lengths, string])[];

/** Makes a variation of an overlay for another frame. */
export function CopyPage() {
  const id = Number(useParams().overlayId);
  const overlay = useQuery({
    queryKey: ["overlay", id, "copied"],
    queryFn: () => answer(api.GET("/api/overlays/{id}", { params: { path: { id } } })),
  });
  return (
    <div className="flex h-full flex-col">
      <Bar>
        <h1 className="truncate font-semibold">
          {overlay.data ? `“${overlay.data.overlay.name}” for another frame` : "Another frame"}
        </h1>
      </Bar>
      {overlay.isError && <Notice>{overlay.error.message}</Notice>}
      {overlay.data && <Copying saved={overlay.data} />}
    </div>
  );
}

function Copying({ saved }: { saved: SavedOverlay }) {
  const navigate = useNavigate();
  const [frame, setFrame] = useState<Frame>(saved.overlay.frame);
  const [lengths, setLengths] = useState<Lengths>("FOLLOW_FRAME");
  const [problem, setProblem] = useState("");
  const [making, setMaking] = useState(false);
  const make = async () => {
    setProblem("");
    setMaking(true);
    try {
      const made = await answer(
        api.POST("/api/overlays/{id}/copies", {
          params: { path: { id: saved.id } },
          body: { frame, lengths },
        }),
      );
      void navigate(`/overlays/${made.id}/compose`);
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
      setMaking(false);
    }
  };
  return (
    <main className="flex min-h-0 flex-1 gap-6 overflow-y-auto px-6 py-4">
      <div className="flex-1">
        <FrameChooser frame={frame} onChoose={setFrame} />
      </div>
      <div className="w-72 shrink-0">
        <FrameSummary frame={frame} />
        <p className="my-3 text-sm leading-6">
          Pieces keep their pins and are{" "}
          <Choice
            label="How large pieces are on the other frame"
            value={lengths}
            options={LENGTHS}
            onChange={setLengths}
          />
          .
        </p>
        {problem && <Notice>{problem}</Notice>}
        <button
          type="button"
          className="btn btn-primary w-full"
          disabled={making}
          onClick={() => void make()}
        >
          Make the copy
        </button>
      </div>
    </main>
  );
}
