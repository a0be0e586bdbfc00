export interface Point {
  x: number;
  y: number;
}

export interface Size {
  width: number;
  height: number;
}

/** Where a picture is looked at: the middle of what is seen, and pixels of the screen for one. */
export interface Eye extends Point {
  scale: number;
}

/** Share of the room that a whole picture takes. */
const WHOLE = 0.96;
const NEAREST = 32;

/** The whole picture. */
export function wholeOf(picture: Size, room: Size): Eye {
  const fit = Math.min(room.width / picture.width, room.height / picture.height) * WHOLE;
  return { x: picture.width / 2, y: picture.height / 2, scale: fit };
}

export function toPicture(eye: Eye, room: Size, area: Point): Point {
  return {
    x: eye.x + (area.x - room.width / 2) / eye.scale,
    y: eye.y + (area.y - room.height / 2) / eye.scale,
  };
}

export function toArea(eye: Eye, room: Size, picture: Point): Point {
  return {
    x: (picture.x - eye.x) * eye.scale + room.width / 2,
    y: (picture.y - eye.y) * eye.scale + room.height / 2,
  };
}

/** Nearer or farther, with what lies under a point of the room staying there. */
export function nearer(eye: Eye, picture: Size, room: Size, factor: number, area: Point): Eye {
  const fixed = toPicture(eye, room, area);
  const farthest = wholeOf(picture, room).scale / 2;
  const scale = Math.min(NEAREST, Math.max(farthest, eye.scale * factor));
  return {
    x: fixed.x - (area.x - room.width / 2) / scale,
    y: fixed.y - (area.y - room.height / 2) / scale,
    scale,
  };
}

/** The picture pulled along by a distance on the screen. */
export function pulled(eye: Eye, right: number, down: number): Eye {
  return { ...eye, x: eye.x - right / eye.scale, y: eye.y - down / eye.scale };
}
