import type { DrawnPiece, FacedPiece, Piece, PictureSummary } from "../api/client";
import { PictureColours } from "../cutout/PictureColours";
import { useOverlay } from "../document/overlayStore";
import { FinishSection } from "../finishes/FinishSection";
import { useColumns } from "../roster/useRosters";
import { SlotsSection } from "../roster/SlotsSection";
import { ArrangeSection } from "../sheets/ArrangeSection";
import { CodeSection } from "../sheets/CodeSection";
import { GroupSection } from "../sheets/GroupSection";
import { PaintSection } from "../sheets/PaintSection";
import { PictureSection } from "../sheets/PictureSection";
import { PlaceSection } from "../sheets/PlaceSection";
import { ShapeSection } from "../sheets/ShapeSection";
import { WordsSection } from "../sheets/WordsSection";

interface Props {
  piece: Piece;
  drawn: DrawnPiece | undefined;
  pictures: PictureSummary[];
}

/** All values of a piece: those of its kind first, then those that every piece has. */
export function Sheet({ piece, drawn, pictures }: Props) {
  const { changePiece } = useOverlay.getState();
  const change = (next: (same: Piece) => Piece, did: string, key: string) =>
    changePiece(piece.id, next, `${did}: ${piece.name}`, key && `${piece.id}:${key}`);
  const changeFaced = (next: (same: FacedPiece) => FacedPiece, did: string, key: string) =>
    change((same) => (same.kind === "group" ? same : next(same)), did, key);
  return (
    <>
      <OfItsKind {...{ piece, drawn, pictures }} onChange={change} />
      <PlaceSection piece={piece} />
      {piece.kind !== "group" && (
        <PaintSection piece={piece} pictures={pictures} onChange={changeFaced} />
      )}
      <FinishSection piece={piece} pictures={pictures} onChange={change} />
      <SlotsSection piece={piece} onChange={change} />
      <ArrangeSection count={1} />
    </>
  );
}

interface OfItsKindProps extends Props {
  onChange: (next: (same: Piece) => Piece, did: string, key: string) => void;
}

function OfItsKind({ piece, drawn, pictures, onChange }: OfItsKindProps) {
  const columns = useColumns(useOverlay((state) => state.packageId));
  /** Changes the piece if it is still of its kind. */
  const changeOf =
    <K extends Piece["kind"]>(kind: K) =>
    (
      next: (same: Extract<Piece, { kind: K }>) => Extract<Piece, { kind: K }>,
      did: string,
      key: string,
    ) =>
      onChange(
        (same) => (same.kind === kind ? next(same as Extract<Piece, { kind: K }>) : same),
        did,
        key,
      );
  switch (piece.kind) {
    case "text":
      return (
        <WordsSection
          piece={piece}
          note={drawn?.note ?? ""}
          seen={{ width: drawn?.boxWidth ?? 0, height: drawn?.boxHeight ?? 0 }}
          columns={columns}
          onChange={changeOf("text")}
        />
      );
    case "plate":
      return <ShapeSection piece={piece} onChange={changeOf("plate")} />;
    case "picture":
      return (
        <>
          <PictureSection piece={piece} pictures={pictures} onChange={changeOf("picture")} />
          <PictureColours piece={piece} pictures={pictures} onChange={changeOf("picture")} />
        </>
      );
    case "code":
      return (
        <CodeSection
          piece={piece}
          note={drawn?.note ?? ""}
          columns={columns}
          onChange={changeOf("code")}
        />
      );
    case "group":
      return <GroupSection piece={piece} onChange={changeOf("group")} />;
  }
}
