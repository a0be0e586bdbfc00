import type { FileKind, NamedTarget, Overlay, PlanLine } from "../api/client";
import { Choice } from "../ui/Choice";
import { FileSentences } from "./FileSentences";
import { atTarget, fileAt } from "./retarget";

interface Props {
  overlay: Overlay;
  target: NamedTarget;
  plan: PlanLine | undefined;
}

/** Whether this overlay is another kind of file at a target than all the others. */
export function OwnFile({ overlay, target, plan }: Props) {
  const { file } = atTarget(overlay, target.name);
  const frame = target.frame.kind === "given" ? target.frame.frame : overlay.frame;
  return (
    <section aria-label="File of this overlay" className="text-[15px] leading-8">
      <p>
        This overlay&apos;s file is{" "}
        <Choice
          label="Kind of this overlay’s file"
          value={file.kind}
          options={[
            ["target", "as the target says"],
            ["own", "of a kind of its own"],
          ]}
          onChange={(kind) => fileAt(target.name, kind === "own" ? target.file : null)}
        />
        .
      </p>
      {file.kind === "own" && (
        <FileSentences
          file={file.file}
          frame={frame}
          plan={plan}
          onChange={(change: Partial<FileKind>) =>
            fileAt(
              target.name,
              { ...file.file, ...change },
              `${target.name} file ${Object.keys(change).join(" ")}`,
            )
          }
        />
      )}
    </section>
  );
}
