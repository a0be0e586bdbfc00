import type { Frame } from "../api/client";
import { areaOf, displayWidth, hasOwnMargin } from "../document/geometry";

/**
 * How much of a card that is scrolled is seen at a time: a line wherever another picture of the
 * video begins.
 */
function Pictures({ frame, zoom }: { frame: Frame; zoom: number }) {
  const many = Math.ceil(frame.height / frame.videoHeight) - 1;
  return Array.from({ length: many }, (_, i) => {
    const y = (i + 1) * frame.videoHeight * zoom;
    const across = { x1: 0, x2: displayWidth(frame) * zoom, y1: y, y2: y };
    return (
      <g key={i} strokeOpacity={0.7}>
        <line {...across} stroke="#000" />
        <line {...across} stroke="#fff" strokeDasharray="14 6" />
      </g>
    );
  });
}

/** The safe areas and the own margin; dark and light dashes together are seen over any backdrop. */
export function Guides({ frame, zoom }: { frame: Frame; zoom: number }) {
  const own = hasOwnMargin(frame) ? (["OWN_MARGIN"] as const) : [];
  const areas = (["ACTION_SAFE", "TITLE_SAFE", ...own] as const).map((area) => {
    const box = areaOf(frame, area);
    const around = {
      x: box.x * zoom,
      y: box.y * zoom,
      width: box.width * zoom,
      height: box.height * zoom,
      fill: "none",
    };
    return (
      <g key={area} strokeOpacity={area === "ACTION_SAFE" ? 0.45 : 0.85}>
        <rect {...around} stroke="#000" />
        <rect
          {...around}
          stroke={area === "OWN_MARGIN" ? "#f0a93f" : "#fff"}
          strokeDasharray={area === "OWN_MARGIN" ? "2 4" : "6 6"}
        />
      </g>
    );
  });
  return (
    <>
      {areas}
      <Pictures frame={frame} zoom={zoom} />
    </>
  );
}
