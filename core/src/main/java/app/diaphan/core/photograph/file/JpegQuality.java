package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.jpeg.Segment;
import java.util.List;
import java.util.OptionalDouble;
import javax.imageio.plugins.jpeg.JPEGQTable;

/**
 * How well a JPEG file keeps its picture, told by its tables of quantization: most programs scale
 * the standard's tables (ITU-T T.81, annex K) as libjpeg does.
 */
final class JpegQuality {
  private static final int TABLE = 64;

  /** The standard's table of brightness, at the quality 0.5. */
  private static final int[] STANDARD = JPEGQTable.K1Luminance.getTable();

  private JpegQuality() {}

  /**
   * @return 0–1; none if the file has no table that can be read
   */
  static OptionalDouble of(List<Segment> segments) {
    for (Segment segment : segments) {
      byte[] data = segment.data();
      boolean first =
          segment.marker() == Segment.QUANTIZATION_TABLES
              && data.length > TABLE
              && data[0] == 0; // The first table, of 8 bits.
      if (first) {
        double sum = 0;
        double standard = 0;
        for (int i = 0; i < TABLE; i++) {
          sum += data[1 + i] & 0xff;
          standard += STANDARD[i];
        }
        double scale = sum / standard;
        double quality = scale <= 1 ? 1 - scale / 2 : 0.5 / scale;
        return OptionalDouble.of(Math.clamp(quality, 0.01, 1));
      }
    }
    return OptionalDouble.empty();
  }
}
