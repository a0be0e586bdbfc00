import { useEffect, useRef, type ReactNode } from "react";

interface Props {
  /** What it is of, for those who do not see it; the words say it if there is none. */
  label?: string;
  /** What is pressed to open it. */
  words: ReactNode;
  /** How that looks. */
  look: string;
  /** Where it opens: to the right below if nothing is said. */
  place?: string;
  /** Each a list item. */
  children: ReactNode;
}

/** What can be done with something; it closes with Escape, a choice, or a press elsewhere. */
export function Menu({ label, words, look, place = "", children }: Props) {
  const menu = useRef<HTMLDetailsElement>(null);
  const close = () => menu.current?.removeAttribute("open");
  useEffect(() => {
    const elsewhere = (event: PointerEvent) => {
      if (!menu.current?.contains(event.target as Node)) close();
    };
    document.addEventListener("pointerdown", elsewhere);
    return () => document.removeEventListener("pointerdown", elsewhere);
  }, []);
  return (
    <details
      ref={menu}
      className={`dropdown ${place}`}
      onKeyDown={(event) => {
        if (event.key !== "Escape" || !menu.current?.open) return;
        close();
        menu.current.querySelector("summary")?.focus();
      }}
    >
      <summary aria-label={label} title={label} className={look}>
        {words}
      </summary>
      <ul
        onClick={close}
        className="menu dropdown-content z-20 mt-1 w-64 rounded border border-base-300 bg-base-100 p-2 text-sm shadow"
      >
        {children}
      </ul>
    </details>
  );
}
