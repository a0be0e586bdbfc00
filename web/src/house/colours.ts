import type { House, HouseColour, Overlay } from "../api/client";
import { joined, parts } from "../ui/colours";

/** The value of a house's colour that an overlay in this dress wears. */
export function valueIn(colour: HouseColour, dress: Overlay["dress"]): string {
  return dress === "DARK" ? colour.dark : colour.light;
}

/** The house's colour of a name, whichever letters are typed large. */
export function named(house: House, name: string): HouseColour | undefined {
  const wanted = name.trim().toLowerCase();
  return (
    house.colours.find((one) => one.name.toLowerCase() === wanted) ??
    house.colours.find((one) => one.formerly.some((former) => former.toLowerCase() === wanted))
  );
}

/** A colour that follows one of the house, as thin as it was. */
export function following(colour: HouseColour, dress: Overlay["dress"], was: string): string {
  return joined({
    solid: parts(valueIn(colour, dress)).solid,
    alpha: parts(was).alpha,
    name: colour.name,
  });
}

/** The thing with another name, found by the one it had by whatever follows it. */
export function renamed<T extends { name: string; formerly: string[] }>(one: T, name: string): T {
  return {
    ...one,
    name,
    formerly: [one.name, ...one.formerly].filter((former) => former !== name).slice(0, 40),
  };
}

/** A name that none of these has yet. */
export function freeName(stem: string, taken: readonly { name: string }[]): string {
  const has = (name: string) => taken.some((one) => one.name.toLowerCase() === name.toLowerCase());
  let name = stem;
  for (let i = 2; has(name); i++) name = `${stem} ${i}`;
  return name;
}
