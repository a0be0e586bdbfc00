import { ChevronDown, ChevronUp, X } from "lucide-react";
import type { ReactNode } from "react";
import type { Finish, FinishOf, Paint, PictureSummary } from "../api/client";
import { HaloSheet } from "./HaloSheet";
import { InsetSheet } from "./InsetSheet";
import { OutlineSheet } from "./OutlineSheet";
import { ReliefSheet } from "./ReliefSheet";
import { RimSheet } from "./RimSheet";
import { ShadowSheet } from "./ShadowSheet";
import type { SheetProps } from "./sheet";
import { SoftenSheet } from "./SoftenSheet";

interface Props {
  finish: Finish;
  name: string;
  pictures: readonly PictureSummary[];
  /** The paint of the piece's face, if it has one. */
  face: Paint | undefined;
  onChange: (next: Finish, key: string) => void;
  onRemove: () => void;
  /** Nothing where there is no way. */
  onForward: (() => void) | undefined;
  onBack: (() => void) | undefined;
}

/** One finish: switched on and off, moved, taken away, and its sheet. */
export function FinishRow(props: Props) {
  const { finish, name, onChange, onRemove, onForward, onBack } = props;
  const lower = name.toLowerCase();
  return (
    <div data-finish className="mt-1 border-l-2 border-base-300 pl-2">
      <div className="flex items-center gap-1">
        <input
          type="checkbox"
          className="checkbox checkbox-xs mr-1"
          aria-label={`${name}: on`}
          checked={finish.on}
          onChange={(event) => onChange({ ...finish, on: event.target.checked }, "on")}
        />
        <span className="flex-1 font-medium">{name}</span>
        <IconButton label={`Move the ${lower} up`} act={onBack}>
          <ChevronUp size={13} />
        </IconButton>
        <IconButton label={`Move the ${lower} down`} act={onForward}>
          <ChevronDown size={13} />
        </IconButton>
        <IconButton label={`Take the ${lower} away`} act={onRemove}>
          <X size={13} />
        </IconButton>
      </div>
      <div className={finish.on ? "" : "opacity-60"}>
        <Sheet {...props} />
      </div>
    </div>
  );
}

function IconButton(props: { label: string; act: (() => void) | undefined; children: ReactNode }) {
  const { label, act, children } = props;
  return act ? (
    <button
      type="button"
      className="btn btn-ghost btn-xs btn-square"
      aria-label={label}
      title={label}
      onClick={act}
    >
      {children}
    </button>
  ) : null;
}

function Sheet(props: Pick<Props, "finish" | "name" | "pictures" | "face" | "onChange">) {
  const { finish, name, pictures, face, onChange } = props;
  const given = <K extends Finish["kind"]>(same: FinishOf<K>): SheetProps<K> => ({
    finish: same,
    name,
    pictures,
    face,
    onChange: (next, key) => onChange({ ...same, ...next }, key),
  });
  switch (finish.kind) {
    case "outline":
      return <OutlineSheet {...given<"outline">(finish)} />;
    case "halo":
      return <HaloSheet {...given<"halo">(finish)} />;
    case "shadow":
      return <ShadowSheet {...given<"shadow">(finish)} />;
    case "inset":
      return <InsetSheet {...given<"inset">(finish)} />;
    case "rim":
      return <RimSheet {...given<"rim">(finish)} />;
    case "relief":
      return <ReliefSheet {...given<"relief">(finish)} />;
    case "soften":
      return <SoftenSheet {...given<"soften">(finish)} />;
  }
}
