import { Plus } from "lucide-react";
import { useState } from "react";
import type { HouseFont } from "../api/client";
import { FontChoice } from "../fonts/FontChoice";
import { useFonts } from "../fonts/useFonts";
import { FilePick } from "../ui/FilePick";
import { TakeAway } from "../ui/TakeAway";
import { Typed } from "../ui/Typed";
import type { ListProps } from "./ColourList";
import { freeName, renamed } from "../house/colours";
import { FONT_FILES, FontFileList, takeFonts } from "./FontFileList";
import { withFontFile } from "./fontFiles";
import { ListHead } from "./ListHead";

interface Props extends ListProps {
  packageId: number;
  /** Whether there is a house that files can be put into. */
  begun: boolean;
  /** Names of font files whose bytes are not here. */
  missing: readonly string[];
  onProblem: (problem: string) => void;
}

/** What a house uses font families for, and the fonts that it has of its own. */
export function FontList({ house, edit, packageId, begun, missing, onProblem }: Props) {
  const families = useFonts(packageId).data ?? [];
  const [trying, setTrying] = useState(false);
  const take = async (files: File[]) => {
    onProblem("");
    setTrying(true);
    try {
      await takeFonts(packageId, files, (file) => edit((same) => withFontFile(same, file)));
    } catch (e) {
      onProblem(e instanceof Error ? e.message : String(e));
    } finally {
      setTrying(false);
    }
  };
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
        {begun && (
          <FilePick
            label="Files of fonts"
            accept={FONT_FILES}
            words={trying ? "Trying the font…" : "Font files…"}
            className="btn btn-xs"
            many
            onFiles={(files) => void take(files)}
          />
        )}
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
                packageId={packageId}
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
      {house.fontFiles.length > 0 && (
        <FontFileList house={house} edit={edit} packageId={packageId} missing={missing} />
      )}
    </section>
  );
}
