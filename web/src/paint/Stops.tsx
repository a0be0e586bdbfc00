import type { Stop } from "../api/client";
import { ColourField } from "../colour/ColourField";
import { NumberField } from "../ui/NumberField";

interface Props {
  stops: Stop[];
  /** Makes a label tell whose paint it is. */
  named: (label: string) => string;
  onChange: (stops: Stop[], key: string) => void;
}

const percentOf = (stop: Stop | undefined, otherwise: number) =>
  stop ? Math.round(stop.position * 1000) / 10 : otherwise;

/** The colours of a gradient by where they lie. */
export function Stops({ stops, named, onChange }: Props) {
  const exchange = (i: number, next: Stop, key: string) =>
    onChange(
      stops.map((stop, j) => (j === i ? next : stop)),
      key,
    );
  return (
    <ol aria-label={named("Gradient stops")}>
      {stops.map((stop, i) => (
        <li key={i} className="flex flex-wrap items-center gap-1">
          <NumberField
            label={named(`Stop ${i + 1}: position, percent`)}
            value={percentOf(stop, 0)}
            least={percentOf(stops[i - 1], 0)}
            most={percentOf(stops[i + 1], 100)}
            unit=" %"
            onChange={(percent) => exchange(i, { ...stop, position: percent / 100 }, `stop-${i}`)}
          />
          <ColourField
            label={named(`Stop ${i + 1}: colour`)}
            value={stop.colour}
            onChange={(colour) => exchange(i, { ...stop, colour }, `stop-colour-${i}`)}
          />
          {stops.length > 2 && (
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              aria-label={named(`Take away stop ${i + 1}`)}
              onClick={() => onChange(stops.toSpliced(i, 1), "")}
            >
              ×
            </button>
          )}
        </li>
      ))}
      <li className="flex gap-1">
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          aria-label={named("Add a stop")}
          onClick={() => {
            const before = stops.at(-2);
            const last = stops.at(-1);
            if (!before || !last) return;
            const position = (before.position + last.position) / 2;
            onChange([...stops.slice(0, -1), { position, colour: before.colour }, last], "");
          }}
        >
          Add a stop
        </button>
      </li>
    </ol>
  );
}
