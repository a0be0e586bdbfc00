import { useEffect, useRef, useState } from "react";
import { answer, api, type Drawing, type Overlay } from "../api/client";
import { useOverlay } from "../document/overlayStore";

export interface Drawn {
  drawing: Drawing;
  /** The document that was drawn. */
  overlay: Overlay;
}

interface Wanted {
  packageId: number;
  overlay: Overlay;
  scale: number;
  editing: string;
  row: number;
}

/**
 * Keeps a true drawing of the newest document. One drawing is asked for at a time; whatever changed
 * meanwhile is drawn next, so that no queue builds up behind a fast hand. The overlay being worked
 * on is asked for as soon as it changes, so that the core draws while the screen is laid out.
 *
 * @param editing the id of the text whose carets are wanted
 * @param held whether to wait, as while something else is looked at
 * @param row the id of the roster's row that fills the overlay; 0 for none
 */
export function useDrawing(
  packageId: number,
  overlay: Overlay,
  scale: number,
  editing = "",
  held = false,
  row = 0,
): { drawn: Drawn | null; problem: string } {
  const [drawn, setDrawn] = useState<Drawn | null>(null);
  const [problem, setProblem] = useState("");
  const wanted = useRef<Wanted | null>(null);
  const asked = useRef<Wanted | null>(null);
  const busy = useRef(false);
  const alive = useRef(true);
  useEffect(() => {
    alive.current = true;
    return () => {
      alive.current = false;
    };
  }, []);
  useEffect(() => {
    const draw = async () => {
      if (busy.current) return;
      busy.current = true;
      while (wanted.current && alive.current) {
        const now = wanted.current;
        wanted.current = null;
        try {
          const drawing = await answer(
            api.POST("/api/packages/{id}/drawings", {
              params: { path: { id: now.packageId } },
              body: {
                overlay: now.overlay,
                scale: now.scale,
                editing: now.editing,
                row: now.row,
              },
            }),
          );
          await loaded(drawing.composite.picture);
          setDrawn({ drawing, overlay: now.overlay });
          setProblem("");
        } catch (e) {
          setProblem(e instanceof Error ? e.message : String(e));
        }
      }
      busy.current = false;
    };
    const ask = (newest: Overlay) => {
      const last = asked.current;
      const same =
        last?.overlay === newest &&
        last.packageId === packageId &&
        last.scale === scale &&
        last.editing === editing &&
        last.row === row;
      if (same) return;
      asked.current = wanted.current = { packageId, overlay: newest, scale, editing, row };
      void draw();
    };
    if (held) return;
    ask(overlay);
    if (overlay !== useOverlay.getState().overlay) return;
    return useOverlay.subscribe((state) => {
      if (state.overlay) ask(state.overlay);
    });
  }, [packageId, overlay, scale, editing, held, row]);
  return { drawn, problem };
}

async function loaded(address: string): Promise<void> {
  if (!address) return;
  const image = new Image();
  image.src = address;
  await image.decode();
}
