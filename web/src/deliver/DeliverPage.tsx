import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { answer, api, type NamedTarget, type Overlay } from "../api/client";
import { identity } from "../document/identity";
import { useOverlay } from "../document/overlayStore";
import { Notice } from "../ui/Notice";
import { Tabs } from "../ui/Tabs";
import { Delivered } from "./Delivered";
import { DeliveryFolder } from "./DeliveryFolder";
import { OpenMatters } from "./OpenMatters";
import { OtherPrograms } from "./OtherPrograms";
import { OwnFile } from "./OwnFile";
import { PackageDelivery } from "./PackageDelivery";
import { PieceChanges } from "./PieceChanges";
import { ReturnedFileCheck } from "./ReturnedFileCheck";
import { renameAt } from "./retarget";
import { RunProgress } from "./RunProgress";
import { SpoiltQuestion } from "./SpoiltQuestion";
import { TargetCard } from "./TargetCard";
import { TargetSheet } from "./TargetSheet";
import { TargetTools } from "./TargetTools";
import { changeTargets, useTargets } from "./targets";
import { useAskedStart } from "./useAskedStart";
import { useRuns } from "./useRuns";

const TABS = ["Delivered", "Whole package", "A file came back"] as const;

/** Writes overlays to files for every target and says what is in them. */
export function DeliverPage() {
  const overlay = useOverlay((state) => state.overlay);
  const id = useOverlay((state) => state.id);
  const packageId = useOverlay((state) => state.packageId);
  if (!overlay || id === null) return null;
  return <Deliver overlay={overlay} id={id} packageId={packageId} />;
}

function Deliver({ overlay, id, packageId }: { overlay: Overlay; id: number; packageId: number }) {
  const { targets, chosen, choose, problem } = useTargets(packageId);
  const revision = useOverlay((state) => state.revision);
  const runs = useRuns(packageId);
  const [tab, setTab] = useState<(typeof TABS)[number]>("Delivered");
  const plan = useQuery({
    queryKey: ["plan", id, revision, identity(targets)],
    queryFn: () =>
      answer(
        api.POST("/api/packages/{id}/delivery-plan", {
          params: { path: { id: packageId } },
          body: { overlays: [id], targets },
        }),
      ),
    enabled: targets.length > 0,
    placeholderData: (before) => before,
  });
  const asked = useAskedStart(packageId, overlay);
  /** At these targets; without names at all of them. */
  const deliver = (at: readonly NamedTarget[], names: string[]) =>
    void asked.begin(
      () => Promise.resolve(at.map((target) => ({ overlay, target, called: target.name }))),
      () => void runs.start({ overlays: [id], targets: names, changedOnly: false }),
    );
  const target = targets.find((one) => one.name === chosen) ?? targets[0];
  if (!target) return null;
  const lineOf = (name: string) => plan.data?.find((line) => line.target === name);
  const line = lineOf(target.name);
  const goesOut = line !== undefined;
  const wrong = problem || (plan.error?.message ?? line?.problem ?? "");
  const busy = runs.running !== undefined;
  const all = plan.data?.length ?? 0;
  return (
    <div className="grid h-full grid-cols-[390px_minmax(0,1fr)] overflow-hidden">
      <form
        aria-label="Target"
        className="overflow-y-auto border-r border-base-300 bg-base-100 px-5 py-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!wrong && !busy && goesOut) deliver([target], [target.name]);
        }}
      >
        <TargetTools targets={targets} chosen={target} onChoose={choose} />
        <p className="text-xs opacity-75">A target serves every overlay of the package.</p>
        <TargetSheet
          target={target}
          targets={targets}
          overlay={overlay}
          plan={line}
          onChange={(next) => {
            if (next.name !== target.name) renameAt(target.name, next.name);
            changeTargets(targets.map((one) => (one === target ? next : one)));
            choose(next.name);
          }}
        />
        {line && <DeliveryFolder packageId={packageId} folder={line.folder} />}
        <h3 className="mt-2 text-sm font-semibold">{overlay.name} at this target</h3>
        <OwnFile overlay={overlay} target={target} plan={line} />
        <PieceChanges overlay={overlay} target={target.name} />
        {plan.data?.length === 0 && (
          <p className="mt-2 text-sm">
            This overlay goes out with the rows that fill it, at the step{" "}
            <Link className="link" to={`/overlays/${id}/roster`}>
              Roster
            </Link>
            .
          </p>
        )}
        {(wrong || runs.problem) && (
          <div className="mt-2">
            <Notice>{wrong || runs.problem}</Notice>
          </div>
        )}
        <OpenMatters packageId={packageId} overlay={overlay} target={target} goesOut={goesOut} />
        <div className="mt-3 flex flex-wrap items-center gap-2">
          <button
            type="submit"
            className="btn btn-primary"
            disabled={busy || asked.looking || wrong !== "" || !goesOut}
          >
            Deliver
          </button>
          {all > 1 && (
            <button
              type="button"
              className="btn"
              disabled={busy || asked.looking || problem !== ""}
              onClick={() =>
                deliver(
                  targets.filter((one) => lineOf(one.name)),
                  [],
                )
              }
            >
              Deliver to all {all} targets
            </button>
          )}
        </div>
        {asked.question && (
          <SpoiltQuestion
            sentences={asked.question}
            onYes={() => asked.answer(true)}
            onNo={() => asked.answer(false)}
          />
        )}
      </form>
      <div className="flex min-w-0 flex-col overflow-hidden">
        <ul
          aria-label="Targets"
          className="flex shrink-0 gap-2 overflow-x-auto border-b border-base-300 px-4 py-3"
        >
          {targets.map((one) => (
            <TargetCard
              key={one.name}
              target={one}
              overlay={overlay}
              packageId={packageId}
              plan={lineOf(one.name)}
              planned={plan.data !== undefined}
              chosen={one === target}
              onChoose={() => choose(one.name)}
            />
          ))}
        </ul>
        <RunProgress running={runs.running} onCallOff={() => void runs.callOff()} />
        <Tabs
          label="Deliveries"
          names={TABS}
          chosen={tab}
          onChoose={setTab}
          size="btn-sm"
          className="px-5 pt-3"
        />
        <div className="min-h-0 flex-1 overflow-y-auto px-5 py-3">
          {tab === "Delivered" && (
            <>
              <Delivered overlayId={id} runs={runs.runs} />
              <OtherPrograms overlayId={id} name={overlay.name} />
            </>
          )}
          {tab === "Whole package" && (
            <PackageDelivery packageId={packageId} targets={targets} runs={runs} />
          )}
          {tab === "A file came back" && <ReturnedFileCheck packageId={packageId} overlayId={id} />}
        </div>
      </div>
    </div>
  );
}
