import { Refused } from "../api/client";

/**
 * Fetches a file and hands it to the browser to be kept, so that what is wrong can be told here.
 *
 * @param name that it is kept under
 */
export async function download(address: string, name: string): Promise<void> {
  const response = await fetch(address);
  if (!response.ok) {
    const told = (await response.json()) as { detail?: string };
    throw new Refused(
      told.detail ?? `Diaphan answered with error ${response.status}.`,
      response.status,
    );
  }
  const link = document.createElement("a");
  link.href = URL.createObjectURL(await response.blob());
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
