package app.diaphan.core.picture;

/** A picture of a package. */
public sealed interface Picture permits RasterPicture, VectorPicture {
  /**
   * In pixels; of a vector picture, in the units of its file, which are shown as pixels and are not
   * always whole.
   */
  double ownWidth();

  double ownHeight();

  boolean hasAlpha();

  /**
   * By what it was made from: two pictures with the same identity look the same. The digest of its
   * file, or a name of its own for one that was made otherwise.
   */
  String identity();

  /** What it takes in memory. */
  long bytes();
}
