import { useStore } from "zustand";
import { type ReactNode, useEffect, useMemo, useRef, useState } from "react";
import { BackdropLayer } from "../backdrops/Backdrop";
import { useBackdrops } from "../backdrops/useBackdrops";
import type { BothLooks } from "../api/client";
import { Choice } from "../ui/Choice";
import { Notice } from "../ui/Notice";
import { accept, type Proposal, useProposal } from "../house/proposal";
import { allSeen, inWords, keyOf, type Seen, worstFirst } from "../house/seen";
import { Redeliver } from "./Redeliver";

/** More come when they are asked for; all are drawn, so that the worst are first. */
const SHOWN_AT_ONCE = 24;

/** Wherever a change of a house touches something: what it touches, before it is made. */
export function BeforeAndAfterDialog() {
  const proposal = useProposal((state) => state.proposal);
  return proposal && <Shown key={proposal.followed.revision} proposal={proposal} />;
}

function Shown({ proposal }: { proposal: Proposal }) {
  const { touched, packageId } = proposal;
  const seen = useMemo(() => allSeen(touched), [touched]);
  const { looks, tried } = useStore(proposal.looks.drawn);
  const [keptOut, setKeptOut] = useState<ReadonlySet<number>>(new Set());
  const [most, setMost] = useState(SHOWN_AT_ONCE);
  const [problem, setProblem] = useState("");
  const [state, setState] = useState<"open" | "changing" | "made">("open");
  const { backdrops, chosen } = useBackdrops(packageId);
  const [over, setOver] = useState(chosen.name);
  const backdrop = backdrops.find((one) => one.name === over) ?? chosen;
  const all = tried === seen.length;
  const sorted = worstFirst(seen, looks);
  const keep = (overlay: number, out: boolean) =>
    setKeptOut((before) => {
      const after = new Set(before);
      if (out) after.add(overlay);
      else after.delete(overlay);
      return after;
    });
  const change = async () => {
    setState("changing");
    setProblem("");
    try {
      await accept(proposal, [...keptOut]);
      setState("made");
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
      setState("open");
    }
  };
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => dialog.current?.showModal(), []);
  const leave = () => proposal.decided(state === "made");
  return (
    <dialog
      ref={dialog}
      aria-label="Before and after"
      className="m-0 h-screen max-h-none w-screen max-w-none flex-col bg-base-200 text-base-content open:flex"
      onCancel={(event) => event.preventDefault()}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === "Escape" && state !== "changing") leave();
      }}
    >
      <header className="flex shrink-0 flex-wrap items-center gap-3 border-b border-base-300 bg-base-100 px-6 py-3">
        <div className="min-w-0 flex-1">
          <h2 className="font-semibold">
            {state === "made" ? "Changed: " : "This changes "}
            {inWords(touched, keptOut)}
            {keptOut.size > 0 && `; ${keptOut.size} kept out`}
          </h2>
          <p className="text-sm opacity-75" role="status">
            {all
              ? `Each before and after, ${proposal.other === undefined ? "" : `with the house “${proposal.house.name}”, `}what is hardest to read first.`
              : `${tried} of ${seen.length} drawn…`}{" "}
            Over{" "}
            <Choice
              label="Backdrop"
              value={over}
              options={backdrops.map((one) => [one.name, one.name.toLowerCase()] as const)}
              onChange={setOver}
            />
          </p>
        </div>
        {state === "made" ? (
          <Redeliver touched={touched} keptOut={keptOut} onDone={leave} />
        ) : (
          <>
            <button type="button" className="btn btn-sm" autoFocus onClick={leave}>
              Leave it as it is
            </button>
            <button
              type="button"
              className="btn btn-primary btn-sm"
              disabled={state === "changing"}
              onClick={() => void change()}
            >
              {keptOut.size === 0 ? "Change all of it" : "Change the others"}
            </button>
          </>
        )}
      </header>
      {problem && (
        <div className="px-6 pt-3">
          <Notice>{problem}</Notice>
        </div>
      )}
      <ul className="grid min-h-0 flex-1 grid-cols-[repeat(auto-fill,minmax(380px,1fr))] content-start gap-4 overflow-y-auto px-6 py-4">
        {sorted.slice(0, most).map((one) => (
          <li key={keyOf(one)}>
            <Card
              seen={one}
              look={looks.get(keyOf(one))}
              out={keptOut.has(one.overlay)}
              fixed={state !== "open"}
              onOut={(out) => keep(one.overlay, out)}
              beneath={<BackdropLayer backdrop={backdrop} />}
            />
          </li>
        ))}
        {sorted.length > most && (
          <li className="col-span-full text-center">
            <button type="button" className="btn btn-sm" onClick={() => setMost(most * 4)}>
              {sorted.length - most} more
            </button>
          </li>
        )}
      </ul>
    </dialog>
  );
}

interface CardProps {
  seen: Seen;
  look: BothLooks | undefined;
  out: boolean;
  fixed: boolean;
  onOut: (out: boolean) => void;
  beneath: ReactNode;
}

function Card({ seen, look, out, fixed, onOut, beneath }: CardProps) {
  return (
    <article
      aria-label={`${seen.name} of ${seen.packageName}`}
      className={`rounded border bg-base-100 p-2 ${out ? "border-primary" : "border-base-300"}`}
    >
      <div className="grid grid-cols-2 gap-2">
        <Side words="before" address={look?.before} beneath={beneath} />
        <Side words="after" address={out ? look?.before : look?.after} beneath={beneath} />
      </div>
      <div className="mt-1.5 flex items-baseline gap-2 text-sm">
        <span className="min-w-0 flex-1 truncate" title={seen.name}>
          {seen.name} <span className="opacity-70">{seen.packageName}</span>
        </span>
        <Contrast look={look} />
      </div>
      <label className="mt-1 flex cursor-pointer items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="checkbox checkbox-xs"
          checked={out}
          disabled={fixed}
          onChange={(event) => onOut(event.target.checked)}
        />
        Keep it out{seen.row !== 0 && ", with all its rows"}
      </label>
    </article>
  );
}

/** How the words stand out that do so least. */
function Contrast({ look }: { look: BothLooks | undefined }) {
  if (!look || look.contrastAfter === 0) return null;
  const hard = look.contrastAfter < 3;
  const worse = look.contrastAfter < look.contrastBefore - 0.05;
  return (
    <span
      className={`shrink-0 ${hard ? "font-semibold text-error" : "opacity-80"}`}
      title="How the words stand out that do so least; 3 : 1 is needed to read them"
    >
      {look.contrastBefore.toFixed(1)} → {look.contrastAfter.toFixed(1)} : 1
      {hard && worse ? ", hard to read" : ""}
    </span>
  );
}

interface SideProps {
  words: string;
  address: string | undefined;
  beneath: ReactNode;
}

function Side({ words, address, beneath }: SideProps) {
  return (
    <figure>
      <div className="relative flex aspect-video items-center justify-center overflow-hidden rounded-sm bg-base-300">
        {address !== undefined && (
          <div className="relative h-full w-full">
            {beneath}
            <img src={address} alt="" className="absolute inset-0 h-full w-full object-contain" />
          </div>
        )}
      </div>
      <figcaption className="text-xs opacity-70">{words}</figcaption>
    </figure>
  );
}
