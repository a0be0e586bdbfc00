import { Plus } from "lucide-react";
import type { House, HouseColour } from "../api/client";
import { css } from "../ui/colours";
import { ColourField } from "../colour/ColourField";
import { TakeAway } from "../ui/TakeAway";
import { Typed } from "../ui/Typed";
import { freeName, renamed } from "../house/colours";
import { ListHead } from "./ListHead";

export interface ListProps {
  house: House;
  edit: (next: (house: House) => House) => void;
}

/** The named colours of a house, each in its light and its dark dress. */
export function ColourList({ house, edit }: ListProps) {
  const set = (at: number, next: (colour: HouseColour) => HouseColour) =>
    edit((same) => ({
      ...same,
      colours: same.colours.map((colour, i) => (i === at ? next(colour) : colour)),
    }));
  return (
    <section aria-label="Colours">
      <ListHead words="Colours">
        <button
          type="button"
          className="btn btn-xs"
          onClick={() =>
            edit((same) => ({
              ...same,
              colours: [
                ...same.colours,
                {
                  name: freeName("New colour", same.colours),
                  formerly: [],
                  role: "",
                  light: "#808080",
                  dark: "#808080",
                },
              ],
            }))
          }
        >
          <Plus size={12} aria-hidden /> A colour
        </button>
      </ListHead>
      {house.colours.length === 0 && (
        <p className="text-sm opacity-75">
          None yet. What follows a colour by its name changes with it.
        </p>
      )}
      <ul>
        {house.colours.map((colour, i) => (
          <li
            key={colour.name}
            aria-label={colour.name}
            className="flex items-start gap-3 border-b border-base-300 py-1.5"
          >
            <span
              aria-hidden
              className="mt-0.5 block h-7 w-14 shrink-0 overflow-hidden rounded border border-base-content/40"
            >
              <span className="block h-full" style={{ background: halves(colour) }} />
            </span>
            <div className="min-w-0 flex-1">
              <div>
                <Typed
                  label={`Name of ${colour.name}`}
                  value={colour.name}
                  longest={60}
                  onTake={(name) => set(i, (same) => renamed(same, name))}
                />{" "}
                <Typed
                  label={`What ${colour.name} is for`}
                  placeholder="what it is for"
                  value={colour.role}
                  longest={120}
                  mayBeEmpty
                  onTake={(role) => set(i, (same) => ({ ...same, role }))}
                />
              </div>
              <div className="text-sm">
                <span className="mr-1.5">light</span>
                <ColourField
                  label={`${colour.name}, light`}
                  value={colour.light}
                  ofHouse
                  onChange={(light) =>
                    set(i, (same) => ({
                      ...same,
                      light,
                      dark: same.dark === same.light ? light : same.dark,
                    }))
                  }
                />
                <span className="ml-5 mr-1.5">dark</span>
                <ColourField
                  label={`${colour.name}, dark`}
                  value={colour.dark}
                  ofHouse
                  onChange={(dark) => set(i, (same) => ({ ...same, dark }))}
                />
              </div>
            </div>
            <TakeAway
              label={`Take ${colour.name} out of the house…`}
              onYes={() =>
                edit((same) => ({
                  ...same,
                  colours: same.colours.filter((other) => other.name !== colour.name),
                }))
              }
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Light and dark side by side. */
function halves(colour: HouseColour): string {
  return `linear-gradient(90deg, ${css(colour.light)} 50%, ${css(colour.dark)} 50%)`;
}
