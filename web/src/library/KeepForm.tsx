import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useOverlay } from "../document/overlayStore";
import { findPiece } from "../document/tree";
import { goHome } from "../ui/home";
import { Notice } from "../ui/Notice";
import { keepInLibrary } from "./keep";
import { useOriginals } from "./useOriginals";

interface Props {
  packageId: number;
  onClose: () => void;
}

/** Characters. */
const LONGEST_NAME = 60;

/** Under which name what is chosen is kept in the library. */
export function KeepForm({ packageId, onClose }: Props) {
  const queries = useQueryClient();
  const originals = useOriginals(packageId) ?? [];
  const selected = useOverlay((state) => state.selected);
  const first = useOverlay((state) => findPiece(state.overlay, state.selected[0]));
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState("");
  const [working, setWorking] = useState(false);
  const name = typed ?? first?.name.slice(0, LONGEST_NAME) ?? "";
  const wanted = name.trim();
  const there = originals.some((one) => one.name.toLowerCase() === wanted.toLowerCase());
  const leave = () => {
    onClose();
    goHome();
  };
  const keep = async () => {
    setProblem("");
    setWorking(true);
    try {
      if (await keepInLibrary(wanted, selected, queries)) leave();
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
    setWorking(false);
  };
  if (selected.length === 0) {
    return (
      <p className="mt-2 text-sm">
        Choose the pieces that are to be kept in the library.{" "}
        <button type="button" className="btn btn-xs" onClick={leave}>
          Leave
        </button>
      </p>
    );
  }
  return (
    <form
      aria-label="Keep in the library"
      className="mt-2 rounded border border-base-300 p-2 text-sm"
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.stopPropagation();
        leave();
      }}
      onSubmit={(event) => {
        event.preventDefault();
        if (wanted && !working) void keep();
      }}
    >
      <label>
        Keep {selected.length === 1 ? (first?.name ?? "it") : `${selected.length} pieces`} in the
        library as
        <input
          autoFocus
          aria-label="Name in the library"
          className="input input-sm mt-1 w-full"
          maxLength={LONGEST_NAME}
          value={name}
          list="originals"
          onFocus={(event) => event.target.select()}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      <datalist id="originals">
        {originals.map((one) => (
          <option key={one.name} value={one.name} />
        ))}
      </datalist>
      <p className="mt-1 opacity-75">
        {there
          ? "There is one of that name: it becomes as this is, once you have seen what that changes."
          : "Copies of it can be laid on every overlay of the house. This one is the first."}
      </p>
      {problem && <Notice>{problem}</Notice>}
      <div className="mt-1 flex gap-1">
        <button type="submit" className="btn btn-xs btn-primary" disabled={!wanted || working}>
          {there ? "Change the original" : "Keep"}
        </button>
        <button type="button" className="btn btn-xs" onClick={leave}>
          Leave
        </button>
      </div>
    </form>
  );
}
