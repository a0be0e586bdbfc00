package app.diaphan.core.photograph.file;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.photograph.metadata.Metadata;
import app.diaphan.core.raster.Bounds;
import java.awt.image.BufferedImage;
import java.util.List;

/**
 * A photograph's file, its pixels as they are stored: orientation is not applied to any of them.
 */
public abstract sealed class Photograph permits JpegPhotograph, RowPhotograph {
  private final PhotographFacts facts;

  Photograph(PhotographFacts facts) {
    this.facts = facts;
  }

  public PhotographFormat format() {
    return facts.format();
  }

  /** In pixels. */
  public int width() {
    return facts.width();
  }

  public int height() {
    return facts.height();
  }

  /** A channel, 8 or 16. */
  public int bits() {
    return facts.bits();
  }

  public OwnColours colours() {
    return facts.colours();
  }

  public Metadata metadata() {
    return facts.metadata();
  }

  /** What is not kept of the file, in sentences. */
  public List<String> notes() {
    return facts.notes();
  }

  /**
   * Parts as a screen shows them, those that are clear over white.
   *
   * @param parts within the photograph
   * @return red, green and blue of sRGB, 0–1, row by row
   */
  public abstract List<float[]> parts(List<Bounds> parts);

  /**
   * The whole in sRGB.
   *
   * @param longest side at most, in pixels; it is never larger than the photograph
   */
  public abstract BufferedImage small(int longest);

  /**
   * All pixels, from the top.
   *
   * @throws InvalidInput if they cannot be decoded; then and later, if a row cannot be
   */
  abstract RowSource rows();
}
