/**
 * What is chosen after a row was pressed.
 *
 * @param from the row that was pressed before
 * @param within rows in their order, if all from that one to this one are chosen
 */
export function picking(
  picked: ReadonlySet<number>,
  row: number,
  from: number | undefined,
  within: readonly number[] | undefined,
): Set<number> {
  const next = new Set(picked);
  const start = within?.indexOf(from ?? row) ?? -1;
  const end = within?.indexOf(row) ?? -1;
  if (within && start >= 0 && end >= 0) {
    within.slice(Math.min(start, end), Math.max(start, end) + 1).forEach((id) => next.add(id));
  } else if (!next.delete(row)) {
    next.add(row);
  }
  return next;
}
