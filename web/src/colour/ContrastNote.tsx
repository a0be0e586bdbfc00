import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { identity } from "../document/identity";
import { useOverlay } from "../document/overlayStore";
import { findPiece } from "../document/tree";

const ENOUGH = 4.5;
const ENOUGH_IF_LARGE = 3;

/** How a colour of the chosen text stands out against what lies beneath it. */
export function ContrastNote({ solid }: { solid: string }) {
  const overlay = useOverlay((state) => state.overlay);
  const packageId = useOverlay((state) => state.packageId);
  const [id] = useOverlay((state) => state.selected);
  const piece = findPiece(overlay, id);
  const { data } = useQuery({
    queryKey: ["contrast", packageId, identity(overlay), id, solid],
    queryFn: () =>
      overlay && piece
        ? answer(
            api.POST("/api/packages/{id}/contrast", {
              params: { path: { id: packageId } },
              body: { overlay, piece: piece.id, colour: solid },
            }),
          )
        : null,
    enabled: piece?.kind === "text",
    placeholderData: (before) => before,
    gcTime: 10_000,
  });
  if (piece?.kind !== "text" || !data) return null;
  if (data.ratio === 0) {
    return (
      <span role="status" className="mt-1 block opacity-75">
        Nothing of the overlay lies beneath; look at it over the backdrops.
      </span>
    );
  }
  const words =
    data.ratio >= ENOUGH
      ? "easy to read"
      : data.ratio >= ENOUGH_IF_LARGE
        ? "enough for large words"
        : "hard to read";
  return (
    <span role="status" className="mt-1 flex items-center gap-1.5">
      <span
        className="inline-block h-4 w-4 rounded border border-base-content/40"
        style={{ background: data.beneath }}
      />
      Contrast with what lies beneath {data.ratio.toFixed(1)} : 1, {words}.
    </span>
  );
}
