import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, type PackageSummary, type SavedOverlay, upload } from "../api/client";
import { Bar } from "../app/Bar";
import { BackdropLayer } from "../backdrops/Backdrop";
import { useBackdrops } from "../backdrops/useBackdrops";
import { Notice } from "../ui/Notice";

/** The packages and their overlays as pictures over a backdrop. */
export function StartPage() {
  const packages = useQuery({
    queryKey: ["packages"],
    queryFn: () => answer(api.GET("/api/packages")),
  });
  return (
    <div className="flex h-full flex-col">
      <Bar>
        <span className="opacity-75">Still overlays for video</span>
      </Bar>
      <main className="min-h-0 flex-1 overflow-y-auto px-6 py-5">
        {packages.isError && <Notice>{packages.error.message}</Notice>}
        {packages.data?.map((graphics) => (
          <PackageShelf key={graphics.id} graphics={graphics} />
        ))}
        {packages.data && <NewPackage first={packages.data.length === 0} />}
      </main>
    </div>
  );
}

function PackageShelf({ graphics }: { graphics: PackageSummary }) {
  const overlays = useQuery({
    queryKey: ["overlays", graphics.id],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/overlays", { params: { path: { id: graphics.id } } })),
  });
  const { backdrops } = useBackdrops(graphics.id);
  const over = backdrops.filter((backdrop) => backdrop.kind === "still");
  return (
    <section aria-label={graphics.name} className="mb-8">
      <div className="mb-3 flex items-center gap-3">
        <h1 className="text-xl font-semibold">{graphics.name}</h1>
        <Link to={`/packages/${graphics.id}/new`} className="btn btn-primary btn-sm">
          <Plus size={15} aria-hidden /> New overlay
        </Link>
        <a
          href={`/api/packages/${graphics.id}/bundle.zip`}
          download={`${graphics.name}.zip`}
          className="btn btn-ghost btn-sm"
        >
          Save as bundle
        </a>
      </div>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(300px,1fr))] gap-4">
        {overlays.data?.map((saved, i) => (
          <li key={saved.id}>
            <OverlayCard saved={saved} backdrop={over[i % Math.max(1, over.length)]} />
          </li>
        ))}
      </ul>
      {overlays.data?.length === 0 && (
        <p className="opacity-75">No overlay yet. “New overlay” begins with its frame.</p>
      )}
    </section>
  );
}

type Backdrop = ReturnType<typeof useBackdrops>["chosen"];

function OverlayCard({ saved, backdrop }: { saved: SavedOverlay; backdrop: Backdrop | undefined }) {
  const { frame, name } = saved.overlay;
  return (
    <Link
      to={`/overlays/${saved.id}/compose`}
      className="card block overflow-hidden border border-base-300 bg-base-100 hover:border-primary"
    >
      <span className="relative flex aspect-video justify-center overflow-hidden bg-base-200">
        <span
          className="relative block h-full overflow-hidden"
          style={{ aspectRatio: `${saved.displayWidth} / ${frame.height}` }}
        >
          <BackdropLayer backdrop={backdrop ?? { kind: "flat", name: "", colour: "#808080" }} />
          <img
            src={`/api/overlays/${saved.id}/picture.png?width=640&revision=${saved.revision}`}
            alt=""
            className="absolute inset-0 h-full w-full"
          />
        </span>
      </span>
      <span className="flex items-baseline justify-between gap-2 px-3 py-2">
        <span className="truncate font-medium">{name}</span>
        <span className="shrink-0 text-xs opacity-75">
          {frame.width} × {frame.height}
        </span>
      </span>
    </Link>
  );
}

function NewPackage({ first }: { first: boolean }) {
  const [name, setName] = useState("");
  const [problem, setProblem] = useState("");
  const file = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const attempt = async (work: () => Promise<unknown>) => {
    setProblem("");
    try {
      await work();
      await queries.invalidateQueries({ queryKey: ["packages"] });
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  const create = async () => {
    const made = await answer(api.POST("/api/packages", { body: { name } }));
    setName("");
    if (first) void navigate(`/packages/${made.id}/new`);
  };
  return (
    <section aria-label="Another package" className="border-t border-base-300 pt-4">
      {first && (
        <p className="mb-3 max-w-prose text-base">
          A package holds the overlays of one programme. Name yours to begin, or open a bundle.
        </p>
      )}
      <form
        className="flex flex-wrap items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void attempt(create);
        }}
      >
        <input
          aria-label="Name of the new package"
          placeholder="Name of the programme"
          className="input input-sm w-64"
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <button type="submit" className="btn btn-sm" disabled={name.trim() === ""}>
          New package
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => file.current?.click()}
        >
          Open a bundle…
        </button>
        <input
          ref={file}
          type="file"
          aria-label="Bundle file"
          accept=".zip"
          className="hidden"
          onChange={(event) => {
            const given = event.target.files?.[0];
            event.target.value = "";
            if (given) void attempt(() => upload("/api/packages/bundle", given));
          }}
        />
      </form>
      {problem && (
        <div className="mt-3 max-w-xl">
          <Notice>{problem}</Notice>
        </div>
      )}
    </section>
  );
}
