import type { OwnThing } from "../api/client";

/** What is a copy's own, piece by piece: "Name: its words, its size; Plate: its paint." */
export function ownInWords(own: readonly OwnThing[]): string {
  const byPiece = new Map<string, { name: string; whats: string[] }>();
  for (const { piece, name, what } of own) {
    const known = byPiece.get(piece) ?? { name, whats: [] };
    known.whats.push(what);
    byPiece.set(piece, known);
  }
  return `${[...byPiece.values()].map(({ name, whats }) => `${name}: ${whats.join(", ")}`).join("; ")}.`;
}
