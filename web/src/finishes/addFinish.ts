import { answer, api, type Finish } from "../api/client";
import { say, working } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { findPiece } from "../document/tree";
import { KINDS } from "./kinds";

/** Adds a finish of a kind to the chosen pieces, as the core begins it, and goes to its first value. */
export function addFinish(kind: Finish["kind"]): Promise<void> {
  return working(adding(kind));
}

async function adding(kind: Finish["kind"]): Promise<void> {
  const { overlay, packageId, selected } = useOverlay.getState();
  const [first] = selected;
  if (!overlay || first === undefined) return;
  try {
    const samples = await answer(
      api.POST("/api/packages/{id}/finish-samples", {
        params: { path: { id: packageId } },
        body: { overlay, piece: first },
      }),
    );
    const begun = samples.find(({ finish }) => finish.kind === kind)?.finish;
    if (!begun) return;
    const did = `Add ${KINDS[kind].one}`;
    for (const id of selected.filter((one) => findPiece(overlay, one))) {
      useOverlay.getState().changePiece(
        id,
        (same) => ({
          ...same,
          look: { ...same.look, finishes: [...same.look.finishes, begun], follows: "" },
        }),
        did,
        `${did} to all`,
      );
    }
    setTimeout(focusNewest, 0);
  } catch (e) {
    say(e instanceof Error ? e.message : String(e));
  }
}

/** The first number of the finish added last, once it stands in the sheet. */
export function focusNewest(): void {
  const rows = document.querySelectorAll("[data-sheet] [data-finish]");
  [...rows].at(-1)?.querySelector<HTMLElement>("input[role=spinbutton]")?.focus();
}
