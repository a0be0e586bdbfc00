import type { Drawing, Frame } from "../api/client";
import {
  areaOf,
  type Box,
  cornersOf,
  displayWidth,
  pixelAspect,
  STILL,
} from "../document/geometry";
import { boxAround, movedCorners } from "./grip";
import { useHand } from "./hand";

interface Props {
  frame: Frame;
  drawing: Drawing;
  chosen: readonly string[];
}

/** How far the chosen pieces lie from the frame's edges and from title-safe, also while held. */
export function ReadOut({ frame, drawing, chosen }: Props) {
  const held = useHand((state) => state.held);
  const unitX = displayWidth(frame) / drawing.width;
  const unitY = frame.height / drawing.height;
  const boxes = drawing.pieces
    .filter((piece) => chosen.includes(piece.id))
    .map((piece) =>
      movedCorners(
        cornersOf(piece, unitX, unitY),
        held && held.state !== "let-go" ? held.matrix : STILL,
      ),
    );
  if (boxes.length === 0) return null;
  const box = boxAround(boxes);
  return (
    <div className="flex min-w-0 items-center gap-2 whitespace-nowrap @lg:gap-4 text-[11px] leading-4">
      <div>
        <Distances
          label="Distance to the frame's edges"
          short="Frame"
          area="FRAME"
          {...{ frame, box }}
        />
        <Distances
          label="Distance to title-safe"
          short="Title-safe"
          area="TITLE_SAFE"
          {...{ frame, box }}
        />
      </div>
      <span>
        <span className="block opacity-70">Box</span>
        {tidy(box.width / pixelAspect(frame))} × {tidy(box.height)}
      </span>
    </div>
  );
}

const tidy = (value: number) => Math.round(value * 10) / 10 + 0;

function Distances(props: {
  label: string;
  short: string;
  area: "FRAME" | "TITLE_SAFE";
  frame: Frame;
  box: Box;
}) {
  const { label, short, frame, box } = props;
  const area = areaOf(frame, props.area);
  const across = { units: displayWidth(frame), perPixel: pixelAspect(frame) };
  const down = { units: frame.height, perPixel: 1 };
  const values = [
    ["left", "←", box.x - area.x, across],
    ["right", "→", area.x + area.width - box.x - box.width, across],
    ["top", "↑", box.y - area.y, down],
    ["bottom", "↓", area.y + area.height - box.y - box.height, down],
  ] as const;
  return (
    <div className="flex items-center gap-2">
      <span className="w-14 opacity-70">{short}</span>
      <dl className="flex items-center gap-2" aria-label={`${label} in pixels and percent`}>
        {values.map(([name, arrow, units, side]) => (
          <div key={name} className="flex w-[3.2rem] gap-0.5 @lg:w-[5.2rem]">
            <dt>
              <span aria-hidden className="opacity-75">
                {arrow}
              </span>
              <span className="sr-only">{name}</span>
            </dt>
            <dd>
              {tidy(units / side.perPixel)}{" "}
              <span className="hidden opacity-75 @lg:inline">
                {tidy((100 * units) / side.units)}%
              </span>
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
