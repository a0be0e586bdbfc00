import { useQueryClient } from "@tanstack/react-query";
import { type DragEvent, type ReactNode, useState } from "react";
import { carriesOriginal, layCarried } from "../library/lay";
import { takeIn } from "./takeIn";

interface Props {
  /** Where on the frame a point of the window lies, in display units. */
  toFrame: (event: { clientX: number; clientY: number }) => { x: number; y: number };
  children: ReactNode;
}

/** What can be let go here: files, or an original of the library. */
type Carried = "files" | "original";

function carriedBy({ dataTransfer }: DragEvent): Carried | null {
  if (dataTransfer.types.includes("Files")) return "files";
  return carriesOriginal(dataTransfer) ? "original" : null;
}

/** Lets picture files and originals be dropped where they shall lie, files many at once. */
export function DropTarget({ toFrame, children }: Props) {
  const queries = useQueryClient();
  const [over, setOver] = useState<Carried | null>(null);
  return (
    <div
      data-testid="drop-target"
      className={`relative flex min-h-0 flex-1 ${over ? "outline-2 -outline-offset-4 outline-dashed outline-primary" : ""}`}
      onDragOver={(event) => {
        const carried = carriedBy(event);
        if (!carried) return;
        event.preventDefault();
        event.dataTransfer.dropEffect = "copy";
        setOver(carried);
      }}
      onDragLeave={(event) => {
        if (event.currentTarget === event.target) setOver(null);
      }}
      onDrop={(event) => {
        setOver(null);
        const carried = carriedBy(event);
        if (!carried) return;
        event.preventDefault();
        if (carried === "original") layCarried(event.dataTransfer, queries, toFrame(event));
        else void takeIn([...event.dataTransfer.files], queries, toFrame(event));
      }}
    >
      {children}
      {over && (
        <p className="pointer-events-none absolute inset-x-0 top-3 text-center">
          <span className="rounded bg-primary px-2 py-1 text-sm font-semibold text-primary-content">
            {over === "files" ? "Let go to take the pictures in here" : "Let go to lay it here"}
          </span>
        </p>
      )}
    </div>
  );
}
