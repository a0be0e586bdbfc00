package app.diaphan.core.frame;

/** The rectangles of a frame that a piece can hang from. */
public enum Area {
  FRAME,
  ACTION_SAFE,
  TITLE_SAFE,
  /** Within the designer's own margin lines. */
  OWN_MARGIN
}
