import { useQuery } from "@tanstack/react-query";
import {
  answer,
  api,
  type FileKind,
  type NamedTarget,
  type Overlay,
  type PlanLine,
} from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { CarriedSentence } from "./CarriedSentence";
import { FolderPath } from "./DeliveryFolder";
import { PackingSentence } from "./PackingSentence";

interface Props {
  target: NamedTarget;
  overlay: Overlay;
  plan: PlanLine | undefined;
  onChange: (target: NamedTarget) => void;
}

/** A target as sentences with values to change. */
export function TargetSheet({ target, overlay, plan, onChange }: Props) {
  const frames = useQuery({
    queryKey: ["frames"],
    queryFn: () => answer(api.GET("/api/frames")),
    staleTime: Infinity,
  });
  const { width, height } = overlay.frame;
  const choices = [
    [0, `its own frame, ${width} × ${height}`] as const,
    ...(frames.data ?? []).map(
      ({ choice }, i) =>
        [i + 1, `${choice.name}, ${choice.frame.width} × ${choice.frame.height}`] as const,
    ),
  ];
  const { frame } = target;
  const given = frame.kind === "given" ? frame.frame : null;
  const at =
    given === null
      ? -1
      : (frames.data?.findIndex(
          ({ choice }) =>
            choice.frame.width === given.width &&
            choice.frame.height === given.height &&
            choice.frame.pixelAspect === given.pixelAspect &&
            choice.frame.scan === given.scan,
        ) ?? -1);
  const set = (change: Partial<FileKind>) =>
    onChange({ ...target, file: { ...target.file, ...change } });
  const { extent, format } = target.file;
  return (
    <div className="text-[15px] leading-8">
      <p>
        For{" "}
        <Choice
          label="Target frame"
          value={at + 1}
          options={choices}
          onChange={(i) => {
            const entry = frames.data?.[i - 1];
            onChange({
              ...target,
              frame: entry ? { kind: "given", frame: entry.choice.frame } : { kind: "own" },
            });
          }}
        />
        , deliver{" "}
        <Choice
          label="Extent"
          value={extent.kind}
          options={[
            ["frame", "the whole frame"],
            ["drawn", "only the drawn part"],
          ]}
          onChange={(kind) =>
            set({ extent: kind === "frame" ? { kind } : { kind, margin: 0, evenSides: false } })
          }
        />
        {extent.kind === "drawn" && (
          <>
            {" "}
            with{" "}
            <NumberField
              label="Margin"
              value={extent.margin}
              least={0}
              most={1000}
              digits={0}
              unit=" px"
              onChange={(margin) => set({ extent: { ...extent, margin: Math.round(margin) } })}
            />{" "}
            around it and{" "}
            <Choice
              label="Sides"
              value={extent.evenSides ? 1 : 0}
              options={[
                [0, "sides as they come"],
                [1, "even sides"],
              ]}
              onChange={(even) => set({ extent: { ...extent, evenSides: even === 1 } })}
            />
          </>
        )}
        {plan && plan.width > 0 && (
          <strong data-testid="pixel-size">
            {" "}
            — {plan.width} × {plan.height} px
            {extent.kind === "drawn" && `, lying ${plan.left} right, ${plan.top} down`}
          </strong>
        )}
        .
      </p>
      <p>
        As a{" "}
        <Choice
          label="File format"
          value={format}
          options={[
            ["PNG", "PNG"],
            ["TIFF", "TIFF"],
          ]}
          onChange={(other) =>
            set({
              format: other,
              ...(other === "PNG" && target.file.carried.kind === "premultiplied"
                ? { carried: { kind: "straight" as const } }
                : {}),
            })
          }
        />{" "}
        of{" "}
        <Choice
          label="Bit depth"
          value={target.file.depth}
          options={[
            ["EIGHT", "8 bits"],
            ["SIXTEEN", "16 bits"],
          ]}
          onChange={(depth) => set({ depth })}
        />{" "}
        a channel with{" "}
        <CarriedSentence
          format={format}
          carried={target.file.carried}
          onChange={(carried) => set({ carried })}
        />
        .
      </p>
      <PackingSentence file={target.file} onChange={set} />
      <NameSentence target={target} plan={plan} onChange={onChange} />
    </div>
  );
}

function NameSentence({ target, plan, onChange }: Omit<Props, "overlay">) {
  const tokens = useQuery({
    queryKey: ["name-tokens"],
    queryFn: () => answer(api.GET("/api/name-tokens")),
    staleTime: Infinity,
  });
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
        <span className="shrink-0">.{target.file.format === "PNG" ? "png" : "tif"}</span>
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
