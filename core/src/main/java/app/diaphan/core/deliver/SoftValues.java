package app.diaphan.core.deliver;

import java.util.Arrays;

/**
 * Tells soft ramps from flats and from edges, row after row: only ramps show bands, so only they
 * are dithered. A value is soft if it changes, but slowly, towards one of its four neighbours.
 *
 * <p>Floats are only read and whole numbers only written, from index 0 on: so the machine does many
 * values at a time (JDK 25 cannot tell two arrays of one type apart otherwise).
 */
final class SoftValues {
  /** As much as the reckoning itself may differ within a flat. */
  private static final float FLAT = 1e-6f;

  /** Steps of a file of 8 bits from one pixel to the next: what is steeper shows no bands. */
  private static final float STEEP = 2f / 255;

  /** Makes whole numbers of the least products of differences of floats. */
  private static final float TO_WHOLE = 1e30f;

  /** Values in a pixel. */
  private static final int PIXEL = 4;

  private final float[] pixels;
  private final int stride;
  private final int[] left;
  private final int[] right;
  private int[] above;
  private int[] below;
  private final int[] softness;
  private int row = -2;

  /**
   * @param pixels red, green, blue and alpha, 0–1, of rows that follow each other
   * @param stride values in a row
   */
  SoftValues(float[] pixels, int stride) {
    this.pixels = pixels;
    this.stride = stride;
    left = new int[stride];
    right = new int[stride];
    above = new int[stride];
    below = new int[stride];
    softness = new int[stride];
  }

  /**
   * @param next number of the row among those of the pixels
   * @return more than 0 for each value of the row that is soft; good until the next call
   */
  int[] of(int next) {
    boolean follows = next == row + 1;
    row = next;
    int start = stride * row;
    if (follows) {
      int[] last = above;
      above = below;
      below = last;
    } else if (row > 0) {
      towards(start, start - stride, above, stride);
    } else {
      Arrays.fill(above, 0);
    }
    if (start + stride < pixels.length) {
      towards(start, start + stride, below, stride);
    } else {
      Arrays.fill(below, 0);
    }
    towards(start, start + PIXEL, right, stride - PIXEL);
    System.arraycopy(right, 0, left, PIXEL, stride - PIXEL);
    most(above, below, left, right, softness);
    return softness;
  }

  /**
   * @param softness more than 0 where a value differs softly from its neighbour
   */
  private void towards(int start, int neighbour, int[] softness, int count) {
    for (int i = 0; i < count; i++) {
      float change = Math.abs(pixels[start + i] - pixels[neighbour + i]);
      softness[i] = (int) ((change - FLAT) * (STEEP - change) * TO_WHOLE);
    }
  }

  private static void most(int[] above, int[] below, int[] left, int[] right, int[] most) {
    for (int i = 0; i < most.length; i++) {
      most[i] = Math.max(Math.max(above[i], below[i]), Math.max(left[i], right[i]));
    }
  }
}
