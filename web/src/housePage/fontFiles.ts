import type { FontFile, House } from "../api/client";

type Face = FontFile["faces"][number];

/** What a font of a file offers, in words. */
export function inFile({ weights, axes }: Face): string {
  const [first] = weights;
  const last = weights[weights.length - 1];
  const among =
    weights.length > 1 && first && last
      ? `${weights.length} weights, ${first.name} to ${last.name}`
      : (first?.name ?? "");
  const others = axes.filter(({ tag }) => tag !== "wght").map(({ name }) => name.toLowerCase());
  return others.length > 0 ? `${among}; ${others.join(", ")} to be chosen` : among;
}

/** With a file put in, in the place of one of its name. What was chosen of that one is kept. */
export function withFontFile(house: House, file: FontFile): House {
  const known = house.fontFiles.some((other) => other.file === file.file);
  return {
    ...house,
    fontFiles: known
      ? house.fontFiles.map((other) => (other.file === file.file ? file : other))
      : [...house.fontFiles, file],
  };
}
