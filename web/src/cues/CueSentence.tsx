import { X } from "lucide-react";
import type { ReactNode } from "react";
import type { Cue, CueList, StillId } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { sameStill } from "./list";
import { MoveChoice } from "./MoveChoice";
import { TimeField } from "./TimeField";

interface Props {
  list: CueList;
  cue: Cue;
  label: string;
  /** Stills that it could show instead. */
  stills: readonly { id: StillId; label: string }[];
  /** The end of the sentence, behind how it is put on the clip. */
  alpha: ReactNode;
  onChange: (cue: Cue) => void;
  onRemove: () => void;
}

/** One cue as a sentence. */
export function CueSentence({ list, cue, label, stills, alpha, onChange, onRemove }: Props) {
  const set = (change: Partial<Cue>) => onChange({ ...cue, ...change });
  const { base, height } = list.clip;
  const known = stills.some(({ id }) => sameStill(id, cue.still));
  const options = known ? stills : [{ id: cue.still, label }, ...stills];
  return (
    <div className="flex items-start gap-1 border-t border-base-300 px-3 py-2 text-sm leading-7">
      <p className="min-w-0 flex-1" role="group" aria-label="The chosen cue">
        <Choice
          label="Still"
          value={options.findIndex(({ id }) => sameStill(id, cue.still))}
          options={options.map((one, i) => [i, one.label || "something gone"] as const)}
          onChange={(at) => {
            const still = options[at]?.id;
            if (still) set({ still });
          }}
        />{" "}
        from{" "}
        <TimeField
          label="From"
          kind="POINT"
          value={cue.from}
          base={base}
          onChange={(from) => set({ from })}
        />{" "}
        for{" "}
        <TimeField
          label="For"
          kind="LENGTH"
          value={cue.length}
          base={base}
          onChange={(length) => set({ length })}
        />{" "}
        on lane{" "}
        <NumberField
          label="Lane"
          value={cue.lane}
          least={1}
          most={20}
          digits={0}
          onChange={(lane) => set({ lane: Math.round(lane) })}
        />
        , coming by{" "}
        <MoveChoice label="Coming" move={cue.coming} onChange={(coming) => set({ coming })} />,
        going by <MoveChoice label="Going" move={cue.going} onChange={(going) => set({ going })} />,{" "}
        <Choice
          label="Course"
          value={cue.scroll > 0 ? "scroll" : "stay"}
          options={[
            ["stay", "staying in its place"],
            ["scroll", "scrolling upward"],
          ]}
          onChange={(course) => set({ scroll: course === "scroll" ? Math.round(height / 6) : 0 })}
        />
        {cue.scroll > 0 && (
          <>
            {" "}
            at{" "}
            <NumberField
              label="Speed of the scroll"
              value={cue.scroll}
              least={1}
              most={20000}
              digits={1}
              unit=" lines a second"
              onChange={(scroll) => set({ scroll })}
            />
          </>
        )}
        ,{" "}
        <Choice
          label="Size on the clip"
          value={cue.fit}
          options={[
            ["OWN", "at its own size"],
            ["FILL", "scaled to the clip"],
          ]}
          onChange={(fit) => set({ fit })}
        />
        {alpha}
      </p>
      <button
        type="button"
        className="btn btn-ghost btn-xs btn-square"
        aria-label={`Take ${label} off`}
        onClick={onRemove}
      >
        <X size={14} />
      </button>
    </div>
  );
}
