import { BookOpen, Keyboard, Moon, Sun } from "lucide-react";
import { lazy, type ReactNode, Suspense, useEffect, useState } from "react";
import { Link } from "react-router";
import { KeyList } from "./KeyList";
import { useKeys } from "./keys";
import { useRoom } from "./room";

// With its pictures it is fetched when it is first opened.
const Guide = lazy(() => import("../guide/Guide"));

/** The line across the top of every screen. */
export function Bar({ children }: { children?: ReactNode }) {
  const { room, change } = useRoom();
  const [keysShown, showKeys] = useState(false);
  const [guideShown, showGuide] = useState(false);
  useKeys({ "?": () => showKeys(true) });
  // Also while something is being typed: then it is wanted most.
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== "F1" || document.querySelector("dialog[open]")) return;
      event.preventDefault();
      showGuide(true);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
  return (
    <header className="flex h-12 shrink-0 items-center gap-3 border-b border-base-300 bg-base-100 px-3">
      <Link
        to="/"
        className="flex items-center gap-2 rounded px-1 text-[15px] font-semibold tracking-tight"
      >
        <img src="/mark.svg" alt="" className="h-6 w-6" />
        Diaphan
      </Link>
      {/* Where the window is narrow, or enlarged, what does not fit is scrolled to. */}
      <div className="flex min-w-0 flex-1 items-center gap-3 overflow-x-auto overflow-y-hidden [scrollbar-width:none]">
        {children}
      </div>
      <button
        type="button"
        className="btn btn-ghost btn-sm btn-square"
        aria-label={room === "dark-room" ? "Turn to the light room" : "Turn to the dark room"}
        title="Light or dark room"
        onClick={change}
      >
        {room === "dark-room" ? <Sun size={17} /> : <Moon size={17} />}
      </button>
      <button
        type="button"
        className="btn btn-ghost btn-sm btn-square"
        aria-label="Guide"
        title="Guide (F1)"
        onClick={() => showGuide(true)}
      >
        <BookOpen size={17} />
      </button>
      <button
        type="button"
        className="btn btn-ghost btn-sm btn-square"
        aria-label="List of keys"
        title="List of keys (?)"
        onClick={() => showKeys(true)}
      >
        <Keyboard size={17} />
      </button>
      {guideShown && (
        <Suspense>
          <Guide onClose={() => showGuide(false)} />
        </Suspense>
      )}
      {keysShown && <KeyList onClose={() => showKeys(false)} />}
    </header>
  );
}
