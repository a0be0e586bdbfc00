import type { RefObject } from "react";
import type { DrawnPiece, Overlay, Piece, PictureSummary } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { FinishSection } from "../sheets/FinishSection";
import { PaintSection } from "../sheets/PaintSection";
import { PictureSection } from "../sheets/PictureSection";
import { PlaceSection } from "../sheets/PlaceSection";
import { ShapeSection } from "../sheets/ShapeSection";
import { WordsSection } from "../sheets/WordsSection";
import type { Size } from "../stage/geometry";
import type { Drawn } from "../stage/useDrawing";
import { AddBar } from "./AddBar";
import { PieceActions, PieceCard } from "./PieceCard";

interface Props {
  overlay: Overlay;
  packageId: number;
  drawn: Drawn | null;
  pictures: PictureSummary[];
  picker: RefObject<HTMLButtonElement | null>;
  onPoint: (id: string | null) => void;
}

/** The pieces from front to back; the chosen one's card is unfolded into its sheet. */
export function Stack(props: Props) {
  const { overlay, packageId, drawn, pictures, picker, onPoint } = props;
  const selected = useOverlay((state) => state.selected);
  return (
    <aside
      aria-label="Stack"
      className="flex w-[338px] shrink-0 flex-col border-r border-base-300 bg-base-100"
    >
      <AddBar packageId={packageId} pictures={pictures} picker={picker} />
      {overlay.stack.length === 0 && (
        <p className="p-4 opacity-75">Nothing on the frame yet. Add a text or a plate to begin.</p>
      )}
      <ol aria-label="Pieces, front to back" className="min-h-0 flex-1 overflow-y-auto">
        {overlay.stack.map((piece) => {
          const own = drawn?.drawing.pieces.find((other) => other.id === piece.id);
          const on = piece.id === selected;
          const findings = (drawn?.drawing.findings ?? [])
            .filter((finding) => finding.piece === piece.id)
            .map((finding) => finding.sentence);
          return (
            <li key={piece.id} className="border-b border-base-300">
              <PieceCard
                piece={piece}
                drawn={own}
                selected={on}
                findings={findings}
                onPoint={onPoint}
              />
              {on && (
                <div data-sheet>
                  {findings.map((sentence) => (
                    <p key={sentence} role="status" className="px-3 py-1 text-sm text-warning">
                      {sentence}
                    </p>
                  ))}
                  <Sheet
                    piece={piece}
                    overlay={overlay}
                    size={sizeOf(piece, own)}
                    pictures={pictures}
                  />
                  <PieceActions piece={piece} />
                </div>
              )}
            </li>
          );
        })}
      </ol>
    </aside>
  );
}

/** A text is as large as the core has set it; the others say their size themselves. */
function sizeOf(piece: Piece, drawn: DrawnPiece | undefined): Size | undefined {
  if (piece.kind !== "text") return { width: piece.width, height: piece.height };
  return drawn && { width: drawn.boxWidth, height: drawn.boxHeight };
}

interface SheetProps {
  piece: Piece;
  overlay: Overlay;
  size: Size | undefined;
  pictures: PictureSummary[];
}

function Sheet({ piece, overlay, size, pictures }: SheetProps) {
  const { changePiece } = useOverlay.getState();
  const change = (next: (same: Piece) => Piece, key: string) =>
    changePiece(piece.id, next, key && `${piece.id}:${key}`);
  return (
    <>
      {piece.kind === "text" && (
        <WordsSection
          piece={piece}
          onChange={(next, key) =>
            change((same) => (same.kind === "text" ? next(same) : same), key)
          }
        />
      )}
      {piece.kind === "plate" && (
        <ShapeSection
          piece={piece}
          onChange={(next, key) =>
            change((same) => (same.kind === "plate" ? next(same) : same), key)
          }
        />
      )}
      {piece.kind === "picture" && (
        <PictureSection
          piece={piece}
          pictures={pictures}
          onChange={(next, key) =>
            change((same) => (same.kind === "picture" ? next(same) : same), key)
          }
        />
      )}
      <PlaceSection piece={piece} frame={overlay.frame} size={size} onChange={change} />
      <PaintSection piece={piece} onChange={change} />
      <FinishSection piece={piece} onChange={change} />
    </>
  );
}
