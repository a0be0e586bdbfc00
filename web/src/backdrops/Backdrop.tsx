import type { StillSummary } from "../api/client";

/** What the overlay is judged over. It is never part of the overlay. */
export type Backdrop =
  | { kind: "checker"; name: string }
  | { kind: "flat"; name: string; colour: string }
  | { kind: "still"; name: string; id: number };

export const MID_GREY: Backdrop = { kind: "flat", name: "Mid-grey", colour: "#808080" };

const FLAT: Backdrop[] = [
  { kind: "checker", name: "Checker" },
  MID_GREY,
  { kind: "flat", name: "Black", colour: "#000000" },
  { kind: "flat", name: "White", colour: "#ffffff" },
];

/** "quay-at-dusk" as words. */
export function clipName(clip: string): string {
  const words = clip.replaceAll("-", " ");
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** The flat backdrops and one still of each clip: the one at the given place, or the first. */
export function backdropsOf(stills: StillSummary[], position: Record<string, number>): Backdrop[] {
  const clips = [...new Set(stills.map((still) => still.clip))];
  const chosen = clips.flatMap((clip): Backdrop[] => {
    const own = stills.filter((still) => still.clip === clip);
    const still = own[(position[clip] ?? 0) % own.length];
    return still ? [{ kind: "still", name: clipName(clip), id: still.id }] : [];
  });
  return [...FLAT, ...chosen];
}

export function BackdropLayer({ backdrop }: { backdrop: Backdrop }) {
  switch (backdrop.kind) {
    case "checker":
      return <div className="checker absolute inset-0" />;
    case "flat":
      return <div className="absolute inset-0" style={{ background: backdrop.colour }} />;
    case "still":
      return (
        <img
          src={`/api/stills/${backdrop.id}.jpg`}
          alt=""
          draggable={false}
          className="absolute inset-0 h-full w-full object-cover"
        />
      );
  }
}
