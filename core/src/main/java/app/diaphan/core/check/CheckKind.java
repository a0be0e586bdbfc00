package app.diaphan.core.check;

/** What the proof looks for. */
public enum CheckKind {
  /** Words or small pictures outside title-safe. */
  TITLE_SAFE,
  /** Words or small pictures that the frame cuts. */
  CUT_BY_FRAME,
  /** Words too small for the frame and how it is seen. */
  SMALL_WORDS,
  /** Words that do not stand out from what they may lie over. */
  LEGIBILITY,
  /** Codes to scan that a camera cannot read. */
  UNREADABLE_CODE,
  /** Lines so thin that they flicker on interlaced frames. */
  THIN_LINES,
  /** Colours that a video's coarser colour channels smear. */
  SMEARED_COLOURS,
  /** Pictures of pixels shown larger than they are. */
  LOW_RESOLUTION,
  /** A picture that still has the ground it came on. */
  FORGOTTEN_GROUND,
  /** Specks that a cut-out has left or that a picture came with. */
  SPECKS,
  /** Pieces that are there and cannot be seen. */
  NEARLY_INVISIBLE,
  /**
   * Letters, fonts or pictures that are missing, words that do not fit, punches that cut nothing.
   */
  DRAWING,
  /** Pieces that are hidden and so are not delivered. */
  HIDDEN,
  /** Soft ramps that show their steps in files of 8 bits that are not dithered. */
  BANDING,
  /** Edges that come out wrong when an editor halves a file of straight colours. */
  HALVED_EDGES,
  /** A frame that none of the targets has, or an overlay that goes out nowhere. */
  NO_TARGET,
  /** Faces and lines in colours that the house does not have. */
  HOUSE_COLOUR,
  /** Words in fonts that the house does not have. */
  HOUSE_FONT,
  /** A mark of the house under its least size. */
  MARK_SIZE,
  /** A mark that is wider or higher than it should be. */
  MARK_STRETCHED,
  /** A mark in colours that it may not have. */
  MARK_COLOUR,
  /** Something in what has to stay clear round a mark. */
  MARK_CLEAR_SPACE
}
