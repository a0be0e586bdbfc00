import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type CueFound, type CueList, type StillLine } from "../api/client";
import { download } from "../ui/download";
import { Notice } from "../ui/Notice";

const RUN_LOOK_MS = 300;

interface Props {
  id: number;
  list: CueList;
  stills: readonly StillLine[];
  found: readonly CueFound[];
  kept: () => Promise<void>;
}

interface Done {
  folder: string;
  files: number;
  notes: string[];
  others: string[];
}

async function ended(run: number): Promise<string> {
  for (;;) {
    const now = await answer(api.GET("/api/delivery-runs/{id}", { params: { path: { id: run } } }));
    if (now.state !== "RUNNING") {
      return now.delivered < now.planned
        ? [
            now.sentence,
            ...now.files
              .filter(({ state }) => state === "FAILED")
              .map((file) => `${file.fileName}: ${file.sentence}`),
          ].join(" ")
        : "";
    }
    await new Promise((rest) => setTimeout(rest, RUN_LOOK_MS));
  }
}

/** What the editor gets: stills, open time lines, a contact sheet and a README. */
export function HandOver({ id, list, stills, found, kept }: Props) {
  const queries = useQueryClient();
  const usual = useQuery({
    queryKey: ["hand-over-folder", id, list.name],
    queryFn: async () => {
      await kept();
      return answer(api.GET("/api/cue-lists/{id}/hand-over", { params: { path: { id } } }));
    },
  });
  const [folder, setFolder] = useState("");
  const [doing, setDoing] = useState("");
  const [problems, setProblems] = useState<string[]>([]);
  const [done, setDone] = useState<Done | null>(null);
  const missing = stills.filter(({ standing }) => standing !== "DELIVERED" && standing !== "GONE");
  const wrong = found.filter(({ prevents, kind }) => prevents && kind !== "NOT_THERE");

  const attempt = async (words: string, work: () => Promise<void>) => {
    setDoing(words);
    setProblems([]);
    setDone(null);
    try {
      await kept();
      await work();
    } catch (e) {
      setProblems([e instanceof Error ? e.message : String(e)]);
    } finally {
      setDoing("");
      await queries.invalidateQueries({ queryKey: ["cue-list", id] });
    }
  };
  const deliver = () =>
    attempt(`Delivering ${missing.length} stills…`, async () => {
      const { runs } = await answer(
        api.POST("/api/cue-lists/{id}/delivery-runs", { params: { path: { id } } }),
      );
      const told = await Promise.all(runs.map(ended));
      setProblems(told.filter(Boolean));
    });
  const handOver = () =>
    attempt("Handing over…", async () => {
      setDone(
        await answer(
          api.POST("/api/cue-lists/{id}/hand-over", {
            params: { path: { id } },
            body: { folder: folder.trim() },
          }),
        ),
      );
    });
  const zip = () =>
    attempt("Packing…", () => download(`/api/cue-lists/${id}/hand-over.zip`, `${list.name}.zip`));
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto p-3 text-sm">
      <p>
        The editor gets the stills, the time line as OpenTimelineIO, as an edit list (CMX 3600), as
        a table and as subtitles, a contact sheet with times, and a README. Each time line is read
        back before it counts.
      </p>
      {missing.length > 0 && (
        <div>
          <p role="note" className="text-warning">
            {missing.length === 1
              ? "1 still is not delivered as it is now."
              : `${missing.length} stills are not delivered as they are now.`}
          </p>
          <button
            type="button"
            className="btn btn-sm mt-1"
            disabled={doing !== ""}
            onClick={() => void deliver()}
          >
            Deliver what is missing
          </button>
        </div>
      )}
      {wrong.length > 0 && (
        <p role="note" className="text-warning">
          {wrong.length === 1 ? "1 thing has" : `${wrong.length} things have`} to be mended first,
          under Cues: {wrong[0]?.sentence}
        </p>
      )}
      <label className="flex flex-col gap-1">
        <span>To a folder of this computer; as a folder of its own in it:</span>
        <input
          type="text"
          className="input input-sm w-full"
          aria-label="Folder to hand over to"
          placeholder={usual.data?.folder ?? ""}
          value={folder}
          onChange={(event) => setFolder(event.target.value)}
        />
      </label>
      <div className="flex gap-2">
        <button
          type="button"
          className="btn btn-sm btn-primary"
          disabled={doing !== "" || list.cues.length === 0}
          onClick={() => void handOver()}
        >
          Hand over
        </button>
        <button
          type="button"
          className="btn btn-sm"
          disabled={doing !== "" || list.cues.length === 0}
          onClick={() => void zip()}
        >
          As a zip file
        </button>
      </div>
      {doing && <p role="status">{doing}</p>}
      {problems.map((problem) => (
        <Notice key={problem}>{problem}</Notice>
      ))}
      {done && (
        <div role="status" className="break-words">
          <p className="font-medium">
            {done.files} files are in {done.folder}.
          </p>
          {done.notes.length > 0 && (
            <p className="mt-1">
              The README tells the editor of {done.notes.length} things to know.
            </p>
          )}
          {done.others.length > 0 && (
            <p className="mt-1 text-warning">
              Stills from before lie there too, which no cue names:{" "}
              {done.others.slice(0, 5).join(", ")}
              {done.others.length > 5 && ` and ${done.others.length - 5} more`}.
            </p>
          )}
        </div>
      )}
    </div>
  );
}
