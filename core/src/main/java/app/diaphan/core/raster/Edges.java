package app.diaphan.core.raster;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.util.Arrays;
import java.util.List;

/**
 * The straight edges of flattened shapes, each running downwards, sorted by the row of pixels they
 * start in. Level edges bound no area but are kept: they tell which edges belong together.
 */
final class Edges {
  /** For each kind of path segment where its end stands; closing ends where the contour started. */
  private static final int[] END = {0, 0, 4, 4, -1};

  /** Enough for a circle of a radius of 100 000 px. */
  private static final int MOST_LINES = 1 << 14;

  private double[] topX = new double[256];
  private double[] topY = new double[256];
  private double[] bottomX = new double[256];
  private double[] bottomY = new double[256];
  private byte[] direction = new byte[256];
  private byte[] shape = new byte[256];
  private int count;
  private final boolean[] evenOdd;
  private double left = Double.POSITIVE_INFINITY;
  private double right = Double.NEGATIVE_INFINITY;
  private double top = Double.POSITIVE_INFINITY;
  private double bottom = Double.NEGATIVE_INFINITY;

  private final Bounds clip;

  private Edges(int shapes, Bounds clip) {
    evenOdd = new boolean[shapes];
    this.clip = clip;
  }

  static Edges of(List<Shape> shapes, Bounds clip) {
    Edges edges = new Edges(shapes.size(), clip);
    for (int i = 0; i < shapes.size(); i++) {
      edges.add(shapes.get(i), (byte) i);
    }
    edges.sort();
    return edges;
  }

  int count() {
    return count;
  }

  int shapes() {
    return evenOdd.length;
  }

  boolean evenOdd(int ofShape) {
    return evenOdd[ofShape];
  }

  double topY(int edge) {
    return topY[edge];
  }

  double bottomY(int edge) {
    return bottomY[edge];
  }

  int direction(int edge) {
    return direction[edge];
  }

  int shape(int edge) {
    return shape[edge];
  }

  /** Where the edge enters a row that starts at this height; its upper end if it starts there. */
  double xFrom(int edge, double y) {
    return y <= topY[edge] ? topX[edge] : xAt(edge, y);
  }

  /** Where the edge leaves a row that ends at this height; its lower end if it ends there. */
  double xTo(int edge, double y) {
    return y >= bottomY[edge] ? bottomX[edge] : xAt(edge, y);
  }

  private double xAt(int edge, double y) {
    double t = (y - topY[edge]) / (bottomY[edge] - topY[edge]);
    return topX[edge] + t * (bottomX[edge] - topX[edge]);
  }

  Bounds bounds() {
    return count == 0
        ? Bounds.EMPTY
        : new Bounds(
            (int) Math.floor(left),
            (int) Math.floor(top),
            (int) Math.ceil(right),
            (int) Math.ceil(bottom));
  }

  private void add(Shape source, byte index) {
    PathIterator path = source.getPathIterator(null);
    evenOdd[index] = path.getWindingRule() == PathIterator.WIND_EVEN_ODD;
    double[] point = new double[6];
    double startX = 0;
    double startY = 0;
    double x = 0;
    double y = 0;
    for (; !path.isDone(); path.next()) {
      int kind = path.currentSegment(point);
      switch (kind) {
        case PathIterator.SEG_MOVETO -> {
          line(x, y, startX, startY, index);
          startX = point[0];
          startY = point[1];
        }
        case PathIterator.SEG_LINETO -> line(x, y, point[0], point[1], index);
        case PathIterator.SEG_QUADTO -> {
          // The same curve as a cubic.
          double controlX = point[0];
          double controlY = point[1];
          double endX = point[2];
          double endY = point[3];
          point[0] = x + (controlX - x) * 2 / 3;
          point[1] = y + (controlY - y) * 2 / 3;
          point[2] = endX + (controlX - endX) * 2 / 3;
          point[3] = endY + (controlY - endY) * 2 / 3;
          point[4] = endX;
          point[5] = endY;
          curve(x, y, point, index);
        }
        case PathIterator.SEG_CUBICTO -> curve(x, y, point, index);
        default -> line(x, y, startX, startY, index);
      }
      int end = END[kind];
      x = end < 0 ? startX : point[end];
      y = end < 0 ? startY : point[end + 1];
    }
    line(x, y, startX, startY, index);
  }

