import type { Frame } from "../api/client";
import { areaOf, hasOwnMargin } from "./geometry";

/** The safe areas and the own margin; dark and light dashes together are seen over any backdrop. */
export function Guides({ frame, zoom }: { frame: Frame; zoom: number }) {
  const own = hasOwnMargin(frame) ? (["OWN_MARGIN"] as const) : [];
  return (["ACTION_SAFE", "TITLE_SAFE", ...own] as const).map((area) => {
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
}
