package app.diaphan.core.raster;

/**
 * One channel of pixels, cut to its bounds; everything outside is 0. Rows follow each other from
 * the top: the value at (x, y) is {@code values[(y - top) * width + (x - left)]}.
 *
 * <p>The array is shared, not copied: a plane is written by whoever makes it and only read after.
 */
public record Plane(Bounds bounds, float[] values) {
  public static final Plane EMPTY = new Plane(Bounds.EMPTY, new float[0]);

  public static Plane clear(Bounds bounds) {
    return new Plane(bounds, new float[Math.multiplyExact(bounds.width(), bounds.height())]);
  }

  public float at(int x, int y) {
    return inside(x, y) ? values[index(x, y)] : 0;
  }

  /** Where the row's first value stands. */
  public int row(int y) {
    return (y - bounds.top()) * bounds.width();
  }

  private int index(int x, int y) {
    return row(y) + x - bounds.left();
  }

  private boolean inside(int x, int y) {
    return x >= bounds.left() && x < bounds.right() && y >= bounds.top() && y < bounds.bottom();
  }

  /** The same values within other bounds: cut off outside them, 0 where there were none. */
  public Plane fitted(Bounds other) {
    if (other.equals(bounds)) {
      return this;
    }
    Plane fitted = clear(other);
    Bounds shared = bounds.within(other);
    for (int y = shared.top(); y < shared.bottom(); y++) {
      System.arraycopy(
          values,
          index(shared.left(), y),
          fitted.values,
          fitted.index(shared.left(), y),
          shared.width());
    }
    return fitted;
  }

  /**
   * The plane with a margin where the canvas cuts it. There, where nothing was drawn, it goes on as
   * it is at the canvas's side: what the frame cuts has no edge.
   */
  public Plane beyond(Bounds canvas, int across, int down) {
    Bounds wide =
        new Bounds(
            bounds.left() - (bounds.left() <= canvas.left() ? across : 0),
            bounds.top() - (bounds.top() <= canvas.top() ? down : 0),
            bounds.right() + (bounds.right() >= canvas.right() ? across : 0),
            bounds.bottom() + (bounds.bottom() >= canvas.bottom() ? down : 0));
    if (bounds.empty() || wide.equals(bounds)) {
      return this;
    }
    Plane result = clear(wide);
    for (int y = wide.top(); y < wide.bottom(); y++) {
      int row = result.row(y);
      int from = Math.clamp(y, canvas.top(), canvas.bottom() - 1);
      for (int x = wide.left(); x < wide.right(); x++) {
        result.values[row + x - wide.left()] =
            at(Math.clamp(x, canvas.left(), canvas.right() - 1), from);
      }
    }
    return result;
  }
}
