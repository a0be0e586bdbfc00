package app.diaphan.core.raster;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The straight edges of flattened shapes, each running downwards, sorted by where they start. Level
 * edges bound no area but are kept: they tell which edges belong together.
 */
final class Edges {
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

  private Edges(int shapes) {
    evenOdd = new boolean[shapes];
  }

  static Edges of(List<Shape> shapes, Bounds clip) {
    Edges edges = new Edges(shapes.size());
    for (int i = 0; i < shapes.size(); i++) {
      edges.add(shapes.get(i), (byte) i, clip);
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

  private void add(Shape source, byte index, Bounds clip) {
    PathIterator path = source.getPathIterator(null, Coverage.FLATNESS);
    evenOdd[index] = path.getWindingRule() == PathIterator.WIND_EVEN_ODD;
    double[] point = new double[6];
    double startX = 0;
    double startY = 0;
    double x = 0;
    double y = 0;
    for (; !path.isDone(); path.next()) {
      switch (path.currentSegment(point)) {
        case PathIterator.SEG_MOVETO -> {
          line(x, y, startX, startY, index, clip);
          startX = x = point[0];
          startY = y = point[1];
        }
        case PathIterator.SEG_LINETO -> {
          line(x, y, point[0], point[1], index, clip);
          x = point[0];
          y = point[1];
        }
        default -> {
          line(x, y, startX, startY, index, clip);
          x = startX;
          y = startY;
        }
      }
    }
    line(x, y, startX, startY, index, clip);
  }

  private void line(double x0, double y0, double x1, double y1, byte index, Bounds clip) {
    boolean downwards = y0 < y1;
    double upper = Math.min(y0, y1);
    double lower = Math.max(y0, y1);
    boolean point = upper == lower && x0 == x1;
    if (point || lower <= clip.top() || upper >= clip.bottom()) {
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

  private void sort() {
    double[] keys = topY;
    int[] order =
        IntStream.range(0, count)
            .boxed()
            .sorted((a, b) -> Double.compare(keys[a], keys[b]))
            .mapToInt(Integer::intValue)
            .toArray();
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

  private static double[] picked(double[] values, int[] order) {
    double[] result = new double[order.length];
    for (int i = 0; i < order.length; i++) {
      result[i] = values[order[i]];
    }
    return result;
  }
}
