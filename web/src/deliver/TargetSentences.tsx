import { useQuery } from "@tanstack/react-query";
import { answer, api, type Frame, type Preview, type Target } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";

interface Props {
  target: Target;
  master: Frame;
  name: string;
  preview: Preview | undefined;
  onTarget: (target: Target) => void;
  onName: (name: string) => void;
}

/** A target as sentences with values to change. */
export function TargetSentences({ target, master, name, preview, onTarget, onName }: Props) {
  const frames = useQuery({
    queryKey: ["frames"],
    queryFn: () => answer(api.GET("/api/frames")),
    staleTime: Infinity,
  });
  const choices = [
    [0, `its own frame, ${master.width} × ${master.height}`] as const,
    ...(frames.data ?? []).map(
      ({ choice }, i) =>
        [i + 1, `${choice.name}, ${choice.frame.width} × ${choice.frame.height}`] as const,
    ),
  ];
  const at = frames.data?.findIndex((entry) => entry.choice.frame === target.frame) ?? -1;
  const set = (change: Partial<Target>) => onTarget({ ...target, ...change });
  const png = target.format === "PNG";
  return (
    <div className="text-[15px] leading-8">
      <p>
        For{" "}
        <Choice
          label="Target frame"
          value={at + 1}
          options={choices}
          onChange={(i) => set({ frame: frames.data?.[i - 1]?.choice.frame ?? master })}
        />
        , deliver{" "}
        <Choice
          label="Extent"
          value={target.extent}
          options={[
            ["FRAME", "the whole frame"],
            ["TRIMMED", "only the drawn part"],
          ]}
          onChange={(extent) => set({ extent })}
        />
        {preview && preview.width > 0 && (
          <strong data-testid="pixel-size">
            {" "}
            — {preview.width} × {preview.height} px
            {target.extent === "TRIMMED" && `, lying ${preview.left} right, ${preview.top} down`}
          </strong>
        )}
        .
      </p>
      <p>
        As a{" "}
        <Choice
          label="File format"
          value={target.format}
          options={[
            ["PNG", "PNG"],
            ["TIFF", "TIFF"],
          ]}
          onChange={(format) =>
            set({ format, ...(format === "PNG" ? { alpha: "STRAIGHT" as const } : {}) })
          }
        />{" "}
        of{" "}
        <Choice
          label="Bit depth"
          value={target.depth}
          options={[
            ["EIGHT", "8 bits"],
            ["SIXTEEN", "16 bits"],
          ]}
          onChange={(depth) => set({ depth })}
        />{" "}
        a channel with{" "}
        {png ? (
          <span title="A PNG file's alpha is always straight">straight alpha</span>
        ) : (
          <Choice
            label="Alpha kind"
            value={target.alpha}
            options={[
              ["STRAIGHT", "straight alpha"],
              ["PREMULTIPLIED", "premultiplied alpha"],
            ]}
            onChange={(alpha) => set({ alpha })}
          />
        )}
        .
      </p>
      <details className="text-sm">
        <summary className="cursor-pointer opacity-80">Compression, dither, resolution</summary>
        <p>
          {png ? (
            "Deflated"
          ) : (
            <Choice
              label="Compression"
              value={target.compression}
              options={[
                ["DEFLATE", "Deflated"],
                ["LZW", "Packed by LZW"],
                ["NONE", "Not compressed"],
              ]}
              onChange={(compression) => set({ compression })}
            />
          )}
          {(png || target.compression === "DEFLATE") && (
            <>
              {" "}
              at level{" "}
              <NumberField
                label="Compression level"
                value={target.level}
                least={1}
                most={9}
                digits={0}
                onChange={(level) => set({ level: Math.round(level) })}
              />
            </>
          )}
          ,{" "}
          {target.depth === "EIGHT" && (
            <>
              soft ramps{" "}
              <Choice
                label="Dither"
                value={target.dither ? 1 : 0}
                options={[
                  [1, "dithered"],
                  [0, "not dithered"],
                ]}
                onChange={(on) => set({ dither: on === 1 })}
              />
              ,{" "}
            </>
          )}
          marked{" "}
          <NumberField
            label="Dots per inch"
            value={target.dotsPerInch}
            least={1}
            most={10000}
            digits={0}
            onChange={(dots) => set({ dotsPerInch: Math.round(dots) })}
          />{" "}
          dots per inch.
        </p>
      </details>
      <label className="mt-1 flex items-baseline gap-2">
        <span className="shrink-0">Named</span>
        <input
          aria-label="File name"
          className="input input-sm flex-1"
          value={name}
          onChange={(event) => onName(event.target.value)}
        />
        <span className="shrink-0">.{png ? "png" : "tif"}</span>
      </label>
      {preview && (
        <p className="mt-1 text-xs leading-5 opacity-80">
          In <span className="break-all">{preview.folder}</span>
          {preview.replaces && " — a file of this name is there and will be replaced in one step"}
        </p>
      )}
    </div>
  );
}
