import type { ReactNode } from "react";

/** One part of a piece's sheet: a heading and sentences. */
export function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="relative border-t border-base-300 px-3 py-2 leading-7">
      <legend className="sr-only">{title}</legend>
      <div aria-hidden className="text-[11px] font-semibold uppercase tracking-wide opacity-70">
        {title}
      </div>
      {children}
    </fieldset>
  );
}
