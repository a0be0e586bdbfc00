import { Notice } from "../ui/Notice";
import { forgetProblems, useTakingIn } from "./takeIn";

/** How far the pictures are that are being taken in, and what was refused. */
export function TakingInNote() {
  const { all, done, name, problems } = useTakingIn();
  return (
    <>
      {done < all && (
        <div role="status" className="px-3 py-2 text-sm">
          <progress
            className="progress progress-primary w-full"
            aria-label="Pictures taken in"
            value={done}
            max={all}
          />
          <span className="block truncate">
            Reading {name} — {done + 1} of {all}
          </span>
        </div>
      )}
      {problems.length > 0 && (
        <div className="p-2">
          <Notice>
            {problems.map((problem) => (
              <p key={problem}>{problem}</p>
            ))}
            <button type="button" className="btn btn-ghost btn-xs mt-1" onClick={forgetProblems}>
              All right
            </button>
          </Notice>
        </div>
      )}
    </>
  );
}
