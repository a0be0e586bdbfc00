import { useEffect, useLayoutEffect, useRef, useState } from "react";
import { goHome } from "./home";

export interface Entry {
  name: string;
  /** What is pressed for it without the menu; nothing for none. */
  hint?: string;
  run: () => void;
}

export interface Part {
  /** Over the entries; empty for none. */
  title: string;
  entries: readonly Entry[];
}

interface Props {
  label: string;
  /** In CSS pixels of the window. */
  at: { clientX: number; clientY: number };
  parts: readonly Part[];
  onClose: () => void;
}

/** What can be done with what was pressed, beside where it was pressed. */
export function PopMenu({ label, at, parts, onClose }: Props) {
  const menu = useRef<HTMLDivElement>(null);
  const [place, setPlace] = useState({ left: at.clientX, top: at.clientY });
  useLayoutEffect(() => {
    const box = menu.current?.getBoundingClientRect();
    if (!box) return;
    setPlace({
      left: Math.max(4, Math.min(at.clientX, window.innerWidth - box.width - 4)),
      top: Math.max(4, Math.min(at.clientY, window.innerHeight - box.height - 4)),
    });
    menu.current?.querySelector<HTMLElement>("[role=menuitem]")?.focus();
  }, [at]);
  useEffect(() => {
    const elsewhere = (event: PointerEvent) => {
      if (!menu.current?.contains(event.target as Node)) onClose();
    };
    document.addEventListener("pointerdown", elsewhere, true);
    window.addEventListener("blur", onClose);
    return () => {
      document.removeEventListener("pointerdown", elsewhere, true);
      window.removeEventListener("blur", onClose);
    };
  }, [onClose]);
  const step = (by: number | "first" | "last") => {
    const items = [...(menu.current?.querySelectorAll<HTMLElement>("[role=menuitem]") ?? [])];
    const here = items.indexOf(document.activeElement as HTMLElement);
    const next =
      by === "first"
        ? 0
        : by === "last"
          ? items.length - 1
          : (here + by + items.length) % items.length;
    items[next]?.focus();
  };
  return (
    <div
      ref={menu}
      role="menu"
      aria-label={label}
      className="fixed z-40 max-h-[90vh] w-64 overflow-y-auto rounded border border-base-300 bg-base-100 py-1 text-sm shadow-lg"
      style={place}
      onContextMenu={(event) => event.preventDefault()}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === "ArrowDown") step(1);
        else if (event.key === "ArrowUp") step(-1);
        else if (event.key === "Home") step("first");
        else if (event.key === "End") step("last");
        else if (event.key === "Escape" || event.key === "Tab") {
          onClose();
          goHome();
        } else return;
        event.preventDefault();
      }}
    >
      {parts
        .filter((part) => part.entries.length > 0)
        .map((part, i) => (
          <div
            key={i}
            role="group"
            aria-label={part.title || undefined}
            className={i > 0 ? "mt-1 border-t border-base-300 pt-1" : ""}
          >
            {part.title && (
              <div aria-hidden className="truncate px-3 py-0.5 text-xs opacity-70">
                {part.title}
              </div>
            )}
            {part.entries.map((entry, j) => (
              <button
                key={j}
                type="button"
                role="menuitem"
                tabIndex={-1}
                className="flex w-full items-center gap-3 px-3 py-1 text-left hover:bg-base-200 focus:bg-primary/20 focus:outline-none"
                onClick={() => {
                  onClose();
                  goHome();
                  entry.run();
                }}
              >
                <span className="min-w-0 flex-1 truncate" dir="auto">
                  {entry.name}
                </span>
                {entry.hint && <span className="text-xs opacity-70">{entry.hint}</span>}
              </button>
            ))}
          </div>
        ))}
    </div>
  );
}
