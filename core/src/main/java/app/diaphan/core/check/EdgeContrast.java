package app.diaphan.core.check;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How something stands out from what is around it: along its edges the contrast is taken between a
 * pixel inside and one outside, by WCAG 2.2; what counts is the 5th percentile, since words are
 * read by all of their edges.
 */
public final class EdgeContrast {
  private static final double PERCENTILE = 0.05;

  /** Edges looked at for one thing. */
  private static final int MOST_EDGES = 1500;

  /** How far outside what it stands against begins, in pixels. */
  public static final int BESIDE = 2;

  /** What is too thin to have whole pixels is taken by what it has most of. */
  private static final float[] INSIDE = {0.99f, 0.6f, 0.3f};

  private static final float OUTSIDE = 0.05f;

  /** Column and row of a pixel inside and of one outside in turn. */
  private final int[] pairs;

  private EdgeContrast(int[] pairs) {
    this.pairs = pairs;
  }

  /** Of a pixel as it is seen, 0–1. */
  @FunctionalInterface
  public interface Luminance {
    double at(int x, int y);
  }

  /**
   * @param coverage of letters, say, without what is around them
   * @param within where there are pixels to look at
   */
  public static EdgeContrast of(Plane coverage, Bounds within) {
    for (float inside : INSIDE) {
      int[] pairs = pairs(coverage, inside, within);
      if (pairs.length > 0) {
        return new EdgeContrast(pairs);
      }
    }
    return new EdgeContrast(new int[0]);
  }

  /** Whether no edge was found. */
  public boolean none() {
    return pairs.length == 0;
  }

  private static int[] pairs(Plane coverage, float inside, Bounds within) {
    Bounds bounds = coverage.bounds();
    Edges edges = new Edges(coverage, within, new ArrayList<>());
    for (int y = bounds.top(); y < bounds.bottom(); y++) {
      for (int x = bounds.left(); x < bounds.right(); x++) {
        if (coverage.at(x, y) >= inside) {
          edges.add(x, y, -BESIDE, 0);
          edges.add(x, y, BESIDE, 0);
          edges.add(x, y, 0, -BESIDE);
          edges.add(x, y, 0, BESIDE);
        }
      }
    }
    return edges.some();
  }

  /**
   * @param found column and row of a pixel inside and of one outside
   */
  private record Edges(Plane coverage, Bounds within, List<int[]> found) {
    /** Adds the edge between a pixel inside and one so far away, if there is one. */
    void add(int x, int y, int right, int down) {
      int ox = x + right;
      int oy = y + down;
      boolean seen =
          ox >= within.left() && ox < within.right() && oy >= within.top() && oy < within.bottom();
      if (seen && coverage.at(ox, oy) <= OUTSIDE) {
        found.add(new int[] {x, y, ox, oy});
      }
    }

    /** Of many edges, every so manyth. */
    int[] some() {
      int step = Math.max(1, found.size() / MOST_EDGES);
      int[] pairs = new int[4 * ((found.size() + step - 1) / step)];
      for (int i = 0, at = 0; i < found.size(); i += step, at += 4) {
        System.arraycopy(found.get(i), 0, pairs, at, 4);
      }
      return pairs;
    }
  }

  /**
   * @return 1 for none to 21 for black on white; 1 if there are no edges
   */
  public double over(Luminance seen) {
    if (none()) {
      return 1;
    }
    double[] ratios = new double[pairs.length / 4];
    for (int i = 0; i < ratios.length; i++) {
      ratios[i] =
          Contrast.ratio(
              seen.at(pairs[4 * i], pairs[4 * i + 1]), seen.at(pairs[4 * i + 2], pairs[4 * i + 3]));
    }
    Arrays.sort(ratios);
    return ratios[(int) (PERCENTILE * (ratios.length - 1))];
  }
}
