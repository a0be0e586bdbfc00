import type { StillLine } from "../api/client";

/** How the editing program takes the alpha. */
export type Reading = StillLine["reading"];

/** A still as the core read it from the delivered file: the part of it that changes anything. */
export interface StillPictures {
  /** Where the part lies in the file, in pixels. */
  left: number;
  top: number;
  width: number;
  height: number;
  /** Black, with the alpha that is taken from the clip. */
  key: ImageBitmap;
  /** Opaque colours that are added after that. */
  light: ImageBitmap;
}

/** What of a still is asked for. */
export interface Wanted {
  delivery: number;
  reading: Reading;
}

/** Bytes of pixels that are kept at once: 40 lower thirds of 1080 lines. */
const MOST_BYTES = 300 * 1024 * 1024;
const BYTES_PER_PIXEL = 8;

/** How many are fetched at once. */
const AT_ONCE = 3;

async function fetched(address: string): Promise<Response> {
  const response = await fetch(address);
  if (!response.ok) {
    const problem = (await response.json()) as { detail?: string };
    throw new Error(problem.detail ?? "The delivered file could not be read.");
  }
  return response;
}

async function load({ delivery, reading }: Wanted): Promise<StillPictures> {
  const address = (part: string) =>
    `/api/deliveries/${delivery}/screened${part}?reading=${reading}`;
  const part = (await (await fetched(address(""))).json()) as Omit<StillPictures, "key" | "light">;
  const picture = async (name: string) =>
    createImageBitmap(await (await fetched(address(`/${name}.png`))).blob());
  const [key, light] = await Promise.all([picture("key"), picture("light")]);
  return { ...part, key, light };
}

export function keyOf({ delivery, reading }: Wanted): string {
  return `${delivery} ${reading}`;
}

/** Keeps the pictures of the stills that are shown or will be soon, and lets go of the others. */
export class StillShelf {
  private readonly kept = new Map<string, StillPictures>();
  private readonly failed = new Set<string>();
  /** Of all that were kept at some time, so that nothing is fetched that there is no room for. */
  private readonly bytes = new Map<string, number>();
  private wanted: Wanted[] = [];
  private fetching = new Set<string>();

  /**
   * @param onLoaded called when something came that was wanted
   * @param onProblem called with a sentence
   */
  constructor(
    private readonly onLoaded: () => void,
    private readonly onProblem: (sentence: string) => void,
    private readonly fetchOne: (wanted: Wanted) => Promise<StillPictures> = load,
    private readonly most = MOST_BYTES,
  ) {}

  get(wanted: Wanted): StillPictures | undefined {
    return this.kept.get(keyOf(wanted));
  }

  has(wanted: Wanted): boolean {
    return this.kept.has(keyOf(wanted)) || this.failed.has(keyOf(wanted));
  }

  /** Says what is wanted, the most urgent first. */
  want(wanted: readonly Wanted[]): void {
    this.wanted = [...wanted];
    this.letGo();
    this.fetchMore();
  }

  private letGo(): void {
    const order = new Map(this.wanted.map((one, i) => [keyOf(one), i]));
    const byUse = [...this.kept.keys()].sort(
      (one, other) => (order.get(one) ?? Infinity) - (order.get(other) ?? Infinity),
    );
    let bytes = 0;
    byUse.forEach((key, i) => {
      const pictures = this.kept.get(key);
      if (!pictures) return;
      bytes += this.bytes.get(key) ?? 0;
      // What is shown now is kept whatever it takes.
      if (bytes > this.most && i > 0) {
        pictures.key.close();
        pictures.light.close();
        this.kept.delete(key);
      }
    });
  }

  private fetchMore(): void {
    let bytes = 0;
    for (const one of this.wanted) {
      const key = keyOf(one);
      bytes += this.bytes.get(key) ?? 0;
      if (this.fetching.size >= AT_ONCE || bytes > this.most) return;
      if (this.kept.has(key) || this.failed.has(key) || this.fetching.has(key)) continue;
      this.fetching.add(key);
      this.fetchOne(one)
        .then((pictures) => {
          this.kept.set(key, pictures);
          this.bytes.set(key, pictures.width * pictures.height * BYTES_PER_PIXEL);
          this.letGo();
          this.onLoaded();
        })
        .catch((e: unknown) => {
          this.failed.add(key);
          this.onProblem(e instanceof Error ? e.message : String(e));
        })
        .finally(() => {
          this.fetching.delete(key);
          this.fetchMore();
        });
    }
  }
}
