import { expect, test } from "vitest";
import { ownInWords } from "./own";

test("what is a copy's own is said piece by piece", () => {
  expect(
    ownInWords([
      { piece: "text-1", name: "Name", what: "its words" },
      { piece: "plate-1", name: "Plate", what: "its paint" },
      { piece: "text-1", name: "Name", what: "its size" },
      { piece: "text-2", name: "Name", what: "that it is hidden" },
    ]),
  ).toBe("Name: its words, its size; Plate: its paint; Name: that it is hidden.");
});
