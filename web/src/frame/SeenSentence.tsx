import { useQuery } from "@tanstack/react-query";
import { answer, api, type Frame } from "../api/client";
import { scrolled } from "../document/geometry";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";

interface Props {
  frame: Frame;
  /**
   * @param what is done, in words
   */
  onChange: (seen: Partial<Frame>, what: string) => void;
}

/** A video's picture is most often this much of its width, if the catalogue has none as wide. */
const USUAL_SHAPE = 9 / 16;

/** How much of the frame is seen at a time, and what its files are marked with. */
export function SeenSentence({ frame, onChange }: Props) {
  const frames = useQuery({
    queryKey: ["frames"],
    queryFn: () => answer(api.GET("/api/frames")),
    staleTime: Infinity,
  });
  const asWide = frames.data?.find(
    ({ choice }) => choice.frame.width === frame.width && choice.frame.height < frame.height,
  );
  const usual =
    asWide?.choice.frame.height ??
    Math.max(16, Math.min(frame.height - 1, Math.round(frame.width * USUAL_SHAPE)));
  return (
    <section aria-label="Seen" className="mt-3 rounded bg-base-100 p-3 leading-7">
      <h2 className="text-xs font-semibold uppercase tracking-wide opacity-75">Seen</h2>
      <p>
        It is{" "}
        <Choice
          label="How the frame is seen"
          value={scrolled(frame) ? "scrolled" : "whole"}
          options={[
            ["whole", "seen whole"],
            ["scrolled", "scrolled through a video"],
          ]}
          onChange={(seen) =>
            onChange(
              { videoHeight: seen === "whole" ? frame.height : usual },
              "Change how the frame is seen",
            )
          }
        />
        {scrolled(frame) && (
          <>
            {" "}
            of{" "}
            <NumberField
              label="Lines of the frame’s video"
              value={frame.videoHeight}
              least={16}
              most={frame.height - 1}
              digits={0}
              onChange={(lines) =>
                onChange({ videoHeight: Math.round(lines) }, "Change the video’s lines")
              }
            />{" "}
            lines
          </>
        )}{" "}
        and marked with{" "}
        <NumberField
          label="Dots per inch of the frame"
          value={frame.dotsPerInch}
          least={1}
          most={10000}
          digits={0}
          onChange={(dots) =>
            onChange({ dotsPerInch: Math.round(dots) }, "Change the dots per inch")
          }
        />{" "}
        dots per inch.
      </p>
    </section>
  );
}