  /**
   * A cubic as so many straight lines that none is farther from it than {@link Coverage#FLATNESS}:
   * a chord over a share h of the curve leaves it by h²/8 of the second derivative at most, and
   * that is greatest at an end.
   */
  private void curve(double x, double y, double[] c, byte index) {
    double bend =
        6
            * Math.sqrt(
                Math.max(
                    square(x - 2 * c[0] + c[2], y - 2 * c[1] + c[3]),
                    square(c[0] - 2 * c[2] + c[4], c[1] - 2 * c[3] + c[5])));
    int lines =
        (int) Math.clamp(Math.ceil(Math.sqrt(bend / (8 * Coverage.FLATNESS))), 1, MOST_LINES);
    double fromX = x;
    double fromY = y;
    for (int i = 1; i < lines; i++) {
      double t = (double) i / lines;
      double rest = 1 - t;
      double start = rest * rest * rest;
      double first = 3 * rest * rest * t;
      double second = 3 * rest * t * t;
      double end = t * t * t;
      double toX = start * x + first * c[0] + second * c[2] + end * c[4];
      double toY = start * y + first * c[1] + second * c[3] + end * c[5];
      line(fromX, fromY, toX, toY, index);
      fromX = toX;
      fromY = toY;
    }
    line(fromX, fromY, c[4], c[5], index);
  }

  private static double square(double x, double y) {
    return x * x + y * y;
  }

  private void line(double x0, double y0, double x1, double y1, byte index) {
    boolean downwards = y0 < y1;
    double upper = Math.min(y0, y1);
    double lower = Math.max(y0, y1);
    boolean point = upper == lower && x0 == x1;
    boolean nowhere = !Double.isFinite(x0 + y0 + x1 + y1);
    if (nowhere || point || lower <= clip.top() || upper >= clip.bottom()) {
      return;
    }
    if (count == topX.length) {
      grow();
    }
    topX[count] = downwards ? x0 : x1;
    topY[count] = upper;
    bottomX[count] = downwards ? x1 : x0;
    bottomY[count] = lower;
    direction[count] = (byte) (downwards ? 1 : -1);
    shape[count] = index;
    count++;
    left = Math.min(left, Math.min(x0, x1));
    right = Math.max(right, Math.max(x0, x1));
    top = Math.min(top, upper);
    bottom = Math.max(bottom, lower);
  }

  private void grow() {
    int size = count * 2;
    topX = Arrays.copyOf(topX, size);
    topY = Arrays.copyOf(topY, size);
    bottomX = Arrays.copyOf(bottomX, size);
    bottomY = Arrays.copyOf(bottomY, size);
    direction = Arrays.copyOf(direction, size);
    shape = Arrays.copyOf(shape, size);
  }

  /** By the row of pixels that they start in; those of one row stay as they were added. */
  private void sort() {
    int[] places = new int[clip.height() + 1];
    for (int i = 0; i < count; i++) {
      places[row(i) + 1]++;
    }
    for (int i = 1; i < places.length; i++) {
      places[i] += places[i - 1];
    }
    int[] order = new int[count];
    for (int i = 0; i < count; i++) {
      order[places[row(i)]++] = i;
    }
    topX = picked(topX, order);
    topY = picked(topY, order);
    bottomX = picked(bottomX, order);
    bottomY = picked(bottomY, order);
    byte[] directions = new byte[count];
    byte[] shapes = new byte[count];
    for (int i = 0; i < count; i++) {
      directions[i] = direction[order[i]];
      shapes[i] = shape[order[i]];
    }
    direction = directions;
    shape = shapes;
  }

  /** The row of the clip that the edge starts in, or comes into it. */
  private int row(int edge) {
    // Before it is a whole number: what starts far above has a row that is none.
    return (int) Math.max(0, Math.floor(topY[edge]) - clip.top());
  }

  private static double[] picked(double[] values, int[] order) {
    double[] result = new double[order.length];
    for (int i = 0; i < order.length; i++) {
      result[i] = values[order[i]];
    }
    return result;
  }
}
