/** A column's name that is being typed in braces. */
export interface OpenBrace {
  /** The place after the brace. */
  from: number;
  /** What of the name is typed. */
  typed: string;
}

/** The brace that is open at the caret; nothing if none is, or if it is doubled and so meant as one. */
export function openBrace(words: string, caret: number): OpenBrace | undefined {
  const before = words.slice(0, caret);
  const found = /\{+([^{}\n]*)$/.exec(before);
  if (!found) return undefined;
  const braces = found[0].length - (found[1] ?? "").length;
  return braces % 2 === 0
    ? undefined
    : { from: caret - (found[1] ?? "").length, typed: found[1] ?? "" };
}

/** Columns that what is typed may mean: those that begin so first. */
export function meant(columns: readonly string[], typed: string): string[] {
  const wanted = typed.trim().toLowerCase();
  const begins = columns.filter((one) => one.toLowerCase().startsWith(wanted));
  const has = columns.filter((one) => !begins.includes(one) && one.toLowerCase().includes(wanted));
  return [...begins, ...has];
}

/** The words with the open brace's name completed, and where the caret is then. */
export function completed(
  words: string,
  caret: number,
  open: OpenBrace,
  column: string,
): { words: string; caret: number } {
  const rest = words.slice(caret);
  // What follows up to a closing brace is the rest of the name that is exchanged.
  const after = /^[^{}\n]*\}/.exec(rest)?.[0] ?? "";
  const before = words.slice(0, open.from) + column + "}";
  return { words: before + rest.slice(after.length), caret: before.length };
}
