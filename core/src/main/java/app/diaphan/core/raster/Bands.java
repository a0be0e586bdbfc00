package app.diaphan.core.raster;

import java.util.stream.IntStream;

/** Splits rows of pixels into bands that can be worked on side by side. */
public final class Bands {
  private static final int WORTH_SPLITTING = 1 << 16;

  private Bands() {}

  /** Work on the rows from {@code top} to before {@code bottom}. */
  @FunctionalInterface
  public interface Work {
    void on(int top, int bottom);
  }

  /**
   * Runs the work over all rows, in bands of a height that depends only on the size, never on the
   * number of threads, so that results do not depend on it either.
   */
  public static void over(int top, int bottom, int width, Work work) {
    int rows = bottom - top;
    if (rows <= 0) {
      return;
    }
    if ((long) rows * width < WORTH_SPLITTING) {
      work.on(top, bottom);
      return;
    }
    int height = Math.max(8, (rows + 15) / 16);
    IntStream.range(0, (rows + height - 1) / height)
        .parallel()
        .forEach(band -> work.on(top + band * height, Math.min(bottom, top + (band + 1) * height)));
  }
}
