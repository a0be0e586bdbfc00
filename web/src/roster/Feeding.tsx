import { useState } from "react";
import { answer, api, type DesignAsking, type Roster, type SavedRoster } from "../api/client";
import { Choice } from "../ui/Choice";
import { Notice } from "../ui/Notice";
import { Typed } from "../ui/Typed";

interface Props {
  saved: SavedRoster;
  overlayId: number;
  onChanged: () => void;
}

const FEEDS: Record<DesignAsking["asked"][number]["feeds"], string> = {
  WORDS: "words",
  PICTURE: "the picture",
  COLOUR: "the colour",
  SHOWN: "whether it is shown",
  FINISHES: "the finish set",
};

/** Which overlays the rows fill, which column feeds what, and how the files are called. */
export function Feeding({ saved, overlayId, onChanged }: Props) {
  const [problem, setProblem] = useState("");
  const roster = saved.roster;
  const design =
    saved.asking.find((one) => one.overlayId === overlayId) ?? saved.asking.find((one) => one.fed);
  const keep = async (next: Partial<Roster>) => {
    try {
      await answer(
        api.PUT("/api/rosters/{id}", {
          params: { path: { id: saved.id } },
          body: { basedOn: saved.revision, roster: { ...roster, ...next } },
        }),
      );
      setProblem("");
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
    onChanged();
  };
  const fill = (one: DesignAsking, fed: boolean) =>
    void keep({
      designs: fed
        ? [...roster.designs, { overlay: String(one.overlayId), bound: {} }]
        : roster.designs.filter((other) => other.overlay !== String(one.overlayId)),
    });
  const bind = (asked: string, column: string) =>
    void keep({
      designs: roster.designs.map((one) =>
        one.overlay === String(design?.overlayId)
          ? { ...one, bound: { ...one.bound, [asked]: column } }
          : one,
      ),
    });
  if (saved.asking.length === 0) {
    return (
      <div className="border-b border-base-300 px-4 py-2 text-sm">
        No overlay of this package asks for a column yet. Write the name of one in braces into the
        words of a text, such as <code>{`{${roster.columns[0] ?? "name"}}`}</code>.
      </div>
    );
  }
  return (
    <section
      aria-label="What the rows fill"
      className="flex shrink-0 flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 bg-base-100 px-4 py-1.5 text-sm"
    >
      <span className="flex flex-wrap items-center gap-x-3">
        <span className="opacity-75">Rows fill</span>
        {saved.asking.map((one) => (
          <label key={one.overlayId} className="flex items-center gap-1">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              checked={one.fed}
              onChange={(event) => fill(one, event.target.checked)}
            />
            {one.name}
          </label>
        ))}
      </span>
      <span className="flex items-center gap-1">
        <span className="opacity-75">Known by</span>
        <Choice
          label="Key column"
          value={roster.key}
          options={roster.columns.map((column) => [column, column] as const)}
          onChange={(key) => void keep({ key })}
        />
      </span>
      <NamesField
        key={roster.names}
        names={roster.names}
        example={`{overlay}_{${roster.key}}`}
        onChange={(names) => void keep({ names })}
      />
      {design?.fed && (
        <span className="flex w-full flex-wrap items-center gap-x-3">
          {design.asked.map((asked) => (
            <span key={asked.name} className="whitespace-nowrap">
              <span className={asked.column ? "" : "font-semibold text-error"}>
                {`{${asked.name}}`}
              </span>{" "}
              <span className="opacity-75">{FEEDS[asked.feeds]}, from</span>{" "}
              <Choice
                label={`Column for ${asked.name}`}
                value={asked.column}
                options={[
                  ...(asked.column ? [] : [["", "no column"] as const]),
                  ...roster.columns.map((column) => [column, column] as const),
                ]}
                onChange={(column) => bind(asked.name, column)}
              />
            </span>
          ))}
        </span>
      )}
      {problem && (
        <div className="w-full">
          <Notice>{problem}</Notice>
        </div>
      )}
    </section>
  );
}

interface NamesProps {
  names: string;
  example: string;
  onChange: (names: string) => void;
}

/** The pattern of the files' names, taken with Enter or when it is left. */
function NamesField({ names, example, onChange }: NamesProps) {
  return (
    <label className="flex items-center gap-1">
      <span className="opacity-75">Files named</span>
      <Typed
        label="Pattern of file names"
        className="input input-xs w-52"
        placeholder={example}
        longest={500}
        mayBeEmpty
        value={names}
        onTake={onChange}
      />
    </label>
  );
}
