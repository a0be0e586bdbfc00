import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { type FileToLookAt, spoilt } from "./proofAt";

interface Question {
  about: unknown;
  sentences: string[];
  start: () => void;
}

/**
 * Starts deliveries; if something would be cut or missing in a file it asks first, once for each
 * such thing.
 *
 * @param about what is delivered: a question about what has changed since is no question any more
 */
export function useAskedStart(packageId: number, about: unknown) {
  const queries = useQueryClient();
  const [looking, setLooking] = useState(false);
  const [question, setQuestion] = useState<Question | null>(null);
  const allowed = useRef(new Set<string>());
  /** Looks at the files, which may have to be found first, and starts or asks. */
  const begin = async (files: () => Promise<readonly FileToLookAt[]>, start: () => void) => {
    setLooking(true);
    setQuestion(null);
    let sentences: string[] = [];
    try {
      sentences = await spoilt(queries, packageId, await files());
    } catch {
      // What cannot be looked at cannot be delivered either, and the run says why.
    }
    setLooking(false);
    sentences = sentences.filter((sentence) => !allowed.current.has(sentence));
    if (sentences.length > 0) setQuestion({ about, sentences, start });
    else start();
  };
  const answer = (yes: boolean) => {
    if (!question) return;
    setQuestion(null);
    if (!yes) return;
    for (const sentence of question.sentences) allowed.current.add(sentence);
    question.start();
  };
  return {
    looking,
    question: question && question.about === about ? question.sentences : null,
    begin,
    answer,
  };
}
