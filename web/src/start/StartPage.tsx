import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type PackageSummary } from "../api/client";
import { Bar } from "../ui/Bar";
import { Choice } from "../ui/Choice";
import { Notice } from "../ui/Notice";
import { DeletedList } from "./DeletedList";
import { DeletedNotice } from "./DeletedNotice";
import { EmptyStart } from "./EmptyStart";
import type { Order } from "./found";
import { LoadingShelf } from "./LoadingShelf";
import { NewPackage } from "./NewPackage";
import { PackageShelf } from "./PackageShelf";
import { useAttempt } from "./useAttempt";

const ORDERS = [
  ["MADE", "as they were made"],
  ["NAME", "by name"],
  ["CHANGED", "what was changed last first"],
] as const satisfies readonly (readonly [Order, string])[];

/** The packages and their overlays as pictures over a backdrop. */
export function StartPage() {
  const packages = useQuery({
    queryKey: ["packages"],
    queryFn: () => answer(api.GET("/api/packages")),
  });
  const deleted = useQuery({
    queryKey: ["deleted-packages"],
    queryFn: () => answer(api.GET("/api/deleted-packages")),
  });
  const [wanted, setWanted] = useState("");
  const [order, setOrder] = useState<Order>("MADE");
  const [gone, setGone] = useState<PackageSummary | null>(null);
  const { problem, attempt } = useAttempt(["packages"], ["deleted-packages"]);
  const remove = (graphics: PackageSummary) =>
    attempt(async () => {
      await answer(api.DELETE("/api/packages/{id}", { params: { path: { id: graphics.id } } }));
      setGone(graphics);
    });
  const bringBack = (id: number) => {
    setGone(null);
    void attempt(() =>
      answer(api.POST("/api/deleted-packages/{id}/return", { params: { path: { id } } })),
    );
  };
  const rename = (id: number, name: string) =>
    attempt(() =>
      answer(api.PUT("/api/packages/{id}/name", { params: { path: { id } }, body: { name } })),
    );
  return (
    <div className="flex h-full flex-col">
      <Bar>
        <span className="opacity-75">Still overlays for video</span>
        {packages.data && packages.data.length > 0 && (
          <span className="ml-auto flex items-center gap-3">
            <input
              type="search"
              aria-label="Find an overlay"
              placeholder="Find an overlay"
              className="input input-sm w-52"
              value={wanted}
              onChange={(event) => setWanted(event.target.value)}
            />
            <span className="text-sm">
              <Choice label="Order" value={order} options={ORDERS} onChange={setOrder} />
            </span>
          </span>
        )}
      </Bar>
      <main className="min-h-0 flex-1 overflow-y-auto px-6 py-5">
        {packages.isError && <Notice>{packages.error.message}</Notice>}
        {problem && <Notice>{problem}</Notice>}
        {gone && (
          <DeletedNotice
            name={gone.name}
            onUndo={() => bringBack(gone.id)}
            onClose={() => setGone(null)}
          />
        )}
        {packages.data?.map((graphics) => (
          <PackageShelf
            key={graphics.id}
            graphics={graphics}
            wanted={wanted}
            order={order}
            onRename={(name) => void rename(graphics.id, name)}
            onDelete={() => void remove(graphics)}
          />
        ))}
        {packages.data?.length === 0 && <EmptyStart />}
        {packages.isPending && <LoadingShelf />}
        {packages.data && <NewPackage known={packages.data} />}
        <DeletedList
          what="packages"
          deleted={deleted.data ?? []}
          onReturn={(one) => bringBack(one.id)}
        />
      </main>
    </div>
  );
}
