import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, type PackageSummary, upload } from "../api/client";
import { Notice } from "../ui/Notice";
import { useAttempt } from "./useAttempt";

/** Begins a package, or opens one that was saved. */
export function NewPackage({ known }: { known: readonly PackageSummary[] }) {
  const first = known.length === 0;
  const [name, setName] = useState("");
  const file = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const { problem, attempt } = useAttempt(["packages"]);
  const [twice, setTwice] = useState<PackageSummary | null>(null);
  const open = async (bundle: File) => {
    const made = await upload<PackageSummary>("/api/packages/bundle", bundle);
    setTwice(known.some((other) => other.name === made.name) ? made : null);
  };
  const takeAway = async (id: number) => {
    await answer(api.DELETE("/api/packages/{id}", { params: { path: { id } } }));
    setTwice(null);
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
          A package holds the overlays of one programme. Or name yours at once, or open a bundle.
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
            if (given) void attempt(() => open(given));
          }}
        />
      </form>
      {twice && (
        <div role="status" className="alert mt-3 max-w-2xl text-sm">
          <span className="flex-1">
            “{twice.name}” was here already; now it is here twice. The new one is the last.
          </span>
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => void attempt(() => takeAway(twice.id))}
          >
            Take the new one away
          </button>
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => setTwice(null)}>
            Keep both
          </button>
        </div>
      )}
      {problem && (
        <div className="mt-3 max-w-xl">
          <Notice>{problem}</Notice>
        </div>
      )}
    </section>
  );
}
