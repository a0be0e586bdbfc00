package app.diaphan.core.frame;

/** Whether the lines of a video picture are shown all at once or as two fields. */
public enum Scan {
  PROGRESSIVE,
  INTERLACED
}
