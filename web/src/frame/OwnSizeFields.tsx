import { useState } from "react";
import type { Frame } from "../api/client";
import { sameFrame } from "../document/geometry";
import { ownSize, type TypedSize } from "./ownSize";

interface Props {
  frame: Frame;
  onChoose: (frame: Frame) => void;
}

/**
 * A size of one's own. It is chosen as it is typed, so that nobody goes on with another frame than
 * the one that was typed last.
 */
export function OwnSizeFields({ frame, onChoose }: Props) {
  const [typed, setTyped] = useState<Omit<TypedSize, "scrolled">>({
    width: String(frame.width),
    height: String(frame.height),
    unit: "pixels",
    dots: "96",
    lines: String(frame.videoHeight),
  });
  const [seen, setSeen] = useState<"whole" | "scrolled" | null>(null);
  const [first] = useState(frame);
  const read = (sizes: typeof typed, how: typeof seen) => {
    const whole = ownSize({ ...sizes, scrolled: false }, frame.ownMargin);
    // What is as wide as it was and higher is most likely a card that an editor will scroll.
    const scrolled =
      how === null
        ? "frame" in whole &&
          whole.frame.width === first.width &&
          whole.frame.height > first.videoHeight
        : how === "scrolled";
    return { scrolled, size: scrolled ? ownSize({ ...sizes, scrolled }, frame.ownMargin) : whole };
  };
  const { scrolled, size } = read(typed, seen);
  const take = (sizes: typeof typed, how: typeof seen) => {
    setTyped(sizes);
    setSeen(how);
    const next = read(sizes, how).size;
    if ("frame" in next) onChoose(next.frame);
  };
  const field = (label: string, name: "width" | "height" | "dots" | "lines", wide: string) => (
    <input
      aria-label={label}
      className={`input input-sm ${wide}`}
      value={typed[name]}
      onChange={(event) => take({ ...typed, [name]: event.target.value }, seen)}
    />
  );
  const inUse = "frame" in size && sameFrame(size.frame, frame);
  return (
    <section aria-label="Own size" className="lg:col-span-2">
      <h2 className="mb-1.5 text-xs font-semibold uppercase tracking-wide opacity-75">Own size</h2>
      <form
        className="flex flex-wrap items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if ("frame" in size) onChoose(size.frame);
        }}
      >
        {field("Own width", "width", "w-24")}×{field("Own height", "height", "w-24")}
        <select
          aria-label="Unit"
          className="select select-sm w-28"
          value={typed.unit}
          onChange={(event) =>
            take({ ...typed, unit: event.target.value === "inches" ? "inches" : "pixels" }, seen)
          }
        >
          <option value="pixels">pixels</option>
          <option value="inches">inches</option>
        </select>
        {typed.unit === "inches" && (
          <label className="flex items-center gap-1">
            at {field("Dots per inch", "dots", "w-18")} dots per inch
          </label>
        )}
        <select
          aria-label="How it is seen"
          className="select select-sm w-44"
          value={scrolled ? "scrolled" : "whole"}
          onChange={(event) =>
            take(typed, event.target.value === "scrolled" ? "scrolled" : "whole")
          }
        >
          <option value="whole">seen whole</option>
          <option value="scrolled">scrolled through</option>
        </select>
        {scrolled && (
          <label className="flex items-center gap-1">
            a video of {field("Lines of the video", "lines", "w-20")} lines
          </label>
        )}
        {!inUse && (
          <button type="submit" className="btn btn-sm" disabled={"problem" in size}>
            Use this size
          </button>
        )}
        {"problem" in size && (
          <span role="alert" className="text-sm text-error">
            {size.problem}
          </span>
        )}
      </form>
    </section>
  );
}
