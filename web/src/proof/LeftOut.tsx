import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type CheckKind } from "../api/client";

const NAMES: Record<CheckKind, string> = {
  TITLE_SAFE: "Title-safe",
  CUT_BY_FRAME: "Cut by the frame",
  SMALL_WORDS: "Small words",
  LEGIBILITY: "Legibility over the stills",
  UNREADABLE_CODE: "Codes that a camera cannot read",
  THIN_LINES: "Thin lines on interlaced frames",
  SMEARED_COLOURS: "Colours that video smears",
  LOW_RESOLUTION: "Pictures above their resolution",
  FORGOTTEN_GROUND: "Forgotten grounds",
  SPECKS: "Specks of alpha",
  NEARLY_INVISIBLE: "Nearly invisible pieces",
  DRAWING: "Missing letters, fonts, pictures",
  HIDDEN: "Hidden pieces",
  BANDING: "Bands in soft ramps",
  HALVED_EDGES: "Edges at half the size",
  NO_TARGET: "A frame without a target",
  HOUSE_COLOUR: "Colours not of the house",
  HOUSE_FONT: "Fonts not of the house",
  MARK_SIZE: "Marks under their least size",
  MARK_STRETCHED: "Stretched marks",
  MARK_COLOUR: "Marks in other colours",
  MARK_CLEAR_SPACE: "The clear space of marks",
};

const KINDS = Object.keys(NAMES) as CheckKind[];

/** Which checks are made, for all overlays of the package. */
export function LeftOut({ packageId }: { packageId: number }) {
  const queries = useQueryClient();
  const leftOut = useQuery({
    queryKey: ["left-out", packageId],
    queryFn: () =>
      answer(
        api.GET("/api/packages/{id}/checks/left-out", { params: { path: { id: packageId } } }),
      ),
  });
  const out = leftOut.data ?? [];
  const set = async (kind: CheckKind, made: boolean) => {
    const body = made ? out.filter((one) => one !== kind) : [...out, kind];
    queries.setQueryData(["left-out", packageId], body);
    await answer(
      api.PUT("/api/packages/{id}/checks/left-out", {
        params: { path: { id: packageId } },
        body,
      }),
    );
    await queries.invalidateQueries({ queryKey: ["checks", packageId] });
  };
  return (
    <details className="shrink-0 border-b border-base-300 px-3 py-1.5 text-sm">
      <summary className="cursor-pointer opacity-80">
        {out.length === 0
          ? "All checks are made in this package"
          : `${KINDS.length - out.length} of ${KINDS.length} checks are made in this package`}
      </summary>
      <ul className="mt-1 flex max-h-72 flex-col gap-1 overflow-y-auto pb-1">
        {KINDS.map((kind) => (
          <li key={kind}>
            <label className="flex items-center gap-2">
              <input
                type="checkbox"
                className="checkbox checkbox-xs"
                checked={!out.includes(kind)}
                onChange={(event) => void set(kind, event.target.checked)}
              />
              {NAMES[kind]}
            </label>
          </li>
        ))}
      </ul>
    </details>
  );
}
