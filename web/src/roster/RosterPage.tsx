import { useState } from "react";
import type { Overlay } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { Notice } from "../ui/Notice";
import { BringTable } from "./BringTable";
import { dropped, bring } from "./bring";
import { RosterSheet } from "./RosterSheet";
import { useRosters } from "./useRosters";

/** Where one design becomes a file for every row of a table. */
export function RosterPage() {
  const overlay = useOverlay((state) => state.overlay);
  const id = useOverlay((state) => state.id);
  const packageId = useOverlay((state) => state.packageId);
  if (!overlay || id === null) return null;
  return <Rosters overlay={overlay} overlayId={id} packageId={packageId} />;
}

interface Props {
  overlay: Overlay;
  overlayId: number;
  packageId: number;
}

function Rosters({ overlay, overlayId, packageId }: Props) {
  const revision = useOverlay((state) => state.revision);
  const { rosters, loading, fetchAnew } = useRosters(packageId, revision);
  const [chosen, choose] = useState<number>();
  const [problems, setProblems] = useState<string[]>([]);
  const [busy, setBusy] = useState(false);
  const [over, setOver] = useState(false);
  const [notes, setNotes] = useState<string[]>([]);
  const feeding = rosters.find((one) =>
    one.asking.some((design) => design.overlayId === overlayId && design.fed),
  );
  const roster = rosters.find((one) => one.id === chosen) ?? feeding ?? rosters[0];

  const take = async (files: readonly File[]) => {
    setBusy(true);
    setProblems([]);
    const made = await bring(packageId, files, (sentence) =>
      setProblems((before) => [...before, sentence]),
    );
    await fetchAnew();
    if (made) {
      choose(made.id);
      setNotes([
        ...(made.encoding && made.encoding !== "UTF-8"
          ? [`The text was read as ${made.encoding}.`]
          : []),
        ...made.notes,
      ]);
    }
    setBusy(false);
  };

  return (
    <div
      className={`flex h-full min-w-0 flex-col overflow-hidden ${over ? "outline-2 -outline-offset-4 outline-dashed outline-primary" : ""}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        void dropped(event.dataTransfer).then(take);
      }}
    >
      {problems.map((problem) => (
        <div key={problem} className="px-4 pt-2">
          <Notice>{problem}</Notice>
        </div>
      ))}
      {notes.length > 0 && (
        <div
          role="status"
          className="alert alert-info alert-soft mx-4 mt-2 items-start py-2 text-sm"
        >
          <span className="flex-1">{notes.join(" ")}</span>
          <button type="button" className="btn btn-ghost btn-xs" onClick={() => setNotes([])}>
            All right
          </button>
        </div>
      )}
      {roster ? (
        <RosterSheet
          key={roster.id}
          saved={roster}
          rosters={rosters}
          overlay={overlay}
          overlayId={overlayId}
          onChoose={choose}
          onFiles={(files) => void take(files)}
          onChanged={() => void fetchAnew()}
        />
      ) : (
        !loading && (
          <BringTable
            packageId={packageId}
            busy={busy}
            onFiles={(files) => void take(files)}
            onMade={(made) => {
              choose(made.id);
              void fetchAnew();
            }}
          />
        )
      )}
    </div>
  );
}
