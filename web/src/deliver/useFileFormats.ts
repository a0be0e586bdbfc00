import { useQuery } from "@tanstack/react-query";
import { answer, api, type FileKind, type FormatChoice } from "../api/client";

/** The formats that files can be delivered in; none until they are known. */
export function useFileFormats(): readonly FormatChoice[] {
  return (
    useQuery({
      queryKey: ["file-formats"],
      queryFn: () => answer(api.GET("/api/file-formats")),
      staleTime: Infinity,
    }).data ?? []
  );
}

/** What of a file's kind another format needs otherwise. */
export function inFormat(file: FileKind, format: FormatChoice): Partial<FileKind> {
  const { carries } = format;
  const first = carries[0];
  return {
    format: format.format,
    ...(first && !carries.some(({ kind }) => kind === file.carried.kind) ? { carried: first } : {}),
  };
}
