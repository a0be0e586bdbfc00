import { ChevronLeft, ChevronRight, X } from "lucide-react";
import { useState } from "react";
import type { Marking, PhotographLine, PhotographLook } from "../api/client";
import { useKeys } from "../app/keys";
import { useSize } from "../ui/useSize";
import { MarkedPicture } from "./MarkedPicture";
import { PIN_WORDS } from "./marking";
import { MarkingSentence } from "./MarkingSentence";

interface Props {
  packageId: number;
  photograph: PhotographLine;
  look: PhotographLook | undefined;
  /** That of all others. */
  marking: Marking;
  onOwn: (own: Marking | null) => void;
  onLeaveOut: (leftOut: boolean) => void;
  onStep: (by: 1 | -1) => void;
  onClose: () => void;
}

/** One photograph large, before and after the mark by a divider, and how it is marked. */
export function LargePhotograph(props: Props) {
  const { packageId, photograph, look, marking, onOwn, onLeaveOut, onStep, onClose } = props;
  const [box, room] = useSize<HTMLDivElement>();
  const [divider, setDivider] = useState(0);
  const { own, outcome } = photograph;
  useKeys({
    ArrowRight: () => onStep(1),
    ArrowLeft: () => onStep(-1),
    Escape: onClose,
  });
  const scale =
    look && look.width > 0 ? Math.min(room.width / look.width, room.height / look.height) : 0;
  const width = look ? look.width * scale : 0;
  const height = look ? look.height * scale : 0;
  const place = look?.hung?.place;
  // The mark is clear up to the divider, told in shares of its own width.
  const cut =
    look && place
      ? Math.min(
          100,
          Math.max(0, (divider * look.width - 100 * place.left) / (place.right - place.left)),
        )
      : 0;
  return (
    <section
      aria-label={photograph.name}
      className="flex min-h-0 flex-1 flex-col gap-2 bg-base-200 px-4 py-3"
    >
      <div className="flex items-center gap-2">
        <button
          type="button"
          className="btn btn-sm"
          title="The one before (←)"
          onClick={() => onStep(-1)}
        >
          <ChevronLeft size={16} aria-hidden /> Before
        </button>
        <button
          type="button"
          className="btn btn-sm"
          title="The next one (→)"
          onClick={() => onStep(1)}
        >
          Next <ChevronRight size={16} aria-hidden />
        </button>
        <h2 className="min-w-0 flex-1 truncate font-semibold" title={photograph.path}>
          {photograph.name}
        </h2>
        <button type="button" className="btn btn-sm" title="Back to all (Escape)" onClick={onClose}>
          <X size={16} aria-hidden /> All photographs
        </button>
      </div>
      <div ref={box} className="relative grid min-h-0 flex-1 place-items-center overflow-hidden">
        {scale > 0 && (
          <div className="relative overflow-hidden" style={{ width, height }}>
            <MarkedPicture
              packageId={packageId}
              photograph={photograph}
              look={look}
              longest={Math.max(width, height)}
              opacity={(own ?? marking).opacity}
              markStyle={{ clipPath: `inset(0 0 0 ${cut}%)` }}
            />
            {divider > 0 && (
              <div
                className="pointer-events-none absolute inset-y-0 border-l-2 border-primary"
                style={{ left: `${divider}%` }}
              />
            )}
          </div>
        )}
        {look && look.problem !== "" && <p className="text-error">{look.problem}</p>}
      </div>
      <label className="flex items-center gap-2 text-xs">
        <span className="shrink-0">Before up to here</span>
        <input
          type="range"
          className="range range-primary range-xs flex-1"
          aria-label="Divider of before and after"
          min={0}
          max={100}
          step={0.5}
          value={divider}
          onChange={(event) => setDivider(Number(event.target.value))}
        />
        <span className="shrink-0">after</span>
      </label>
      <div className="flex items-start gap-4 text-[15px] leading-8">
        <p className="min-w-0 flex-1">
          {own ? "Here it " : "As on all, the mark "}
          <MarkingSentence marking={own ?? marking} onChange={onOwn} />.
          {look?.hung && (
            <span className={look.legible ? "opacity-80" : "text-warning"}>
              {" "}
              Taken: {PIN_WORDS[look.hung.pin]},{" "}
              {look.hung.dress === "LIGHT" ? "lighter" : "darker"}, standing out{" "}
              {look.hung.contrast.toFixed(1)} : 1
              {look.legible ? "" : ", which is too little to be read"}.
            </span>
          )}
          {outcome?.notes.map((note) => (
            <span key={note} className="opacity-80">
              {" "}
              {note}
            </span>
          ))}
        </p>
        <div className="flex shrink-0 gap-2">
          {own && (
            <button type="button" className="btn btn-sm" onClick={() => onOwn(null)}>
              Mark it as all
            </button>
          )}
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => onLeaveOut(!photograph.leftOut)}
          >
            {photograph.leftOut ? "Mark it after all" : "Leave it out"}
          </button>
        </div>
      </div>
    </section>
  );
}
