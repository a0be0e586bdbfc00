import { useRef, useState } from "react";
import { flushSync } from "react-dom";
import type { Paint } from "../api/client";
import { ColourField } from "../colour/ColourField";
import { PickByPicture } from "../ui/PickByPicture";
import { PATTERNS, pictureOf } from "./patterns";
import { RepetitionValues } from "./RepetitionValues";

type Patterned = Extract<Paint, { kind: "pattern" }>;

const PICKS = Object.entries(PATTERNS).map(([key, { name, words }]) => ({
  key,
  name,
  words,
  picture: <img src={pictureOf(key)} alt="" className="h-12 w-full object-cover" />,
}));

interface Props {
  paint: Patterned;
  named: (label: string) => string;
  onChange: (paint: Patterned, key: string) => void;
}

/** Which pattern, in which colours, how large and how it lies. */
export function PatternValues({ paint, named, onChange }: Props) {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const close = () => {
    flushSync(() => setOpen(false));
    button.current?.focus();
  };
  return (
    <>
      {": "}
      <button
        ref={button}
        type="button"
        className="word inline-flex cursor-pointer items-center gap-1 align-middle"
        aria-label={named("Pattern")}
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <img src={pictureOf(paint.pattern)} alt="" className="h-4 w-6 rounded-sm object-cover" />
        {PATTERNS[paint.pattern].name}
      </button>{" "}
      in{" "}
      <ColourField
        label={named("Ink of the pattern")}
        value={paint.ink}
        onChange={(ink) => onChange({ ...paint, ink }, "pattern-ink")}
      />{" "}
      on{" "}
      <ColourField
        label={named("Ground of the pattern")}
        value={paint.ground}
        onChange={(ground) => onChange({ ...paint, ground }, "pattern-ground")}
      />
      <RepetitionValues
        repetition={paint}
        what="pattern"
        named={named}
        onChange={(next, key) => onChange({ ...paint, ...next }, key)}
      />
      {open && (
        <PickByPicture
          label="Patterns"
          picks={PICKS}
          taken={paint.pattern}
          onPick={(key) => {
            onChange({ ...paint, pattern: key as Patterned["pattern"] }, "pattern");
            close();
          }}
          onClose={close}
        />
      )}
    </>
  );
}
