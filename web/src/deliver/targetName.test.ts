import { expect, test } from "vitest";
import type { NamedTarget } from "../api/client";
import { PLAIN_TARGET } from "./plainTarget";
import { freeName, namedAfter } from "./targetName";

const FRAMES = ["HD 720", "Upright 9:16", "QHD 1440"];

function called(name: string): NamedTarget {
  return { ...PLAIN_TARGET, name };
}

test("a new target is called as its frame, and as the next one it gets", () => {
  const target = called("New target");
  expect(namedAfter(target, "HD 720", FRAMES, [target])).toBe("HD 720");
  const numbered = called("New target 2");
  expect(namedAfter(numbered, "HD 720", FRAMES, [numbered])).toBe("HD 720");
  const before = called("HD 720");
  expect(namedAfter(before, "QHD 1440", FRAMES, [before])).toBe("QHD 1440");
});

test("a name that somebody gave stays", () => {
  for (const name of ["Keyer", "Keyer 2", "HD", "Upright"]) {
    const target = called(name);
    expect(namedAfter(target, "HD 720", FRAMES, [target])).toBe(name);
  }
});

test("no two targets are called alike", () => {
  const target = called("New target");
  const there = [called("HD 720"), target, called("HD 720 2")];
  expect(namedAfter(target, "HD 720", FRAMES, there)).toBe("HD 720 3");
  const same = called("HD 720");
  expect(namedAfter(same, "HD 720", FRAMES, [same])).toBe("HD 720");
  expect(freeName(there, "Keyer")).toBe("Keyer");
});
