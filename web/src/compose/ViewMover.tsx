import {
  type PointerEvent,
  type ReactNode,
  type RefObject,
  useEffect,
  useRef,
  useState,
} from "react";
import type { View } from "./useView";

interface Props {
  view: View;
  area: RefObject<HTMLDivElement | null>;
  children: ReactNode;
}

/** Whether the space bar is free: what has the focus may want it for itself. */
function free(target: EventTarget | null): boolean {
  return (
    target instanceof Element &&
    !target.closest("input, textarea, select, button, a, summary, dialog, [role=menu]")
  );
}

/**
 * What the frame lies in. The wheel moves it, with Ctrl it zooms about the pointer (as pinching
 * does); the middle button moves it, and so does the first one with the space bar held.
 */
export function ViewMover({ view, area, children }: Props) {
  const newest = useRef(view);
  const from = useRef<{ x: number; y: number } | null>(null);
  const [space, setSpace] = useState(false);
  useEffect(() => {
    newest.current = view;
  });
  useEffect(() => {
    const element = area.current;
    if (!element) return;
    const onWheel = (event: WheelEvent) => {
      if (!event.ctrlKey && !event.metaKey) return;
      event.preventDefault(); // Or the browser would enlarge the whole page.
      newest.current.zoomBy(Math.exp(-event.deltaY / 400), event);
    };
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== " " || !free(event.target)) return;
      event.preventDefault();
      setSpace(event.type === "keydown");
    };
    const onLeave = () => setSpace(false);
    element.addEventListener("wheel", onWheel, { passive: false });
    window.addEventListener("keydown", onKey);
    window.addEventListener("keyup", onKey);
    window.addEventListener("blur", onLeave);
    return () => {
      element.removeEventListener("wheel", onWheel);
      window.removeEventListener("keydown", onKey);
      window.removeEventListener("keyup", onKey);
      window.removeEventListener("blur", onLeave);
    };
  }, [area]);
  const onDown = (event: PointerEvent<HTMLDivElement>) => {
    if (event.button !== 1 && !(space && event.button === 0)) return;
    event.preventDefault();
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    from.current = { x: event.clientX, y: event.clientY };
  };
  const onMove = (event: PointerEvent) => {
    if (!from.current) return;
    event.stopPropagation();
    view.moveBy(event.clientX - from.current.x, event.clientY - from.current.y);
    from.current = { x: event.clientX, y: event.clientY };
  };
  const onUp = (event: PointerEvent) => {
    if (!from.current) return;
    event.stopPropagation();
    from.current = null;
  };
  return (
    <div
      ref={area}
      data-testid="view"
      className={`flex min-h-0 flex-1 overflow-auto bg-base-200 ${space ? "cursor-grab [&_*]:cursor-grab" : ""}`}
      // The middle button would scroll by itself otherwise.
      onMouseDown={(event) => {
        if (event.button === 1) event.preventDefault();
      }}
      onPointerDownCapture={onDown}
      onPointerMoveCapture={onMove}
      onPointerUpCapture={onUp}
      onPointerCancelCapture={onUp}
    >
      {children}
    </div>
  );
}
