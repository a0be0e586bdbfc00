import { type KeyboardEvent, useEffect, useId, useRef, useState } from "react";
import { Sample } from "./Sample";

export interface Sampled<T> {
  value: T;
  words: string;
  /** Address of the words in their own letters. */
  sample: string;
  /** What is said beside it. */
  note: string;
}

interface Props<T> {
  /** What is chosen, such as "Font family". */
  label: string;
  /** What the list is called. */
  list: string;
  value: T;
  /** What is shown of the value; it may be none of the options. */
  words: string;
  options: readonly Sampled<T>[];
  onChange: (value: T) => void;
}

/** A choice among things that are each shown in their own letters. */
export function SampleChoice<T extends string | number>(props: Props<T>) {
  const { label, list: listName, value, words, options, onChange } = props;
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
    const option = options[i];
    if (option && option.value !== value) onChange(option.value);
    setOpen(false);
    button.current?.focus();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const steps: Record<string, number> = { ArrowDown: 1, ArrowUp: -1 };
    const step = steps[event.key];
    if (step !== undefined) {
      setActive((active + step + options.length) % options.length);
    } else if (event.key === "Enter" || event.key === " ") {
      choose(active);
    } else if (event.key === "Escape") {
      setOpen(false);
      button.current?.focus();
    } else if (event.key.length === 1) {
      const found = options.findIndex((option) =>
        option.words.toLowerCase().startsWith(event.key.toLowerCase()),
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
        aria-label={`${label}: ${words}`}
        aria-haspopup="listbox"
        aria-expanded={open}
        title={label}
        className="word cursor-pointer"
        onClick={() => {
          setActive(
            Math.max(
              0,
              options.findIndex((option) => option.value === value),
            ),
          );
          setOpen(!open);
        }}
      >
        {words}
      </button>
      {open && (
        <ul
          ref={list}
          role="listbox"
          aria-label={listName}
          aria-activedescendant={`${id}-${active}`}
          tabIndex={0}
          className="my-1 max-h-64 overflow-x-hidden overflow-y-auto rounded border border-base-300 bg-base-200"
          onKeyDown={onKeyDown}
          onBlur={() => setOpen(false)}
        >
          {options.map((option, i) => (
            <li
              key={String(option.value)}
              id={`${id}-${i}`}
              role="option"
              aria-label={option.words}
              aria-selected={option.value === value}
              className={`flex cursor-pointer items-center justify-between gap-2 px-2 py-1 ${i === active ? "bg-primary/20" : ""}`}
              onPointerDown={(event) => {
                event.preventDefault();
                choose(i);
              }}
              onPointerEnter={() => setActive(i)}
            >
              <Sample address={option.sample} />
              <span className="shrink-0 text-[11px] opacity-70">{option.note}</span>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
