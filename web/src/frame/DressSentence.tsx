import type { Overlay } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { dress } from "../house/proposal";
import { useHouse } from "../house/useHouse";
import { Choice } from "../ui/Choice";

/** Which dress of the house the overlay wears, and what it was kept away from. */
export function DressSentence({ overlay }: { overlay: Overlay }) {
  const { house } = useHouse();
  const { change } = useOverlay.getState();
  const twofold = house.colours.some((colour) => colour.light !== colour.dark);
  if (!twofold && overlay.dress === "LIGHT" && overlay.kept.length === 0) return null;
  const put = (next: (same: Overlay) => Overlay, did: string) => {
    change(next, did);
    void dress();
  };
  return (
    <section aria-label="House" className="mt-3 rounded bg-base-100 p-3 leading-7">
      <h2 className="text-xs font-semibold uppercase tracking-wide opacity-75">House</h2>
      <p>
        Wears the{" "}
        <Choice
          label="Dress"
          value={overlay.dress}
          options={[
            ["LIGHT", "light"],
            ["DARK", "dark"],
          ]}
          onChange={(wanted) => put((same) => ({ ...same, dress: wanted }), "Change the dress")}
        />{" "}
        dress of the house’s colours.
      </p>
      {overlay.kept.length > 0 && (
        <p>
          Kept as {overlay.kept.length === 1 ? "it was" : "they were"}:{" "}
          {overlay.kept.map((one) => one.name).join(", ")}.{" "}
          <button
            type="button"
            className="btn btn-xs"
            onClick={() => put((same) => ({ ...same, kept: [] }), "Follow the house again")}
          >
            Follow the house again
          </button>
        </p>
      )}
    </section>
  );
}
