import { Plus } from "lucide-react";
import type { HouseFont } from "../api/client";
import { FontChoice } from "../sheets/FontChoice";
import { useFonts } from "../sheets/useFonts";
import { TakeAway } from "../ui/TakeAway";
import { Typed } from "../ui/Typed";
import type { ListProps } from "./ColourList";
import { freeName, renamed } from "./colours";
import { ListHead } from "./ListHead";

/** What a house uses font families for. */
export function FontList({ house, edit }: ListProps) {
  const families = useFonts().data ?? [];
  const set = (at: number, next: (font: HouseFont) => HouseFont) =>
    edit((same) => ({
      ...same,
      fonts: same.fonts.map((font, i) => (i === at ? next(font) : font)),
    }));
  return (
    <section aria-label="Fonts">
      <ListHead words="Fonts">
        <button
          type="button"
          className="btn btn-xs"
          onClick={() =>
            edit((same) => ({
              ...same,
              fonts: [
                ...same.fonts,
                {
                  name: freeName(same.fonts.length === 0 ? "Headlines" : "Small print", same.fonts),
                  formerly: [],
                  family: families[0]?.name ?? "Work Sans",
                },
              ],
            }))
          }
        >
          <Plus size={12} aria-hidden /> A font
        </button>
      </ListHead>
      {house.fonts.length === 0 && (
        <p className="text-sm opacity-75">
          None yet. Words that follow one change with it, wherever they stand.
        </p>
      )}
      <ul>
        {house.fonts.map((font, i) => (
          <li
            key={font.name}
            aria-label={font.name}
            className="flex items-start gap-2 border-b border-base-300 py-1.5"
          >
            <div className="min-w-0 flex-1">
              <Typed
                label={`Name of the font ${font.name}`}
                value={font.name}
                longest={60}
                onTake={(name) => set(i, (same) => renamed(same, name))}
              />{" "}
              in{" "}
              <FontChoice
                value={font.family}
                families={families}
                onChange={(family) => set(i, (same) => ({ ...same, family }))}
              />
            </div>
            <TakeAway
              label={`Take the font ${font.name} out of the house…`}
              onYes={() =>
                edit((same) => ({
                  ...same,
                  fonts: same.fonts.filter((other) => other.name !== font.name),
                }))
              }
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
