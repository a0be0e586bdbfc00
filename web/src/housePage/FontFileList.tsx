import { type FontFile, upload } from "../api/client";
import { Sample } from "../fonts/Sample";
import { sampleOf, useFonts } from "../fonts/useFonts";
import { Choice } from "../ui/Choice";
import { TakeAway } from "../ui/TakeAway";
import type { ListProps } from "./ColourList";
import { inFile, withFontFile } from "./fontFiles";

interface Props extends ListProps {
  packageId: number;
  /** Names of files whose bytes are not here. */
  missing: readonly string[];
}

const EMBEDDING: Record<FontFile["embedding"], string> = {
  INSTALLABLE: "It may be passed on, says the font",
  EDITABLE: "It may be passed on inside files that others change, says the font",
  VIEWING: "It may be passed on inside files that others only look at, says the font",
  RESTRICTED: "It may not be passed on without its maker’s leave, says the font",
};

/** The files of fonts that a house has of its own. */
export function FontFileList({ house, edit, packageId, missing }: Props) {
  const families = useFonts(packageId).data ?? [];
  return (
    <ul aria-label="Font files">
      {house.fontFiles.map((file) => (
        <li
          key={file.file}
          aria-label={file.file}
          className="flex items-start gap-2 border-b border-base-300 py-1.5"
        >
          <div className="min-w-0 flex-1 text-sm leading-6">
            {missing.includes(file.file) && (
              <p role="alert" className="font-semibold">
                The file is not here, and another font stands in for it; choose it again.
              </p>
            )}
            {file.faces.map((face) => {
              const family = families.find((one) => one.name === face.family);
              const weight = face.weights[Math.floor((face.weights.length - 1) / 2)]?.weight ?? 400;
              return (
                <div key={face.index} className="flex flex-wrap items-center gap-x-2">
                  {family?.identity ? (
                    <>
                      <Sample address={sampleOf(packageId, family, weight, face.family)} />
                      <span className="sr-only">{face.family}</span>
                    </>
                  ) : (
                    <span className="w-[220px] shrink-0">{face.family}</span>
                  )}
                  <span className="text-xs opacity-75">{inFile(face)}</span>
                </div>
              );
            })}
            <div className="text-xs leading-5">
              <span className="break-all">{file.file}</span>. {EMBEDDING[file.embedding]};{" "}
              <Choice
                label={`Whether ${file.file} goes with bundles`}
                value={file.goesAlong ? 1 : 0}
                options={[
                  [1, "it goes with bundles"],
                  [0, "it stays out of bundles"],
                ]}
                onChange={(goes) =>
                  edit((same) => withFontFile(same, { ...file, goesAlong: goes === 1 }))
                }
              />
              .
            </div>
          </div>
          <TakeAway
            label={`Take the font file ${file.file} out of the house…`}
            onYes={() =>
              edit((same) => ({
                ...same,
                fontFiles: same.fontFiles.filter((other) => other.file !== file.file),
              }))
            }
          />
        </li>
      ))}
    </ul>
  );
}

export const FONT_FILES = ".ttf,.otf,.ttc,.otc,.woff2";

/** Has files tried and kept, one after the other, each handed on as it is there. */
export async function takeFonts(
  packageId: number,
  files: readonly File[],
  onTaken: (file: FontFile) => void,
): Promise<void> {
  for (const file of files) {
    onTaken(await upload<FontFile>(`/api/packages/${packageId}/house/fonts`, file));
  }
}
