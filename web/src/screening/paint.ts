import type { Cue, CueClip, KnownCues, StillLine } from "../api/client";
import { seenAt } from "../cues/poses";
import type { Reading, StillShelf, Wanted } from "./StillShelf";

export type Background = HTMLVideoElement | HTMLImageElement | null;

/** A list's cues with all that is known of them, ready to be painted. */
export interface Painted {
  clip: CueClip;
  /** By lanes, the lowest first. */
  cues: readonly Cue[];
  known: KnownCues;
  places: ReadonlyMap<number, KnownCues["places"][number]>;
  stills: ReadonlyMap<string, StillLine>;
  /** How the alpha of single cues is misread, to see what comes of it. */
  misread: ReadonlyMap<number, Reading>;
}

export function stillKey({ overlay, row, target }: Cue["still"]): string {
  return `${overlay} ${row} ${target}`;
}

export function painted(
  clip: CueClip,
  cues: readonly Cue[],
  known: KnownCues,
  misread: ReadonlyMap<number, Reading>,
): Painted {
  return {
    clip,
    cues: [...cues].sort((one, other) => one.lane - other.lane || one.from - other.from),
    known,
    places: new Map(known.places.map((place) => [place.cue, place])),
    stills: new Map(known.stills.map((still) => [stillKey(still.id), still])),
    misread,
  };
}

/** The picture of a cue's still; nothing as long as there is no file. */
export function wantedOf(cue: Cue, { stills, misread }: Painted): Wanted | undefined {
  const still = stills.get(stillKey(cue.still));
  if (!still || (still.standing !== "DELIVERED" && still.standing !== "OUTDATED")) return undefined;
  return { delivery: still.delivery, reading: misread.get(cue.id) ?? still.reading };
}

/** What is to be there for a picture and the next ones, the most urgent first. */
export function wantedFrom(all: Painted, picture: number, ahead: number): Wanted[] {
  return all.cues
    .filter((cue) => cue.from + cue.length > picture && cue.from < picture + ahead)
    .sort((one, other) => one.from - other.from)
    .flatMap((cue) => wantedOf(cue, all) ?? []);
}

function sizeOf(background: HTMLVideoElement | HTMLImageElement) {
  return background instanceof HTMLVideoElement
    ? { width: background.videoWidth, height: background.videoHeight }
    : { width: background.naturalWidth, height: background.naturalHeight };
}

/** Draws one picture of the screening. */
export function paint(
  canvas: HTMLCanvasElement,
  background: Background,
  all: Painted,
  shelf: StillShelf,
  picture: number,
): void {
  const context = canvas.getContext("2d", { alpha: false });
  if (!context) return;
  const { clip, cues, known, places, stills } = all;
  const zoom = canvas.width / clip.width;
  context.globalAlpha = 1;
  context.globalCompositeOperation = "source-over";
  context.fillStyle = "#000";
  context.fillRect(0, 0, canvas.width, canvas.height);
  if (background) {
    const size = sizeOf(background);
    if (size.width > 0) {
      const scale = Math.max(canvas.width / size.width, canvas.height / size.height);
      const width = size.width * scale;
      const height = size.height * scale;
      context.drawImage(
        background,
        (canvas.width - width) / 2,
        (canvas.height - height) / 2,
        width,
        height,
      );
    }
  }
  for (const cue of cues) {
    const place = places.get(cue.id);
    const wanted = wantedOf(cue, all);
    if (!place || !wanted) continue;
    const seen = seenAt(cue, place, known.moves, picture, clip);
    const pictures = shelf.get(wanted);
    const file = stills.get(stillKey(cue.still));
    if (!seen || !pictures || !file) continue;
    const across = (seen.width / file.width) * zoom;
    const down = (seen.height / file.height) * zoom;
    const left = seen.left * zoom + pictures.left * across;
    const top = seen.top * zoom + pictures.top * down;
    const width = pictures.width * across;
    const height = pictures.height * down;
    context.globalAlpha = seen.opacity;
    context.globalCompositeOperation = "source-over";
    context.drawImage(pictures.key, left, top, width, height);
    context.globalCompositeOperation = "lighter";
    context.drawImage(pictures.light, left, top, width, height);
  }
}
