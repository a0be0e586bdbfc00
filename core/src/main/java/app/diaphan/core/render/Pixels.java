package app.diaphan.core.render;

import app.diaphan.core.raster.Bands;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.GaussianBlur;
import app.diaphan.core.raster.PackedPlane;
import app.diaphan.core.raster.Plane;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Premultiplied pixels, cut to their bounds. What is done to them is done to one channel after the
 * other, so that few whole planes are needed at once.
 *
 * @param channels red, green, blue and alpha, all with the same bounds
 */
record Pixels(List<PackedPlane> channels) {
  private static final int CHANNELS = 4;
  private static final int ALPHA = 3;

  Pixels {
    channels = List.copyOf(channels);
  }

  private static Pixels of(IntFunction<Plane> channel) {
    return new Pixels(
        IntStream.range(0, CHANNELS).mapToObj(c -> PackedPlane.of(channel.apply(c))).toList());
  }

  Bounds bounds() {
    return channels.get(ALPHA).bounds();
  }

  Plane alpha() {
    return channels.get(ALPHA).unpacked();
  }

  /** Bytes that they take. */
  long bytes() {
    return channels.stream().mapToLong(PackedPlane::bytes).sum();
  }

  /** Puts painted pieces together. */
  static Pixels of(List<? extends Painted> backToFront, Bounds bounds) {
    List<Plane> planes = Stream.generate(() -> Plane.clear(bounds)).limit(CHANNELS).toList();
    int width = Math.max(0, bounds.right());
    Bands.over(
        bounds.top(),
        bounds.bottom(),
        bounds.width(),
        (top, bottom) -> {
          RowCompositor compositor = new RowCompositor(width);
          float[] row = new float[CHANNELS * width];
          PixelRow cursor = PixelRow.over(row, width);
          for (int y = top; y < bottom; y++) {
            Arrays.fill(row, 0);
            cursor.at(y, 0);
            for (Painted painted : backToFront) {
              compositor.add(painted, cursor);
            }
            for (int c = 0; c < CHANNELS; c++) {
              Plane plane = planes.get(c);
              int at = plane.row(y) - bounds.left();
              for (int x = Math.max(0, bounds.left()); x < bounds.right(); x++) {
                plane.values()[at + x] = row[CHANNELS * x + c];
              }
            }
          }
        });
    return of(planes::get);
  }

  Pixels blurred(double sigmaX, double sigmaY, Bounds canvas) {
    int across = GaussianBlur.reach(sigmaX);
    int down = GaussianBlur.reach(sigmaY);
    return of(
        c ->
            GaussianBlur.of(
                channels.get(c).unpacked().beyond(canvas, across, down), sigmaX, sigmaY, canvas));
  }

  /** Thinned by a plane, which is 0 outside its own bounds. */
  Pixels times(Plane share) {
    Plane fitted = share.fitted(bounds());
    return of(
        c -> {
          Plane result = channels.get(c).unpacked();
          for (int i = 0; i < result.values().length; i++) {
            result.values()[i] *= fitted.values()[i];
          }
          return result;
        });
  }

  /**
   * These pixels over others that are thinned.
   *
   * @param opacity of the others, 0–1
   */
  Pixels over(Pixels others, float opacity) {
    Bounds all = bounds().and(others.bounds());
    Plane topAlpha = alpha().fitted(all);
    return of(
        c -> {
          Plane result = channels.get(c).unpacked().fitted(all);
          Plane below = others.channels.get(c).unpacked().fitted(all);
          for (int i = 0; i < result.values().length; i++) {
            result.values()[i] += below.values()[i] * opacity * (1 - topAlpha.values()[i]);
          }
          return result;
        });
  }

  /** These pixels over the same pixels spread out, at most twice as strong. */
  Pixels overTwice(Pixels spread) {
    Bounds all = bounds().and(spread.bounds());
    Plane topAlpha = alpha().fitted(all);
    Plane spreadAlpha = spread.alpha().fitted(all);
    return of(
        c -> {
          Plane result = Plane.clear(all);
          Plane top = channels.get(c).unpacked().fitted(all);
          Plane bottom = spread.channels.get(c).unpacked().fitted(all);
          for (int i = 0; i < result.values().length; i++) {
            float below = spreadAlpha.values()[i];
            float times = below > 0.5f ? 1 / below : 2;
            float rest = 1 - topAlpha.values()[i];
            result.values()[i] = top.values()[i] + bottom.values()[i] * times * rest;
          }
          return result;
        });
  }

  /**
   * Writes a row from column {@code left} to before {@code right}, which need not be within; where
   * the pixels are clear nothing is written.
   */
  void row(int y, int left, int right, float opacity, float[] rgba) {
    for (int c = 0; c < CHANNELS; c++) {
      int channel = c;
      channels
          .get(c)
          .visit(
              y,
              left,
              right,
              (x, values, from, count) -> {
                for (int i = 0, to = CHANNELS * x + channel; i < count; i++, to += CHANNELS) {
                  rgba[to] = values[from + i] * opacity;
                }
              });
    }
  }
}
