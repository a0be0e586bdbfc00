import type { Run } from "../api/client";

export type Range = { start: number; end: number };

export function wordsOf(runs: readonly Run[]): string {
  return runs.map((run) => run.words).join("");
}

/** The run that a place in the words belongs to: that of the letter before it. */
export function runAt(runs: readonly Run[], place: number): Run | undefined {
  let end = 0;
  for (const run of runs) {
    end += run.words.length;
    if (place <= end && run.words !== "") return run;
  }
  return runs.findLast((run) => run.words !== "") ?? runs[0];
}

function alike(a: Run, b: Run): boolean {
  return JSON.stringify({ ...a, words: "" }) === JSON.stringify({ ...b, words: "" });
}

/** Neighbours that are set alike are one run; at least one is left. */
function tidy(runs: Run[]): Run[] {
  const result: Run[] = [];
  for (const run of runs) {
    const last = result.at(-1);
    if (run.words === "" && runs.length > 1 && (last ?? runs.at(-1) !== run)) continue;
    if (last && alike(last, run))
      result[result.length - 1] = { ...last, words: last.words + run.words };
    else result.push(run);
  }
  const only = runs[0];
  return result.length > 0 ? result : only ? [{ ...only, words: "" }] : [];
}

function part(runs: readonly Run[], start: number, end: number): Run[] {
  const result: Run[] = [];
  let at = 0;
  for (const run of runs) {
    const words = run.words.slice(Math.max(0, start - at), Math.max(0, end - at));
    if (words !== "") result.push({ ...run, words });
    at += run.words.length;
  }
  return result;
}

/** The runs after the words were changed by typing: what is new is set like what stands before. */
export function typed(runs: Run[], words: string): Run[] {
  const before = wordsOf(runs);
  let start = 0;
  while (start < before.length && start < words.length && before[start] === words[start]) start++;
  let tail = 0;
  while (
    tail < before.length - start &&
    tail < words.length - start &&
    before[before.length - 1 - tail] === words[words.length - 1 - tail]
  )
    tail++;
  const fresh = words.slice(start, words.length - tail);
  // Words that replace others are set like the first of them.
  const replaced = before.length - tail > start;
  const model = runAt(runs, replaced ? start + 1 : start) ?? runs[0];
  if (!model) return runs;
  return tidy([
    ...part(runs, 0, start),
    ...(fresh === "" ? [] : [{ ...model, words: fresh }]),
    ...part(runs, before.length - tail, before.length),
    ...(words === "" ? [{ ...model, words: "" }] : []),
  ]);
}

/** Other words, set like the first of those that stood there. */
export function restyledWords(runs: readonly Run[], words: string): Run[] {
  const [first] = runs;
  return first ? [{ ...first, words }] : [];
}

/** The runs with a stretch set otherwise; all of them if the stretch is empty. */
export function restyled(runs: Run[], range: Range, change: (run: Run) => Run): Run[] {
  const all = wordsOf(runs).length;
  if (range.start >= range.end || (range.start === 0 && range.end >= all)) {
    return tidy(runs.map(change));
  }
  return tidy([
    ...part(runs, 0, range.start),
    ...part(runs, range.start, range.end).map(change),
    ...part(runs, range.end, all),
  ]);
}
