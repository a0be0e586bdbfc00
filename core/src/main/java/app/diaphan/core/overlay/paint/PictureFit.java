package app.diaphan.core.overlay.paint;

/** How a picture fills a box of other proportions. */
public enum PictureFit {
  /** All of it, as large as the box allows, in the middle. */
  CONTAIN,
  /** The whole box, with what sticks out cut off evenly. */
  COVER,
  /** Both sides by themselves. */
  STRETCH
}
