package app.diaphan.core.raster;

import java.util.Arrays;
import java.util.Comparator;
import java.util.function.IntPredicate;

/**
 * Fills rows of a plane with the coverage of a set of edges. One instance works on one band.
 *
 * <p>Within a row, edges whose x-extents touch form a cluster. Contours are closed, so a contour
 * can leave a cluster only through the row's top or bottom: the winding number on a cluster's right
 * side differs from that on its left by the same amount at every height. Most clusters are one
 * chain of edges and are accumulated as they are; only the others are cut into slabs.
 */
final class CoverageRows {
  /** Ends of a contour that rounding has moved apart still touch; in px. */
  private static final double TOUCHING = 1e-7;

  /** Sums this small are what rounding left of nothing. */
  private static final double ROUNDING = 1e-9;

  /** More parts than this in a row are laid out by their columns before they are sorted. */
  private static final int FEW = 24;

  private static final Comparator<Part> FROM_LEFT = Comparator.comparingDouble(part -> part.least);

  private final Edges edges;
  private final IntPredicate inside;
  private final Plane plane;
  private final int left;
  private final int width;
  private final double[] areas;
  private final int[] winding;

  /** The edges that reach into the current row, and their parts within it, by least x. */
  private int[] active = new int[64];

  private int activeCount;
  private Part[] parts = new Part[64];
  private int partCount;

  private final int[] places;
  private Part[] laidOut = new Part[64];

  private double[] cuts = new double[64];
  private int cutCount;
  private Part[] crossing = new Part[64];

  CoverageRows(Edges edges, IntPredicate inside, Plane plane) {
    this.edges = edges;
    this.inside = inside;
    this.plane = plane;
    left = plane.bounds().left();
    width = plane.bounds().width();
    areas = new double[width + 2];
    places = new int[width + 1];
    winding = new int[edges.shapes()];
  }

  /** An edge within one row; {@code middle} is its x at half the height of the current slab. */
  private static final class Part {
    int edge;
    double top;
    double bottom;
    double topX;
    double bottomX;
    double least;
    double middle;

    double mostX() {
      return Math.max(topX, bottomX);
    }

    double xAt(double y) {
      if (y <= top) {
        return topX;
      }
      if (y >= bottom) {
        return bottomX;
      }
      return topX + (y - top) / (bottom - top) * (bottomX - topX);
    }
  }

  void fill(int top, int bottom) {
    int next = 0;
    for (int row = top; row < bottom; row++) {
      int kept = 0;
      for (int i = 0; i < activeCount; i++) {
        if (edges.bottomY(active[i]) > row) {
          active[kept++] = active[i];
        }
      }
      activeCount = kept;
      for (; next < edges.count() && edges.topY(next) < row + 1; next++) {
        if (edges.bottomY(next) > row) {
          if (activeCount == active.length) {
            active = Arrays.copyOf(active, activeCount * 2);
          }
          active[activeCount++] = next;
        }
      }
      if (activeCount > 0) {
        row(row);
      }
    }
  }

  private void row(int row) {
    cut(row);
    Arrays.fill(areas, 0);
    Arrays.fill(winding, 0);
    int first = 0;
    while (first < partCount) {
      double reach = parts[first].mostX();
      int last = first + 1;
      while (last < partCount && parts[last].least <= reach + TOUCHING) {
        reach = Math.max(reach, parts[last].mostX());
        last++;
      }
      cluster(first, last);
      first = last;
    }
    double sum = 0;
    int at = plane.row(row);
    for (int x = 0; x < width; x++) {
      sum += areas[x];
      plane.values()[at + x] = sum < ROUNDING ? 0 : (float) Math.min(1, sum);
    }
  }

  /** Cuts the active edges to the row, in coordinates of the plane with the row's top at 0. */
  private void cut(int row) {
    if (parts.length < activeCount) {
      parts = Arrays.copyOf(parts, Math.max(activeCount, parts.length * 2));
    }
    partCount = activeCount;
    for (int i = 0; i < activeCount; i++) {
      Part part = parts[i] == null ? (parts[i] = new Part()) : parts[i];
      int edge = active[i];
      double top = Math.max(row, edges.topY(edge));
      double bottom = Math.min(row + 1, edges.bottomY(edge));
      part.edge = edge;
      part.top = top - row;
      part.bottom = bottom - row;
      part.topX = edges.xFrom(edge, top) - left;
      part.bottomX = edges.xTo(edge, bottom) - left;
      part.least = Math.min(part.topX, part.bottomX);
    }
    if (partCount > FEW && layOutByColumn() > FEW) {
      Arrays.sort(parts, 0, partCount, FROM_LEFT);
      return;
    }
    // Few or nearly sorted: insertion beats a general sort.
    for (int i = 1; i < partCount; i++) {
      Part part = parts[i];
      double key = part.least;
      int j = i - 1;
      while (j >= 0 && parts[j].least > key) {
        parts[j + 1] = parts[j];
        j--;
      }
      parts[j + 1] = part;
    }
  }

  /**
   * Leaves only parts of the same column to be sorted.
   *
   * @return how many there are in the fullest column
   */
  private int layOutByColumn() {
    Arrays.fill(places, 0);
    for (int i = 0; i < partCount; i++) {
      places[column(parts[i]) + 1]++;
    }
    int most = 0;
    for (int i = 1; i < places.length; i++) {
      most = Math.max(most, places[i]);
      places[i] += places[i - 1];
    }
    if (laidOut.length < parts.length) {
      laidOut = new Part[parts.length];
    }
    for (int i = 0; i < partCount; i++) {
      laidOut[places[column(parts[i])]++] = parts[i];
    }
    System.arraycopy(laidOut, 0, parts, 0, partCount);
    return most;
  }

