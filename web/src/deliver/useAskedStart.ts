import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import type { NamedTarget, Overlay } from "../api/client";
import { spoilt } from "./proofAt";

interface Question {
  overlay: Overlay;
  sentences: string[];
  names: string[];
}

/**
 * Starts deliveries of an overlay; if something would be cut or missing in a file it asks first,
 * once for each such thing.
 *
 * @param start takes the names of targets
 */
export function useAskedStart(
  packageId: number,
  overlay: Overlay,
  start: (names: string[]) => void,
) {
  const queries = useQueryClient();
  const [looking, setLooking] = useState(false);
  const [question, setQuestion] = useState<Question | null>(null);
  const allowed = useRef(new Set<string>());
  const begin = async (targets: readonly NamedTarget[], names: string[]) => {
    setLooking(true);
    setQuestion(null);
    let sentences: string[] = [];
    try {
      sentences = await spoilt(queries, packageId, overlay, targets);
    } catch {
      // What cannot be looked at cannot be delivered either, and the run says why.
    }
    setLooking(false);
    sentences = sentences.filter((sentence) => !allowed.current.has(sentence));
    if (sentences.length > 0) setQuestion({ overlay, sentences, names });
    else start(names);
  };
  const answer = (yes: boolean) => {
    if (!question) return;
    setQuestion(null);
    if (!yes) return;
    for (const sentence of question.sentences) allowed.current.add(sentence);
    start(question.names);
  };
  return {
    looking,
    // A question about an overlay that has changed since is no question any more.
    question: question?.overlay === overlay ? question.sentences : null,
    begin,
    answer,
  };
}
