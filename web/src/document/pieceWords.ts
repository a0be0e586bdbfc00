import type { Piece } from "../api/client";
import { wordsOf } from "./runs";

/** A piece in a list: its name, and of a text what it says. */
export function pieceWords(piece: Piece): string {
  if (piece.kind !== "text") return piece.name;
  const words = wordsOf(piece.runs).replaceAll("\n", " / ");
  return words.startsWith(piece.name) ? words : `${piece.name}: ${words}`;
}
