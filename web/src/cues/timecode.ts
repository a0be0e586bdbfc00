import type { TimeBase } from "../api/client";

/** Pictures a second. */
export function rateOf({ rate }: TimeBase): number {
  return rate.pictures / rate.seconds;
}

/**
 * How a picture's number is written (SMPTE ST 12-1), as the core writes it: this stands here too
 * since it is asked for with every picture that is played.
 */
export function timecode(picture: number, { rate, dropFrame }: TimeBase): string {
  const counted = Math.ceil(rate.pictures / rate.seconds);
  const dropped = dropFrame ? counted / 15 : 0;
  let number = Math.max(0, Math.round(picture));
  if (dropFrame) {
    const minute = 60 * counted - dropped;
    const tenMinutes = 10 * minute + dropped;
    const rest = number % tenMinutes;
    const tens = Math.floor(number / tenMinutes);
    number += 9 * dropped * tens;
    if (rest >= minute + dropped) number += dropped * Math.floor((rest - dropped) / minute);
  }
  const two = (value: number) => String(value).padStart(2, "0");
  const seconds = Math.floor(number / counted);
  return [
    two(Math.floor(seconds / 3600)),
    ":",
    two(Math.floor(seconds / 60) % 60),
    ":",
    two(seconds % 60),
    dropFrame ? ";" : ":",
    two(number % counted),
  ].join("");
}

/** A length as people say it: "5 s", "4.96 s". */
export function seconds(pictures: number, base: TimeBase): string {
  return `${Number((pictures / rateOf(base)).toFixed(2))} s`;
}
