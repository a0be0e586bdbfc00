import { create } from "zustand";

interface Said {
  words: string;
  /** Tells two sayings of the same words apart. */
  number: number;
}

/** The last thing that was said in passing; empty words for nothing. */
export const useSaid = create<Said>()(() => ({ words: "", number: 0 }));

/** Says something in passing: it stands at the foot of the page for a while and is read out. */
export function say(words: string): void {
  useSaid.setState(({ number }) => ({ words, number: number + 1 }));
}
