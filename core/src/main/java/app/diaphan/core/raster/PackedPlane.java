package app.diaphan.core.raster;

import java.util.Arrays;

/**
 * A plane that is kept, without loss, in the room that its changing parts need: rows are cut into
 * stretches, and stretches of one value throughout share one copy. A line along the edge of a large
 * plate takes a fraction of the plate's pixels so.
 */
public final class PackedPlane {
  public static final PackedPlane EMPTY = of(Plane.EMPTY);

  /** Pixels of a stretch; the last of a row goes on past the row's end. */
  private static final int STRETCH = 32;

  private static final int CLEAR = 0;

  private final Bounds bounds;
  private final int across;

  /** Where the values of each stretch start; those that are clear throughout start at 0. */
  private final int[] starts;

  private final float[] values;

  private PackedPlane(Bounds bounds, int across, int[] starts, float[] values) {
    this.bounds = bounds;
    this.across = across;
    this.starts = starts;
    this.values = values;
  }

  /** The plane itself is not needed any more afterwards. */
  public static PackedPlane of(Plane plane) {
    Bounds bounds = plane.bounds();
    int across = (bounds.width() + STRETCH - 1) / STRETCH;
    int[] starts = new int[across * bounds.height()];
    int used = place(plane, across, starts);
    float[] values = new float[used];
    for (int stretch = 0; stretch < starts.length; stretch++) {
      int from = from(plane, across, stretch);
      System.arraycopy(
          plane.values(), from, values, starts[stretch], length(plane, across, stretch));
      if (uniform(plane, from, length(plane, across, stretch))) {
        Arrays.fill(values, starts[stretch], starts[stretch] + STRETCH, plane.values()[from]);
      }
    }
    return new PackedPlane(bounds, across, starts, values);
  }

  /** Gives every stretch its place and says how many values there are in all. */
  private static int place(Plane plane, int across, int[] starts) {
    int used = STRETCH;
    float same = 0;
    int sameAt = CLEAR;
    for (int stretch = 0; stretch < starts.length; stretch++) {
      int from = from(plane, across, stretch);
      float first = plane.values()[from];
      boolean uniform = uniform(plane, from, length(plane, across, stretch));
      if (uniform && first == 0) {
        starts[stretch] = CLEAR;
      } else if (uniform && first == same) {
        starts[stretch] = sameAt;
      } else {
        starts[stretch] = used;
        used = Math.addExact(used, STRETCH);
        if (uniform) {
          same = first;
          sameAt = starts[stretch];
        }
      }
    }
    return used;
  }

  private static int from(Plane plane, int across, int stretch) {
    return stretch / across * plane.bounds().width() + stretch % across * STRETCH;
  }

  private static int length(Plane plane, int across, int stretch) {
    return Math.min(STRETCH, plane.bounds().width() - stretch % across * STRETCH);
  }

  private static boolean uniform(Plane plane, int from, int length) {
    float first = plane.values()[from];
    for (int i = from + 1; i < from + length; i++) {
      if (plane.values()[i] != first) {
        return false;
      }
    }
    return true;
  }

  public Bounds bounds() {
    return bounds;
  }

  /** Told of pixels of a row that follow each other. */
  @FunctionalInterface
  public interface Visitor {
    /**
     * @param x the column of the first pixel
     * @param values where their values are
     * @param from the place of the first value
     */
    void at(int x, float[] values, int from, int count);
  }

  /**
   * Tells of the pixels of a row from column {@code left} to before {@code right}, from left to
   * right, without stretches that are clear; rows and columns need not lie within the bounds.
   */
  public void visit(int y, int left, int right, Visitor visitor) {
    int from = Math.max(left, bounds.left());
    int to = Math.min(right, bounds.right());
    if (y < bounds.top() || y >= bounds.bottom() || from >= to) {
      return;
    }
    int row = (y - bounds.top()) * across;
    for (int x = from; x < to; ) {
      int column = x - bounds.left();
      int start = starts[row + column / STRETCH];
      int end = Math.min(to, bounds.left() + (column / STRETCH + 1) * STRETCH);
      // Stretches that were kept one after another are told of together.
      for (int next = column / STRETCH + 1;
          end < to && start != CLEAR && starts[row + next] == starts[row + next - 1] + STRETCH;
          next++) {
        end = Math.min(to, end + STRETCH);
      }
      if (start != CLEAR) {
        visitor.at(x, values, start + column % STRETCH, end - x);
      }
      x = end;
    }
  }

  /** The plane as it was. */
  public Plane unpacked() {
    Plane plane = Plane.clear(bounds);
    for (int stretch = 0; stretch < starts.length; stretch++) {
      System.arraycopy(
          values,
          starts[stretch],
          plane.values(),
          from(plane, across, stretch),
          length(plane, across, stretch));
    }
    return plane;
  }

  /** Bytes that it takes. */
  public long bytes() {
    return (long) Integer.BYTES * starts.length + (long) Float.BYTES * values.length;
  }
}
