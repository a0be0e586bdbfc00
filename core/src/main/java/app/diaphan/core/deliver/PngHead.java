package app.diaphan.core.deliver;

import app.diaphan.core.file.FileFormat;
import java.util.Map;

/**
 * What the first chunk of a PNG file says.
 *
 * @param width in pixels
 * @param bits of a sample
 * @param channels 1 for greys, 3 for colours, 4 for colours and alpha; 2 for greys and alpha
 */
record PngHead(int width, int height, int bits, int channels) {
  private int sample() {
    return bits == 16 ? 2 : 1;
  }

  /** Bytes in a pixel. */
  int pixel() {
    return channels * sample();
  }

  /** Bytes in a row. */
  int stride() {
    return width * pixel();
  }

  private boolean alpha() {
    return channels % 2 == 0;
  }

  MeasuredRows measured(FileInspector.RowVisitor visitor) {
    // What is clear in a key is black.
    boolean shares = alpha() || channels == 1;
    return new MeasuredRows(width, pixel(), sample(), shares, channels == 4 && bits >= 8, visitor);
  }

  /**
   * @param keyed whether one colour stands for what is clear
   */
  FileReport report(
      MeasuredRows look, boolean keyed, Map<String, String> tags, long size, String digest) {
    return new FileReport(
        FileFormat.PNG,
        width,
        height,
        bits,
        channels,
        alpha() || keyed ? FileReport.AlphaFound.STRAIGHT : FileReport.AlphaFound.NONE,
        look.count().clearShare(),
        look.count().partialShare(),
        look.count().solidShare(),
        look.count().drawn(),
        look.fringe(),
        tags,
        size,
        digest);
  }

  static String physical(long across, long down, boolean metres) {
    return across + " × " + down + (metres ? " a metre" : " (pixel aspect)");
  }

  static String offset(long right, long down) {
    return right + " right, " + down + " down";
  }
}
