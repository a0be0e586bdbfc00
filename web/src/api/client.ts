import createClient from "openapi-fetch";
import type { components, paths } from "./schema";

type Schemas = components["schemas"];
export type Overlay = Schemas["Overlay"];
export type Piece = Overlay["stack"][number];
export type TextPiece = Schemas["TextPiece"];
export type PlatePiece = Schemas["PlatePiece"];
export type PicturePiece = Schemas["PicturePiece"];
export type CodePiece = Schemas["CodePiece"];
export type CutOut = PicturePiece["cutOut"];
export type CutEdge = Schemas["CutEdge"];
export type Tint = PicturePiece["tint"];
export type Stroke = Schemas["Stroke"];
export type CutView = Schemas["ToLookAt"]["view"];
export type GroupPiece = Schemas["GroupPiece"];
/** A piece with a face and an edge of its own. */
export type FacedPiece = Exclude<Piece, GroupPiece>;
/** A piece whose face a paint fills. */
export type FilledPiece = Extract<Piece, { paint: unknown }>;
export type Place = Schemas["Place"];
export type Hook = Place["hook"];
export type Run = Schemas["Run"];
export type TextSetting = Schemas["TextSetting"];
export type TextBox = TextPiece["box"];
export type Fit = Extract<TextBox, { kind: "given" }>["fit"];
export type PlateShape = PlatePiece["shape"];
export type Backing = Schemas["Backing"];
export type Paint = PlatePiece["paint"];
export type Stop = Schemas["Stop"];
export type Look = Schemas["Look"];
export type Punch = Look["punch"];
export type Finish = Look["finishes"][number];
export type FinishSet = Schemas["FinishSet"];
/** A finish of one kind. */
export type FinishOf<K extends Finish["kind"]> = Extract<Finish, { kind: K }>;
export type Ornament = Schemas["Ornament"];
export type Frame = Schemas["Frame"];
export type OwnMargin = Schemas["OwnMargin"];
export type FrameEntry = Schemas["FrameEntry"];
export type Arrangement = Schemas["ToArrange"]["arrangement"];
export type Drawing = Schemas["Drawing"];
export type DrawnPiece = Schemas["DrawnPiece"];
export type SavedOverlay = Schemas["SavedOverlay"];
export type DrawnStarter = Schemas["DrawnStarter"];
export type Deleted = Schemas["Deleted"];
export type House = Schemas["House"];
export type HouseColour = Schemas["HouseColour"];
export type HouseFont = Schemas["HouseFont"];
export type HouseMark = Schemas["HouseMark"];
export type HousePicture = Schemas["HousePicture"];
export type HouseOriginal = Schemas["HouseOriginal"];
export type HouseTexture = Schemas["HouseTexture"];
export type OriginalLine = Schemas["OriginalLine"];
export type CopyStanding = Schemas["CopyStanding"];
export type OwnThing = Schemas["OwnThing"];
export type FollowedHouse = Schemas["FollowedHouse"];
export type HouseFound = Schemas["HouseFound"];
export type TouchedOverlay = Schemas["TouchedOverlay"];
export type BothLooks = Schemas["BothLooks"];
export type FontFamily = Schemas["FontFamilyChoice"];
export type FontFile = Schemas["FontFile"];
export type Target = Schemas["Target"];
export type DeliveryStatus = Schemas["DeliveryStatus"];
export type NamedTarget = Schemas["NamedTarget"];
export type FileKind = Schemas["FileKind"];
export type FormatChoice = Schemas["FormatChoice"];
export type Compression = FileKind["compression"];
export type Carried = FileKind["carried"];
export type Extent = FileKind["extent"];
export type TargetFrame = NamedTarget["frame"];
export type ForTarget = Schemas["ForTarget"];
export type PieceChange = Schemas["PieceChange"];
export type PlanLine = Schemas["PlanLine"];
export type RunStatus = Schemas["RunStatus"];
export type ReturnedFile = Schemas["ReturnedFile"];
export type CheckKind = Finding["kind"];
export type ClipSummary = Schemas["ClipSummary"];
export type Finding = Schemas["Finding"];
export type StillSummary = Schemas["StillSummary"];
export type SavedRoster = Schemas["SavedRoster"];
export type Roster = Schemas["Roster"];
export type SavedRow = Schemas["SavedRow"];
export type DesignAsking = Schemas["DesignAsking"];
export type TroubledRow = Schemas["TroubledRow"];
export type RowTrouble = Schemas["RowTrouble"];
export type MergeSummary = Schemas["MergeSummary"];
export type PackageSummary = Schemas["PackageSummary"];
export type PhotographList = Schemas["PhotographList"];
export type PhotographLine = Schemas["PhotographLine"];
export type PhotographLook = Schemas["PhotographLook"];
export type MarkSettings = Schemas["MarkSettings"];
export type OtherDress = Schemas["MarkSettings"]["otherDress"];
export type Marking = Schemas["Marking"];
export type Corner = Marking["corner"];
export type Measure = Marking["size"];
export type MarkRun = Schemas["MarkRun"];
export type CueList = Schemas["CueList"];
export type Cue = Schemas["Cue"];
export type CueClip = Schemas["CueClip"];
export type CueMarker = Schemas["Marker"];
export type CueMove = Cue["coming"];
export type CueFound = Schemas["CueFound"];
export type CueSeries = Schemas["Series"];
export type Dealing = Schemas["Dealing"];
export type KnownCues = Schemas["KnownCues"];
export type PlacedCue = Schemas["PlacedCue"];
export type Pose = Schemas["Pose"];
export type StillId = Schemas["StillId"];
export type StillLine = Schemas["StillLine"];
export type TimeBase = Schemas["TimeBase"];
export type PictureSummary = Schemas["PictureSummary"];

export const api = createClient<paths>({ baseUrl: "" });

/** An answer of the server that is not what was asked for; the message is for the designer. */
export class Refused extends Error {
  constructor(
    message: string,
    readonly status: number,
  ) {
    super(message);
  }
}

/** Gives the data of an answer, or throws what the server says is wrong. */
export async function answer<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let result;
  try {
    result = await call;
  } catch (e) {
    if (e instanceof DOMException && e.name === "AbortError") throw e;
    throw new Refused("Diaphan does not answer. Is it still running? Nothing typed is lost.", 0);
  }
  if (!result.response.ok) {
    const problem = result.error as { detail?: string } | undefined;
    throw new Refused(
      problem?.detail ?? `Diaphan answered with error ${result.response.status}.`,
      result.response.status,
    );
  }
  return result.data as T;
}

/** Sends one file under the name "file". */
export async function upload<T>(
  address: string,
  file: File,
  method = "POST",
  fields: Record<string, string> = {},
): Promise<T> {
  const body = new FormData();
  for (const [name, value] of Object.entries(fields)) body.append(name, value);
  body.append("file", file);
  const response = await fetch(address, { method, body });
  const content = (await response.json()) as T & { detail?: string };
  if (!response.ok) {
    throw new Refused(content.detail ?? `"${file.name}" was not taken in.`, response.status);
  }
  return content;
}
