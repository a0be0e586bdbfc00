import text from "../../../docs/guide.md?raw";

export interface Chapter {
  title: string;
  /** As Markdown, without its title. */
  text: string;
}

/** The chapters of a guide: what stands under each heading of the second level. */
export function chaptersOf(markdown: string): Chapter[] {
  return markdown
    .split(/^## /m)
    .slice(1)
    .map((chapter) => {
      const [title = "", ...rest] = chapter.split("\n");
      return { title: title.trim(), text: rest.join("\n").trim() };
    });
}

export const CHAPTERS = chaptersOf(text);

/** The chapter of the step that an address belongs to; the first one for all others. */
export function chapterAt(path: string): number {
  const step = path.split("/").at(-1) ?? "";
  const called = path.endsWith("/new") || path.endsWith("/copy") ? "frame" : step;
  return Math.max(
    0,
    CHAPTERS.findIndex((chapter) => chapter.title.toLowerCase() === called),
  );
}
