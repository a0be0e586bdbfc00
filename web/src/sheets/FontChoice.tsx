import { type KeyboardEvent, useEffect, useId, useRef, useState } from "react";
import type { FontFamily } from "../api/client";

interface Props {
  value: string;
  families: readonly FontFamily[];
  onChange: (family: string) => void;
}

const KINDS: Record<FontFamily["kind"], string> = {
  SANS: "Sans serif",
  CONDENSED: "Condensed",
  SERIF: "Serif",
  OTHER_SCRIPT: "Other scripts",
};

/** The families, each named in its own letters. */
export function FontChoice({ value, families, onChange }: Props) {
  const [open, setOpen] = useState(false);
  const [active, setActive] = useState(0);
  const list = useRef<HTMLUListElement>(null);
  const button = useRef<HTMLButtonElement>(null);
  const id = useId();
  useEffect(() => {
    if (open) list.current?.focus();
  }, [open]);
  useEffect(() => {
    if (open) document.getElementById(`${id}-${active}`)?.scrollIntoView({ block: "nearest" });
  }, [open, active, id]);
  const choose = (i: number) => {
    const family = families[i];
    if (family && family.name !== value) onChange(family.name);
    setOpen(false);
    button.current?.focus();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const steps: Record<string, number> = { ArrowDown: 1, ArrowUp: -1 };
    const step = steps[event.key];
    if (step !== undefined) {
      setActive((active + step + families.length) % families.length);
    } else if (event.key === "Enter" || event.key === " ") {
      choose(active);
    } else if (event.key === "Escape") {
      setOpen(false);
      button.current?.focus();
    } else if (event.key.length === 1) {
      const found = families.findIndex((family) =>
        family.name.toLowerCase().startsWith(event.key.toLowerCase()),
      );
      if (found >= 0) setActive(found);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <>
      <button
        ref={button}
        type="button"
        aria-label={`Font family: ${value}`}
        aria-haspopup="listbox"
        aria-expanded={open}
        title="Font family"
        className="word cursor-pointer"
        onClick={() => {
          setActive(
            Math.max(
              0,
              families.findIndex((family) => family.name === value),
            ),
          );
          setOpen(!open);
        }}
      >
        {value}
      </button>
      {open && (
        <ul
          ref={list}
          role="listbox"
          aria-label="Font families"
          aria-activedescendant={`${id}-${active}`}
          tabIndex={0}
          className="my-1 max-h-64 overflow-y-auto rounded border border-base-300 bg-base-200"
          onKeyDown={onKeyDown}
          onBlur={() => setOpen(false)}
        >
          {families.map((family, i) => (
            <li
              key={family.name}
              id={`${id}-${i}`}
              role="option"
              aria-label={family.name}
              aria-selected={family.name === value}
              className={`flex cursor-pointer items-center justify-between gap-2 px-2 py-1 ${i === active ? "bg-primary/20" : ""}`}
              onPointerDown={(event) => {
                event.preventDefault();
                choose(i);
              }}
              onPointerEnter={() => setActive(i)}
            >
              <span
                className="h-6 w-[220px] shrink-0 bg-base-content"
                style={{
                  mask: `url(/api/fonts/sample.png?family=${encodeURIComponent(family.name)}) left center / 220px 24px no-repeat`,
                }}
              />
              <span className="truncate text-[11px] opacity-70">{KINDS[family.kind]}</span>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
