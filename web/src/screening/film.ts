import type { TimeBase } from "../api/client";

/** A video that can be played beneath the stills. */
export interface Film {
  /** By which lists know it. */
  name: string;
  /** As people know it. */
  words: string;
  address: string;
}

/** What a video file says of itself. */
export interface FilmFacts {
  width: number;
  height: number;
  seconds: number;
  /** Pictures a second, as measured over its first ones. */
  rate: number;
}

/** Packets that are looked at to tell the rate. */
const LOOKED_AT = 300;

/** Reads a video's size, length and rate from its container; nothing if it is of no known kind. */
export async function filmFacts(file: File): Promise<FilmFacts | null> {
  const { ALL_FORMATS, BlobSource, Input } = await import("mediabunny");
  const input = new Input({ source: new BlobSource(file), formats: ALL_FORMATS });
  try {
    const track = await input.getPrimaryVideoTrack();
    if (!track) return null;
    const stats = await track.computePacketStats(LOOKED_AT);
    return {
      width: await track.getDisplayWidth(),
      height: await track.getDisplayHeight(),
      seconds: await track.computeDuration(),
      rate: stats.averagePacketRate,
    };
  } catch {
    return null;
  } finally {
    input.dispose();
  }
}

/** The known rate that a measured one is meant for. */
export function nearestRate(
  measured: number,
  known: readonly TimeBase["rate"][],
): TimeBase["rate"] | undefined {
  let best: TimeBase["rate"] | undefined;
  for (const rate of known) {
    const off = (one: TimeBase["rate"]) => Math.abs(one.pictures / one.seconds - measured);
    if (off(rate) < 0.02 * measured && (!best || off(rate) < off(best))) best = rate;
  }
  return best;
}
