package app.diaphan.core.deliver;

/** Whether a file holds the whole frame or only the part that is drawn on. */
public enum Extent {
  FRAME,
  TRIMMED
}
