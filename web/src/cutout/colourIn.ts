import { answer, api, type PictureSummary } from "../api/client";

/** The colour that the picture came with at a point of it. */
export async function colourIn(
  packageId: number,
  picture: PictureSummary,
  at: { x: number; y: number },
): Promise<string> {
  const seen = await answer(
    api.POST("/api/packages/{id}/cut-outs", {
      params: { path: { id: packageId } },
      body: {
        picture: picture.name,
        cutOut: { kind: "none" },
        view: "BEFORE",
        quick: false,
        part: {
          left: Math.min(picture.width - 1, Math.max(0, Math.floor(at.x))),
          top: Math.min(picture.height - 1, Math.max(0, Math.floor(at.y))),
          width: 1,
          height: 1,
          scale: 1,
        },
      },
    }),
  );
  const image = new Image();
  image.src = seen.picture;
  await image.decode();
  const canvas = document.createElement("canvas");
  canvas.width = canvas.height = 1;
  const context = canvas.getContext("2d");
  if (!context) return "#ffffff";
  context.drawImage(image, 0, 0);
  const [r = 0, g = 0, b = 0] = context.getImageData(0, 0, 1, 1).data;
  return `#${[r, g, b].map((value) => value.toString(16).padStart(2, "0")).join("")}`;
}
