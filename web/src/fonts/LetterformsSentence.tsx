import { useState } from "react";
import type { FontFamily } from "../api/client";
import { Choice } from "../ui/Choice";
import { alternatesOf, has, type Letterforms } from "./letterforms";

interface Props {
  forms: Letterforms;
  /** The families that the text is set in. */
  families: readonly FontFamily[];
  onChange: (forms: Letterforms, did: string) => void;
}

/** Which forms of letters and figures a text shows. */
export function LetterformsSentence({ forms, families, onChange }: Props) {
  const option = <T extends string>(value: T, words: string, tag: string) =>
    [value, has(families, tag) ? words : `${words} (not in this font)`] as const;
  const [open, setOpen] = useState(false);
  const all = alternatesOf(families, forms.alternates);
  const alternates = open ? all : all.filter(({ tag }) => forms.alternates.includes(tag));
  return (
    <div>
      Figures are{" "}
      <Choice
        label="Figures"
        value={forms.figures}
        options={[
          ["AS_DRAWN", "as drawn"],
          option("LINING", "as high as capitals", "lnum"),
          option("OLD_STYLE", "old-style", "onum"),
        ]}
        onChange={(figures) => onChange({ ...forms, figures }, "Change the figures")}
      />{" "}
      and{" "}
      <Choice
        label="Width of figures"
        value={forms.widths}
        options={[
          ["AS_DRAWN", "as wide as drawn"],
          option("PROPORTIONAL", "proportional", "pnum"),
          option("TABULAR", "tabular", "tnum"),
        ]}
        onChange={(widths) => onChange({ ...forms, widths }, "Change the width of figures")}
      />
      , ligatures{" "}
      <Choice
        label="Ligatures"
        value={forms.ligatures}
        options={[
          ["USUAL", "as usual"],
          ["NONE", "left out"],
          option("ALL", "with the rare ones", "dlig"),
        ]}
        onChange={(ligatures) => onChange({ ...forms, ligatures }, "Change the ligatures")}
      />
      {all.length > 0 && (
        <>
          {"; "}
          <button
            type="button"
            aria-expanded={open}
            className="word cursor-pointer"
            onClick={() => setOpen(!open)}
          >
            other forms…
          </button>{" "}
          {alternates.map(({ tag, name, here }) => {
            const on = forms.alternates.includes(tag);
            return (
              <button
                key={tag}
                type="button"
                aria-pressed={on}
                aria-label={`Other forms of letters: ${name}`}
                title={`Other forms of letters: ${name} (${tag})`}
                className={`btn btn-xs mr-1 font-normal ${on ? "btn-primary" : "btn-ghost opacity-80"}`}
                onClick={() =>
                  onChange(
                    {
                      ...forms,
                      alternates: on
                        ? forms.alternates.filter((other) => other !== tag)
                        : [...forms.alternates, tag].sort(),
                    },
                    on ? "Show the usual forms" : "Show other forms",
                  )
                }
              >
                {here ? name : `${name} (not in this font)`}
              </button>
            );
          })}
        </>
      )}
      .
    </div>
  );
}
