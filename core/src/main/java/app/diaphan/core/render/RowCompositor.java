package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Puts painted pieces over a row of premultiplied pixels. One instance works on one band at a time.
 *
 * <p>A finish that is held out and the face meet along the face's edge, each covering its own part
 * of an edge pixel. Laying one over the other would count that pixel's cover twice, so the face
 * replaces what is held out in proportion to its coverage instead.
 */
final class RowCompositor {
  private static final float[] NOTHING_KEPT = {};

  private final int width;
  private final float[] colours;
  private final float[] body;
  private final float[] piece;
  private final float[] heldOut;

  /** For the pieces of a group that are put together first; made when one is met. */
  private float @Nullable [] grouped;

  private float @Nullable [] kept;
  private @Nullable RowCompositor inner;

  RowCompositor(int width) {
    this.width = width;
    colours = new float[4 * width];
    body = new float[4 * width];
    piece = new float[4 * width];
    heldOut = new float[4 * width];
  }

  /**
   * @param row the pixels of canvas row {@code y}, from column 0
   * @param at where the row starts in the array
   */
  void add(Painted painted, int y, float[] row, int at) {
    add(painted, y, row, at, NOTHING_KEPT);
  }

  /**
   * @param keep the share of what lies behind the group that is left, for each column; multiplied
   *     by what punches take away. Empty if nobody asks.
   */
  void add(Painted painted, int y, float[] row, int at, float[] keep) {
    Bounds bounds = painted.bounds();
    if (y < bounds.top() || y >= bounds.bottom()) {
      return;
    }
    int left = Math.max(0, bounds.left());
    int right = Math.min(width, bounds.right());
    if (left >= right) {
      return;
    }
    switch (painted) {
      case PaintedPiece one -> add(one, y, row, at, keep, left, right);
      case Painted.Group group -> add(group, y, row, at, keep, left, right);
    }
  }

  private void add(
      Painted.Group group, int y, float[] row, int at, float[] keep, int left, int right) {
    if (inner == null) {
      inner = new RowCompositor(width);
      grouped = new float[4 * width];
      kept = new float[width];
    }
    Arrays.fill(grouped, 4 * left, 4 * right, 0);
    float[] keptBehind = group.cutsEverything() ? kept : NOTHING_KEPT;
    if (group.cutsEverything()) {
      Arrays.fill(kept, left, right, 1);
    }
    for (Painted painted : group.backToFront()) {
      inner.add(painted, y, grouped, 0, keptBehind);
    }
    if (group.cutsEverything()) {
      for (int x = left; x < right; x++) {
        cut(row, at, keep, x, 1 - (1 - kept[x]) * group.opacity());
      }
    }
    pixelsOver(grouped, row, at, left, right, group.opacity());
  }

  private void add(
      PaintedPiece painted, int y, float[] row, int at, float[] keep, int left, int right) {
    if (painted.cutBehind().isPresent()) {
      Plane amount = painted.cutBehind().get();
      for (int x = left; x < right; x++) {
        cut(row, at, keep, x, 1 - amount.at(x, y) * painted.overallOpacity());
      }
    }
    if (painted.cut().isPresent()) {
      punch(painted, painted.cut().get(), y, row, at, keep, left, right);
      return;
    }
    if (painted.overallOpacity() == 1
        && painted.heldOut().isEmpty()
        && painted.body() instanceof Body.Faced(Face face, List<Layer> atop)
        && atop.isEmpty()) {
      painted.showing().forEach(layer -> over(layer, y, row, at));
      over(face, y, row, at);
      return;
    }
    body(painted.body(), y, left, right);
    if (painted.overallOpacity() == 1 && painted.heldOut().isEmpty()) {
      painted.showing().forEach(layer -> over(layer, y, row, at));
      bodyOver(painted.body(), row, at);
      return;
    }
    Arrays.fill(piece, 4 * left, 4 * right, 0);
    painted.showing().forEach(layer -> over(layer, y, piece, 0));
    if (painted.heldOut().isEmpty()) {
      bodyOver(painted.body(), piece, 0);
      pixelsOver(piece, row, at, left, right, painted.overallOpacity());
      return;
    }
    Arrays.fill(heldOut, 4 * left, 4 * right, 0);
    painted.heldOut().forEach(layer -> over(layer, y, heldOut, 0));
    replace(painted.body().shape(), y, left, right);
    pixelsOver(heldOut, piece, 0, left, right, 1);
    pixelsOver(piece, row, at, left, right, painted.overallOpacity());
  }

