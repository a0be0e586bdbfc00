import type { Piece } from "../api/client";
import { wordsOf } from "./runs";

type Kind = Piece["kind"];

/** What the screens have to know of a kind of piece, once for all of them. */
interface PieceKind<P extends Piece> {
  /** How a card calls it. */
  name: string;
  /** What it says or holds, on one line; empty if only its name tells. */
  says: (piece: P) => string;
  /** Which of the eight handles it can be sized by. */
  handles: (piece: P) => "all" | "corners" | "none";
  /** Whether it is drawn out in proportion without Shift too; its sides free it of that. */
  keepsProportions: (piece: P) => boolean;
}

const inOneLine = (words: string) => words.replaceAll("\n", " / ");

const KINDS: { [K in Kind]: PieceKind<Extract<Piece, { kind: K }>> } = {
  text: {
    name: "Text",
    says: ({ runs }) => inOneLine(wordsOf(runs)),
    handles: ({ box }) => (box.kind === "free" ? "corners" : "all"),
    keepsProportions: ({ box }) => box.kind === "free",
  },
  plate: {
    name: "Plate",
    says: () => "",
    handles: ({ backing }) => (backing.pieces.length > 0 ? "none" : "all"),
    keepsProportions: () => false,
  },
  picture: {
    name: "Picture",
    says: () => "",
    handles: () => "all",
    keepsProportions: () => true,
  },
  code: {
    name: "Code",
    says: ({ words }) => words,
    handles: () => "corners",
    keepsProportions: () => true,
  },
  group: {
    name: "Group",
    says: () => "",
    handles: () => "corners",
    keepsProportions: () => true,
  },
};

/** The kind of a piece, for a piece of any. */
function kindOf(piece: Piece): PieceKind<Piece> {
  return KINDS[piece.kind] as PieceKind<Piece>;
}

/** How a card calls what the piece is. */
export function kindName(piece: Piece): string {
  return kindOf(piece).name;
}

/** What a card says under the piece's name. */
export function about(piece: Piece): string {
  if (piece.kind !== "group") return kindOf(piece).says(piece) || kindName(piece);
  const count = `${piece.stack.length} ${piece.stack.length === 1 ? "piece" : "pieces"}`;
  return piece.copyOf.kind === "original" ? `copy of ${piece.copyOf.original}, ${count}` : count;
}

/** A piece in a list: its name, and what it says. */
export function pieceWords(piece: Piece): string {
  const words = kindOf(piece).says(piece);
  return !words ? piece.name : words.startsWith(piece.name) ? words : `${piece.name}: ${words}`;
}

/** Which of the eight handles a piece can be sized by; several pieces by the corners. */
export function handlesOf(piece: Piece | undefined): "all" | "corners" | "none" {
  if (!piece) return "corners";
  return piece.locked ? "none" : kindOf(piece).handles(piece);
}

/** Whether a piece is drawn out in proportion without Shift too; several pieces are. */
export function keepsProportions(piece: Piece | undefined): boolean {
  return !piece || kindOf(piece).keepsProportions(piece);
}
