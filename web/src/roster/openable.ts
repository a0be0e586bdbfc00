import type { Piece } from "../api/client";
import { KINDS, nameAmong } from "../finishes/kinds";

export type Slot = Piece["slots"][number];

/** A property of a piece that can be left open. */
export interface Openable {
  /** How a sentence calls it: "its picture". */
  words: string;
  /** The slot that leaves it open to a column. */
  slot: (column: string) => Slot;
}

/** What tells the slots of one piece apart. */
export function propertyOf(slot: Slot): string {
  switch (slot.kind) {
    case "colour":
      return `colour ${slot.place} ${slot.index}`;
    case "shown":
    case "shown-with-words":
      return "shown";
    case "picture":
    case "finishes":
      return slot.kind;
  }
}

/** Everything about a piece that can be left open, words excepted: they name columns themselves. */
export function openables(piece: Piece): Openable[] {
  const found: Openable[] = [];
  const colour = (words: string, place: "PAINT" | "STOP" | "TINT" | "FINISH", index = 0) =>
    found.push({ words, slot: (column) => ({ kind: "colour", column, place, index }) });
  if (piece.kind === "picture") {
    found.push({ words: "its picture", slot: (column) => ({ kind: "picture", column }) });
    colour("the one colour it is shown in", "TINT");
  }
  if ("paint" in piece) {
    const paint = piece.paint;
    if (paint.kind === "flat") colour("the colour of its paint", "PAINT");
    else if (paint.kind === "pattern") colour("the ink of its pattern", "PAINT");
    else if (paint.kind === "picture" || paint.kind === "texture") {
      found.push({
        words: "the picture of its paint",
        slot: (column) => ({ kind: "picture", column }),
      });
    } else {
      paint.stops.forEach((_, i) => colour(`the colour of stop ${i + 1}`, "STOP", i));
    }
  }
  piece.look.finishes.forEach((finish, i) => {
    if (finish.kind !== "soften") {
      colour(`the colour of the ${nameAmong(piece.look.finishes, i).toLowerCase()}`, "FINISH", i);
    }
  });
  found.push({ words: "its finish set", slot: (column) => ({ kind: "finishes", column }) });
  found.push({ words: "whether it is shown", slot: (column) => ({ kind: "shown", column }) });
  if (piece.kind !== "picture") {
    found.push({
      words: "whether it has words",
      slot: () => ({ kind: "shown-with-words" }),
    });
  }
  return found;
}

/** A slot in words, without its column. */
export function inWords(slot: Slot, piece: Piece): string {
  switch (slot.kind) {
    case "picture":
      return piece.kind === "picture"
        ? "Shows the picture that column"
        : "Painted with the picture that column";
    case "finishes":
      return "With the finish set that column";
    case "shown":
      return "Shown when column";
    case "shown-with-words":
      return "Hidden when its words are empty.";
    case "colour": {
      const finish = piece.look.finishes[slot.index];
      switch (slot.place) {
        case "PAINT":
          return "Painted in the colour that column";
        case "STOP":
          return `Stop ${slot.index + 1} in the colour that column`;
        case "TINT":
          return "Shown in the one colour that column";
        case "FINISH":
          return finish
            ? `${KINDS[finish.kind].one} in the colour that column`.replace(/^./, (first) =>
                first.toUpperCase(),
              )
            : "A finish that is gone, in the colour that column";
      }
    }
  }
}
