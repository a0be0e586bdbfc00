import { Images } from "lucide-react";
import { useState } from "react";
import { answer, api } from "../api/client";
import { FilePick } from "../ui/FilePick";
import { Notice } from "../ui/Notice";
import { PHOTOGRAPH_FILES } from "./files";

interface Props {
  packageId: number;
  busy: boolean;
  onFiles: (files: readonly File[]) => void;
  onAdded: () => void;
}

/** How photographs come in where there are none yet. */
export function BringPhotographs({ packageId, busy, onFiles, onAdded }: Props) {
  return (
    <div className="grid flex-1 place-items-center overflow-y-auto p-6">
      <div className="w-full max-w-3xl">
        <h2 className="flex items-center gap-2 text-lg font-semibold">
          <Images size={20} aria-hidden /> One mark on many photographs
        </h2>
        <p className="mt-1 text-sm opacity-80">
          Drop photographs or their folder here. Each gets the mark drawn at its own size, where and
          in the dress that it stands out in. Beside the mark nothing of a photograph is lost.
        </p>
        <div className="mt-4 grid grid-cols-2 gap-4">
          <section className="rounded border border-dashed border-base-content/30 p-4">
            <h3 className="font-semibold">Photographs</h3>
            <p className="mb-3 text-sm opacity-80">JPEG, PNG, TIFF, WebP, HEIC or AVIF.</p>
            <FilePick
              label="Photographs"
              accept={PHOTOGRAPH_FILES}
              words={busy ? "Being taken in…" : "Choose files…"}
              className="btn btn-primary btn-sm"
              many
              onFiles={onFiles}
            />
          </section>
          <section className="rounded border border-base-300 p-4">
            <h3 className="font-semibold">A folder of this computer</h3>
            <FolderField packageId={packageId} onAdded={onAdded} />
          </section>
        </div>
      </div>
    </div>
  );
}

/** Adds the photographs of a folder, which stay where they are. */
export function FolderField({ packageId, onAdded }: { packageId: number; onAdded: () => void }) {
  const [path, setPath] = useState("");
  const [problem, setProblem] = useState("");
  const add = async () => {
    try {
      await answer(
        api.POST("/api/packages/{id}/photographs/folder", {
          params: { path: { id: packageId } },
          body: { path },
        }),
      );
      setProblem("");
      setPath("");
      onAdded();
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (path.trim()) void add();
      }}
    >
      <p className="text-sm opacity-80">They stay where they are; results go beside them.</p>
      <div className="mt-2 flex gap-2">
        <input
          aria-label="Folder of photographs"
          className="input input-sm min-w-0 flex-1"
          placeholder="Its whole path"
          value={path}
          onChange={(event) => setPath(event.target.value)}
        />
        <button type="submit" className="btn btn-sm" disabled={!path.trim()}>
          Add
        </button>
      </div>
      {problem && (
        <div className="mt-2">
          <Notice>{problem}</Notice>
        </div>
      )}
    </form>
  );
}
