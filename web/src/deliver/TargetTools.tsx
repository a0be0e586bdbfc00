import { ArrowLeft, ArrowRight, Copy, Plus, Trash2 } from "lucide-react";
import type { NamedTarget } from "../api/client";
import { NameInput } from "../ui/NameInput";
import { PLAIN_TARGET } from "./plainTarget";
import { renameAt } from "./retarget";
import { freeName, NEW_TARGET } from "./targetName";
import { changeTargets } from "./targets";

interface Props {
  targets: NamedTarget[];
  chosen: NamedTarget;
  onChoose: (name: string) => void;
}

/** Names, orders, adds and takes away targets. */
export function TargetTools({ targets, chosen, onChoose }: Props) {
  const at = targets.indexOf(chosen);
  const put = (target: NamedTarget, place: number) => {
    changeTargets([...targets.slice(0, place), target, ...targets.slice(place)]);
    onChoose(target.name);
  };
  const move = (by: number) => {
    const others = targets.filter((target) => target !== chosen);
    changeTargets([...others.slice(0, at + by), chosen, ...others.slice(at + by)]);
  };
  const tools = [
    ["Earlier", ArrowLeft, () => move(-1), at <= 0],
    ["Later", ArrowRight, () => move(1), at >= targets.length - 1],
    [
      "Add one like it",
      Copy,
      () => put({ ...chosen, name: freeName(targets, chosen.name) }, at + 1),
      false,
    ],
    [
      "Add a target",
      Plus,
      () => put({ ...PLAIN_TARGET, name: freeName(targets, NEW_TARGET) }, targets.length),
      false,
    ],
    [
      "Take this target away",
      Trash2,
      () => {
        const others = targets.filter((target) => target !== chosen);
        changeTargets(others);
        onChoose((others[at] ?? others[at - 1])?.name ?? "");
      },
      targets.length === 1,
    ],
  ] as const;
  return (
    <div className="mb-1 flex items-center gap-1">
      <NameInput
        label="Name of the target"
        className="input input-sm min-w-0 flex-1 font-medium"
        longest={60}
        name={chosen.name}
        onChange={(name) => {
          renameAt(chosen.name, name);
          changeTargets(
            targets.map((target) => (target === chosen ? { ...target, name } : target)),
          );
          onChoose(name);
        }}
      />
      {tools.map(([name, Icon, act, off]) => (
        <button
          key={name}
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={name}
          title={name}
          disabled={off}
          onClick={act}
        >
          <Icon size={15} />
        </button>
      ))}
    </div>
  );
}
