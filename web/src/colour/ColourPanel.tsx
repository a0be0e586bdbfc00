import { Pipette } from "lucide-react";
import type { ReactNode } from "react";
import { ContrastNote } from "./ContrastNote";
import { useTaking } from "./taking";
import { type Form, readColour, written } from "../ui/colours";
import { say } from "../ui/said";
import { Typed } from "../ui/Typed";

interface Props {
  label: string;
  /** "#rrggbb" */
  solid: string;
  /** The colours of the house, where one can be followed. */
  house?: ReactNode;
  onChange: (solid: string) => void;
}

const FORMS: readonly [Form, string][] = [
  ["rgb", "RGB"],
  ["hsl", "HSL"],
  ["oklch", "OKLCH"],
];

/** The house's colours, the stage to take one from, and every form a colour is typed in. */
export function ColourPanel({ label, solid, house, onChange }: Props) {
  const taking = useTaking((state) => state.take !== null);
  return (
    <div
      role="group"
      aria-label={`${label}: choose from`}
      className="my-1 block w-full rounded border border-base-300 bg-base-100 p-2 text-sm leading-6"
    >
      {house}
      <div className="mt-1 flex items-center gap-1">
        <button
          type="button"
          className={`btn btn-xs ${taking ? "btn-primary" : ""}`}
          aria-pressed={taking}
          onClick={() => useTaking.setState({ take: taking ? null : onChange })}
        >
          <Pipette size={12} aria-hidden />
          {taking ? "Point at the stage…" : "Take from the stage"}
        </button>
        <input
          type="color"
          aria-label={`${label}: mix`}
          title="Mix"
          className="h-6 w-8 cursor-pointer rounded border border-base-300 bg-transparent p-0"
          value={solid}
          onChange={(event) => onChange(event.target.value)}
        />
      </div>
      <div className="mt-1 grid grid-cols-[3.6rem_1fr] items-center gap-x-1">
        {FORMS.map(([form, words]) => (
          <FormField key={form} {...{ form, words, label, solid, onChange }} />
        ))}
      </div>
      <ContrastNote solid={solid} />
    </div>
  );
}

function FormField(props: Props & { form: Form; words: string }) {
  const { form, words, label, solid, onChange } = props;
  const shown = written(solid, form);
  return (
    <>
      <span className="opacity-75">{words}</span>
      <Typed
        label={`${label} in ${words}`}
        className="word w-full"
        longest={60}
        value={shown}
        onTake={(typed) => {
          const read = readColour(typed, form);
          if (read) onChange(read.solid);
          else say(`${label} stays ${shown}: “${typed}” cannot be read as ${words}.`);
        }}
      />
    </>
  );
}
