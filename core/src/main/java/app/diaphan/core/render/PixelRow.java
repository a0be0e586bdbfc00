package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.util.Arrays;

/**
 * A row of premultiplied pixels that is painted on: a cursor that moves over the rows of an array,
 * or a row of its own that something is put together on. It may note down which share of what lies
 * behind it is left, for each column.
 */
final class PixelRow {
  private final int width;
  private final float[] values;

  /** Of a shader, for as many pixels as are asked for. */
  private final float[] colours;

  private final float[] kept;
  private boolean keeps;
  private int y;

  /** Where column 0 lies in the array. */
  private int start;

  /** The columns that something is painted on: from {@code left} to before {@code right}. */
  record Span(int left, int right) {}

  /**
   * How much of each pixel is covered.
   *
   * @param from where the first pixel's value is
   * @param share that all are thinned to
   */
  private record Cover(float[] values, int from, int count, float share) {}

  private PixelRow(int width, float[] values, float[] kept) {
    this.width = width;
    this.values = values;
    this.kept = kept;
    colours = new float[4 * width];
  }

  /**
   * Over the rows of an array, of which nobody asks what is left behind them.
   *
   * @param width columns that are painted on at most, from column 0
   */
  static PixelRow over(float[] values, int width) {
    return new PixelRow(width, values, new float[0]);
  }

  /** A row of its own. */
  static PixelRow own(int width) {
    return new PixelRow(width, new float[4 * width], new float[width]);
  }

  /**
   * @param row of the canvas
   * @param column0 where its first column is, or would be, in the array
   */
  PixelRow at(int row, int column0) {
    y = row;
    start = column0;
    return this;
  }

  int y() {
    return y;
  }

  int width() {
    return width;
  }

  /** A clear part of the row of its own. */
  PixelRow cleared(int row, Span span) {
    Arrays.fill(values, 4 * span.left(), 4 * span.right(), 0);
    keeps = false;
    return at(row, 0);
  }

  /** From now on it is noted down what is left of what lies behind; at first all is. */
  void keep(Span span) {
    keeps = true;
    Arrays.fill(kept, span.left(), span.right(), 1);
  }

  /** The share of what lies behind that is left, 0–1. */
  float kept(int x) {
    return kept[x];
  }

  void copy(PixelRow other, Span span) {
    int from = 4 * span.left();
    int count = 4 * (span.right() - span.left());
    System.arraycopy(other.values, other.start + from, values, start + from, count);
  }

  float alpha(int x) {
    return values[start + 4 * x + 3];
  }

  /** Leaves a share of a pixel, and of what lies behind it. */
  void cut(int x, float left) {
    if (left < 1) {
      int at = start + 4 * x;
      for (int c = 0; c < 4; c++) {
        values[at + c] *= left;
      }
      behind(x, left);
    }
  }

  /** Leaves a share of what lies behind a pixel, if that is noted down. */
  void behind(int x, float left) {
    if (keeps) {
      kept[x] *= left;
    }
  }

  void over(Face face) {
    Plane plane = face.coverage();
    Bounds bounds = plane.bounds();
    int left = Math.max(0, bounds.left());
    int right = Math.min(width, bounds.right());
    if (y < bounds.top() || y >= bounds.bottom() || left >= right) {
      return;
    }
    int from = plane.row(y) + left - bounds.left();
    over(face.shader(), left, new Cover(plane.values(), from, right - left, face.opacity()));
  }

  void over(Layer layer) {
    layer
        .coverage()
        .visit(
            y,
            0,
            width,
            (left, cover, from, count) ->
                over(layer.shader(), left, new Cover(cover, from, count, layer.opacity())));
  }

  private void over(Shader shader, int left, Cover cover) {
    if (shader instanceof Shader.Flat flat) {
      over(flat, start + 4 * left, cover);
    } else {
      shader.row(y, left, cover.count(), colours);
      overColours(start + 4 * left, cover);
    }
  }

