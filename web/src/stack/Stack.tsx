import { memo, useRef } from "react";
import type { Drawing, Overlay, Piece, PictureSummary } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { FinishPaste } from "../finishes/FinishPaste";
import { ArrangeSection } from "../sheets/ArrangeSection";
import { HelpLine } from "../help/HelpLine";
import { carryOver, layDown } from "./restack";
import { Sheet } from "./Sheet";
import { AddBar } from "./AddBar";
import { PieceActions, PieceCard, StackButtons } from "./PieceCard";

interface Props {
  overlay: Overlay;
  packageId: number;
  drawing: Drawing | undefined;
  pictures: PictureSummary[];
  onPoint: (id: string | null) => void;
  /** Opens the field that finds values and actions by name. */
  onFind: () => void;
}

/** The pieces from front to back; the chosen one's card is unfolded into its sheet. */
export const Stack = memo(function Stack(props: Props) {
  const { overlay, packageId, drawing, pictures, onPoint, onFind } = props;
  const selected = useOverlay((state) => state.selected);
  const stack = useRef<HTMLElement>(null);
  return (
    <aside
      ref={stack}
      aria-label="Stack"
      className="flex w-[352px] shrink-0 flex-col border-r border-base-300 bg-base-100"
    >
      <AddBar packageId={packageId} pictures={pictures} onFind={onFind} />
      {selected.length > 1 && (
        <div data-sheet className="border-b border-l-4 border-b-base-300 border-l-primary">
          <div className="flex items-center gap-0.5 px-3 py-1">
            <strong className="flex-1">{selected.length} pieces chosen</strong>
            <StackButtons />
          </div>
          <ArrangeSection count={selected.length} />
          <FinishPaste pieces={selected} />
        </div>
      )}
      {overlay.stack.length === 0 && (
        <p className="p-4 opacity-75">Nothing on the frame yet. Add a text or a plate to begin.</p>
      )}
      <ol
        aria-label="Pieces, front to back"
        className="min-h-0 flex-1 overflow-y-auto"
        onDragOver={(event) => {
          const last = overlay.stack.at(-1);
          // Below all cards is behind all pieces.
          if (event.target === event.currentTarget && last && carryOver(last.id, "BEHIND"))
            event.preventDefault();
        }}
        onDrop={(event) => {
          event.preventDefault();
          layDown();
        }}
      >
        <Cards stack={overlay.stack} depth={0} {...{ drawing, pictures, onPoint }} />
      </ol>
      {selected.length > 0 && <HelpLine of={stack} />}
    </aside>
  );
});

interface CardsProps {
  stack: readonly Piece[];
  depth: number;
  drawing: Drawing | undefined;
  pictures: PictureSummary[];
  onPoint: (id: string | null) => void;
}

function Cards({ stack, depth, drawing, pictures, onPoint }: CardsProps) {
  const selected = useOverlay((state) => state.selected);
  return stack.map((piece) => {
    const own = drawing?.pieces.find((other) => other.id === piece.id);
    const on = selected.includes(piece.id);
    const troubles = (drawing?.troubles ?? [])
      .filter((trouble) => trouble.piece === piece.id)
      .map((trouble) => trouble.sentence);
    return (
      <li key={piece.id} className={depth === 0 ? "border-b border-base-300" : ""}>
        <PieceCard
          piece={piece}
          drawn={own}
          selected={on}
          depth={depth}
          troubles={troubles.join(" ")}
          onPoint={onPoint}
        />
        {on && selected.length === 1 && (
          <div data-sheet ref={keepInView}>
            {troubles.map((sentence) => (
              <p key={sentence} role="status" className="px-3 py-1 text-sm text-warning">
                {sentence}
              </p>
            ))}
            <Sheet piece={piece} drawn={own} pictures={pictures} />
            <PieceActions piece={piece} />
          </div>
        )}
        {piece.kind === "group" && (
          <ol aria-label={`Pieces of ${piece.name}`}>
            <Cards stack={piece.stack} depth={depth + 1} {...{ drawing, pictures, onPoint }} />
          </ol>
        )}
      </li>
    );
  });
}

/** Brings a sheet and its card into view as it unfolds. */
function keepInView(sheet: HTMLElement | null): void {
  sheet?.parentElement?.scrollIntoView({ block: "nearest" });
}
