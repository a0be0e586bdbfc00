import { type QueryClient, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { answer, api, type Piece } from "../api/client";
import { add } from "../document/add";
import { arrange, say, working } from "../document/arrange";
import { newText } from "../document/newPieces";
import { useOverlay } from "../document/overlayStore";
import { takeIn } from "../pictures/takeIn";
import { shortSide } from "../document/geometry";
import { findPiece } from "../document/tree";

/** What is put on the clipboard: readable, and told from other text by its format. */
interface Carried {
  format: "diaphan-pieces";
  package: number;
  overlay: number;
  /** Short side of the frame they were made for. */
  lines: number;
  pieces: Piece[];
}

function typing(): boolean {
  const here = document.activeElement;
  return here instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(here.tagName);
}

function carried(text: string): Carried | null {
  try {
    const value: unknown = JSON.parse(text);
    if (typeof value !== "object" || value === null) return null;
    const given = value as Partial<Carried>;
    return given.format === "diaphan-pieces" && Array.isArray(given.pieces)
      ? (given as Carried)
      : null;
  } catch {
    return null;
  }
}

/** Pictures on the clipboard; one copied from another program has no name of its own. */
function pictureFiles(data: DataTransfer | null): File[] {
  const files = [...(data?.files ?? [])];
  const text = data?.getData("text/plain") ?? "";
  if (files.length === 0 && /^\s*(<\?xml[^>]*>\s*)?<svg[\s>]/.test(text)) {
    return [new File([text], "pasted.svg", { type: "image/svg+xml" })];
  }
  return files.map((file) =>
    file.name === "image.png" ? new File([file], "pasted.png", { type: file.type }) : file,
  );
}

async function paste(text: string, queries: QueryClient): Promise<void> {
  const { overlay, packageId, id, change, select } = useOverlay.getState();
  if (!overlay) return;
  const given = carried(text);
  if (!given) {
    const words = text.trim();
    if (words === "" || words.length > 2000) {
      say(
        words === ""
          ? "The clipboard holds no piece and no words, so nothing was pasted."
          : "The clipboard holds more than 2000 characters, so nothing was pasted. Copy less of it.",
      );
      return;
    }
    add((now) => newText(now, words), "Paste words");
    return;
  }
  const beside = given.overlay === id ? 20 : 0;
  try {
    const pasted = await answer(
      api.POST("/api/packages/{id}/pasted", {
        params: { path: { id: packageId } },
        body: {
          overlay,
          from: given.package,
          paste: {
            kind: "paste",
            pieces: given.pieces,
            lines: given.lines,
            right: beside,
            down: beside,
          },
        },
      }),
    );
    change(() => pasted.overlay, "Paste");
    select(pasted.chosen);
    void queries.invalidateQueries({ queryKey: ["pictures", packageId] });
    say("");
  } catch (e) {
    const sentence = e instanceof Error ? e.message : String(e);
    say(`Nothing was pasted. ${sentence}`);
  }
}

/** The chosen pieces as they go on the clipboard; nothing if none is chosen. */
function chosenPieces(): string | null {
  const { overlay, selected, packageId, id } = useOverlay.getState();
  if (!overlay || selected.length === 0 || id === null) return null;
  const content: Carried = {
    format: "diaphan-pieces",
    package: packageId,
    overlay: id,
    lines: shortSide(overlay.frame),
    pieces: selected.flatMap((one) => findPiece(overlay, one) ?? []),
  };
  return JSON.stringify(content, null, 1);
}

/** Copies the chosen pieces where the browser was not asked to itself; whether it could be done. */
export async function copyChosen(): Promise<boolean> {
  const content = chosenPieces();
  if (content === null) return false;
  try {
    await navigator.clipboard.writeText(content);
    return true;
  } catch {
    say("The browser does not let this page write to the clipboard. Press Ctrl C instead.");
    return false;
  }
}

export async function cutChosen(): Promise<void> {
  if (await copyChosen()) await arrange({ kind: "remove" }, "Cut");
}

/** Copies, cuts and pastes chosen pieces, between overlays and packages too. */
export function useClipboard(): void {
  const queries = useQueryClient();
  useEffect(() => {
    const take = (event: ClipboardEvent): boolean => {
      const content = typing() ? null : chosenPieces();
      if (content === null) return false;
      event.clipboardData?.setData("text/plain", content);
      event.preventDefault();
      return true;
    };
    const onCut = (event: ClipboardEvent) => {
      if (take(event)) void arrange({ kind: "remove" }, "Cut");
    };
    const onPaste = (event: ClipboardEvent) => {
      if (typing()) return;
      event.preventDefault();
      const files = pictureFiles(event.clipboardData);
      if (files.length > 0) {
        void takeIn(files, queries);
        return;
      }
      void working(paste(event.clipboardData?.getData("text/plain") ?? "", queries));
    };
    document.addEventListener("copy", take);
    document.addEventListener("cut", onCut);
    document.addEventListener("paste", onPaste);
    return () => {
      document.removeEventListener("copy", take);
      document.removeEventListener("cut", onCut);
      document.removeEventListener("paste", onPaste);
    };
  }, [queries]);
}
