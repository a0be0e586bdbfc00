import { flushSync } from "react-dom";
import type { Ornament } from "../api/client";
import { add } from "../document/add";
import { newOrnament } from "../document/newPieces";
import { goHome } from "../ui/home";
import { PickByPicture } from "../ui/PickByPicture";
import { useOrnaments } from "./useOrnaments";

/** Ornaments to choose from; the one that is chosen becomes a plate. */
export function OrnamentShelf({ onClose }: { onClose: () => void }) {
  const { data: ornaments, error } = useOrnaments();
  return (
    <>
      {error && <p role="alert">{error.message}</p>}
      <PickByPicture
        label="Ornaments"
        picks={ornaments?.map((ornament) => ({
          key: ornament.name,
          name: ornament.name,
          words: ornament.words,
          picture: <Drawn ornament={ornament} />,
        }))}
        taken=""
        onPick={(name) => {
          const chosen = ornaments?.find((ornament) => ornament.name === name);
          if (!chosen) return;
          flushSync(() => {
            add((overlay) => newOrnament(overlay, chosen), `Add ${chosen.name}`);
            onClose();
          });
          document.querySelector<HTMLElement>("[data-sheet] input[role=spinbutton]")?.focus();
        }}
        onClose={() => {
          onClose();
          goHome();
        }}
      />
    </>
  );
}

const ROOM = { width: 72, height: 36 };

function Drawn({ ornament }: { ornament: Ornament }) {
  const width = Math.min(ROOM.width, ROOM.height * ornament.width);
  return (
    <svg
      width={width}
      height={width / ornament.width}
      viewBox="0 0 1 1"
      preserveAspectRatio="none"
      aria-hidden
    >
      <path d={ornament.path} fill="currentColor" />
    </svg>
  );
}
