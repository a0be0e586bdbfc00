import { X } from "lucide-react";
import type { DeliveryStatus } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { type Fit, type Marker, type Move, type Reading, remark, type Size } from "./marker";

const MOVES: readonly (readonly [Move, string])[] = [
  ["cut", "by a cut"],
  ["fade", "by a fade"],
  ["left", "sliding from the left"],
  ["right", "sliding from the right"],
  ["below", "sliding from below"],
  ["grow", "growing"],
  ["scroll", "scrolling upward all the time"],
];

const READINGS: readonly (readonly [Reading, string])[] = [
  ["STRAIGHT", "read as straight"],
  ["PREMULTIPLIED", "read as premultiplied"],
  ["IGNORED", "ignored"],
];

const FITS: readonly (readonly [Fit, string])[] = [
  ["own", "at its own size"],
  ["fill", "scaled to the clip"],
];

/** What a wrong reading of a file's alpha looks like. */
function misread(delivery: DeliveryStatus, reading: Reading): string {
  const alpha = delivery.report?.alpha;
  if (reading === "IGNORED") return "Without its alpha the still hides the clip.";
  if (alpha === "STRAIGHT" && reading === "PREMULTIPLIED") {
    return "The file is straight: read like this its soft edges are too bright.";
  }
  if (alpha === "PREMULTIPLIED" && reading === "STRAIGHT") {
    return "The file is premultiplied: read like this its soft edges are too dark.";
  }
  return "";
}

interface Props {
  marker: Marker;
  choices: DeliveryStatus[];
  edit: Size;
  length: number;
  onChange: (marker: Marker) => void;
  onRemove: () => void;
}

/** One still on the time line as a sentence. */
export function MarkerSentence({ marker, choices, edit, length, onChange, onRemove }: Props) {
  const set = (change: Partial<Marker>) => onChange({ ...marker, ...change });
  const told = [misread(marker.delivery, marker.reading), remark(marker, edit)].filter(Boolean);
  return (
    <li className="border-b border-base-300 px-3 py-2 text-sm leading-7">
      <div className="flex items-start gap-1">
        <p className="min-w-0 flex-1">
          <Choice
            label="Delivered file"
            value={marker.delivery.id}
            options={choices.map((one) => [one.id, one.fileName] as const)}
            onChange={(id) => {
              const delivery = choices.find((one) => one.id === id);
              if (delivery) set({ delivery });
            }}
          />{" "}
          from{" "}
          <NumberField
            label="In point"
            value={marker.from}
            least={0}
            most={marker.to - 0.1}
            step={0.1}
            digits={2}
            unit=" s"
            onChange={(from) => set({ from })}
          />{" "}
          to{" "}
          <NumberField
            label="Out point"
            value={marker.to}
            least={marker.from + 0.1}
            most={length}
            step={0.1}
            digits={2}
            unit=" s"
            onChange={(to) => set({ to })}
          />
          , coming and going{" "}
          <Choice
            label="Move"
            value={marker.move}
            options={MOVES}
            onChange={(move) => set({ move })}
          />
          ,{" "}
          <Choice
            label="Size on the clip"
            value={marker.fit}
            options={FITS}
            onChange={(fit) => set({ fit })}
          />
          , its alpha{" "}
          <Choice
            label="Alpha"
            value={marker.reading}
            options={READINGS}
            onChange={(reading) => set({ reading })}
          />
          .
        </p>
        <button
          type="button"
          className="btn btn-ghost btn-xs btn-square"
          aria-label={`Take ${marker.delivery.fileName} off`}
          onClick={onRemove}
        >
          <X size={14} />
        </button>
      </div>
      {told.map((sentence) => (
        <p key={sentence} role="note" className="leading-5 text-warning">
          {sentence}
        </p>
      ))}
    </li>
  );
}
