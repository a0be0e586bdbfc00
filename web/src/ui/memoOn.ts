import { type ComponentType, memo } from "react";

/**
 * A component that is rendered anew only when one of the named values changes. For parts of a sheet
 * that look at little of their piece: words typed into it leave them as they are. What such a part
 * is given to call must not depend on anything else.
 */
export function memoOn<P extends object>(
  Component: ComponentType<P>,
  values: (props: P) => readonly unknown[],
): ComponentType<P> {
  const same = (before: Readonly<P>, after: Readonly<P>) => {
    const now = values(after);
    return values(before).every((value, i) => Object.is(value, now[i]));
  };
  return memo(Component, same);
}
