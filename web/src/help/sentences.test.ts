import { describe, expect, it } from "vitest";
import { helpOf } from "./sentences";

describe("the line of help", () => {
  it.each([
    ["Font family: Work Sans", "typeface"],
    ["Weight: near Bold", "strokes"],
    ["Weight as a number", "between the weights"],
    ["Axis of the font: Width, 50 to 150", "steplessly"],
    ["Width of figures", "jump"],
    ["Tracking, thousandths of the size", "between letters"],
    ["Turn in degrees, clockwise", "clockwise about"],
    ["Face opacity, percent", "inside"],
    ["Stop 2: colour", "The colour here"],
    ["Stop 2: position, percent", "start and its end"],
    ["Outline width", "thick"],
    ["Outline 2 width", "thick"],
    ["Outline kind of paint", "filled with"],
    ["Outline stop 3: colour: how solid, percent", "The colour here"],
    ["Halo 2 colour: choose", "any form"],
    ["Relief light", "face the light"],
    ["Relief light height, degrees", "straight above"],
    ["Relief opacity, percent", "on top of its colour"],
    ["Shadow angle, degrees clockwise from the right", "Where it falls"],
    ["Halo: on", "without losing"],
    ["Move the halo 2 up", "further back"],
    ["Take the outline away", "Takes the finish away"],
    ["Add an outline", "suit the piece"],
    ["Padding left", "backs"],
    ["Crop left, percent", "cut off"],
    ["Point 3: share of the width, percent", "share of the box"],
    ["Radius top left", "this corner"],
    ["Colour 2 becomes", "replaced"],
  ])("knows %s", (label, part) => {
    expect(helpOf(label)).toContain(part);
  });

  it("says nothing of what it does not know", () => {
    expect(helpOf("Ysolde Farrow-Quill")).toBeUndefined();
  });
});
