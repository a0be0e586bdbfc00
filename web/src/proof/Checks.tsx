import { CircleCheck, Info, TriangleAlert } from "lucide-react";
import { useNavigate } from "react-router";
import { answer, api, type Finding, type Overlay } from "../api/client";
import { working } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { allPieces } from "../document/tree";
import { Notice } from "../ui/Notice";
import { LeftOut } from "./LeftOut";
import { useChecks } from "./useChecks";

/** What has to be put right before the overlay goes out, and what is only to be known. */
export function Checks({ overlay, packageId }: { overlay: Overlay; packageId: number }) {
  const { found, busy, problem } = useChecks(packageId, overlay);
  const fails = found?.filter((one) => one.fails).length ?? 0;
  return (
    <aside
      aria-label="Checks"
      aria-busy={busy}
      className="flex w-72 shrink-0 flex-col border-l border-base-300 bg-base-100"
    >
      <p role="status" className="border-b border-base-300 px-3 py-2 text-sm font-medium">
        {found === undefined
          ? "Looking it over…"
          : fails === 0
            ? "Nothing has to be put right."
            : fails === 1
              ? "One thing has to be put right."
              : `${fails} things have to be put right.`}
        {found !== undefined && busy && <span className="opacity-70"> Looking again…</span>}
      </p>
      {problem && (
        <div className="p-2">
          <Notice>{problem}</Notice>
        </div>
      )}
      <LeftOut packageId={packageId} />
      <ul aria-label="What was found" className="min-h-0 flex-1 overflow-y-auto">
        {(found ?? []).map((one) => (
          <FindingItem
            key={`${one.kind} ${one.piece} ${one.sentence}`}
            found={one}
            overlay={overlay}
          />
        ))}
        {found !== undefined && fails === 0 && (
          <li className="flex gap-2 px-3 py-2 text-sm">
            <CircleCheck size={16} className="mt-0.5 shrink-0 text-success" aria-hidden />
            Title-safe, sizes, legibility over every still, cut-outs and colours were looked at.
          </li>
        )}
      </ul>
    </aside>
  );
}

function FindingItem({ found, overlay }: { found: Finding; overlay: Overlay }) {
  const navigate = useNavigate();
  const piece = allPieces(overlay.stack).find((one) => one.id === found.piece);
  const Icon = found.fails ? TriangleAlert : Info;
  return (
    <li className="flex gap-2 border-b border-base-300 px-3 py-2 text-sm">
      <Icon
        size={16}
        aria-hidden
        className={`mt-0.5 shrink-0 ${found.fails ? "text-warning" : "text-info"}`}
      />
      <div className="min-w-0">
        <p>{found.sentence}</p>
        {found.remedy && <p className="opacity-80">{found.remedy}</p>}
        {piece && found.mend !== "" && <Mend found={found} />}
        {piece && (
          <button
            type="button"
            className="btn btn-xs mt-1 max-w-full"
            onClick={() => {
              const { id, select } = useOverlay.getState();
              select([piece.id]);
              void navigate(`/overlays/${id}/compose`);
            }}
          >
            <span className="truncate">Go to {piece.name}</span>
          </button>
        )}
      </div>
    </li>
  );
}

/** Puts right what was found, at one press; it is undone like any other change. */
function Mend({ found }: { found: Finding }) {
  const mend = async () => {
    const { overlay, packageId, id } = useOverlay.getState();
    if (!overlay) return;
    const mended = await answer(
      api.POST("/api/packages/{id}/checks/mended", {
        params: { path: { id: packageId } },
        body: { overlay, kind: found.kind, piece: found.piece },
      }),
    );
    const now = useOverlay.getState();
    if (now.id === id && now.overlay === overlay) now.change(() => mended, found.mend);
  };
  return (
    <button
      type="button"
      className="btn btn-primary btn-xs mr-1 mt-1 max-w-full"
      onClick={() => void working(mend())}
    >
      <span className="truncate">{found.mend}</span>
    </button>
  );
}
