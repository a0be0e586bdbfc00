package app.diaphan.core.cue;

/** How a still is put on the clip. */
public enum Fit {
  /** Pixel on pixel. */
  OWN,
  /** The video that its frame is for is brought to the clip's size. */
  FILL
}
