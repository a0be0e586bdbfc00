import { unsavedOn } from "./unsavedOn";

export const unsaved = unsavedOn(localStorage);

/** Names this page among all that are open in the browser, as long as it is. */
export const page = crypto.randomUUID();

const lock = (name: string) => `diaphan.page.${name}`;

void navigator.locks.request(lock(page), () => new Promise(() => undefined));

/** Whether a page is still open somewhere, and will save what it has changed by itself. */
export async function isOpen(other: string): Promise<boolean> {
  const { held } = await navigator.locks.query();
  return held?.some(({ name }) => name === lock(other)) ?? false;
}
