import { Check, TriangleAlert } from "lucide-react";
import type { Marking, PhotographLine, PhotographLook } from "../api/client";
import { MarkedPicture } from "./MarkedPicture";
import { ratio } from "./marking";

interface Props {
  packageId: number;
  photograph: PhotographLine;
  look: PhotographLook | undefined;
  /** How it is marked. */
  marking: Marking;
  chosen: boolean;
  onChoose: () => void;
  onLarge: () => void;
}

const HEIGHT = 150;

/** One photograph on the wall. */
export function PhotographCard(props: Props) {
  const { packageId, photograph, look, marking, chosen, onChoose, onLarge } = props;
  const { name, leftOut, own, outcome } = photograph;
  const problem = outcome?.problem ? outcome.problem : (look?.problem ?? "");
  return (
    <article
      aria-label={name}
      className={`flex flex-col rounded border bg-base-100 p-1.5 ${
        chosen ? "border-primary outline-2 outline-primary" : "border-base-300"
      } ${leftOut ? "opacity-50" : ""}`}
    >
      <button
        type="button"
        className="relative grid w-full cursor-pointer place-items-center overflow-hidden bg-base-200"
        style={{ height: HEIGHT }}
        aria-label={`Show ${name} large`}
        title="Show it large"
        onClick={onLarge}
      >
        <span
          className="relative block max-h-full max-w-full"
          style={
            look && look.width > 0
              ? { aspectRatio: `${look.width} / ${look.height}`, ...fitted(look) }
              : { height: HEIGHT }
          }
        >
          <MarkedPicture
            packageId={packageId}
            photograph={photograph}
            look={leftOut ? undefined : look}
            longest={360}
            opacity={marking.opacity}
          />
        </span>
      </button>
      <label className="mt-1 flex cursor-pointer items-center gap-1.5 text-xs">
        <input
          type="checkbox"
          className="checkbox checkbox-xs rounded-sm"
          checked={chosen}
          onChange={onChoose}
        />
        <span className="min-w-0 flex-1 truncate font-medium" title={name}>
          {name}
        </span>
        {outcome && outcome.problem === "" && (
          <Check size={14} className="shrink-0 text-success" aria-label="Marked" />
        )}
      </label>
      <p className="min-h-4 text-xs leading-4">
        {problem !== "" ? (
          <span className="text-error">{problem}</span>
        ) : leftOut ? (
          "Left out"
        ) : look?.hung ? (
          <span className={look.legible ? "opacity-80" : "font-medium text-warning"}>
            {!look.legible && <TriangleAlert size={12} className="mr-1 inline" aria-hidden />}
            Stands out {ratio(look.hung.contrast)} : 1{!look.legible && ", too little"}
            {own && <span className="opacity-80"> · its own way</span>}
          </span>
        ) : (
          <span className="opacity-60">Being looked at…</span>
        )}
      </p>
    </article>
  );
}

/** As large as the card's picture has room. */
function fitted(look: PhotographLook): { width?: string; height?: number } {
  return look.width / look.height > 1.6 ? { width: "100%" } : { height: HEIGHT };
}
