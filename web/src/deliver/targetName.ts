import type { NamedTarget } from "../api/client";

export const NEW_TARGET = "New target";

/** A name that no target has. */
export function freeName(targets: readonly NamedTarget[], wanted: string): string {
  let name = wanted;
  for (let i = 2; targets.some((target) => target.name === name); i++) name = `${wanted} ${i}`;
  return name;
}

/**
 * The name of a target that gets another frame: the frame's, unless somebody gave it one of its
 * own.
 *
 * @param frames the names of all frames there are to choose
 * @param frame that of the chosen one
 */
export function namedAfter(
  target: NamedTarget,
  frame: string,
  frames: readonly string[],
  targets: readonly NamedTarget[],
): string {
  const stem = target.name.replace(/ \d+$/, "");
  const givenByUs = [NEW_TARGET, ...frames].some((name) => name === target.name || name === stem);
  if (!givenByUs) return target.name;
  return freeName(
    targets.filter((other) => other !== target),
    frame,
  );
}
