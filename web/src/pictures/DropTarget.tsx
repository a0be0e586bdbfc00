import { useQueryClient } from "@tanstack/react-query";
import { type DragEvent, type ReactNode, useState } from "react";
import { takeIn } from "./takeIn";

interface Props {
  /** Where on the frame a point of the window lies, in display units. */
  toFrame: (event: { clientX: number; clientY: number }) => { x: number; y: number };
  children: ReactNode;
}

const carriesFiles = (event: DragEvent) => event.dataTransfer.types.includes("Files");

/** Lets picture files be dropped where they shall lie, many at once. */
export function DropTarget({ toFrame, children }: Props) {
  const queries = useQueryClient();
  const [over, setOver] = useState(false);
  return (
    <div
      data-testid="drop-target"
      className={`relative flex min-h-0 flex-1 ${over ? "outline-2 -outline-offset-4 outline-dashed outline-primary" : ""}`}
      onDragOver={(event) => {
        if (!carriesFiles(event)) return;
        event.preventDefault();
        event.dataTransfer.dropEffect = "copy";
        setOver(true);
      }}
      onDragLeave={(event) => {
        if (event.currentTarget === event.target) setOver(false);
      }}
      onDrop={(event) => {
        setOver(false);
        if (!carriesFiles(event)) return;
        event.preventDefault();
        void takeIn([...event.dataTransfer.files], queries, toFrame(event));
      }}
    >
      {children}
      {over && (
        <p className="pointer-events-none absolute inset-x-0 top-3 text-center">
          <span className="rounded bg-primary px-2 py-1 text-sm font-semibold text-primary-content">
            Let go to take the pictures in here
          </span>
        </p>
      )}
    </div>
  );
}