  /**
   * @param at where the first pixel is
   */
  private void over(Shader.Flat flat, int at, Cover cover) {
    float[] row = values;
    float[] covers = cover.values();
    float red = flat.red() * cover.share();
    float green = flat.green() * cover.share();
    float blue = flat.blue() * cover.share();
    float alpha = flat.alpha() * cover.share();
    int end = cover.from() + cover.count();
    for (int i = cover.from(), to = at; i < end; i++, to += 4) {
      float covered = covers[i];
      if (covered > 0) {
        float rest = 1 - covered * alpha;
        row[to] = red * covered + row[to] * rest;
        row[to + 1] = green * covered + row[to + 1] * rest;
        row[to + 2] = blue * covered + row[to + 2] * rest;
        row[to + 3] = alpha * covered + row[to + 3] * rest;
      }
    }
  }

  /**
   * @param at where the first pixel is
   */
  private void overColours(int at, Cover cover) {
    float[] row = values;
    float[] covers = cover.values();
    float share = cover.share();
    int from = cover.from();
    for (int i = 0, colour = 0, to = at; i < cover.count(); i++, colour += 4, to += 4) {
      float covered = covers[from + i] * share;
      if (covered > 0) {
        float rest = 1 - covered * colours[colour + 3];
        row[to] = colours[colour] * covered + row[to] * rest;
        row[to + 1] = colours[colour + 1] * covered + row[to + 1] * rest;
        row[to + 2] = colours[colour + 2] * covered + row[to + 2] * rest;
        row[to + 3] = colours[colour + 3] * covered + row[to + 3] * rest;
      }
    }
  }

  /**
   * Lays another row over this one.
   *
   * @param opacity of all its pixels, 0–1
   */
  void over(PixelRow other, Span span, float opacity) {
    float[] row = values;
    float[] pixels = other.values;
    int end = start + 4 * span.right();
    for (int to = start + 4 * span.left(), i = other.start + 4 * span.left();
        to < end;
        to += 4, i += 4) {
      float rest = 1 - pixels[i + 3] * opacity;
      if (rest < 1) {
        row[to] = pixels[i] * opacity + row[to] * rest;
        row[to + 1] = pixels[i + 1] * opacity + row[to + 1] * rest;
        row[to + 2] = pixels[i + 2] * opacity + row[to + 2] * rest;
        row[to + 3] = pixels[i + 3] * opacity + row[to + 3] * rest;
      }
    }
  }

  /** Pixels that are ready, in place of what there was. */
  void set(Pixels pixels, Span span, float opacity) {
    pixels.row(y, span.left(), span.right(), opacity, values);
  }

  /** Paints on what lies within a shape, without reaching past its coverage. */
  void atop(Layer layer, Plane shape) {
    layer
        .coverage()
        .visit(
            y,
            0,
            width,
            (left, cover, from, count) -> {
              layer.shader().row(y, left, count, colours);
              for (int i = 0, to = start + 4 * left; i < count; i++, to += 4) {
                float covered = cover[from + i];
                float whole = shape.at(left + i, y);
                if (covered > 0 && whole > 0) {
                  float share = Math.min(1, covered / whole) * layer.opacity() * colours[4 * i + 3];
                  float painted = Math.min(covered, whole) * layer.opacity();
                  for (int c = 0; c < 4; c++) {
                    values[to + c] = values[to + c] * (1 - share) + colours[4 * i + c] * painted;
                  }
                }
              }
            });
  }

  /** Another row takes the place of this one, by the coverage of its shape. */
  void replacedBy(PixelRow other, Plane shape, Span span) {
    for (int x = span.left(); x < span.right(); x++) {
      left(x, 1 - shape.at(x, y), other);
    }
  }

  /** Leaves a share of a pixel and adds another row's to it. */
  private void left(int x, float share, PixelRow other) {
    int to = start + 4 * x;
    int from = other.start + 4 * x;
    for (int c = 0; c < 4; c++) {
      values[to + c] = values[to + c] * share + other.values[from + c];
    }
  }

  /**
   * Goes from what a pixel is towards what another row leaves with a third one on it.
   *
   * @param share that is left of {@code other}'s pixel
   * @param opacity how far it goes, 0–1
   */
  void toward(int x, PixelRow other, float share, PixelRow added, float opacity) {
    int to = start + 4 * x;
    int from = other.start + 4 * x;
    int more = added.start + 4 * x;
    for (int c = 0; c < 4; c++) {
      float result = other.values[from + c] * share + added.values[more + c];
      values[to + c] += (result - values[to + c]) * opacity;
    }
  }
}
