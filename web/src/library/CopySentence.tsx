import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type GroupPiece } from "../api/client";
import { arrange, say } from "../document/arrange";
import { identity } from "../document/identity";
import { useOverlay } from "../document/overlayStore";
import { useFollowed } from "../house/useHouse";
import { useRested } from "../ui/useRested";
import { keepInLibrary } from "./keep";
import { ownInWords } from "./own";

/** How long the hand rests before it is looked at what is a copy's own. */
const REST_MS = 300;

/** Of what a group is a copy, what of it is its own, and what can be done about that. */
export function CopySentence({ piece }: { piece: GroupPiece }) {
  const queries = useQueryClient();
  const packageId = useOverlay((state) => state.packageId);
  const overlay = useRested(
    useOverlay((state) => state.overlay),
    REST_MS,
  );
  const revision = useFollowed(packageId)?.revision ?? 0;
  const { data } = useQuery({
    queryKey: ["standings", packageId, revision, identity(overlay)],
    queryFn: () =>
      overlay
        ? answer(
            api.POST("/api/packages/{id}/house/originals/standings", {
              params: { path: { id: packageId } },
              body: { overlay },
            }),
          )
        : [],
    placeholderData: (before) => before,
    gcTime: 5_000,
  });
  if (piece.copyOf.kind === "nothing") return null;
  const standing = data?.find((one) => one.piece === piece.id);
  const original = standing?.original ?? piece.copyOf.original;
  const there = standing?.there ?? true;
  const own = standing?.own ?? [];
  const give = async () => {
    try {
      await keepInLibrary(original, [piece.id], queries);
    } catch (e) {
      say(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <div role="group" aria-label="Copy">
      <p>
        A copy of <strong>{original}</strong>
        {there
          ? own.length === 0
            ? "; it changes with it."
            : "; it changes with it but for what is its own: "
          : ", which the library no longer has."}
        {there && own.length > 0 && <span className="opacity-85">{ownInWords(own)}</span>}
      </p>
      <p className="flex flex-wrap gap-1">
        {there && own.length > 0 && (
          <>
            <button
              type="button"
              className="btn btn-xs"
              title={`${original} and its other copies become as this is, once you have seen them`}
              onClick={() => void give()}
            >
              Change the original…
            </button>
            <button
              type="button"
              className="btn btn-xs"
              title="Nothing of it is its own then but where it lies and how large"
              onClick={() => void arrange({ kind: "like-original" }, `As ${original} is`)}
            >
              As the original
            </button>
          </>
        )}
        <button
          type="button"
          className="btn btn-xs"
          title="It stays as it is and follows nothing"
          onClick={() => void arrange({ kind: "let-go" }, `Let go of ${original}`)}
        >
          Let it go
        </button>
      </p>
    </div>
  );
}
