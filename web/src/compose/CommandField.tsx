import { useEffect, useId, useMemo, useRef, useState } from "react";
import { goHome } from "../ui/home";
import { type Action, keyInWords } from "./actions";
import { type Findable, found } from "./found";

interface Props {
  actions: readonly Action[];
  anythingChosen: boolean;
  onClose: () => void;
}

/** The values of the sheet that is unfolded, each with the part of the sheet it stands in. */
function valuesOfSheet(): Findable[] {
  const fields = document.querySelectorAll<HTMLElement>(
    "[data-sheet] :is(input, select, textarea)[aria-label]",
  );
  return [...fields].map((field) => ({
    name: field.getAttribute("aria-label") ?? "",
    about: field.closest("fieldset")?.querySelector("legend")?.textContent ?? "",
    run: () => {
      field.focus();
      field.scrollIntoView({ block: "nearest" });
      if (field instanceof HTMLInputElement) field.select();
    },
  }));
}

/** Finds any value of what is chosen, and any action, by a few letters of its name. */
export function CommandField({ actions, anythingChosen, onClose }: Props) {
  const [typed, setTyped] = useState("");
  const [marked, setMarked] = useState(0);
  const box = useRef<HTMLDivElement>(null);
  const list = useId();
  const all = useMemo(
    () => [
      ...valuesOfSheet(),
      ...actions
        .filter((action) => anythingChosen || !action.toChosen)
        .map(({ name, key, run }) => ({
          name,
          about: key === undefined ? "" : keyInWords(key),
          run,
        })),
    ],
    [actions, anythingChosen],
  );
  const offered = found(all, typed).slice(0, 9);
  const at = Math.min(marked, offered.length - 1);
  useEffect(() => {
    const elsewhere = (event: PointerEvent) => {
      if (!box.current?.contains(event.target as Node)) onClose();
    };
    document.addEventListener("pointerdown", elsewhere, true);
    return () => document.removeEventListener("pointerdown", elsewhere, true);
  }, [onClose]);
  const take = (one: Findable | undefined) => {
    if (!one) return;
    onClose();
    goHome();
    one.run();
  };
  return (
    <div
      ref={box}
      className="absolute inset-x-0 top-2 z-20 mx-auto w-96 max-w-[90%] rounded border border-base-300 bg-base-100 p-2 shadow-lg"
    >
      <input
        autoFocus
        type="text"
        role="combobox"
        aria-label="Find a value or an action"
        aria-expanded={offered.length > 0}
        aria-controls={list}
        aria-activedescendant={offered.length > 0 ? `${list}-${at}` : undefined}
        autoComplete="off"
        spellCheck={false}
        placeholder={
          anythingChosen ? "A value or an action: size, outline, group…" : "An action: text, fit…"
        }
        className="input input-sm w-full"
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          setMarked(0);
        }}
        onKeyDown={(event) => {
          if (event.key === "ArrowDown") setMarked(Math.min(at + 1, offered.length - 1));
          else if (event.key === "ArrowUp") setMarked(Math.max(0, at - 1));
          else if (event.key === "Enter") take(offered[at]);
          else if (event.key === "Escape" || event.key === "Tab") {
            onClose();
            goHome();
          } else return;
          event.preventDefault();
        }}
      />
      <ul id={list} role="listbox" aria-label="Found" className="mt-1 text-sm">
        {offered.map((one, i) => (
          <li
            key={`${one.name}:${one.about}:${i}`}
            id={`${list}-${i}`}
            role="option"
            aria-selected={i === at}
            className={`flex cursor-pointer gap-3 rounded px-2 py-1 ${i === at ? "bg-primary/20" : "hover:bg-base-200"}`}
            onClick={() => take(one)}
          >
            <span className="min-w-0 flex-1 truncate">{one.name}</span>
            <span className="text-xs leading-5 opacity-70">{one.about}</span>
          </li>
        ))}
        {offered.length === 0 && (
          <li className="px-2 py-1 opacity-75">Nothing is called that. Try another word.</li>
        )}
      </ul>
    </div>
  );
}
