package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.Metadata;
import app.diaphan.core.raster.Bounds;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;

/**
 * A photograph's file, its pixels as they are stored: orientation is not applied to any of them.
 */
public sealed interface Photograph permits JpegPhotograph, RowPhotograph {
  PhotographFormat format();

  /** In pixels. */
  int width();

  int height();

  /** A channel, 8 or 16. */
  int bits();

  OwnColours colours();

  Metadata metadata();

  /** What is not kept of the file, in sentences. */
  List<String> notes();

  /**
   * Parts as a screen shows them, those that are clear over white.
   *
   * @param parts within the photograph
   * @return red, green and blue of sRGB, 0–1, row by row
   */
  List<float[]> parts(List<Bounds> parts) throws IOException;

  /**
   * The whole in sRGB.
   *
   * @param longest side at most, in pixels; it is never larger than the photograph
   */
  BufferedImage small(int longest) throws IOException;

  /** All pixels, from the top. */
  RowSource rows();
}