  /** The inside with all that lies on it. */
  private void body(Body inside, int y, int left, int right) {
    Arrays.fill(body, 4 * left, 4 * right, 0);
    switch (inside) {
      case Body.Faced faced -> over(faced.face(), y, body, 0);
      case Body.Ready ready -> ready.pixels().row(y, left, right, ready.opacity(), body);
    }
    for (Layer layer : inside.atop()) {
      atop(layer, inside.shape(), y, body);
    }
  }

  /**
   * Cuts the piece's amount out of what lies behind. What lies atop stays in the cut: in a pixel of
   * which the shape covers c, of that the cut takes P and what is atop covers A, there is left of
   * what was behind (1 − c) beside the shape and (c − P)(1 − A/c) within it.
   */
  private void punch(
      PaintedPiece painted,
      TakenAway cut,
      int y,
      float[] row,
      int at,
      float[] keep,
      int left,
      int right) {
    body(painted.body(), y, left, right);
    System.arraycopy(row, at + 4 * left, piece, 4 * left, 4 * (right - left));
    painted.showing().forEach(layer -> over(layer, y, piece, 0));
    painted.heldOut().forEach(layer -> over(layer, y, piece, 0));
    Plane shape = painted.body().shape();
    float opacity = painted.overallOpacity();
    for (int x = left, i = 4 * left; x < right; x++, i += 4) {
      float covered = shape.at(x, y);
      float remains = 1;
      if (covered > 0) {
        float within = Math.max(0, covered - cut.amount().at(x, y));
        remains = 1 - covered + within * (1 - Math.min(1, body[i + 3] / covered));
      }
      for (int c = 0; c < 4; c++) {
        float result = piece[i + c] * remains + body[i + c];
        row[at + i + c] += (result - row[at + i + c]) * opacity;
      }
      if (cut.everything() && keep.length > 0) {
        keep[x] *= 1 - (1 - remains) * opacity;
      }
    }
  }

  private static void cut(float[] row, int at, float[] keep, int x, float left) {
    if (left < 1) {
      for (int c = 0; c < 4; c++) {
        row[at + 4 * x + c] *= left;
      }
      if (keep.length > 0) {
        keep[x] *= left;
      }
    }
  }

  private void over(Face face, int y, float[] row, int at) {
    Plane plane = face.coverage();
    Bounds bounds = plane.bounds();
    int left = Math.max(0, bounds.left());
    int right = Math.min(width, bounds.right());
    if (y < bounds.top() || y >= bounds.bottom() || left >= right) {
      return;
    }
    float[] values = plane.values();
    int from = plane.row(y) + left - bounds.left();
    float share = face.opacity();
    if (face.shader() instanceof Shader.Flat flat) {
      flatOver(flat, values, from, share, right - left, row, at + 4 * left);
      return;
    }
    shadedOver(face.shader(), y, left, right - left, values, from, share, row, at + 4 * left);
  }

  /**
   * @param from where the first coverage is
   * @param to where the first pixel is
   */
  private void shadedOver(
      Shader shader,
      int y,
      int left,
      int count,
      float[] values,
      int from,
      float share,
      float[] row,
      int to) {
    shader.row(y, left, count, colours);
    for (int i = 0, colour = 0; i < count; i++, colour += 4, to += 4) {
      float cover = values[from + i] * share;
      if (cover > 0) {
        float rest = 1 - cover * colours[colour + 3];
        row[to] = colours[colour] * cover + row[to] * rest;
        row[to + 1] = colours[colour + 1] * cover + row[to + 1] * rest;
        row[to + 2] = colours[colour + 2] * cover + row[to + 2] * rest;
        row[to + 3] = colours[colour + 3] * cover + row[to + 3] * rest;
      }
    }
  }

