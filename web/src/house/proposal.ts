import type { QueryClient } from "@tanstack/react-query";
import { create } from "zustand";
import { answer, api, type FollowedHouse, type House, type TouchedOverlay } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { openSaved, savedNow } from "../document/saving";
import { beginLooks, lookAt, type Looks } from "./looks";
import { allSeen } from "./seen";

interface Wanted {
  packageId: number;
  followed: FollowedHouse;
  house: House;
  queries: QueryClient;
}

/** A change of a house that touches something, while it is decided whether it is made. */
export interface Proposal extends Wanted {
  /** The id of the house that the package would follow; nothing for a change of its own. */
  other?: number;
  touched: TouchedOverlay[];
  /** What is touched before and after, as far as it is drawn. */
  looks: Looks;
  /** Told whether the change was made. */
  decided: (made: boolean) => void;
}

export const useProposal = create<{ proposal: Proposal | null }>()(() => ({ proposal: null }));

/**
 * Changes a house. What touches nothing but the overlay that is open is seen there and done at
 * once; anything else is shown before and after first.
 *
 * @returns whether it was changed
 */
export async function propose(wanted: Wanted): Promise<boolean> {
  if (wanted.followed.id === 0) {
    await change(wanted, []);
    return true;
  }
  await savedNow();
  const touched = await touchedBy(wanted);
  const open = useOverlay.getState().id;
  if (touched.every(({ id, rows }) => id === open && rows.length === 0)) {
    await change(wanted, []);
    return true;
  }
  return decide({ ...wanted, touched, looks: looksOf(wanted, touched) });
}

/** What a house would touch if the package's became it. */
export function touchedBy(wanted: Omit<Wanted, "queries">): Promise<TouchedOverlay[]> {
  const { packageId, followed, house } = wanted;
  return answer(
    api.POST("/api/packages/{id}/house/touched", {
      params: { path: { id: packageId } },
      body: { basedOn: followed.revision, house },
    }),
  );
}

/** Begins to draw what is touched before and after. */
export function looksOf(
  { packageId, house }: Pick<Wanted, "packageId" | "house">,
  touched: readonly TouchedOverlay[],
): Looks {
  return beginLooks(allSeen(touched), lookAt(packageId, house));
}

/** Lets a package follow another house, or none for 0. */
export async function proposeOther(
  packageId: number,
  followed: FollowedHouse,
  other: number,
  queries: QueryClient,
): Promise<boolean> {
  const house = await answer(api.GET("/api/houses/{id}", { params: { path: { id: other } } }));
  const touched = await answer(
    api.POST("/api/packages/{id}/house/touched-by/{house}", {
      params: { path: { id: packageId, house: other } },
    }),
  );
  const wanted = { packageId, followed, house, queries, other };
  if (touched.length > 0) return decide({ ...wanted, touched, looks: looksOf(wanted, touched) });
  await follow(packageId, other, [], queries);
  return true;
}

export function decide(wanted: Omit<Proposal, "decided">): Promise<boolean> {
  wanted.looks.all();
  return new Promise((decided) => {
    useProposal.setState({
      proposal: {
        ...wanted,
        decided: (made) => {
          wanted.looks.stop();
          useProposal.setState({ proposal: null });
          decided(made);
        },
      },
    });
  });
}

/** Makes the change that is proposed, but for overlays that are kept out. */
export async function accept(proposal: Proposal, keptOut: number[]): Promise<void> {
  if (proposal.other === undefined) await change(proposal, keptOut);
  else await follow(proposal.packageId, proposal.other, keptOut, proposal.queries);
}

export async function change(wanted: Wanted, keptOut: number[]): Promise<void> {
  const { packageId, followed, house, queries } = wanted;
  const now = await answer(
    api.PUT("/api/packages/{id}/house", {
      params: { path: { id: packageId } },
      body: { basedOn: followed.revision, house, keptOut },
    }),
  );
  queries.setQueryData(["house", packageId], now);
  await lookAgain(queries, keptOut);
}

async function follow(
  packageId: number,
  house: number,
  keptOut: number[],
  queries: QueryClient,
): Promise<void> {
  const now = await answer(
    api.PUT("/api/packages/{id}/house/followed", {
      params: { path: { id: packageId } },
      body: { house, keptOut },
    }),
  );
  queries.setQueryData(["house", packageId], now);
  await lookAgain(queries, keptOut);
}

/** All that may look otherwise since a house was changed. */
export async function lookAgain(queries: QueryClient, saved: number[] = []): Promise<void> {
  const { id } = useOverlay.getState();
  if (id !== null && saved.includes(id)) {
    await openSaved(await answer(api.GET("/api/overlays/{id}", { params: { path: { id } } })));
  } else {
    await dress();
  }
  for (const queryKey of [
    ["house"],
    ["houses"],
    ["fonts"],
    ["overlays"],
    ["pictures"],
    ["runs"],
    ["plan"],
  ]) {
    await queries.invalidateQueries({ queryKey });
  }
}

/** Gives the open overlay the present values of its house; that is no step of its own. */
export async function dress(): Promise<void> {
  const { overlay, packageId, id } = useOverlay.getState();
  if (!overlay) return;
  const dressed = await answer(
    api.POST("/api/packages/{id}/house/dressed", {
      params: { path: { id: packageId } },
      body: { overlay },
    }),
  );
  const now = useOverlay.getState();
  if (now.id !== id || now.overlay !== overlay) return;
  if (JSON.stringify(dressed) !== JSON.stringify(overlay)) {
    // What is saved of it was given the same values.
    useOverlay.setState({ overlay: dressed });
  }
}
