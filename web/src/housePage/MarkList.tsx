import { RefreshCw } from "lucide-react";
import { type HouseMark, type HousePicture, upload } from "../api/client";
import { PICTURE_FILES } from "../pictures/takeIn";
import { Choice } from "../ui/Choice";
import { FilePick } from "../ui/FilePick";
import { NumberField } from "../ui/NumberField";
import { TakeAway } from "../ui/TakeAway";
import { Typed } from "../ui/Typed";
import type { ListProps } from "./ColourList";
import { freeName, renamed } from "../house/colours";
import { ListHead } from "./ListHead";

interface Props extends ListProps {
  packageId: number;
  /** Whether there is a house that pictures can be put into. */
  begun: boolean;
  onProblem: (problem: string) => void;
}

/** "saltlight-bug.svg" as "Saltlight bug". */
function nameOf(file: string): string {
  const words = file.replace(/\.[^.]*$/, "").replaceAll(/[-_]+/g, " ");
  return (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 60);
}

/** The marks and textures of a house, with what may not be done to marks. */
export function MarkList({ house, edit, packageId, begun, onProblem }: Props) {
  const all = [...house.marks, ...house.textures];
  const take = async (file: File, then: (picture: HousePicture) => void) => {
    onProblem("");
    try {
      then(await upload<HousePicture>(`/api/packages/${packageId}/house/pictures`, file));
    } catch (e) {
      onProblem(e instanceof Error ? e.message : String(e));
    }
  };
  const set = (at: number, next: (mark: HouseMark) => HouseMark) =>
    edit((same) => ({
      ...same,
      marks: same.marks.map((mark, i) => (i === at ? next(mark) : mark)),
    }));
  const add = async (files: File[], kind: "marks" | "textures") => {
    for (const file of files) {
      await take(file, (picture) =>
        edit((same) => {
          const taken = [...same.marks, ...same.textures];
          const one = { name: freeName(nameOf(picture.file), taken), formerly: [], picture };
          return kind === "textures"
            ? { ...same, textures: [...same.textures, one] }
            : {
                ...same,
                marks: [
                  ...same.marks,
                  { ...one, clearSpace: 0.25, leastHeight: 40, colours: { kind: "any" } },
                ],
              };
        }),
      );
    }
  };
  return (
    <section aria-label="Marks and textures">
      <ListHead words="Marks and textures">
        {begun && (
          <>
            <FilePick
              label="Files of marks"
              accept={PICTURE_FILES}
              words="A mark…"
              className="btn btn-xs"
              onFiles={(files) => void add(files.slice(0, 1), "marks")}
            />
            <FilePick
              label="Files of textures"
              accept={PICTURE_FILES}
              words="A texture…"
              className="btn btn-xs"
              onFiles={(files) => void add(files.slice(0, 1), "textures")}
            />
          </>
        )}
      </ListHead>
      {all.length === 0 && (
        <p className="text-sm opacity-75">
          {begun
            ? "None yet. A mark that is replaced here is replaced on every overlay that took it from the house."
            : "They are put in once there is a house: begin it with a colour or a font."}
        </p>
      )}
      <ul>
        {house.marks.map((mark, i) => (
          <li key={mark.name} aria-label={mark.name} className="border-b border-base-300 py-2">
            <div className="flex items-start gap-3">
              <Small picture={mark.picture} />
              <div className="min-w-0 flex-1 text-sm leading-6">
                <Typed
                  label={`Name of the mark ${mark.name}`}
                  value={mark.name}
                  longest={60}
                  onTake={(name) => set(i, (same) => renamed(same, name))}
                />
                <div>
                  keeps{" "}
                  <NumberField
                    label={`Clear space of ${mark.name}, percent of its height`}
                    value={Math.round(mark.clearSpace * 100)}
                    least={0}
                    most={400}
                    digits={0}
                    unit=" %"
                    onChange={(percent) =>
                      set(i, (same) => ({ ...same, clearSpace: percent / 100 }))
                    }
                  />{" "}
                  of its height clear and is at least{" "}
                  <NumberField
                    label={`Least height of ${mark.name} on 1080 lines`}
                    value={mark.leastHeight}
                    least={0}
                    most={1080}
                    digits={0}
                    unit=" px"
                    onChange={(leastHeight) => set(i, (same) => ({ ...same, leastHeight }))}
                  />{" "}
                  high on 1080 lines, in{" "}
                  <Choice
                    label={`Colours of ${mark.name}`}
                    value={colourChoice(mark)}
                    options={[
                      ["any", "any colours"] as const,
                      ["own", "its own colours only"] as const,
                      ["one-of", "its own or a colour of the house"] as const,
                      ...house.colours.map(
                        (colour) => [`only ${colour.name}`, `its own or ${colour.name}`] as const,
                      ),
                    ]}
                    onChange={(choice) =>
                      set(i, (same) => ({
                        ...same,
                        colours: coloursOf(
                          choice,
                          house.colours.map((colour) => colour.name),
                        ),
                      }))
                    }
                  />
                  .
                </div>
              </div>
              <FilePick
                label={`Another file for ${mark.name}`}
                accept={PICTURE_FILES}
                words={<RefreshCw size={14} aria-hidden />}
                title={`Another file for ${mark.name}`}
                className="btn btn-ghost btn-xs btn-square"
                onFiles={([file]) =>
                  file && void take(file, (picture) => set(i, (same) => ({ ...same, picture })))
                }
              />
              <TakeAway
                label={`Take the mark ${mark.name} out of the house…`}
                onYes={() =>
                  edit((same) => ({
                    ...same,
                    marks: same.marks.filter((other) => other.name !== mark.name),
                  }))
                }
              />
            </div>
          </li>
        ))}
        {house.textures.map((texture, i) => (
          <li
            key={texture.name}
            aria-label={texture.name}
            className="flex items-start gap-3 border-b border-base-300 py-2"
          >
            <Small picture={texture.picture} />
            <div className="min-w-0 flex-1 text-sm leading-6">
              <Typed
                label={`Name of the texture ${texture.name}`}
                value={texture.name}
                longest={60}
                onTake={(name) =>
                  edit((same) => ({
                    ...same,
                    textures: same.textures.map((one, at) => (at === i ? renamed(one, name) : one)),
                  }))
                }
              />
              <div className="opacity-75">a texture</div>
            </div>
            <FilePick
              label={`Another file for ${texture.name}`}
              accept={PICTURE_FILES}
              words={<RefreshCw size={14} aria-hidden />}
              title={`Another file for ${texture.name}`}
              className="btn btn-ghost btn-xs btn-square"
              onFiles={([file]) =>
                file &&
                void take(file, (picture) =>
                  edit((same) => ({
                    ...same,
                    textures: same.textures.map((one, at) =>
                      at === i ? { ...one, picture } : one,
                    ),
                  })),
                )
              }
            />
            <TakeAway
              label={`Take the texture ${texture.name} out of the house…`}
              onYes={() =>
                edit((same) => ({
                  ...same,
                  textures: same.textures.filter((other) => other.name !== texture.name),
                }))
              }
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

function Small({ picture }: { picture: HousePicture }) {
  return (
    <span className="checker flex h-12 w-[72px] shrink-0 items-center justify-center rounded-sm">
      <img
        src={`/api/houses/pictures/${picture.content}.png`}
        alt=""
        title={picture.file}
        className="max-h-12 max-w-[72px]"
      />
    </span>
  );
}

type ColourChoice = "any" | "own" | "one-of" | `only ${string}`;

function colourChoice(mark: HouseMark): ColourChoice {
  const { colours } = mark;
  if (colours.kind !== "one-of") return colours.kind;
  const [first] = colours.names;
  return colours.names.length === 1 && first !== undefined ? `only ${first}` : "one-of";
}

function coloursOf(choice: ColourChoice, all: string[]): HouseMark["colours"] {
  if (choice === "any" || choice === "own") return { kind: choice };
  return { kind: "one-of", names: choice === "one-of" ? all : [choice.slice("only ".length)] };
}
