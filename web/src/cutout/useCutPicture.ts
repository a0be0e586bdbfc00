import { useEffect, useRef, useState } from "react";
import { answer, api, type CutOut, type CutView } from "../api/client";

/** A part of the picture, in its pixels, and how many pixels of the screen show one of them. */
export interface Part {
  left: number;
  top: number;
  width: number;
  height: number;
  scale: number;
}

/** From closer by a quick look would be too soft to be of use. */
const NEAREST_QUICK = 1;

export interface CutPicture {
  picture: string;
  part: Part;
  groundLeft: number;
}

/** Shows a part of a cut-out. One look is asked for at a time; the newest wish is next. */
export function useCutPicture(
  packageId: number,
  picture: string,
  cutOut: CutOut,
  view: CutView,
  part: Part | null,
): { look: CutPicture | null; current: boolean; problem: string } {
  const [look, setLook] = useState<CutPicture | null>(null);
  const [problem, setProblem] = useState("");
  const [seenOf, setSeenOf] = useState<{ cutOut: CutOut; view: CutView; part: Part } | null>(null);
  const wanted = useRef<(() => Promise<void>) | null>(null);
  const busy = useRef(false);
  useEffect(() => {
    if (!part) return;
    const show = async (quick: boolean) => {
      const seen = await answer(
        api.POST("/api/packages/{id}/cut-outs", {
          params: { path: { id: packageId } },
          body: { picture, cutOut, view, part, quick },
        }),
      );
      const image = new Image();
      image.src = seen.picture;
      await image.decode();
      setLook({ picture: seen.picture, part, groundLeft: seen.groundLeft });
      if (!quick) setSeenOf({ cutOut, view, part });
      setProblem("");
    };
    wanted.current = async () => {
      try {
        // A quick look first; the true one unless the hand has gone on meanwhile.
        if (part.scale <= NEAREST_QUICK) await show(true);
        if (!wanted.current) await show(false);
      } catch (e) {
        setProblem(e instanceof Error ? e.message : String(e));
      }
    };
    const work = async () => {
      if (busy.current) return;
      busy.current = true;
      while (wanted.current) {
        const next = wanted.current;
        wanted.current = null;
        await next();
      }
      busy.current = false;
    };
    void work();
  }, [packageId, picture, cutOut, view, part]);
  const current = seenOf?.cutOut === cutOut && seenOf.view === view && seenOf.part === part;
  return { look, current, problem };
}
