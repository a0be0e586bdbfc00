import type { QueryClient } from "@tanstack/react-query";
import { create } from "zustand";
import { type PictureSummary, upload } from "../api/client";
import { add } from "../document/add";
import { working } from "../document/arrange";
import { newPicture, type Spot } from "../document/newPieces";
import { useOverlay } from "../document/overlayStore";

/** Pictures on their way into the package. */
interface TakingIn {
  all: number;
  done: number;
  /** The one being read. */
  name: string;
  /** Sentences about those that were not taken in. */
  problems: string[];
}

const NOTHING: TakingIn = { all: 0, done: 0, name: "", problems: [] };

export const useTakingIn = create<TakingIn>()(() => NOTHING);

export function forgetProblems(): void {
  useTakingIn.setState({ problems: [] });
}

/** What file dialogs offer. */
export const PICTURE_FILES =
  "image/png,image/jpeg,image/tiff,image/webp,image/gif,image/bmp,image/svg+xml,application/pdf,application/postscript,.svg,.svgz,.pdf,.eps,.ps";

/**
 * Takes files into the package one after the other and puts each on the frame. Those that are
 * refused do not hold up the others.
 *
 * @param spot where on the frame the first is put; the others beside it
 */
export function takeIn(files: readonly File[], queries: QueryClient, spot?: Spot): Promise<void> {
  return working(run(files, queries, spot));
}

async function run(files: readonly File[], queries: QueryClient, spot?: Spot): Promise<void> {
  const { packageId, id } = useOverlay.getState();
  const before = useTakingIn.getState();
  const more = before.all > before.done;
  useTakingIn.setState({
    all: (more ? before.all : 0) + files.length,
    done: more ? before.done : 0,
    problems: [],
  });
  for (const [i, file] of files.entries()) {
    useTakingIn.setState({ name: file.name });
    try {
      const picture = await upload<PictureSummary>(`/api/packages/${packageId}/pictures`, file);
      await queries.invalidateQueries({ queryKey: ["pictures", packageId] });
      // Whoever has gone to another overlay meanwhile finds it among the package's pictures.
      if (useOverlay.getState().id === id) {
        const here = spot && { x: spot.x + 24 * i, y: spot.y + 24 * i };
        add((overlay) => newPicture(overlay, picture, here), `Add ${picture.name}`);
      }
    } catch (e) {
      const problem = e instanceof Error ? e.message : String(e);
      useTakingIn.setState(({ problems }) => ({ problems: [...problems, problem] }));
    }
    useTakingIn.setState(({ done }) => ({ done: done + 1 }));
  }
}
