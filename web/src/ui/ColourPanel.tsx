import { Pipette, X } from "lucide-react";
import { useState } from "react";
import { useHouse } from "../house/useHouse";
import { ContrastNote } from "../sheets/ContrastNote";
import { useTaking } from "../stage/taking";
import { type Form, readColour, written } from "./colours";

interface Props {
  label: string;
  /** "#rrggbb" */
  solid: string;
  onChange: (solid: string) => void;
}

const FORMS: readonly [Form, string][] = [
  ["rgb", "RGB"],
  ["hsl", "HSL"],
  ["oklch", "OKLCH"],
];

/** The package's colours, the stage to take one from, and every form a colour is typed in. */
export function ColourPanel({ label, solid, onChange }: Props) {
  const { house, keep } = useHouse();
  const [name, setName] = useState("");
  const taking = useTaking((state) => state.take !== null);
  const kept = house.colours.some((own) => own.colour === solid);
  return (
    <div
      role="group"
      aria-label={`${label}: choose from`}
      className="my-1 block w-full rounded border border-base-300 bg-base-100 p-2 text-sm leading-6"
    >
      <div className="flex flex-wrap items-center gap-1">
        {house.colours.map((own) => (
          <span key={own.name} className="group relative">
            <button
              type="button"
              aria-label={`${own.name} of the package`}
              aria-pressed={own.colour === solid}
              title={own.name}
              className={`block h-6 w-6 rounded border ${own.colour === solid ? "border-primary ring-1 ring-primary" : "border-base-content/40"}`}
              style={{ background: own.colour }}
              onClick={() => onChange(own.colour.slice(0, 7))}
            />
            <button
              type="button"
              aria-label={`Take ${own.name} out of the package`}
              className="absolute -right-1 -top-1 hidden rounded-full bg-base-100 group-focus-within:block group-hover:block"
              onClick={() =>
                void keep({ ...house, colours: house.colours.filter((other) => other !== own) })
              }
            >
              <X size={11} />
            </button>
          </span>
        ))}
        {house.colours.length === 0 && (
          <span className="opacity-75">The package has no colours of its own yet.</span>
        )}
      </div>
      {!kept && (
        <form
          className="mt-1 flex items-center gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            const given = name.trim() || solid;
            void keep({ ...house, colours: [...house.colours, { name: given, colour: solid }] });
            setName("");
          }}
        >
          <input
            aria-label="Name for the package's colour"
            placeholder="Name"
            className="input input-xs w-24"
            maxLength={60}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <button type="submit" className="btn btn-xs">
            Keep for the package
          </button>
        </form>
      )}
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
  const [draft, setDraft] = useState<string | null>(null);
  const take = (typed: string) => {
    setDraft(null);
    const read = readColour(typed, form);
    if (read) onChange(read.solid);
  };
  return (
    <>
      <span className="opacity-75">{words}</span>
      <input
        type="text"
        aria-label={`${label} in ${words}`}
        className="word w-full"
        value={draft ?? written(solid, form)}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={(event) => draft !== null && take(event.target.value)}
        onKeyDown={(event) => event.key === "Enter" && take(event.currentTarget.value)}
      />
    </>
  );
}
