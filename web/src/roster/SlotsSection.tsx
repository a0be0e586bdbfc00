import { X } from "lucide-react";
import { useId } from "react";
import type { Piece } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { Section } from "../ui/Section";
import { Choice } from "../ui/Choice";
import { Typed } from "../ui/Typed";
import { inWords, openables, propertyOf, type Slot } from "./openable";
import { useColumns } from "./useRosters";

interface Props {
  piece: Piece;
  onChange: (next: (piece: Piece) => Piece, did: string, key: string) => void;
}

/** What of a piece is left open for the rows of a roster. */
export function SlotsSection({ piece, onChange }: Props) {
  const packageId = useOverlay((state) => state.packageId);
  const columns = useColumns(packageId);
  const list = useId();
  const keep = (slots: Slot[], did: string, key = "") =>
    onChange((same) => ({ ...same, slots }), did, key);
  const taken = new Set(piece.slots.map(propertyOf));
  const free = openables(piece).filter((one) => !taken.has(propertyOf(one.slot("x"))));
  return (
    <Section title="From a roster">
      <datalist id={list}>
        {columns.map((column) => (
          <option key={column} value={column} />
        ))}
      </datalist>
      {piece.slots.map((slot, i) => (
        <p key={propertyOf(slot)} className="flex flex-wrap items-center gap-x-1">
          {inWords(slot, piece)}
          {slot.kind !== "shown-with-words" && (
            <>
              <ColumnField
                key={slot.column}
                column={slot.column}
                list={list}
                onChange={(column) =>
                  keep(
                    piece.slots.map((other, j) => (j === i ? { ...slot, column } : other)),
                    "Name a column",
                  )
                }
              />
              {slot.kind === "shown" ? "says so." : "names."}
            </>
          )}
          <button
            type="button"
            className="btn btn-ghost btn-xs btn-square"
            aria-label="Leave it as designed"
            title="Leave it as designed"
            onClick={() =>
              keep(
                piece.slots.filter((_, j) => j !== i),
                "Close a slot",
              )
            }
          >
            <X size={13} />
          </button>
        </p>
      ))}
      <p>
        {piece.slots.length === 0 ? "A row decides " : "A row also decides "}
        <Choice
          label="What a row decides"
          value={-1}
          options={[
            [-1, "nothing but words"] as const,
            ...free.map((one, i) => [i, one.words] as const),
          ]}
          onChange={(i) => {
            const chosen = free[i];
            if (chosen)
              keep([...piece.slots, chosen.slot(suggested(chosen.words, columns))], "Open a slot");
          }}
        />
        .
      </p>
      {piece.kind === "text" && (
        <p className="text-xs opacity-75">
          Words name columns in braces
          {columns.length > 0 ? `: ${columns.map((c) => `{${c}}`).join(" ")}` : ", as {name}"}.
        </p>
      )}
    </Section>
  );
}

/** The column that a property most likely asks for. */
function suggested(words: string, columns: string[]): string {
  const wanted = words.includes("picture")
    ? /pic|image|logo|pennant|flag|file/i
    : words.includes("colour")
      ? /colou?r/i
      : words.includes("finish")
        ? /finish|tone|look/i
        : /show|guest/i;
  const usual = words.includes("picture")
    ? "picture"
    : words.includes("colour")
      ? "colour"
      : words.includes("finish")
        ? "finish"
        : "shown";
  return columns.find((column) => wanted.test(column)) ?? usual;
}

interface FieldProps {
  column: string;
  list: string;
  onChange: (column: string) => void;
}

function ColumnField({ column, list, onChange }: FieldProps) {
  return (
    <Typed
      label="Column"
      className="input input-xs w-24"
      list={list}
      longest={60}
      value={column}
      onTake={onChange}
    />
  );
}
