import type { Compression, FileKind } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";

interface Props {
  file: FileKind;
  /** Those that the format has a choice of. */
  compressions: readonly Compression[];
  /** The dots per inch of the frame that the file is for. */
  dots: number;
  onChange: (change: Partial<FileKind>) => void;
}

const WORDS: Record<Compression, string> = {
  DEFLATE: "Deflated",
  LZW: "Packed by LZW",
  NONE: "Not compressed",
};

/** What is rarely changed about a file. */
export function PackingSentence({ file, compressions, dots, onChange }: Props) {
  const { resolution } = file;
  const only = compressions.length === 1 ? compressions[0] : undefined;
  const compression = only ?? file.compression;
  return (
    <details className="text-sm">
      <summary className="cursor-pointer opacity-80">Compression, dither, resolution</summary>
      <p>
        {only ? (
          WORDS[only]
        ) : (
          <Choice
            label="Compression"
            value={file.compression}
            options={compressions.map((one) => [one, WORDS[one]] as const)}
            onChange={(compression) => onChange({ compression })}
          />
        )}
        {compression === "DEFLATE" && (
          <>
            {" "}
            at level{" "}
            <NumberField
              label="Compression level"
              value={file.level}
              least={1}
              most={9}
              digits={0}
              onChange={(level) => onChange({ level: Math.round(level) })}
            />
          </>
        )}
        ,{" "}
        {file.depth === "EIGHT" && (
          <>
            soft ramps{" "}
            <Choice
              label="Dither"
              value={file.dither ? 1 : 0}
              options={[
                [1, "dithered"],
                [0, "not dithered"],
              ]}
              onChange={(on) => onChange({ dither: on === 1 })}
            />
            ,{" "}
          </>
        )}
        marked with{" "}
        <Choice
          label="Whose dots per inch"
          value={resolution.kind}
          options={[
            ["frame", `the frame’s ${dots}`],
            ["given", "its own"],
          ]}
          onChange={(kind) =>
            onChange({ resolution: kind === "frame" ? { kind } : { kind, dotsPerInch: dots } })
          }
        />{" "}
        {resolution.kind === "given" && (
          <>
            <NumberField
              label="Dots per inch"
              value={resolution.dotsPerInch}
              least={1}
              most={10000}
              digits={0}
              onChange={(own) =>
                onChange({ resolution: { kind: "given", dotsPerInch: Math.round(own) } })
              }
            />{" "}
          </>
        )}
        dots per inch,{" "}
        <Choice
          label="Sidecar"
          value={file.sidecar ? 1 : 0}
          options={[
            [0, "alone"],
            [1, "with a JSON file that says where it lies"],
          ]}
          onChange={(on) => onChange({ sidecar: on === 1 })}
        />
        .
      </p>
    </details>
  );
}
