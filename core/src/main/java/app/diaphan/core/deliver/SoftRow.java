package app.diaphan.core.deliver;

/**
 * A row of pixels among its neighbours, which tell a soft ramp from a flat and from an edge: only
 * ramps show bands, so only they are dithered.
 *
 * @param pixels red, green, blue and alpha, 0–1, of this row and of those round it
 * @param stride values in a row
 * @param row its number among them
 */
record SoftRow(float[] pixels, int stride, int row) {
  /** As much as the reckoning itself may differ within a flat. */
  private static final float FLAT = 1e-6f;

  /** Steps of a file of 8 bits from one pixel to the next: what is steeper shows no bands. */
  private static final float STEEP = 2f / 255;

  /** Where the row begins. */
  int start() {
    return stride * row;
  }

  /** Whether a value changes, but slowly, towards one of its four neighbours. */
  boolean soft(int at) {
    int start = start();
    return at >= start + 4 && soft(at, at - 4)
        || at + 4 < start + stride && soft(at, at + 4)
        || row > 0 && soft(at, at - stride)
        || at + stride < pixels.length && soft(at, at + stride);
  }

  private boolean soft(int at, int neighbour) {
    float change = Math.abs(pixels[at] - pixels[neighbour]);
    return change > FLAT && change < STEEP;
  }
}
