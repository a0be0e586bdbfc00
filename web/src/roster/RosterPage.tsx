import { useState } from "react";
import type { Overlay } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { dropped } from "../ui/dropped";
import { Notice } from "../ui/Notice";
import { BringTable } from "./BringTable";
import { AsRead } from "./AsRead";
import { bring, type Brought, readAgain } from "./bring";
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
  const [brought, setBrought] = useState<Brought>();
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
    setBrought(made);
    if (made) choose(made.roster.id);
    setBusy(false);
  };
  const readAs = async (before: Brought, encoding: string, heading: "FIRST_ROW" | "NONE") => {
    setProblems([]);
    setBusy(true);
    try {
      const read = await readAgain(before, encoding, heading);
      setBrought(read);
      choose(read.roster.id);
    } catch (e) {
      setProblems([e instanceof Error ? e.message : String(e)]);
    }
    await fetchAnew();
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
      {brought && brought.roster.id === roster?.id && told(brought) && (
        <AsRead
          brought={brought}
          busy={busy}
          onReadAs={(encoding, heading) => void readAs(brought, encoding, heading)}
          onDone={() => setBrought(undefined)}
        />
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

/** Whether there is anything to say of how it was read. */
function told({ roster }: Brought): boolean {
  return roster.encoding !== "" || roster.notes.length > 0;
}
