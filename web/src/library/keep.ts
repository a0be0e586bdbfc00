import type { QueryClient } from "@tanstack/react-query";
import { answer, api, type FollowedHouse, type Overlay } from "../api/client";
import { working } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { change, propose } from "../house/proposal";
import { houseKey, NO_HOUSE, NOT_FOLLOWED } from "../house/useHouse";

/**
 * Keeps pieces of the open overlay in the library, under a name. If there is an original of that
 * name it is given this state, once it was seen what that changes. The pieces are a copy of it from
 * then on.
 *
 * @returns whether it was kept
 * @throws Error with a sentence if they cannot be
 */
export async function keepInLibrary(
  name: string,
  chosen: string[],
  queries: QueryClient,
): Promise<boolean> {
  let kept = false;
  await working(
    keep(name, chosen, queries).then((done) => {
      kept = done;
    }),
  );
  return kept;
}

async function keep(name: string, chosen: string[], queries: QueryClient): Promise<boolean> {
  const { overlay, packageId, id } = useOverlay.getState();
  if (!overlay) return false;
  const followed = await begun(packageId, queries);
  const made = await make(packageId, overlay, chosen, name);
  if (!(await propose({ packageId, followed, house: made.house, queries }))) return false;
  for (;;) {
    const now = useOverlay.getState();
    if (!now.overlay || now.id !== id) return true;
    const { arranged } =
      now.overlay === overlay ? made : await make(packageId, now.overlay, chosen, name);
    if (useOverlay.getState().overlay !== now.overlay) continue;
    now.change(() => arranged.overlay, `Keep ${name} in the library`);
    now.select(arranged.chosen);
    return true;
  }
}

function make(packageId: number, overlay: Overlay, chosen: string[], name: string) {
  return answer(
    api.POST("/api/packages/{id}/house/originals/made", {
      params: { path: { id: packageId } },
      body: { overlay, chosen, name },
    }),
  );
}

/** The house of a package as it is now; a package that follows none begins one. */
async function begun(packageId: number, queries: QueryClient): Promise<FollowedHouse> {
  const params = { path: { id: packageId } };
  const asked = () => answer(api.GET("/api/packages/{id}/house", { params }));
  const followed = await asked();
  if (followed.id !== 0) return followed;
  await change({ packageId, followed: NOT_FOLLOWED, house: NO_HOUSE, queries }, []);
  return queries.getQueryData<FollowedHouse>(houseKey(packageId)) ?? (await asked());
}
