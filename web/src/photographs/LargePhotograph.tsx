import { ChevronLeft, ChevronRight, X } from "lucide-react";
import { type PointerEvent, useState } from "react";
import type { Marking, PhotographLine, PhotographLook } from "../api/client";
import { useKeys } from "../ui/keys";
import { useSize } from "../ui/useSize";
import { MarkedPicture } from "./MarkedPicture";
import { PIN_WORDS, ratio } from "./marking";
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
          title="The previous one (←)"
          onClick={() => onStep(-1)}
        >
          <ChevronLeft size={16} aria-hidden /> Previous
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
          <div
            className="relative cursor-ew-resize overflow-hidden"
            style={{ width, height }}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              setDivider(across(event));
            }}
            onPointerMove={(event) => {
              if (event.buttons === 1) setDivider(across(event));
            }}
          >
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
              >
                <span className="absolute right-1 top-1 rounded bg-base-100/80 px-1 text-xs">
                  before
                </span>
                <span className="absolute left-1 top-1 rounded bg-base-100/80 px-1 text-xs">
                  after
                </span>
              </div>
            )}
          </div>
        )}
        {look && look.problem !== "" && <p className="text-error">{look.problem}</p>}
      </div>
      <input
        type="range"
        className="range range-primary range-xs mx-auto block"
        style={{ width: Math.max(160, width) }}
        aria-label="Divider of before and after"
        title="Before the mark on the left of it, after on the right"
        min={0}
        max={100}
        step={0.5}
        value={divider}
        onChange={(event) => setDivider(Number(event.target.value))}
      />
      <div className="flex items-start gap-4 text-[15px] leading-8">
        <p className="min-w-0 flex-1">
          {own ? "Here it " : "As on all, the mark "}
          <MarkingSentence marking={own ?? marking} onChange={onOwn} />.
          {look?.hung && (
            <span className={look.legible ? "opacity-80" : "text-warning"}>
              {" "}
              Taken: {PIN_WORDS[look.hung.pin]},{" "}
              {look.hung.dress === "LIGHT" ? "lighter" : "darker"}, standing out{" "}
              {ratio(look.hung.contrast)} : 1
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

/** Where the pointer is, in shares of a hundred from the left. */
function across(event: PointerEvent<HTMLElement>): number {
  const box = event.currentTarget.getBoundingClientRect();
  return Math.min(100, Math.max(0, (100 * (event.clientX - box.left)) / box.width));
}
