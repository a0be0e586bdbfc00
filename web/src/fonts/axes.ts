import type { FontFamily, Run } from "../api/client";

type Axes = Run["axes"];

/** With another value on one axis; an axis that is as the font has it is not said. */
export function withAxis(
  axes: Axes,
  axis: Pick<FontFamily["axes"][number], "tag" | "standard">,
  value: number,
): Axes {
  const others = axes.filter(({ tag }) => tag !== axis.tag);
  return value === axis.standard ? others : [...others, { tag: axis.tag, value }];
}
