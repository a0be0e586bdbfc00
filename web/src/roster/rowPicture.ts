import type { DesignAsking, SavedRoster, SavedRow } from "../api/client";

/**
 * The address of a row's picture; another one whenever it may look otherwise.
 *
 * @param width of the frame, in pixels
 * @param cut whether it is cut to what is drawn
 */
export function rowPicture(
  saved: SavedRoster,
  design: DesignAsking,
  row: SavedRow,
  width: number,
  cut = false,
): string {
  const look = hash(
    JSON.stringify([row.cells, row.changes, saved.roster.designs, saved.roster.columns]),
  );
  return `/api/roster-rows/${row.id}/picture.png?overlay=${design.overlayId}&width=${width}&cut=${cut}&look=${design.revision}.${look}`;
}

/** FNV-1a over UTF-16 units; only to tell states of one row apart. */
function hash(text: string): string {
  let value = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) {
    value = Math.imul(value ^ text.charCodeAt(i), 0x01000193);
  }
  return (value >>> 0).toString(36);
}
