import { Table2 } from "lucide-react";
import { useState } from "react";
import { answer, api, type SavedRoster } from "../api/client";
import { PICTURE_FILES } from "../pictures/takeIn";
import { FilePick } from "../ui/FilePick";
import { Notice } from "../ui/Notice";
import { TABLE_FILES } from "./bring";

interface Props {
  packageId: number;
  busy: boolean;
  onFiles: (files: File[]) => void;
  onMade: (roster: SavedRoster) => void;
}

/** How a table comes in where there is none yet. */
export function BringTable({ packageId, busy, onFiles, onMade }: Props) {
  const [text, setText] = useState("");
  const [problem, setProblem] = useState("");
  const make = async () => {
    try {
      onMade(
        await answer(
          api.POST("/api/packages/{id}/rosters/pasted", {
            params: { path: { id: packageId } },
            body: { name: "Pasted", text, heading: "FOUND_OUT" },
          }),
        ),
      );
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <div className="grid flex-1 place-items-center overflow-y-auto p-6">
      <div className="w-full max-w-3xl">
        <h2 className="flex items-center gap-2 text-lg font-semibold">
          <Table2 size={20} aria-hidden /> One design, a file for every row
        </h2>
        <p className="mt-1 text-sm opacity-80">
          Write the name of a column in braces into the words of an overlay, such as{" "}
          <code className="rounded bg-base-200 px-1">{"{name}"}</code>. Then drop a table here, with
          the pictures it names, or the folder or zip file they all lie in.
        </p>
        <div className="mt-4 grid grid-cols-2 gap-4">
          <section className="rounded border border-dashed border-base-content/30 p-4">
            <h3 className="font-semibold">A table</h3>
            <p className="mb-3 text-sm opacity-80">CSV, XLSX or ODS, in any encoding.</p>
            <FilePick
              label="A table, and pictures"
              accept={`${TABLE_FILES},${PICTURE_FILES}`}
              words={busy ? "Being read…" : "Choose files…"}
              className="btn btn-primary btn-sm"
              many
              onFiles={onFiles}
            />
          </section>
          <form
            className="rounded border border-base-300 p-4"
            onSubmit={(event) => {
              event.preventDefault();
              if (text.trim()) void make();
            }}
          >
            <h3 className="font-semibold">Cells or lines</h3>
            <textarea
              aria-label="Cells or lines"
              className="textarea mt-1 h-28 w-full font-mono text-xs"
              placeholder={"Copied from a spreadsheet,\nor one text a line"}
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
            <button type="submit" className="btn btn-sm mt-2" disabled={!text.trim()}>
              Make a roster of them
            </button>
          </form>
        </div>
        {problem && (
          <div className="mt-3">
            <Notice>{problem}</Notice>
          </div>
        )}
      </div>
    </div>
  );
}
