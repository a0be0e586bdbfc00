import { useState } from "react";
import { useNavigate, useParams, useSearchParams } from "react-router";
import { answer, api, type DrawnStarter } from "../api/client";
import { Bar } from "../ui/Bar";
import { useHouse } from "../house/useHouse";
import { StarterChoice } from "../starters/StarterChoice";
import { keyOf, useStarters } from "../starters/useStarters";
import { sameFrame } from "../document/geometry";
import { Notice } from "../ui/Notice";
import { useRested } from "../ui/useRested";
import { FrameChooser } from "./FrameChooser";
import { FrameSummary } from "./FrameSummary";
import { HD } from "./hd";

const REST_MS = 300;

/** What an overlay is called to which no name was given. */
const UNNAMED = "New overlay";

/** Begins an overlay: its name, the frame it is for, and what it begins with. */
export function NewOverlayPage() {
  const packageId = Number(useParams().packageId);
  const navigate = useNavigate();
  const asked = useSearchParams()[0].get("starter") ?? "";
  const [starter, setStarter] = useState(asked);
  const [name, setName] = useState(asked);
  const [frame, setFrame] = useState(HD);
  // A size of one's own is typed figure by figure.
  const rested = useRested(frame, REST_MS) ?? frame;
  const starters = useStarters(rested, packageId);
  const { house } = useHouse(packageId);
  const chosen = starters.find((one) => keyOf(one) === starter);
  // Drawn for the frame that is chosen, and not for the one before.
  const fits = chosen !== undefined && sameFrame(chosen.overlay.frame, frame);
  const choose = (next: DrawnStarter | null) => {
    // A name of one's own stays.
    if (name === "" || name === chosen?.overlay.name) setName(next?.overlay.name ?? "");
    setStarter(next ? keyOf(next) : "");
  };
  const [problem, setProblem] = useState("");
  const [making, setMaking] = useState(false);
  const create = async () => {
    setProblem("");
    setMaking(true);
    try {
      // One of another package of the house brings its pictures.
      const begun =
        chosen && chosen.packageId !== 0 && chosen.packageId !== packageId
          ? await answer(
              api.POST("/api/starters/{id}/taken", {
                params: { path: { id: chosen.own } },
                body: { packageId, overlay: chosen.overlay },
              }),
            )
          : chosen?.overlay;
      const saved = await answer(
        api.POST("/api/packages/{id}/overlays", {
          params: { path: { id: packageId } },
          body: {
            name: name.trim() || UNNAMED,
            frame: { ...frame, ownMargin: house.ownMargin },
            stack: begun?.stack ?? [],
            forTargets: begun?.forTargets ?? [],
            dress: begun?.dress ?? "LIGHT",
            kept: [],
          },
        }),
      );
      void navigate(`/overlays/${saved.id}/compose`);
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
      setMaking(false);
    }
  };
  return (
    <div className="flex h-full flex-col">
      <Bar>
        <h1 className="font-semibold">New overlay</h1>
      </Bar>
      <main className="flex min-h-0 flex-1 flex-col">
        <div className="flex min-h-0 flex-1 gap-6 overflow-y-auto px-6 py-4">
          <div className="flex-1">
            <FrameChooser frame={frame} onChoose={setFrame} />
          </div>
          <form
            className="w-72 shrink-0"
            onSubmit={(event) => {
              event.preventDefault();
              void create();
            }}
          >
            <label className="mb-3 block">
              <span className="mb-1 block text-xs font-semibold uppercase tracking-wide opacity-75">
                Name of the overlay
              </span>
              <input
                className="input w-full"
                maxLength={120}
                value={name}
                onChange={(event) => setName(event.target.value)}
                placeholder={UNNAMED}
              />
            </label>
            <FrameSummary frame={frame} />
            {problem && (
              <div className="mt-3">
                <Notice>{problem}</Notice>
              </div>
            )}
            <button
              type="submit"
              className="btn btn-primary mt-3 w-full"
              // A starter that is not here yet must not become an empty overlay.
              disabled={making || (starter !== "" && !fits)}
            >
              Compose it
            </button>
          </form>
        </div>
        <section
          aria-label="What it begins with"
          className="shrink-0 border-t border-base-300 bg-base-200 pt-2"
        >
          <h2 className="px-6 text-xs font-semibold uppercase tracking-wide opacity-75">
            Begin with
          </h2>
          <StarterChoice
            packageId={packageId}
            starters={starters}
            chosen={starter}
            onChoose={choose}
          />
        </section>
      </main>
    </div>
  );
}
