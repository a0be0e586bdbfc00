import { useQuery } from "@tanstack/react-query";
import { answer, api, type Frame, type FrameEntry } from "../api/client";
import { areaOf, displayWidth, sameFrame } from "../document/geometry";
import { OwnSizeFields } from "./OwnSizeFields";

interface Props {
  frame: Frame;
  onChoose: (frame: Frame) => void;
}

/** The catalogue of frames as shapes in true proportion, and a size of one's own. */
export function FrameChooser({ frame, onChoose }: Props) {
  const frames = useQuery({
    queryKey: ["frames"],
    queryFn: () => answer(api.GET("/api/frames")),
    staleTime: Infinity,
  });
  const groups = Object.entries(Object.groupBy(frames.data ?? [], (entry) => entry.choice.group));
  return (
    <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
      {groups.map(([group, entries = []]) => (
        <section key={group} aria-label={group}>
          <h2 className="mb-1.5 text-xs font-semibold uppercase tracking-wide opacity-75">
            {group}
          </h2>
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-2">
            {entries.map((entry) => (
              <li key={entry.choice.name}>
                <FrameCard
                  entry={entry}
                  on={sameFrame(entry.choice.frame, frame)}
                  onChoose={() => onChoose(entry.choice.frame)}
                />
              </li>
            ))}
          </ul>
        </section>
      ))}
      <OwnSizeFields frame={frame} onChoose={onChoose} />
    </div>
  );
}

interface CardProps {
  entry: FrameEntry;
  on: boolean;
  onChoose: () => void;
}

function FrameCard({ entry, on, onChoose }: CardProps) {
  const { name, frame } = entry.choice;
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onChoose}
      title={`${entry.rates.join(", ")} pictures a second`}
      className={`flex h-full w-full items-center gap-3 rounded-box border p-2 text-left ${
        on ? "border-primary bg-primary/10" : "border-base-300 bg-base-100 hover:border-primary"
      }`}
    >
      <FrameShape frame={frame} box={58} />
      <span className="min-w-0 text-xs leading-tight">
        <span className="mb-0.5 block text-[13px] font-medium">{name}</span>
        <span className="opacity-80">
          {frame.width} × {frame.height}
        </span>
      </span>
    </button>
  );
}

/** A frame with its safe areas, small, in the proportion in which it is shown. */
export function FrameShape({ frame, box = 76 }: { frame: Frame; box?: number }) {
  const width = displayWidth(frame);
  const scale = box / Math.max(width, frame.height);
  return (
    <span className="flex shrink-0 items-center justify-center" style={{ width: box, height: box }}>
      <svg
        width={width * scale}
        height={frame.height * scale}
        viewBox={`0 0 ${width} ${frame.height}`}
        aria-hidden
      >
        <rect width={width} height={frame.height} className="fill-base-300" />
        {(["ACTION_SAFE", "TITLE_SAFE"] as const).map((area) => (
          <rect
            key={area}
            {...areaOf(frame, area)}
            fill="none"
            className="stroke-base-content"
            strokeOpacity={area === "TITLE_SAFE" ? 0.7 : 0.35}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
    </span>
  );
}
