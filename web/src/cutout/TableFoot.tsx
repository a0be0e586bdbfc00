import { useBackdrops, useChosenBackdrop } from "../backdrops/useBackdrops";
import { useOverlay } from "../document/overlayStore";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { type Hand, handsFor } from "./ways";

interface Props {
  marking: boolean;
  hand: Hand;
  onHand: (hand: Hand) => void;
  /** Of strokes, in pixels of the picture. */
  width: number;
  onWidth: (width: number) => void;
  /** Where before meets after, in percent; nothing if they are not side by side. */
  divider: number | null;
  onDivider: (divider: number) => void;
  scale: number;
  onWhole: () => void;
  onActual: () => void;
}

/** What the hand does on the cutting table, and how it is looked at. */
export function TableFoot(props: Props) {
  const { marking, hand, onHand, width, onWidth, divider, onDivider, scale, onWhole, onActual } =
    props;
  const packageId = useOverlay((state) => state.packageId);
  const { backdrops, chosen } = useBackdrops(packageId);
  const choose = useChosenBackdrop((state) => state.choose);
  return (
    <div className="flex flex-wrap items-center gap-x-3 text-sm">
      <span>
        The hand{" "}
        <Choice
          label="What the hand does"
          value={hand}
          options={handsFor(marking)}
          onChange={onHand}
        />
        {marking && (
          <>
            {" "}
            <NumberField
              label="Width of the strokes"
              value={width}
              least={1}
              most={2000}
              digits={0}
              unit=" px wide"
              onChange={onWidth}
            />
          </>
        )}
        .
      </span>
      {divider !== null && (
        <label className="flex items-center gap-2">
          Before, after
          <input
            type="range"
            className="range range-xs w-28"
            min={0}
            max={100}
            value={divider}
            onChange={(event) => onDivider(Number(event.target.value))}
          />
        </label>
      )}
      <span className="flex-1" />
      <span>
        Over{" "}
        <Choice
          label="Backdrop of the table"
          value={chosen.name}
          options={backdrops.map((one) => [one.name, one.name] as const)}
          onChange={choose}
        />
      </span>
      <span className="flex items-center gap-1">
        {Math.round(scale * 100)} %
        <button type="button" className="btn btn-xs" onClick={onWhole}>
          Whole picture
        </button>
        <button type="button" className="btn btn-xs" onClick={onActual}>
          1 : 1
        </button>
      </span>
    </div>
  );
}
