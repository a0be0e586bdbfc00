import type {
  CodePiece,
  Hook,
  Look,
  Ornament,
  Overlay,
  PicturePiece,
  PictureSummary,
  Place,
  PlatePiece,
  TextPiece,
} from "../api/client";
import { displayWidth, shortSide } from "./geometry";
import { allPieces } from "./tree";

/** A name for a piece that no other piece of the overlay has. */
export function freeId(overlay: Overlay, stem: string): string {
  const taken = new Set(allPieces(overlay.stack).map((piece) => piece.id));
  for (let i = 1; ; i++) {
    const id = `${stem}-${i}`;
    if (!taken.has(id)) return id;
  }
}

/** A point of the frame in display units. */
export interface Spot {
  x: number;
  y: number;
}

export const FRAME: Hook = { kind: "frame", area: "FRAME" };

const CENTRE: Place = {
  hook: FRAME,
  point: "CENTRE",
  own: "CENTRE",
  right: 0,
  down: 0,
  turn: 0,
  mirrored: false,
};

/** With the middle of the piece at a spot; in the middle of the frame if none is given. */
function placeAt(overlay: Overlay, spot: Spot | undefined): Place {
  if (!spot) return CENTRE;
  return {
    ...CENTRE,
    right: Math.round(spot.x - displayWidth(overlay.frame) / 2),
    down: Math.round(spot.y - overlay.frame.height / 2),
  };
}

const PLAIN: Look = {
  faceOpacity: 1,
  overallOpacity: 1,
  finishes: [],
  follows: "",
  punch: "NONE",
};

/** The frame's shorter side over that of an HD frame, to start pieces at a fitting size. */
function scale(overlay: Overlay): number {
  return shortSide(overlay.frame) / 1080;
}

function common(overlay: Overlay, stem: string, name: string) {
  return {
    id: freeId(overlay, stem),
    name,
    shown: true,
    locked: false,
    place: CENTRE,
    look: PLAIN,
    slots: [],
  };
}

export function newText(overlay: Overlay, words = "Your words", spot?: Spot): TextPiece {
  return {
    ...common(overlay, "text", "Text"),
    place: placeAt(overlay, spot),
    kind: "text",
    runs: [
      {
        words,
        family: "Work Sans",
        weight: 600,
        axes: [],
        size: Math.round(72 * scale(overlay)),
        tracking: 0,
        ink: { kind: "shared" },
        follows: "",
      },
    ],
    setting: {
      sizedBy: "FONT_SIZE",
      leading: 1.15,
      wordSpacing: 0,
      capitals: "AS_TYPED",
      letterforms: { figures: "AS_DRAWN", widths: "AS_DRAWN", ligatures: "USUAL", alternates: [] },
      alignment: "LEFT",
      hanging: false,
    },
    box: { kind: "free" },
    paint: { kind: "flat", colour: "#ffffff" },
  };
}

export function newPlate(overlay: Overlay, spot?: Spot): PlatePiece {
  return {
    ...common(overlay, "plate", "Plate"),
    place: placeAt(overlay, spot),
    kind: "plate",
    shape: { kind: "rectangle" },
    width: Math.round(640 * scale(overlay)),
    height: Math.round(140 * scale(overlay)),
    backing: { pieces: [], left: 0, top: 0, right: 0, bottom: 0 },
    paint: { kind: "flat", colour: "#124b5c" },
  };
}

/** A code of 25 modules and the rim that its standard wants, each a whole number of pixels. */
export function newCode(overlay: Overlay): CodePiece {
  const modules = 25 + 2 * 4;
  return {
    ...common(overlay, "code", "Code"),
    kind: "code",
    words: "https://www.example.org/",
    correction: "M",
    side: modules * Math.max(1, Math.round(8 * scale(overlay))),
    rim: 4,
    ink: "#14181c",
    paint: { kind: "flat", colour: "#ffffff" },
  };
}

/** As large as it goes into a box that any ornament can be seen in. */
export function newOrnament(overlay: Overlay, ornament: Ornament): PlatePiece {
  const room = { width: 480 * scale(overlay), height: 200 * scale(overlay) };
  const width = Math.min(room.width, room.height * ornament.width);
  return {
    ...newPlate(overlay),
    ...common(overlay, "ornament", ornament.name),
    shape: { kind: "drawn", path: ornament.path, evenOdd: false },
    width: Math.round(width * 10) / 10,
    height: Math.round((width / ornament.width) * 10) / 10,
    paint: { kind: "flat", colour: "#f3ead2" },
  };
}

/**
 * At its own resolution, or smaller if it would not fit the frame.
 *
 * @param spot where its middle lies; the middle of the frame if none is given
 */
export function newPicture(overlay: Overlay, picture: PictureSummary, spot?: Spot): PicturePiece {
  const fit = Math.min(
    1,
    (0.8 * overlay.frame.width) / picture.width,
    (0.8 * overlay.frame.height) / picture.height,
  );
  return {
    ...common(overlay, "picture", picture.name.replace(/\.[^.]+$/, "")),
    place: placeAt(overlay, spot),
    kind: "picture",
    picture: picture.name,
    page: 1,
    cutOut: { kind: "none" },
    tint: { kind: "own" },
    crop: { left: 0, top: 0, right: 0, bottom: 0 },
    fit: "CONTAIN",
    width: Math.round(picture.width * fit * 10) / 10,
    height: Math.round(picture.height * fit * 10) / 10,
  };
}
