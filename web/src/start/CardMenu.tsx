import { Ellipsis } from "lucide-react";
import { useEffect, useRef, type ReactNode } from "react";

interface Props {
  /** What it is of, for those who do not see it. */
  label: string;
  /** Whether it opens upwards, for a menu that stands at the foot of what it is of. */
  up?: boolean;
  /** Each a list item. */
  children: ReactNode;
}

/** What can be done with a card; it closes with Escape, a choice, or a press elsewhere. */
export function CardMenu({ label, up = false, children }: Props) {
  const menu = useRef<HTMLDetailsElement>(null);
  useEffect(() => {
    const close = (event: PointerEvent) => {
      if (menu.current?.open && !menu.current.contains(event.target as Node))
        menu.current.open = false;
    };
    document.addEventListener("pointerdown", close);
    return () => document.removeEventListener("pointerdown", close);
  }, []);
  const close = () => {
    if (menu.current) menu.current.open = false;
  };
  return (
    <details
      ref={menu}
      className={`dropdown dropdown-end ${up ? "dropdown-top" : ""}`}
      onKeyDown={(event) => {
        if (event.key !== "Escape" || !menu.current?.open) return;
        close();
        menu.current.querySelector("summary")?.focus();
      }}
    >
      <summary aria-label={label} title={label} className="btn btn-ghost btn-sm btn-square">
        <Ellipsis size={16} aria-hidden />
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
