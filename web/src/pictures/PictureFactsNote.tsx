import type { PictureSummary } from "../api/client";
import { isVector } from "./usePictures";

/** The share of a border from which on it looks like a ground to cut out. */
const GROUND = 0.6;

function told(picture: PictureSummary): string {
  const { facts, format } = picture;
  if (isVector(picture)) return `${format}, drawn sharp at every size`;
  const parts = [format, `${facts.bits} bits a channel`];
  if (facts.profile) parts.push(`brought to sRGB from ${facts.profile}`);
  parts.push(
    { NONE: "no alpha", SOLID_THROUGHOUT: "an alpha that is solid everywhere", USED: "with alpha" }[
      facts.alpha
    ],
  );
  return parts.join(", ");
}

/**
 * What was found out about a picture when it was taken in.
 *
 * @param uncut whether it is shown with the alpha that it came with
 */
export function PictureFactsNote({ picture, uncut }: { picture: PictureSummary; uncut: boolean }) {
  const { alpha, flatBorder, notes } = picture.facts;
  return (
    <div className="text-xs leading-5 opacity-80">
      <p>
        {told(picture)}.
        {uncut && alpha !== "USED" && flatBorder >= GROUND && (
          <>
            {" "}
            {Math.round(flatBorder * 100)} % of its border has one even colour: a ground to cut out.
          </>
        )}
      </p>
      {notes.map((note) => (
        <p key={note} className="text-warning">
          {note}
        </p>
      ))}
    </div>
  );
}
