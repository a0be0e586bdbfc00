import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, type DrawnStarter } from "../api/client";
import { HD } from "../frame/hd";
import { useStarters } from "../starters/useStarters";
import { Notice } from "../ui/Notice";
import { useAttempt } from "./useAttempt";

/** Of the starters, what shows best what Diaphan makes, with what is said of each. */
const SHOWN: readonly (readonly [string, string])[] = [
  ["Lower third, plate", "Plates that grow with the words, see-through where you want it"],
  ["Stencil", "Letters that the video is seen through"],
  ["Title card", "Whole cards, with the picture darkened behind them"],
];

/** The package that is begun without asking for its name; it can be renamed. */
const FIRST = "My programme";

/** What stands on the start page while there is nothing: what is made here, and three ways to begin. */
export function EmptyStart() {
  const starters = useStarters(HD, 0);
  const demo = useQuery({
    queryKey: ["demo"],
    queryFn: () => answer(api.GET("/api/demo")),
    staleTime: Infinity,
  });
  const navigate = useNavigate();
  const { problem, attempt } = useAttempt(["packages"]);
  // A double click begins one programme.
  const [beginning, setBeginning] = useState(false);
  const once = async (work: () => Promise<unknown>) => {
    setBeginning(true);
    await attempt(work);
    setBeginning(false);
  };
  const begin = (query: string) =>
    void once(async () => {
      const made = await answer(api.POST("/api/packages", { body: { name: FIRST } }));
      void navigate(`/packages/${made.id}/new${query}`);
    });
  return (
    <section aria-label="To begin" className="mb-8">
      <h1 className="text-xl font-semibold">Still pictures with alpha, to lie over your video</h1>
      <ul className="my-4 grid grid-cols-3 gap-4">
        {SHOWN.map(([name, words]) => (
          <Shown
            key={name}
            starter={starters.find((one) => one.overlay.name === name)}
            words={words}
          />
        ))}
      </ul>
      <div className="flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-primary"
          disabled={beginning}
          onClick={() => begin(`?starter=${encodeURIComponent(SHOWN[0]?.[0] ?? "")}`)}
        >
          Begin with a starter
        </button>
        <button type="button" className="btn" disabled={beginning} onClick={() => begin("")}>
          Begin with an empty frame
        </button>
        {demo.data?.offered && (
          <button
            type="button"
            className="btn"
            disabled={beginning}
            onClick={() => void once(() => answer(api.POST("/api/demo")))}
          >
            Look at the demo
          </button>
        )}
      </div>
      {problem && (
        <div className="mt-3 max-w-xl">
          <Notice>{problem}</Notice>
        </div>
      )}
    </section>
  );
}

function Shown({ starter, words }: { starter: DrawnStarter | undefined; words: string }) {
  return (
    <li>
      <span className="block aspect-video overflow-hidden rounded-box bg-[linear-gradient(177deg,#8fb0bd,#d9c7a3_54%,#46605f_55%,#2b4347)]">
        {starter ? (
          <img src={starter.picture} alt={starter.overlay.name} className="h-full w-full" />
        ) : (
          <span className="skeleton block h-full w-full rounded-none opacity-40" />
        )}
      </span>
      <p className="mt-1 text-sm opacity-85">{words}</p>
    </li>
  );
}
