import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type House, type HouseFound, upload } from "../api/client";
import { PICTURE_FILES } from "../pictures/takeIn";
import { css } from "../ui/colours";
import { FilePick } from "../ui/FilePick";
import type { ListProps } from "./ColourList";
import { freeName } from "../house/colours";
import { ListHead } from "./ListHead";
import { lookAgain } from "../house/proposal";

interface Props extends ListProps {
  packageId: number;
  onProblem: (problem: string) => void;
}

/** Takes colours and fonts into the house that are in overlays, brand sheets or pictures. */
export function ReadingPanel({ house, edit, packageId, onProblem }: Props) {
  const queries = useQueryClient();
  const [found, setFound] = useState<{ of: string; what: HouseFound } | null>(null);
  const [said, setSaid] = useState("");
  const reading = async (of: string, read: () => Promise<HouseFound>) => {
    onProblem("");
    setSaid("");
    try {
      setFound({ of, what: await read() });
    } catch (e) {
      setFound(null);
      onProblem(e instanceof Error ? e.message : String(e));
    }
  };
  const adopt = async () => {
    onProblem("");
    try {
      const { overlays } = await answer(
        api.POST("/api/packages/{id}/house/adopted", { params: { path: { id: packageId } } }),
      );
      setSaid(
        overlays === 0
          ? "No overlay has anything of its own that the house has too."
          : `${overlays === 1 ? "One overlay follows" : `${overlays} overlays follow`} the house now where they look the same.`,
      );
      await lookAgain(queries);
    } catch (e) {
      onProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <section aria-label="Read a house">
      <ListHead words="Read a house">
        <button
          type="button"
          className="btn btn-xs"
          onClick={() =>
            void reading("the overlays", () =>
              answer(
                api.GET("/api/packages/{id}/house/found", { params: { path: { id: packageId } } }),
              ),
            )
          }
        >
          The overlays
        </button>
        <FilePick
          label="Brand sheet or picture"
          accept={PICTURE_FILES}
          words="A brand sheet or picture…"
          className="btn btn-xs"
          onFiles={([file]) =>
            file &&
            void reading(file.name, () => upload(`/api/packages/${packageId}/house/found`, file))
          }
        />
      </ListHead>
      {found && <Offered found={found.what} of={found.of} house={house} edit={edit} />}
      {(house.colours.length > 0 || house.fonts.length > 0) && (
        <p className="mt-1 text-sm">
          <button type="button" className="btn btn-xs" onClick={() => void adopt()}>
            Let the overlays follow what is the same
          </button>{" "}
          <span role="status">{said}</span>
        </p>
      )}
    </section>
  );
}

interface OfferedProps extends ListProps {
  found: HouseFound;
  of: string;
}

function Offered({ found, of, house, edit }: OfferedProps) {
  const has = (solid: string) =>
    house.colours.some(
      (own) => css(own.light).slice(0, 7) === solid || css(own.dark).slice(0, 7) === solid,
    );
  const takeColour = (colour: string, proposed: string) =>
    edit((same: House) => ({
      ...same,
      colours: [
        ...same.colours,
        {
          name: freeName(proposed, same.colours),
          formerly: [],
          role: "",
          light: colour,
          dark: colour,
        },
      ],
    }));
  const takeFont = (family: string) =>
    edit((same: House) => ({
      ...same,
      fonts: [...same.fonts, { name: freeName(family, same.fonts), formerly: [], family }],
    }));
  if (found.colours.length === 0 && found.families.length === 0) {
    return <p className="text-sm opacity-75">Nothing was found in {of} that follows no house.</p>;
  }
  return (
    <div className="text-sm">
      <p className="opacity-75">Found in {of}; press what the house is to have:</p>
      <ul aria-label="Colours found" className="mt-1 flex flex-wrap gap-1">
        {found.colours.map((one) => (
          <li key={one.colour}>
            <button
              type="button"
              className="flex items-center gap-1.5 rounded border border-base-300 px-1.5 py-0.5 hover:bg-base-300 disabled:opacity-50"
              aria-label={`Take ${one.proposed}, ${one.colour}, ${one.where}`}
              title={`${one.colour}, ${one.where}`}
              disabled={has(one.colour)}
              onClick={() => takeColour(one.colour, one.proposed)}
            >
              <span
                aria-hidden
                className="h-5 w-5 rounded border border-base-content/40"
                style={{ background: one.colour }}
              />
              {one.proposed}
            </button>
          </li>
        ))}
      </ul>
      {found.families.length > 0 && (
        <ul aria-label="Fonts found" className="mt-1 flex flex-wrap gap-1">
          {found.families.map((one) => (
            <li key={one.family}>
              <button
                type="button"
                className="btn btn-xs"
                title={one.here ? one.where : `${one.where}; Diaphan does not have it`}
                disabled={!one.here || house.fonts.some((font) => font.family === one.family)}
                onClick={() => takeFont(one.family)}
              >
                {one.family}
                {!one.here && " (not here)"}
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
