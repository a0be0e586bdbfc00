import { describe, expect, it } from "vitest";
import type { PlanLine } from "../api/client";
import { standings } from "./standing";

const line = (overlayId: number, standing: PlanLine["standing"]) =>
  ({ overlayId, standing }) as PlanLine;

describe("how an overlay stands", () => {
  const words = (...lines: PlanLine[]) => standings(lines).get(1)?.words;

  it("is told for all of its targets together", () => {
    expect(words(line(1, "SAME"), line(1, "SAME"))).toBe("delivered as it is");
    expect(words(line(1, "NEW"), line(1, "NEW"))).toBe("not delivered yet");
    expect(words(line(1, "NEW"), line(1, "CHANGED"))).toBe("changed since it was delivered");
    expect(words(line(1, "NEW"), line(1, "SAME"))).toBe("delivered at 1 of 2 targets");
  });

  it("is told of each overlay apart, and not of one that goes nowhere", () => {
    expect(words(line(2, "CHANGED"), line(1, "SAME"))).toBe("delivered as it is");
    expect(words(line(2, "SAME"))).toBeUndefined();
  });
});
