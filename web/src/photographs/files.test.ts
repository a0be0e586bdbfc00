import { expect, test } from "vitest";
import { sorted } from "./files";

const named = (...names: string[]) => names.map((name) => ({ name }));

test("photographs are told by their names, whatever lies beside them", () => {
  const { photographs, passedOver } = sorted(
    named("a.JPG", "b.heic", "c.tif", "a.xmp", ".b.jpg", "notes.txt"),
  );
  expect(photographs.map(({ name }) => name)).toEqual(["a.JPG", "b.heic", "c.tif"]);
  expect(passedOver).toBe(
    "3 files were passed over, since they are no photographs by their names.",
  );
});

test("nothing is said if all are", () => {
  expect(sorted(named("a.jpeg")).passedOver).toBe("");
  expect(sorted(named("a.jpeg", "b")).passedOver).toContain("One file");
});