  private void over(Layer layer, int y, float[] row, int at) {
    layer
        .coverage()
        .visit(
            y,
            0,
            width,
            (x, values, from, count) -> {
              if (layer.shader() instanceof Shader.Flat flat) {
                flatOver(flat, values, from, layer.opacity(), count, row, at + 4 * x);
              } else {
                shadedOver(
                    layer.shader(), y, x, count, values, from, layer.opacity(), row, at + 4 * x);
              }
            });
  }

  /**
   * @param from where the first coverage is
   * @param to where the first pixel is
   */
  private static void flatOver(
      Shader.Flat flat, float[] values, int from, float share, int count, float[] row, int to) {
    float red = flat.red() * share;
    float green = flat.green() * share;
    float blue = flat.blue() * share;
    float alpha = flat.alpha() * share;
    for (int i = 0; i < count; i++, to += 4) {
      float cover = values[from + i];
      if (cover > 0) {
        float rest = 1 - cover * alpha;
        row[to] = red * cover + row[to] * rest;
        row[to + 1] = green * cover + row[to + 1] * rest;
        row[to + 2] = blue * cover + row[to + 2] * rest;
        row[to + 3] = alpha * cover + row[to + 3] * rest;
      }
    }
  }

  /** The body takes the place of what is held out, by the coverage of its shape. */
  private void replace(Plane shape, int y, int left, int right) {
    for (int x = left, at = 4 * left; x < right; x++, at += 4) {
      float rest = 1 - shape.at(x, y);
      for (int c = 0; c < 4; c++) {
        heldOut[at + c] = heldOut[at + c] * rest + body[at + c];
      }
    }
  }

  /** Paints on what lies within the shape, without reaching past its coverage. */
  private void atop(Layer layer, Plane shape, int y, float[] row) {
    layer
        .coverage()
        .visit(
            y,
            0,
            width,
            (left, values, from, count) -> {
              layer.shader().row(y, left, count, colours);
              for (int i = 0, to = 4 * left; i < count; i++, to += 4) {
                float cover = values[from + i];
                float whole = shape.at(left + i, y);
                if (cover > 0 && whole > 0) {
                  float share = Math.min(1, cover / whole) * layer.opacity() * colours[4 * i + 3];
                  float painted = Math.min(cover, whole) * layer.opacity();
                  for (int c = 0; c < 4; c++) {
                    row[to + c] = row[to + c] * (1 - share) + colours[4 * i + c] * painted;
                  }
                }
              }
            });
  }

  private void bodyOver(Body inside, float[] row, int at) {
    Bounds bounds =
        switch (inside) {
          case Body.Faced faced -> faced.shape().bounds();
          case Body.Ready ready -> ready.pixels().bounds();
        };
    int left = Math.max(0, bounds.left());
    int right = Math.min(width, bounds.right());
    if (left < right) {
      pixelsOver(body, row, at, left, right, 1);
    }
  }

  private static void pixelsOver(
      float[] pixels, float[] row, int at, int left, int right, float opacity) {
    for (int i = 4 * left; i < 4 * right; i += 4) {
      float rest = 1 - pixels[i + 3] * opacity;
      if (rest < 1) {
        row[at + i] = pixels[i] * opacity + row[at + i] * rest;
        row[at + i + 1] = pixels[i + 1] * opacity + row[at + i + 1] * rest;
        row[at + i + 2] = pixels[i + 2] * opacity + row[at + i + 2] * rest;
        row[at + i + 3] = pixels[i + 3] * opacity + row[at + i + 3] * rest;
      }
    }
  }
}
