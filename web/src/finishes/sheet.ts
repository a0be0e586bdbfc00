import type { Finish, FinishOf, Paint, PictureSummary } from "../api/client";

/** What the sheet of one kind of finish is given. */
export interface SheetProps<K extends Finish["kind"]> {
  finish: FinishOf<K>;
  /** How it is called among the finishes of its piece. */
  name: string;
  /** What a finish that takes any paint can be filled with. */
  pictures: readonly PictureSummary[];
  /** The paint of the piece's face, if it has one. */
  face: Paint | undefined;
  /** Values to change; changes of the same key that follow each other are one step of undo. */
  onChange: (next: Partial<FinishOf<K>>, key: string) => void;
}
