import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import {
  answer,
  api,
  type FileKind,
  type NamedTarget,
  type Overlay,
  type PlanLine,
} from "../api/client";
import { Choice } from "../ui/Choice";
import { sameFrame, withSize } from "../document/geometry";
import { NumberField } from "../ui/NumberField";
import { FolderPath } from "./DeliveryFolder";
import { FileSentences } from "./FileSentences";
import { atTarget } from "./retarget";
import { namedAfter } from "./targetName";
import { useFileFormats } from "./useFileFormats";

interface Props {
  target: NamedTarget;
  /** All of the package, the target too. */
  targets: readonly NamedTarget[];
  overlay: Overlay;
  plan: PlanLine | undefined;
  onChange: (target: NamedTarget) => void;
}

/** Places in the choice of frames besides those of the list. */
const OWN = -2;
const ANOTHER = -1;

/** Of a size of one's own pixels are square and lines come one after the other. */
const SQUARE = { pixelAspect: "1/1", scan: "PROGRESSIVE" } as const;

/** A target as sentences with values to change. */
export function TargetSheet({ target, targets, overlay, plan, onChange }: Props) {
  const frames = useQuery({
    queryKey: ["frames"],
    queryFn: () => answer(api.GET("/api/frames")),
    staleTime: Infinity,
  });
  const { width, height } = overlay.frame;
  const known = (frames.data ?? []).map(({ choice }) => choice);
  const choices = [
    [OWN, `its own frame, ${width} × ${height}`] as const,
    ...known.map(({ name, frame }, i) => [i, `${name}, ${frame.width} × ${frame.height}`] as const),
    [ANOTHER, "a frame of another size"] as const,
  ];
  const given = target.frame.kind === "given" ? target.frame.frame : null;
  // Asked for another size, one that is in the list is shown by its numbers all the same.
  const [sized, setSized] = useState("");
  const at = !given
    ? OWN
    : sized === target.name
      ? ANOTHER
      : known.findIndex(({ frame }) => sameFrame(frame, given));
  const choose = (i: number) => {
    setSized(i === ANOTHER ? target.name : "");
    if (i === OWN) {
      onChange({ ...target, frame: { kind: "own" } });
      return;
    }
    const entry = known[i];
    const frame = entry?.frame ?? { ...(given ?? overlay.frame), ...SQUARE };
    const name = entry
      ? namedAfter(
          target,
          entry.name,
          known.map((one) => one.name),
          targets,
        )
      : target.name;
    onChange({ ...target, name, frame: { kind: "given", frame } });
  };
  const another = given && frames.data && at === ANOTHER ? given : null;
  const resize = (size: { width?: number; height?: number }) =>
    another && onChange({ ...target, frame: { kind: "given", frame: withSize(another, size) } });
  const set = (change: Partial<FileKind>) =>
    onChange({ ...target, file: { ...target.file, ...change } });
  const ownFile = atTarget(overlay, target.name).file.kind === "own";
  return (
    <div className="text-[15px] leading-8">
      <p>
        For <Choice label="Target frame" value={at} options={choices} onChange={choose} />
        {another && (
          <>
            ,{" "}
            <NumberField
              label="Width of the frame"
              value={another.width}
              least={16}
              most={16384}
              digits={0}
              unit=" px"
              onChange={(width) => resize({ width: Math.round(width) })}
            />{" "}
            ×{" "}
            <NumberField
              label="Height of the frame"
              value={another.height}
              least={16}
              most={16384}
              digits={0}
              unit=" px"
              onChange={(height) => resize({ height: Math.round(height) })}
            />
          </>
        )}
        .
      </p>
      <FileSentences
        file={target.file}
        frame={given ?? overlay.frame}
        plan={ownFile ? undefined : plan}
        onChange={set}
      />
      <NameSentence target={target} plan={plan} onChange={onChange} />
    </div>
  );
}

function NameSentence({ target, plan, onChange }: Omit<Props, "overlay" | "targets">) {
  const tokens = useQuery({
    queryKey: ["name-tokens"],
    queryFn: () => answer(api.GET("/api/name-tokens")),
    staleTime: Infinity,
  });
  const formats = useFileFormats();
  return (
    <>
      <label className="mt-1 flex items-baseline gap-2">
        <span className="shrink-0">Named</span>
        <input
          aria-label="File name"
          className="input input-sm min-w-0 flex-1"
          value={target.pattern}
          onChange={(event) => onChange({ ...target, pattern: event.target.value })}
        />
        <span className="shrink-0">
          .{formats.find((one) => one.format === target.file.format)?.extension}
        </span>
      </label>
      <details className="text-xs leading-5">
        <summary className="cursor-pointer opacity-80">What names can hold</summary>
        <ul className="mb-1 mt-0.5 flex flex-col gap-0.5">
          {(tokens.data ?? []).map((token) => (
            <li key={token.written} className="flex items-baseline gap-2">
              <button
                type="button"
                className="btn btn-xs shrink-0 font-mono font-normal"
                title={`Add ${token.meaning}`}
                onClick={() => onChange({ ...target, pattern: target.pattern + token.written })}
              >
                {token.written}
              </button>
              {token.meaning}
            </li>
          ))}
        </ul>
      </details>
      <p>
        A file of that name{" "}
        <Choice
          label="If the name is there"
          value={target.ifThere}
          options={[
            ["REPLACE", "is replaced in one step"],
            ["KEEP_BESIDE", "stays, and the new one gets a number"],
          ]}
          onChange={(ifThere) => onChange({ ...target, ifThere })}
        />
        .
      </p>
      {plan && plan.files.length > 0 && (
        <p className="text-xs leading-5 opacity-80">
          Writes <span className="break-all font-medium">{plan.files.join(" and ")}</span>
          {target.file.sidecar && " with a JSON file"} in <FolderPath path={plan.folder} />
          {plan.replaces && " — a file of this name is there and will be replaced in one step"}
        </p>
      )}
    </>
  );
}
