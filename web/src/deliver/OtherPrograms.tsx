import { useState } from "react";
import { download } from "../ui/download";
import { Notice } from "../ui/Notice";

const FILES = [
  ["layers.ora", "a layered OpenRaster file"],
  ["drawing.svg", "an SVG drawing"],
] as const;

/** The overlay in open formats that other programs can go on working with. */
export function OtherPrograms({ overlayId, name }: { overlayId: number; name: string }) {
  const [problem, setProblem] = useState("");
  const fetchFile = async (file: (typeof FILES)[number][0]) => {
    setProblem("");
    try {
      await download(
        `/api/overlays/${overlayId}/${file}`,
        name + file.slice(file.lastIndexOf(".")),
      );
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <div className="mt-4 border-t border-base-300 pt-3 text-sm">
      <p className="flex flex-wrap items-center gap-2">
        To go on with it in another program, take
        {FILES.map(([file, words]) => (
          <button
            key={file}
            type="button"
            className="btn btn-xs"
            onClick={() => void fetchFile(file)}
          >
            {words}
          </button>
        ))}
      </p>
      {problem && (
        <div className="mt-2">
          <Notice>{problem}</Notice>
        </div>
      )}
    </div>
  );
}
