package app.diaphan.core.render;

import app.diaphan.core.raster.Bands;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.GaussianBlur;
import app.diaphan.core.raster.Plane;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;

/** Premultiplied pixels, cut to their bounds; all four planes have the same. */
record Pixels(Plane red, Plane green, Plane blue, Plane alpha) {

  static Pixels clear(Bounds bounds) {
    return new Pixels(
        Plane.clear(bounds), Plane.clear(bounds), Plane.clear(bounds), Plane.clear(bounds));
  }

  Bounds bounds() {
    return alpha.bounds();
  }

  private List<Plane> planes() {
    return List.of(red, green, blue, alpha);
  }

  /** Puts painted pieces together. */
  static Pixels of(List<? extends Painted> backToFront, Bounds bounds) {
    Pixels pixels = clear(bounds);
    int width = Math.max(0, bounds.right());
    Bands.over(
        bounds.top(),
        bounds.bottom(),
        bounds.width(),
        (top, bottom) -> {
          RowCompositor compositor = new RowCompositor(width);
          float[] row = new float[4 * width];
          for (int y = top; y < bottom; y++) {
            Arrays.fill(row, 0);
            for (Painted painted : backToFront) {
              compositor.add(painted, y, row, 0);
            }
            pixels.keep(row, y);
          }
        });
    return pixels;
  }

  private void keep(float[] row, int y) {
    int at = alpha.row(y);
    for (int x = Math.max(0, bounds().left()); x < bounds().right(); x++) {
      int to = at + x - bounds().left();
      red.values()[to] = row[4 * x];
      green.values()[to] = row[4 * x + 1];
      blue.values()[to] = row[4 * x + 2];
      alpha.values()[to] = row[4 * x + 3];
    }
  }

  Pixels blurred(double sigmaX, double sigmaY, Bounds canvas) {
    int across = GaussianBlur.reach(sigmaX);
    int down = GaussianBlur.reach(sigmaY);
    return each(
        plane -> GaussianBlur.of(plane.beyond(canvas, across, down), sigmaX, sigmaY, canvas));
  }

  private Pixels each(UnaryOperator<Plane> to) {
    return new Pixels(to.apply(red), to.apply(green), to.apply(blue), to.apply(alpha));
  }

  /** Thinned by a plane, which is 0 outside its own bounds. */
  Pixels times(Plane share) {
    Plane fitted = share.fitted(bounds());
    return each(
        plane -> {
          Plane result = Plane.clear(bounds());
          for (int i = 0; i < result.values().length; i++) {
            result.values()[i] = plane.values()[i] * fitted.values()[i];
          }
          return result;
        });
  }

  /** These pixels over the same pixels spread out, at most twice as strong. */
  Pixels overTwice(Pixels spread) {
    Bounds all = bounds().and(spread.bounds());
    Pixels result = clear(all);
    List<Plane> tops = planes().stream().map(plane -> plane.fitted(all)).toList();
    List<Plane> bottoms = spread.planes().stream().map(plane -> plane.fitted(all)).toList();
    for (int i = 0; i < result.alpha.values().length; i++) {
      float below = bottoms.get(3).values()[i];
      float times = below > 0.5f ? 1 / below : 2;
      float rest = 1 - tops.get(3).values()[i];
      for (int c = 0; c < 4; c++) {
        result.planes().get(c).values()[i] =
            tops.get(c).values()[i] + bottoms.get(c).values()[i] * times * rest;
      }
    }
    return result;
  }

  /** Writes a row from column {@code left} to before {@code right}, which need not be within. */
  void row(int y, int left, int right, float opacity, float[] rgba) {
    if (y < bounds().top() || y >= bounds().bottom()) {
      return;
    }
    int at = alpha.row(y) - bounds().left();
    int to = Math.min(right, bounds().right());
    for (int x = Math.max(left, bounds().left()); x < to; x++) {
      rgba[4 * x] = red.values()[at + x] * opacity;
      rgba[4 * x + 1] = green.values()[at + x] * opacity;
      rgba[4 * x + 2] = blue.values()[at + x] * opacity;
      rgba[4 * x + 3] = alpha.values()[at + x] * opacity;
    }
  }
}
