import { expect, test } from "vitest";
import type { FileKind, FormatChoice } from "../api/client";
import { PLAIN_TARGET } from "./plainTarget";
import { inFormat } from "./useFileFormats";

const PNG: FormatChoice = {
  format: "PNG",
  words: "PNG",
  extension: "png",
  mediaType: "image/png",
  carries: [{ kind: "straight" }, { kind: "fill-and-key", shaped: false }],
  compressions: ["DEFLATE"],
};

function carrying(carried: FileKind["carried"]): FileKind {
  return { ...PLAIN_TARGET.file, format: "TIFF", carried };
}

test("what another format cannot carry becomes the first that it can", () => {
  expect(inFormat(carrying({ kind: "premultiplied", matte: "#000000" }), PNG)).toEqual({
    format: "PNG",
    carried: { kind: "straight" },
  });
});

test("what it can is kept with its values", () => {
  expect(inFormat(carrying({ kind: "fill-and-key", shaped: true }), PNG)).toEqual({
    format: "PNG",
  });
});
