import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { NumberField } from "../ui/NumberField";
import type { ListProps } from "./ColourList";
import { ListHead } from "./ListHead";

const SIDES = [
  ["left", "left"],
  ["top", "above"],
  ["right", "right"],
  ["bottom", "below"],
] as const;

/** What new overlays begin with, and the ways of delivering that packages can take. */
export function MarginAndTargets({ house, edit, packageId }: ListProps & { packageId: number }) {
  const targets = useQuery({
    queryKey: ["targets", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/targets", { params: { path: { id: packageId } } })),
  });
  const own = targets.data?.targets ?? [];
  const { ownMargin } = house;
  const unit = ownMargin.unit === "PERCENT" ? " %" : " px";
  const queries = useQueryClient();
  const wanted = house.targets.filter((one) => !own.some((kept) => kept.name === one.name));
  const take = async () => {
    await answer(
      api.PUT("/api/packages/{id}/targets", {
        params: { path: { id: packageId } },
        body: { targets: [...own, ...wanted] },
      }),
    );
    await queries.invalidateQueries({ queryKey: ["targets", packageId] });
  };
  const missing = own.filter((one) => !house.targets.some((kept) => kept.name === one.name));
  return (
    <section aria-label="Margin and targets">
      <ListHead words="Margin and targets" />
      <p className="leading-7">
        New overlays begin with margin lines{" "}
        {SIDES.map(([side, words]) => (
          <span key={side}>
            <NumberField
              label={`Margin of the house ${words}`}
              value={ownMargin[side]}
              least={0}
              most={ownMargin.unit === "PERCENT" ? 45 : 8000}
              digits={2}
              unit={unit}
              onChange={(value) =>
                edit((same) => ({ ...same, ownMargin: { ...same.ownMargin, [side]: value } }))
              }
            />{" "}
            {words}
            {side === "bottom" ? "." : ", "}
          </span>
        ))}
      </p>
      <p className="leading-7">
        {house.targets.length === 0
          ? "The house has no targets of its own. "
          : `Its targets: ${inQuotes(house.targets)}. `}
        {wanted.length > 0 && targets.data && (
          <button type="button" className="btn btn-xs" onClick={() => void take()}>
            Let this package have {inQuotes(wanted)}
          </button>
        )}
        {missing.length > 0 && (
          <button
            type="button"
            className="btn btn-xs"
            onClick={() => edit((same) => ({ ...same, targets: [...same.targets, ...missing] }))}
          >
            Take in this package’s {inQuotes(missing)}
          </button>
        )}
      </p>
    </section>
  );
}

/** In quotes: their names may hold commas. */
function inQuotes(targets: readonly { name: string }[]): string {
  return targets.map((one) => `“${one.name}”`).join(", ");
}
