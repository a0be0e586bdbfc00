import { expect, test } from "vitest";
import type { House } from "../api/client";
import { css, joined, parts } from "../ui/colours";
import { following, freeName, named, renamed, valueIn } from "./colours";

const lamp = {
  name: "Lamp",
  formerly: ["Buoy"],
  role: "",
  light: "#f0a93f",
  dark: "#ffc46b",
};
const house: House = {
  name: "Saltlight",
  colours: [lamp, { name: "Sail", formerly: [], role: "", light: "#fbf6ea", dark: "#ffffff" }],
  fonts: [],
  fontFiles: [],
  marks: [],
  textures: [],
  ownMargin: { unit: "PERCENT", left: 0, top: 0, right: 0, bottom: 0 },
  finishSets: [],
  targets: [],
  originals: [],
};

test("a colour that follows says its name, and style sheets are not told", () => {
  expect(parts("#f0a93f80 Deep water")).toEqual({
    solid: "#f0a93f",
    alpha: 128 / 255,
    name: "Deep water",
  });
  expect(joined(parts("#f0a93f80 Deep water"))).toBe("#f0a93f80 Deep water");
  expect(css("#f0a93f80 Deep water")).toBe("#f0a93f80");
  expect(parts("#f0a93f")).toEqual({ solid: "#f0a93f", alpha: 1, name: "" });
});

test("following keeps how solid it was, in the dress that is worn", () => {
  expect(following(lamp, "LIGHT", "#00000040")).toBe("#f0a93f40 Lamp");
  expect(following(lamp, "DARK", "#000000")).toBe("#ffc46b Lamp");
  expect(valueIn(lamp, "DARK")).toBe("#ffc46b");
});

test("colours are found by their names, also by former ones, however they are typed", () => {
  expect(named(house, " lamp ")?.name).toBe("Lamp");
  expect(named(house, "BUOY")?.name).toBe("Lamp");
  expect(named(house, "#f0a93f")).toBeUndefined();
});

test("a new name remembers the old ones, each once", () => {
  const amber = renamed(lamp, "Amber");
  expect(amber.formerly).toEqual(["Lamp", "Buoy"]);
  expect(renamed(amber, "Lamp").formerly).toEqual(["Amber", "Buoy"]);
});

test("a name that is taken is numbered", () => {
  expect(freeName("lamp", house.colours)).toBe("lamp 2");
  expect(freeName("Night", house.colours)).toBe("Night");
});
