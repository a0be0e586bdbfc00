import { Choice } from "../ui/Choice";
import type { Brought } from "./bring";

interface Props {
  brought: Brought;
  /** While it is read again. */
  busy: boolean;
  onReadAs: (encoding: string, heading: "FIRST_ROW" | "NONE") => void;
  onDone: () => void;
}

const ENCODINGS = [
  "UTF-8",
  "UTF-16LE",
  "UTF-16BE",
  "Windows-1252",
  "ISO-8859-2",
  "Windows-1250",
  "Windows-1251",
  "Windows-1253",
  "Windows-1254",
  "Windows-1255",
  "Windows-1256",
  "Shift_JIS",
  "GB18030",
  "Big5",
  "EUC-KR",
];

/** How a table that was just brought was read, and what was left out; text can be read otherwise. */
export function AsRead({ brought, busy, onReadAs, onDone }: Props) {
  const { roster } = brought;
  const heading = roster.headed ? "FIRST_ROW" : "NONE";
  const encodings = ENCODINGS.includes(roster.encoding)
    ? ENCODINGS
    : [roster.encoding, ...ENCODINGS];
  return (
    <div
      role="status"
      className="alert alert-info alert-soft mx-4 mt-2 flex items-start py-2 text-sm"
    >
      <span className="flex-1">
        {roster.encoding !== "" && (
          <fieldset className="contents" disabled={busy}>
            The text was read as{" "}
            <Choice
              label="Encoding"
              value={roster.encoding}
              options={encodings.map((one) => [one, one] as const)}
              onChange={(encoding) => onReadAs(encoding, heading)}
            />{" "}
            and its first line{" "}
            <Choice
              label="First line"
              value={heading}
              options={
                [
                  ["FIRST_ROW", "names the columns"],
                  ["NONE", "is a row like the others"],
                ] as const
              }
              onChange={(next) => onReadAs(roster.encoding, next)}
            />
            .{" "}
          </fieldset>
        )}
        {roster.notes.join(" ")}
      </span>
      <button type="button" className="btn btn-ghost btn-xs" onClick={onDone}>
        All right
      </button>
    </div>
  );
}
