package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.util.Arrays;

/**
 * Puts painted pieces over a row of premultiplied pixels. One instance works on one band at a time.
 *
 * <p>A finish that is held out and the face meet along the face's edge, each covering its own part
 * of an edge pixel. Laying one over the other would count that pixel's cover twice, so the face
 * replaces what is held out in proportion to its coverage instead.
 */
final class RowCompositor {
  private final int width;
  private final float[] colours;
  private final float[] face;
  private final float[] piece;
  private final float[] behind;

  /** For the pieces of a thinned group, and groups within it; made when one is met. */
  private float[] grouped;

  private RowCompositor inner;

  RowCompositor(int width) {
    this.width = width;
    colours = new float[4 * width];
    face = new float[4 * width];
    piece = new float[4 * width];
    behind = new float[4 * width];
  }

  /**
   * @param row the pixels of canvas row {@code y}, from column 0
   * @param at where the row starts in the array
   */
  void add(Painted painted, int y, float[] row, int at) {
    Bounds bounds = painted.bounds();
    if (y < bounds.top() || y >= bounds.bottom()) {
      return;
    }
    switch (painted) {
      case PaintedPiece one -> add(one, y, row, at);
      case Painted.Group group -> add(group, y, row, at);
    }
  }

  private void add(Painted.Group group, int y, float[] row, int at) {
    if (inner == null) {
      inner = new RowCompositor(width);
      grouped = new float[4 * width];
    }
    int left = Math.max(0, group.bounds().left());
    int right = Math.min(width, group.bounds().right());
    if (left >= right) {
      return;
    }
    Arrays.fill(grouped, 4 * left, 4 * right, 0);
    for (Painted painted : group.backToFront()) {
      inner.add(painted, y, grouped, 0);
    }
    pixelsOver(grouped, row, at, left, right, group.opacity());
  }

  private void add(PaintedPiece painted, int y, float[] row, int at) {
    Bounds bounds = painted.bounds();
    if (painted.overallOpacity() == 1 && painted.heldOut().isEmpty() && painted.atop().isEmpty()) {
      painted.showing().forEach(layer -> over(layer, y, row, at));
      over(painted.face(), y, row, at);
      return;
    }
    int left = Math.max(0, bounds.left());
    int right = Math.min(width, bounds.right());
    if (left >= right) {
      return;
    }
    Arrays.fill(face, 4 * left, 4 * right, 0);
    over(painted.face(), y, face, 0);
    for (Layer layer : painted.atop()) {
      atop(layer, painted.face().coverage(), y, face);
    }
    Arrays.fill(piece, 4 * left, 4 * right, 0);
    painted.heldOut().forEach(layer -> over(layer, y, piece, 0));
    if (painted.heldOut().isEmpty()) {
      pixelsOver(face, piece, 0, left, right, 1);
    } else {
      replace(painted.face().coverage(), y, left, right);
    }
    if (!painted.showing().isEmpty()) {
      Arrays.fill(behind, 4 * left, 4 * right, 0);
      painted.showing().forEach(layer -> over(layer, y, behind, 0));
      pixelsOver(piece, behind, 0, left, right, 1);
      pixelsOver(behind, row, at, left, right, painted.overallOpacity());
    } else {
      pixelsOver(piece, row, at, left, right, painted.overallOpacity());
    }
  }

  private void over(Layer layer, int y, float[] row, int at) {
    Plane plane = layer.coverage();
    Bounds bounds = plane.bounds();
    int left = Math.max(0, bounds.left());
    int right = Math.min(width, bounds.right());
    if (y < bounds.top() || y >= bounds.bottom() || left >= right) {
      return;
    }
    layer.shader().row(y, left, right - left, colours);
    float[] values = plane.values();
    int from = plane.row(y) - bounds.left();
    float share = layer.opacity();
    for (int x = left, colour = 0, to = at + 4 * left; x < right; x++, colour += 4, to += 4) {
      float cover = values[from + x] * share;
      if (cover > 0) {
        float rest = 1 - cover * colours[colour + 3];
        row[to] = colours[colour] * cover + row[to] * rest;
        row[to + 1] = colours[colour + 1] * cover + row[to + 1] * rest;
        row[to + 2] = colours[colour + 2] * cover + row[to + 2] * rest;
        row[to + 3] = colours[colour + 3] * cover + row[to + 3] * rest;
      }
    }
  }

  /** The face takes the place of what is held out, by the coverage of its shape. */
  private void replace(Plane shape, int y, int left, int right) {
    for (int x = left, at = 4 * left; x < right; x++, at += 4) {
      float rest = 1 - shape.at(x, y);
      for (int c = 0; c < 4; c++) {
        piece[at + c] = piece[at + c] * rest + face[at + c];
      }
    }
  }

  /** Paints on what lies within the shape, without reaching past its coverage. */
  private void atop(Layer layer, Plane shape, int y, float[] row) {
    Plane plane = layer.coverage();
    Bounds bounds = plane.bounds();
    int left = Math.max(0, bounds.left());
    int right = Math.min(width, bounds.right());
    if (y < bounds.top() || y >= bounds.bottom() || left >= right) {
      return;
    }
    layer.shader().row(y, left, right - left, colours);
    int from = plane.row(y) - bounds.left();
    for (int x = left, colour = 0, to = 4 * left; x < right; x++, colour += 4, to += 4) {
      float cover = plane.values()[from + x];
      float whole = shape.at(x, y);
      if (cover <= 0 || whole <= 0) {
        continue;
      }
      float share = Math.min(1, cover / whole) * layer.opacity() * colours[colour + 3];
      float painted = Math.min(cover, whole) * layer.opacity();
      for (int c = 0; c < 4; c++) {
        row[to + c] = row[to + c] * (1 - share) + colours[colour + c] * painted;
      }
    }
  }

  private static void pixelsOver(
      float[] pixels, float[] row, int at, int left, int right, float opacity) {
    for (int i = 4 * left; i < 4 * right; i += 4) {
      float rest = 1 - pixels[i + 3] * opacity;
      for (int c = 0; c < 4; c++) {
        row[at + i + c] = pixels[i + c] * opacity + row[at + i + c] * rest;
      }
    }
  }
}
