import { FileDown, FileText, Plus } from "lucide-react";
import { useState } from "react";
import { answer, api, type MergeSummary, type SavedRoster, upload } from "../api/client";
import { PICTURE_FILES } from "../pictures/takeIn";
import { Choice } from "../ui/Choice";
import { FilePick } from "../ui/FilePick";
import { Menu } from "../ui/Menu";
import { Notice } from "../ui/Notice";
import { TABLE_FILES } from "./bring";
import { MergeForm } from "./MergeForm";

interface Props {
  saved: SavedRoster;
  rosters: SavedRoster[];
  onChoose: (roster: number) => void;
  onFiles: (files: File[]) => void;
  onChanged: () => void;
  /** Ends when all that was changed in the rows is kept. */
  kept: () => Promise<void>;
  onMerged: () => void;
  onAddRow: () => void;
}

interface Offered {
  file: File;
  summary: MergeSummary;
}

/** Which roster it is, and what can be done with its table as a whole. */
export function RosterMenu(props: Props) {
  const { saved, rosters, onChoose, onFiles, onChanged, kept, onMerged, onAddRow } = props;
  const [offered, setOffered] = useState<Offered>();
  const [problem, setProblem] = useState("");
  const told = (e: unknown) => setProblem(e instanceof Error ? e.message : String(e));
  const look = async (file: File) => {
    setProblem("");
    setOffered(undefined); // A refusal of this table must not stand over what another one offered.
    try {
      await kept();
      setOffered({ file, summary: await upload(`/api/rosters/${saved.id}/merge`, file) });
    } catch (e) {
      told(e);
    }
  };
  const merge = async (taken: readonly string[], withoutGone: boolean) => {
    if (!offered) return;
    try {
      await kept();
      await upload(
        `/api/rosters/${saved.id}/merge?withoutGone=${withoutGone}`,
        offered.file,
        "PUT",
        taken.length > 0 ? { taken: taken.join() } : {},
      );
      setOffered(undefined);
      onMerged();
    } catch (e) {
      told(e);
    }
  };
  const remove = async () => {
    if (!window.confirm(`Take the roster "${saved.roster.name}" with its rows away?`)) return;
    try {
      await answer(api.DELETE("/api/rosters/{id}", { params: { path: { id: saved.id } } }));
      onChanged();
    } catch (e) {
      told(e);
    }
  };
  return (
    <>
      {rosters.length > 1 ? (
        <Choice
          label="Roster"
          value={saved.id}
          options={rosters.map((one) => [one.id, one.roster.name] as const)}
          onChange={onChoose}
        />
      ) : (
        <h2 className="font-semibold">{saved.roster.name}</h2>
      )}
      <Menu words="The table" look="btn btn-sm">
        <li>
          <FilePick
            label="The table again"
            accept={TABLE_FILES}
            words="Give the table again…"
            className=""
            onFiles={([file]) => {
              if (file) void look(file);
            }}
          />
        </li>
        <li>
          <FilePick
            label="Another table, or pictures"
            accept={`${TABLE_FILES},${PICTURE_FILES}`}
            words="Another table, or pictures…"
            className=""
            many
            onFiles={(files) => {
              onFiles(files);
            }}
          />
        </li>
        <li>
          <a href={`/api/rosters/${saved.id}/table.csv`} download>
            <FileDown size={14} aria-hidden /> Take the table away as CSV
          </a>
        </li>
        <li>
          <a href={`/api/rosters/${saved.id}/contact-sheet.pdf`} download>
            <FileText size={14} aria-hidden /> Contact sheet as PDF
          </a>
        </li>
        <li>
          <button type="button" onClick={() => void remove()}>
            Take this roster away…
          </button>
        </li>
      </Menu>
      <button type="button" className="btn btn-sm" onClick={onAddRow}>
        <Plus size={14} aria-hidden /> Row
      </button>
      {problem && (
        <div className="w-full">
          <Notice>{problem}</Notice>
        </div>
      )}
      {offered && (
        <MergeForm
          summary={offered.summary}
          onMerge={(taken, withoutGone) => void merge(taken, withoutGone)}
          onLeave={() => setOffered(undefined)}
        />
      )}
    </>
  );
}
