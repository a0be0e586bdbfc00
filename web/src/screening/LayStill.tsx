import { useState } from "react";
import type { CueSeries, StillId } from "../api/client";
import { seriesKey, seriesWords, useStillChoices } from "../cues/stills";
import { Choice } from "../ui/Choice";

interface Props {
  packageId: number;
  /** The overlay in hand, whose stills are offered first. */
  overlayId: number;
  series: readonly CueSeries[];
  onLay: (still: StillId) => void;
}

/** Lays a still at the picture that is shown; the next one of its series is offered after it. */
export function LayStill({ packageId, overlayId, series, onLay }: Props) {
  const [wantedSeries, setWantedSeries] = useState("");
  const [wanted, setWanted] = useState(0);
  const chosen =
    series.find((one) => seriesKey(one) === wantedSeries) ??
    series.find((one) => one.overlay === overlayId) ??
    series[0];
  const stills = useStillChoices(packageId, chosen);
  const at = Math.max(0, Math.min(wanted, stills.length - 1));
  return (
    <p className="border-t border-base-300 px-3 py-2 text-sm leading-7">
      <button
        type="button"
        className="btn btn-xs mr-1"
        disabled={stills.length === 0}
        onClick={() => {
          const still = stills[at];
          if (!still) return;
          onLay(still.id);
          setWanted(at + 1);
        }}
      >
        Lay here
      </button>
      <Choice
        label="Still to lay"
        value={at}
        options={stills.map((one, i) => [i, one.label || `row ${i + 1}`] as const)}
        onChange={setWanted}
      />
      {chosen && (
        <>
          {" "}
          of{" "}
          <Choice
            label="Stills of"
            value={seriesKey(chosen)}
            options={series.map((one) => [seriesKey(one), seriesWords(one)] as const)}
            onChange={(key) => {
              setWantedSeries(key);
              setWanted(0);
            }}
          />
        </>
      )}
      .
    </p>
  );
}
