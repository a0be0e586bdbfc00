import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { answer, api, type Finish, type Piece } from "../api/client";
import { identity } from "../document/identity";
import { useOverlay } from "../document/overlayStore";
import { KINDS } from "./kinds";

interface Props {
  piece: Piece;
  onAdd: (finish: Finish) => void;
}

/** This piece with each kind of finish, drawn by the core; a click adds that finish. */
export function FinishStrip({ piece, onAdd }: Props) {
  const overlay = useOverlay((state) => state.overlay);
  const packageId = useOverlay((state) => state.packageId);
  const { data, error } = useQuery({
    queryKey: ["finish-samples", packageId, identity(piece), identity(overlay?.frame ?? null)],
    queryFn: () =>
      overlay
        ? answer(
            api.POST("/api/packages/{id}/finish-samples", {
              params: { path: { id: packageId } },
              body: { overlay, piece: piece.id },
            }),
          )
        : [],
    placeholderData: keepPreviousData,
    gcTime: 10_000,
  });
  return (
    <>
      {error && <p role="alert">{error.message}</p>}
      <div className="grid grid-cols-4 gap-1">
        {data?.map(({ finish, picture }) => (
          <button
            key={finish.kind}
            type="button"
            aria-label={`Add ${KINDS[finish.kind].one}`}
            className="overflow-hidden rounded border border-base-300 text-xs leading-5 hover:border-primary"
            onClick={() => onAdd(finish)}
          >
            <span className="block bg-[#8a8a8a]">
              <img src={picture} alt="" className="mx-auto h-12 w-18" />
            </span>
            {KINDS[finish.kind].name}
          </button>
        ))}
      </div>
    </>
  );
}
