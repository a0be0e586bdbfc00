import { useQuery } from "@tanstack/react-query";
import { answer, api, type Ornament } from "../api/client";
import { add } from "../document/add";
import { newOrnament } from "../document/newPieces";
import { PickByPicture } from "../ui/PickByPicture";

/** The ornaments that come with Diaphan; the one that is chosen becomes a plate. */
export function OrnamentShelf({ onAdded }: { onAdded: () => void }) {
  const { data: ornaments = [], error } = useQuery({
    queryKey: ["ornaments"],
    queryFn: () => answer(api.GET("/api/ornaments")),
    staleTime: Infinity,
  });
  return (
    <>
      {error && <p role="alert">{error.message}</p>}
      <PickByPicture
        label="Ornaments"
        picks={ornaments.map((ornament) => ({
          key: ornament.name,
          name: ornament.name,
          words: ornament.words,
          picture: <Drawn ornament={ornament} />,
        }))}
        taken=""
        onPick={(name) => {
          const chosen = ornaments.find((ornament) => ornament.name === name);
          if (!chosen) return;
          add((overlay) => newOrnament(overlay, chosen), `Add ${chosen.name}`);
          onAdded();
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