  private int column(Part part) {
    return Math.clamp((long) part.least, 0, width - 1);
  }

  private void cluster(int first, int last) {
    if (chain(first, last)) {
      int edge = parts[first].edge;
      int shape = edges.shape(edge);
      boolean before = insideNow();
      winding[shape] += edges.direction(edge);
      int change = (insideNow() ? 1 : 0) - (before ? 1 : 0);
      if (change != 0) {
        for (int i = first; i < last; i++) {
          Part part = parts[i];
          accumulate(part.topX, part.bottomX, (part.bottom - part.top) * change);
        }
      }
      return;
    }
    collectCuts(first, last);
    int[] atLeft = winding.clone();
    for (int i = 0; i + 1 < cutCount; i++) {
      if (cuts[i + 1] > cuts[i]) {
        System.arraycopy(atLeft, 0, winding, 0, atLeft.length);
        slab(first, last, cuts[i], cuts[i + 1]);
      }
    }
    System.arraycopy(atLeft, 0, winding, 0, atLeft.length);
    addNetWinding(first, last);
  }

  /** Whether the parts follow each other down the whole row, one at every height. */
  private boolean chain(int first, int last) {
    int direction = edges.direction(parts[first].edge);
    int shape = edges.shape(parts[first].edge);
    double height = 0;
    for (int i = first; i < last; i++) {
      Part part = parts[i];
      if (part.top == part.bottom) {
        return false;
      }
      if (edges.direction(part.edge) != direction || edges.shape(part.edge) != shape) {
        return false;
      }
      height += part.bottom - part.top;
    }
    return Math.abs(height - 1) < 1e-9;
  }

  private void addNetWinding(int first, int last) {
    double[] net = new double[winding.length];
    for (int i = first; i < last; i++) {
      Part part = parts[i];
      net[edges.shape(part.edge)] += edges.direction(part.edge) * (part.bottom - part.top);
    }
    for (int i = 0; i < winding.length; i++) {
      winding[i] += (int) Math.rint(net[i]);
    }
  }

  private void collectCuts(int first, int last) {
    cutCount = 0;
    addCut(0);
    addCut(1);
    for (int i = first; i < last; i++) {
      Part a = parts[i];
      addCut(a.top);
      addCut(a.bottom);
      for (int j = i + 1; j < last && parts[j].least <= a.mostX(); j++) {
        addCrossing(a, parts[j]);
      }
    }
    Arrays.sort(cuts, 0, cutCount);
  }

  private void addCrossing(Part a, Part b) {
    double top = Math.max(a.top, b.top);
    double bottom = Math.min(a.bottom, b.bottom);
    if (top >= bottom) {
      return;
    }
    double above = a.xAt(top) - b.xAt(top);
    double below = a.xAt(bottom) - b.xAt(bottom);
    if (above * below < 0) {
      addCut(top + (bottom - top) * (above / (above - below)));
    }
  }

  private void addCut(double y) {
    if (cutCount == cuts.length) {
      cuts = Arrays.copyOf(cuts, cutCount * 2);
    }
    cuts[cutCount++] = y;
  }

  private void slab(int first, int last, double top, double bottom) {
    double middle = (top + bottom) / 2;
    if (crossing.length < last - first) {
      crossing = new Part[Math.max(last - first, crossing.length * 2)];
    }
    int count = 0;
    for (int i = first; i < last; i++) {
      Part part = parts[i];
      if (part.top < middle && part.bottom > middle) {
        part.middle = part.xAt(middle);
        int j = count++ - 1;
        while (j >= 0 && crossing[j].middle > part.middle) {
          crossing[j + 1] = crossing[j];
          j--;
        }
        crossing[j + 1] = part;
      }
    }
    boolean before = insideNow();
    for (int i = 0; i < count; i++) {
      Part part = crossing[i];
      winding[edges.shape(part.edge)] += edges.direction(part.edge);
      boolean after = insideNow();
      if (after != before) {
        accumulate(part.xAt(top), part.xAt(bottom), after ? bottom - top : top - bottom);
      }
      before = after;
    }
  }

  private boolean insideNow() {
    int mask = 0;
    for (int i = 0; i < winding.length; i++) {
      if (edges.evenOdd(i) ? (winding[i] & 1) != 0 : winding[i] != 0) {
        mask |= 1 << i;
      }
    }
    return mask != 0 && inside.test(mask);
  }

  /**
   * Adds the area to the right of a straight line that descends by {@code |height|} from one x to
   * the other, so that the running sum of {@link #areas} is the covered share of each pixel.
   */
  private void accumulate(double fromX, double toX, double height) {
    double a = Math.min(fromX, toX);
    double b = Math.max(fromX, toX);
    if (b <= 0) {
      areas[0] += height;
      return;
    }
    if (a >= width) {
      return;
    }
    if (a < 0) {
      double outside = height * (-a / (b - a));
      areas[0] += outside;
      height -= outside;
      a = 0;
    }
    if (b > width) {
      height *= (width - a) / (b - a);
      b = width;
    }
    int pixel = (int) a;
    if (b <= pixel + 1) {
      double middle = (a + b) / 2 - pixel;
      areas[pixel] += height * (1 - middle);
      areas[pixel + 1] += height * middle;
      return;
    }
    double perPixel = height / (b - a);
    for (double x = a; x < b; pixel++) {
      double end = Math.min(b, pixel + 1);
      double part = perPixel * (end - x);
      double middle = (x + end) / 2 - pixel;
      areas[pixel] += part * (1 - middle);
      areas[pixel + 1] += part * middle;
      x = end;
    }
  }
}
