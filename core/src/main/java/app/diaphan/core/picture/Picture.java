package app.diaphan.core.picture;

/**
 * A picture of a package. Two pictures are equal only if they are the same one: they are made once
 * for the bytes of a file.
 */
public sealed interface Picture permits RasterPicture, VectorPicture {
  /** In pixels; of a vector picture, in the units of its file, which are shown as pixels. */
  int width();

  int height();

  boolean hasAlpha();
}
