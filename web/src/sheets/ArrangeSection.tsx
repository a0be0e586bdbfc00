import {
  AlignCenterHorizontal,
  AlignCenterVertical,
  AlignEndHorizontal,
  AlignEndVertical,
  AlignHorizontalSpaceAround,
  AlignStartHorizontal,
  AlignStartVertical,
  AlignVerticalSpaceAround,
  FlipHorizontal2,
  FlipVertical2,
} from "lucide-react";
import { create } from "zustand";
import type { Arrangement } from "../api/client";
import { arrange } from "../document/arrange";
import { memoOn } from "../ui/memoOn";
import { Choice } from "../ui/Choice";
import { Section } from "../ui/Section";

type Against = Extract<Arrangement, { kind: "align" }>["against"];

/** What pieces are lined up against stays chosen for the sitting. */
const useAgainst = create<{ against: Against }>()(() => ({ against: "FRAME" }));

const AGAINST: readonly (readonly [Against, string])[] = [
  ["FRAME", "the frame"],
  ["TITLE_SAFE", "title-safe"],
  ["ACTION_SAFE", "action-safe"],
  ["OWN_MARGIN", "the own margin"],
  ["CHOSEN", "each other"],
];

/** Lining up, spacing, matching and mirroring what is chosen. */
export const ArrangeSection = memoOn(Arranging, ({ count }: { count: number }) => [count]);

function Arranging({ count }: { count: number }) {
  const { against } = useAgainst();
  const within = count === 1 && against === "CHOSEN" ? "FRAME" : against;
  const align = (edge: Extract<Arrangement, { kind: "align" }>["edge"], did: string) => () =>
    void arrange({ kind: "align", edge, against: within }, did);
  const space = (direction: "ACROSS" | "DOWN") => () =>
    void arrange({ kind: "space", direction, against: within }, "Space evenly");
  const mirror = (direction: "ACROSS" | "DOWN") => () =>
    void arrange({ kind: "mirror", direction }, "Mirror");
  const buttons = [
    ["Line up left edges", AlignStartVertical, align("LEFT", "Line up left edges")],
    ["Line up middles across", AlignCenterVertical, align("CENTRE", "Line up middles")],
    ["Line up right edges", AlignEndVertical, align("RIGHT", "Line up right edges")],
    ["Line up top edges", AlignStartHorizontal, align("TOP", "Line up top edges")],
    ["Line up middles up and down", AlignCenterHorizontal, align("MIDDLE", "Line up middles")],
    ["Line up bottom edges", AlignEndHorizontal, align("BOTTOM", "Line up bottom edges")],
    ["Mirror left and right (M)", FlipHorizontal2, mirror("ACROSS")],
    ["Mirror up and down (Shift M)", FlipVertical2, mirror("DOWN")],
  ] as const;
  const spacing = [
    ["Space evenly across", AlignHorizontalSpaceAround, space("ACROSS")],
    ["Space evenly up and down", AlignVerticalSpaceAround, space("DOWN")],
  ] as const;
  return (
    <Section title="Arrange">
      <p>
        Line up with{" "}
        <Choice
          label="Line up with"
          value={within}
          options={count === 1 ? AGAINST.slice(0, -1) : AGAINST}
          onChange={(chosen) => useAgainst.setState({ against: chosen })}
        />
        :
      </p>
      <div className="flex flex-wrap gap-0.5">
        {[...buttons, ...(count > 1 ? spacing : [])].map(([label, Icon, act]) => (
          <button
            key={label}
            type="button"
            className="btn btn-ghost btn-xs btn-square"
            aria-label={label}
            title={label}
            onClick={act}
          >
            <Icon size={15} />
          </button>
        ))}
      </div>
      {count > 1 && (
        <div className="mt-1 flex flex-wrap gap-1">
          <button
            type="button"
            className="btn btn-xs"
            onClick={() =>
              void arrange({ kind: "same-size", width: true, height: false }, "Same width")
            }
          >
            Same width
          </button>
          <button
            type="button"
            className="btn btn-xs"
            onClick={() =>
              void arrange({ kind: "same-size", width: false, height: true }, "Same height")
            }
          >
            Same height
          </button>
          <button
            type="button"
            className="btn btn-xs"
            title="U"
            onClick={() => void arrange({ kind: "group", name: "Group" }, "Group")}
          >
            Group
          </button>
        </div>
      )}
    </Section>
  );
}
