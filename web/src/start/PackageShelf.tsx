import { useQuery } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import { answer, api, type PackageSummary } from "../api/client";
import { useBackdrops } from "../backdrops/useBackdrops";
import { Notice } from "../ui/Notice";
import { CardMenu } from "./CardMenu";
import { DeletedList } from "./DeletedList";
import { DeletedNotice } from "./DeletedNotice";
import { found, type Order } from "./found";
import { LoadingShelf } from "./LoadingShelf";
import { NameField } from "./NameField";
import { OverlayCard } from "./OverlayCard";
import { useAttempt } from "./useAttempt";
import { useStandings } from "./useStandings";

interface Props {
  graphics: PackageSummary;
  /** Words that the names of overlays hold. */
  wanted: string;
  order: Order;
  onRename: (name: string) => void;
  onDelete: () => void;
}

/** A package and its overlays. */
export function PackageShelf({ graphics, wanted, order, onRename, onDelete }: Props) {
  const at = { params: { path: { id: graphics.id } } };
  const overlays = useQuery({
    queryKey: ["overlays", graphics.id],
    queryFn: () => answer(api.GET("/api/packages/{id}/overlays", at)),
  });
  const deleted = useQuery({
    queryKey: ["deleted-overlays", graphics.id],
    queryFn: () => answer(api.GET("/api/packages/{id}/deleted-overlays", at)),
  });
  const { backdrops } = useBackdrops(graphics.id);
  const over = backdrops.filter((backdrop) => backdrop.kind === "still");
  const [renaming, setRenaming] = useState(false);
  const [gone, setGone] = useState<{ id: number; name: string } | null>(null);
  const { problem, attempt } = useAttempt(
    ["overlays", graphics.id],
    ["deleted-overlays", graphics.id],
  );
  const bringBack = (id: number) => {
    setGone(null);
    void attempt(() =>
      answer(api.POST("/api/deleted-overlays/{id}/return", { params: { path: { id } } })),
    );
  };
  const standing = useStandings(graphics.id, overlays.data ?? []);
  const shown = found(overlays.data ?? [], wanted, order);
  return (
    <section aria-label={graphics.name} className="mb-8">
      <div className="mb-3 flex items-center gap-3">
        {renaming ? (
          <NameField
            label="Name of the package"
            name={graphics.name}
            onTake={(name) => {
              setRenaming(false);
              onRename(name);
            }}
            onGiveUp={() => setRenaming(false)}
          />
        ) : (
          <h1 className="text-xl font-semibold">{graphics.name}</h1>
        )}
        <Link to={`/packages/${graphics.id}/new`} className="btn btn-primary btn-sm">
          <Plus size={15} aria-hidden /> New overlay
        </Link>
        <Link to={`/packages/${graphics.id}/house`} className="btn btn-ghost btn-sm">
          House
        </Link>
        <a
          href={`/api/packages/${graphics.id}/bundle.zip`}
          download={`${graphics.name}.zip`}
          className="btn btn-ghost btn-sm"
        >
          Save as bundle
        </a>
        <CardMenu label={`More for the package ${graphics.name}`}>
          <li>
            <button type="button" onClick={() => setRenaming(true)}>
              Rename the package
            </button>
          </li>
          <li>
            <button type="button" onClick={onDelete}>
              Delete the package
            </button>
          </li>
        </CardMenu>
      </div>
      {problem && (
        <div className="mb-3 max-w-xl">
          <Notice>{problem}</Notice>
        </div>
      )}
      {gone && (
        <DeletedNotice
          name={gone.name}
          onUndo={() => bringBack(gone.id)}
          onClose={() => setGone(null)}
        />
      )}
      {overlays.isPending && <LoadingShelf />}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(300px,1fr))] gap-4">
        {shown.map((saved, i) => (
          <li key={saved.id}>
            <OverlayCard
              saved={saved}
              standing={standing.get(saved.id)}
              backdrop={over[i % Math.max(1, over.length)]}
              attempt={attempt}
              onDeleted={() => setGone({ id: saved.id, name: saved.overlay.name })}
            />
          </li>
        ))}
      </ul>
      {overlays.data?.length === 0 && (
        <p className="opacity-75">No overlay yet. “New overlay” begins with its frame.</p>
      )}
      {shown.length === 0 && overlays.data && overlays.data.length > 0 && (
        <p className="opacity-75">No overlay here is called so.</p>
      )}
      <DeletedList
        what="overlays"
        // Not before the pictures above it have taken their room: it would slip from under the hand.
        deleted={(overlays.data && deleted.data) ?? []}
        onReturn={(one) => bringBack(one.id)}
      />
    </section>
  );
}
