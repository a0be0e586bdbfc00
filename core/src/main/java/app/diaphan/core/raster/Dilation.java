package app.diaphan.core.raster;

import java.util.Arrays;

/**
 * Widens a shape by a few pixels, to about a tenth of a pixel; enough for what will be blurred.
 * Each covered pixel spreads as a cone: the grey dilation of S. R. Sternberg, "Grayscale
 * Morphology" (Computer Vision, Graphics, and Image Processing 35, 1986). It costs what the square
 * of the reach does, so it is meant for short ones.
 */
public final class Dilation {
  /** Less cover tells too little of where in the pixel the edge runs. */
  private static final float LEAST = 0.06f;

  private static final float NOTHING = -1e6f;

  private Dilation() {}

  /**
   * @param by how far, in units, more than 0
   * @param stepX width of a pixel in units
   * @param stepY height of a pixel in units
   */
  public static Plane wider(Plane shape, double by, double stepX, double stepY) {
    int across = (int) Math.ceil(by / stepX) + 1;
    int down = (int) Math.ceil(by / stepY) + 1;
    Bounds bounds = shape.bounds().grown(across, down);
    // A margin of nothing, so that every row and column has others all round it.
    Bounds padded = bounds.grown(across, down);
    Plane seeds = seeds(shape.fitted(padded));
    Plane wide = Plane.clear(bounds);
    int width = bounds.width();
    float[][] fall = fall(by, stepX, stepY, across, down);
    Bands.over(
        bounds.top(),
        bounds.bottom(),
        width * across,
        (top, bottom) -> {
          float[] pair = new float[padded.width()];
          // From index 0 on: only so does the machine do many values at a time.
          float[] first = new float[width];
          float[] second = new float[width];
          float[] row = new float[width];
          for (int y = top; y < bottom; y++) {
            Arrays.fill(row, NOTHING);
            for (int j = 0; j <= down; j++) {
              most(seeds.values(), seeds.row(y - j), seeds.row(y + j), pair);
              for (int i = 0; i <= across && fall[j][i] < 1; i++) {
                System.arraycopy(pair, across - i, first, 0, width);
                System.arraycopy(pair, across + i, second, 0, width);
                spread(first, second, fall[j][i], row);
              }
            }
            limit(row);
            System.arraycopy(row, 0, wide.values(), wide.row(y), width);
          }
        });
    return wide;
  }

  /** The same the other way round: what is not covered is made wider. */
  public static Plane narrower(Plane shape, double by, double stepX, double stepY) {
    int across = (int) Math.ceil(by / stepX) + 2;
    int down = (int) Math.ceil(by / stepY) + 2;
    Plane around = rest(shape.fitted(shape.bounds().grown(across, down)));
    return rest(wider(around, by, stepX, stepY)).fitted(shape.bounds());
  }

  private static Plane rest(Plane plane) {
    Plane rest = Plane.clear(plane.bounds());
    for (int i = 0; i < rest.values().length; i++) {
      rest.values()[i] = 1 - plane.values()[i];
    }
    return rest;
  }

  private static Plane seeds(Plane shape) {
    Plane seeds = Plane.clear(shape.bounds());
    for (int i = 0; i < seeds.values().length; i++) {
      seeds.values()[i] = shape.values()[i] < LEAST ? NOTHING : shape.values()[i];
    }
    return seeds;
  }

  /** How much less a pixel so many rows and columns away is covered by a covered one. */
  private static float[][] fall(double by, double stepX, double stepY, int across, int down) {
    float[][] fall = new float[down + 1][across + 1];
    for (int j = 0; j <= down; j++) {
      for (int i = 0; i <= across; i++) {
        double x = i * stepX;
        double y = j * stepY;
        double away = Math.hypot(x, y);
        double extent = away == 0 ? Math.min(stepX, stepY) : (x * stepX + y * stepY) / away;
        fall[j][i] = (float) ((away - by) / extent);
      }
    }
    return fall;
  }

  private static void most(float[] values, int first, int second, float[] most) {
    for (int i = 0; i < most.length; i++) {
      most[i] = Math.max(values[first + i], values[second + i]);
    }
  }

  private static void spread(float[] first, float[] second, float fall, float[] to) {
    for (int i = 0; i < to.length; i++) {
      to[i] = Math.max(to[i], Math.max(first[i], second[i]) - fall);
    }
  }

  private static void limit(float[] values) {
    for (int i = 0; i < values.length; i++) {
      values[i] = Math.max(0, Math.min(1, values[i]));
    }
  }
}
