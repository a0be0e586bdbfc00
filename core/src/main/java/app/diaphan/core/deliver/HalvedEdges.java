package app.diaphan.core.deliver;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Rendering;

/**
 * The edge that is farthest off when an editor halves a file of straight colours, mixing colours
 * and alphas apart.
 *
 * @param off how far, in 255ths and over any backdrop
 * @param x of one of its pixels, from the frame's left
 * @param y of the same, from the frame's top
 */
public record HalvedEdges(double off, int x, int y) {
  /** An eye sees no seam below this, in 255ths. */
  static final double CLEAN = 3;

  /** Rows of a band; even, since two are halved together. */
  private static final int ROWS_AT_ONCE = 64;

  /** Less alpha is none in a file of 8 bits. */
  private static final float CLEAR = 0.5f / 255;

  /**
   * Among what is drawn. Beside clear pixels edges are right: those carry the colour of the nearest
   * drawn one ({@link CleanEdges}).
   */
  public static HalvedEdges of(Rendering rendering) {
    Bounds frame = rendering.canvas().bounds();
    Bounds drawn = rendering.drawn();
    int left = drawn.left() & ~1;
    int right = Math.min(frame.right(), drawn.right() + 1);
    HalvedEdges worst = new HalvedEdges(0, 0, 0);
    for (int top = drawn.top() & ~1; top < drawn.bottom(); top += ROWS_AT_ONCE) {
      int bottom = Math.min(frame.bottom(), top + ROWS_AT_ONCE);
      float[] rows = rendering.rows(top, bottom, left, right);
      int stride = 4 * (right - left);
      for (int y = 0; y + 1 < bottom - top; y += 2) {
        for (int x = 0; x + 1 < right - left; x += 2) {
          double off = off(rows, stride * y + 4 * x, stride);
          if (off > worst.off()) {
            worst = new HalvedEdges(off, left + x, top + y);
          }
        }
      }
    }
    return worst;
  }

  /** Of a block of two by two premultiplied pixels, in 255ths. */
  private static double off(float[] rows, int at, int stride) {
    int[] pixels = {at, at + 4, at + stride, at + stride + 4};
    float least = 1;
    float most = 0;
    float solidity = 0;
    for (int pixel : pixels) {
      float alpha = rows[pixel + 3];
      least = Math.min(least, alpha);
      most = Math.max(most, alpha);
      solidity += alpha / 4;
    }
    if (least < CLEAR || least == most) {
      return 0;
    }
    double farthest = 0;
    for (int c = 0; c < 3; c++) {
      double straight = 0;
      double truly = 0;
      for (int pixel : pixels) {
        straight += rows[pixel + c] / rows[pixel + 3] / 4;
        truly += rows[pixel + c] / 4;
      }
      farthest = Math.max(farthest, Math.abs(straight * solidity - truly));
    }
    return 255 * farthest;
  }

  /** Whether nobody will see it. */
  public boolean clean() {
    return off <= CLEAN;
  }
}
