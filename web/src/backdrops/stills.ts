/** Backdrops are only looked at; more pixels than this help nobody. */
const MOST_SIDE = 1920;
const QUALITY = 0.92;

/** The name of a backdrop for a file: "Harbour wall.mp4" becomes "harbour-wall". */
export function clipOf(fileName: string): string {
  const stem = fileName.replace(/\.[^.]+$/, "");
  const tidy = stem
    .toLowerCase()
    .replaceAll(/[^\p{Letter}\p{Number}]+/gu, "-")
    .replaceAll(/^-+|-+$/g, "")
    .slice(0, 60);
  return tidy || "backdrop";
}

/** Reads a picture file as far as the browser can. */
export async function pictureOf(file: File): Promise<HTMLImageElement> {
  const image = new Image();
  const address = URL.createObjectURL(file);
  try {
    image.src = address;
    await image.decode();
    return image;
  } catch {
    throw new Error(`"${file.name}" cannot be read by this browser; give a JPEG or PNG file.`);
  } finally {
    URL.revokeObjectURL(address);
  }
}

/** What an image or a video shows at this moment, as a JPEG file of moderate size. */
export async function asJpeg(source: HTMLImageElement | HTMLVideoElement): Promise<File> {
  const [width, height] =
    source instanceof HTMLVideoElement
      ? [source.videoWidth, source.videoHeight]
      : [source.naturalWidth, source.naturalHeight];
  const scale = Math.min(1, MOST_SIDE / Math.max(width, height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  canvas.getContext("2d")?.drawImage(source, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/jpeg", QUALITY));
  if (!blob) throw new Error("The picture could not be taken from the video.");
  return new File([blob], "still.jpg", { type: "image/jpeg" });
}
