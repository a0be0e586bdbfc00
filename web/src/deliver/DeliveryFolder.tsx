import { useQueryClient } from "@tanstack/react-query";
import { Fragment, useState } from "react";
import { answer, api } from "../api/client";
import { Notice } from "../ui/Notice";

interface Props {
  packageId: number;
  folder: string;
}

/** Another folder for a package's files than its own. */
export function DeliveryFolder({ packageId, folder }: Props) {
  const queries = useQueryClient();
  const [wanted, setWanted] = useState<string>();
  const [problem, setProblem] = useState("");
  const choose = async (path: string) => {
    try {
      await answer(
        api.PUT("/api/packages/{id}/delivery-folder", {
          params: { path: { id: packageId } },
          body: { folder: path },
        }),
      );
      setProblem("");
      setWanted(undefined);
      await queries.invalidateQueries({ queryKey: ["plan"] });
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <details className="mt-1 text-xs">
      <summary className="cursor-pointer opacity-80">Deliver the package to another folder</summary>
      <input
        aria-label="Folder of the package's files"
        className="input input-sm mt-1 w-full"
        value={wanted ?? folder}
        onChange={(event) => setWanted(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== "Enter") return;
          event.preventDefault(); // It is in the form that delivers.
          void choose(wanted ?? folder);
        }}
      />
      <div className="mt-2 flex gap-2">
        <button type="button" className="btn btn-xs" onClick={() => void choose(wanted ?? folder)}>
          Use this folder
        </button>
        <button type="button" className="btn btn-xs" onClick={() => void choose("")}>
          Use the package’s own
        </button>
      </div>
      {problem && (
        <div className="mt-1">
          <Notice>{problem}</Notice>
        </div>
      )}
    </details>
  );
}

/** A path that is broken at its slashes before anything else. */
export function FolderPath({ path }: { path: string }) {
  return (
    <span className="wrap-anywhere">
      {path.split(/(?<=[/\\])/).map((part, i) => (
        <Fragment key={i}>
          {part}
          <wbr />
        </Fragment>
      ))}
    </span>
  );
}
