import { useEffect, useRef, useState } from "react";
import Markdown from "react-markdown";
import { useLocation } from "react-router";
import { chapterAt, CHAPTERS } from "./chapters";

const PICTURES = import.meta.glob<string>("../../../docs/screenshots/*.png", {
  eager: true,
  query: "?url",
  import: "default",
});

function pictureOf(address: string): string {
  return PICTURES[`../../../docs/${address}`] ?? "";
}

/** The guide, open at the chapter of the step one is at. */
export default function Guide({ onClose }: { onClose: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null);
  const [open, setOpen] = useState(chapterAt(useLocation().pathname));
  useEffect(() => dialog.current?.showModal(), []);
  const chapter = CHAPTERS[open];
  return (
    <dialog ref={dialog} className="modal" onClose={onClose} aria-labelledby="guide-title">
      <div className="modal-box flex h-[90vh] w-[60rem] max-w-[96vw] gap-6 p-5">
        <nav aria-label="Chapters" className="flex w-32 shrink-0 flex-col gap-1">
          {CHAPTERS.map((one, i) => (
            <button
              key={one.title}
              type="button"
              autoFocus={i === open}
              aria-current={i === open ? "page" : undefined}
              className={`btn btn-sm justify-start ${i === open ? "btn-primary" : "btn-ghost"}`}
              onClick={() => setOpen(i)}
            >
              {one.title}
            </button>
          ))}
          <form method="dialog" className="mt-auto">
            <button type="submit" className="btn btn-sm w-full">
              Close
            </button>
          </form>
        </nav>
        <article
          key={open}
          tabIndex={0}
          aria-label={chapter?.title}
          className="min-w-0 flex-1 overflow-y-auto pr-2 leading-relaxed [&_li]:mb-1.5 [&_ol]:list-decimal [&_ol]:pl-5 [&_p]:mb-2 [&_ul]:list-disc [&_ul]:pl-5"
        >
          <h2 id="guide-title" className="mb-2 text-lg font-semibold">
            {chapter?.title}
          </h2>
          <Markdown
            components={{
              img: ({ src, alt }) => (
                <img
                  src={typeof src === "string" ? pictureOf(src) : ""}
                  alt={alt ?? ""}
                  className="mb-3 w-full rounded border border-base-300"
                />
              ),
              code: ({ children }) => (
                <code className="rounded bg-base-200 px-1 text-[0.9em]">{children}</code>
              ),
            }}
          >
            {chapter?.text}
          </Markdown>
        </article>
      </div>
    </dialog>
  );
}
