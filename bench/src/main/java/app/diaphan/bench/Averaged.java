package app.diaphan.bench;

import app.diaphan.core.render.Rendering;
import java.util.Arrays;

/** What was drawn made smaller by what each new pixel covers of it, exactly. */
final class Averaged {
  private static final int BAND = 64;

  private Averaged() {}

  /**
   * @param width to come to, at most that of the drawing
   * @return premultiplied red, green, blue and alpha of each pixel, 0–1, row by row
   */
  static float[] of(Rendering drawn, int width, int height) {
    int from = drawn.canvas().width();
    int rows = drawn.canvas().height();
    float[] averaged = new float[4 * width * height];
    float[] band = new float[4 * from * BAND];
    double[] line = new double[4 * width];
    for (int top = 0; top < rows; top += BAND) {
      int bottom = Math.min(rows, top + BAND);
      drawn.rows(top, bottom, band);
      for (int y = top; y < bottom; y++) {
        across(band, 4 * from * (y - top), from, line, width);
        double upper = (double) y * height / rows;
        double lower = (y + 1.0) * height / rows;
        for (int to = (int) upper; to < height && to < lower; to++) {
          double share = Math.min(lower, to + 1) - Math.max(upper, to);
          for (int i = 0; i < line.length; i++) {
            averaged[4 * width * to + i] += (float) (share * line[i]);
          }
        }
      }
    }
    return averaged;
  }

  private static void across(float[] band, int at, int from, double[] line, int width) {
    Arrays.fill(line, 0);
    for (int x = 0; x < from; x++) {
      double left = (double) x * width / from;
      double right = (x + 1.0) * width / from;
      for (int to = (int) left; to < width && to < right; to++) {
        double share = Math.min(right, to + 1) - Math.max(left, to);
        for (int c = 0; c < 4; c++) {
          line[4 * to + c] += share * band[at + 4 * x + c];
        }
      }
    }
  }
}
