import { memo, useRef } from "react";
import type {
  Drawing,
  DrawnPiece,
  FacedPiece,
  Overlay,
  Piece,
  PictureSummary,
} from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { PictureColours } from "../cutout/PictureColours";
import { FinishSection } from "../finishes/FinishSection";
import { FinishPaste } from "../finishes/FinishPaste";
import { useColumns } from "../roster/useRosters";
import { SlotsSection } from "../roster/SlotsSection";
import { ArrangeSection } from "../sheets/ArrangeSection";
import { GroupSection } from "../sheets/GroupSection";
import { HelpLine } from "../help/HelpLine";
import { PaintSection } from "../sheets/PaintSection";
import { PictureSection } from "../sheets/PictureSection";
import { PlaceSection } from "../sheets/PlaceSection";
import { ShapeSection } from "../sheets/ShapeSection";
import { WordsSection } from "../sheets/WordsSection";
import { carryOver, layDown } from "./restack";
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
      className="flex w-[338px] shrink-0 flex-col border-r border-base-300 bg-base-100"
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
    const findings = (drawing?.findings ?? [])
      .filter((finding) => finding.piece === piece.id)
      .map((finding) => finding.sentence);
    return (
      <li key={piece.id} className={depth === 0 ? "border-b border-base-300" : ""}>
        <PieceCard
          piece={piece}
          drawn={own}
          selected={on}
          depth={depth}
          findings={findings.join(" ")}
          onPoint={onPoint}
        />
        {on && selected.length === 1 && (
          <div data-sheet ref={keepInView}>
            {findings.map((sentence) => (
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

interface SheetProps {
  piece: Piece;
  drawn: DrawnPiece | undefined;
  pictures: PictureSummary[];
}

function Sheet({ piece, drawn, pictures }: SheetProps) {
  const { changePiece } = useOverlay.getState();
  const columns = useColumns(useOverlay((state) => state.packageId));
  const change = (next: (same: Piece) => Piece, did: string, key: string) =>
    changePiece(piece.id, next, did, key && `${piece.id}:${key}`);
  /** Changes the piece if it is still of its kind. */
  const changeOf =
    <K extends Piece["kind"]>(kind: K) =>
    (
      next: (same: Extract<Piece, { kind: K }>) => Extract<Piece, { kind: K }>,
      did: string,
      key: string,
    ) =>
      change(
        (same) => (same.kind === kind ? next(same as Extract<Piece, { kind: K }>) : same),
        `${did}: ${piece.name}`,
        key,
      );
  const changeFaced = (next: (same: FacedPiece) => FacedPiece, did: string, key: string) =>
    change((same) => (same.kind === "group" ? same : next(same)), `${did}: ${piece.name}`, key);
  const changeAny = (next: (same: Piece) => Piece, did: string, key: string) =>
    change(next, `${did}: ${piece.name}`, key);
  return (
    <>
      {piece.kind === "text" && (
        <WordsSection
          piece={piece}
          note={drawn?.note ?? ""}
          seen={{ width: drawn?.boxWidth ?? 0, height: drawn?.boxHeight ?? 0 }}
          columns={columns}
          onChange={changeOf("text")}
        />
      )}
      {piece.kind === "plate" && <ShapeSection piece={piece} onChange={changeOf("plate")} />}
      {piece.kind === "picture" && (
        <>
          <PictureSection piece={piece} pictures={pictures} onChange={changeOf("picture")} />
          <PictureColours piece={piece} pictures={pictures} onChange={changeOf("picture")} />
        </>
      )}
      {piece.kind === "group" && <GroupSection piece={piece} onChange={changeOf("group")} />}
      <PlaceSection piece={piece} />
      {piece.kind !== "group" && (
        <PaintSection piece={piece} pictures={pictures} onChange={changeFaced} />
      )}
      <FinishSection piece={piece} pictures={pictures} onChange={changeAny} />
      <SlotsSection piece={piece} onChange={changeAny} />
      <ArrangeSection count={1} />
    </>
  );
}
