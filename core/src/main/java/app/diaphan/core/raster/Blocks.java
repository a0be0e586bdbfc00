package app.diaphan.core.raster;

/** Planes of blocks of pixels, on a grid that starts at pixel 0. */
public final class Blocks {
  private Blocks() {}

  /**
   * Each block's mean.
   *
   * @param side of a block, in pixels
   */
  public static Plane of(Plane fine, int side) {
    Bounds from = fine.bounds();
    Plane blocks =
        Plane.clear(
            new Bounds(
                Math.floorDiv(from.left(), side),
                Math.floorDiv(from.top(), side),
                -Math.floorDiv(-from.right(), side),
                -Math.floorDiv(-from.bottom(), side)));
    float share = 1f / (side * side);
    for (int y = from.top(); y < from.bottom(); y++) {
      int at = fine.row(y);
      int to = blocks.row(Math.floorDiv(y, side)) - blocks.bounds().left();
      for (int x = from.left(); x < from.right(); x++, at++) {
        blocks.values()[to + Math.floorDiv(x, side)] += fine.values()[at] * share;
      }
    }
    return blocks;
  }

  /** Pixels that are each like their block. */
  public static Plane spread(Plane blocks, int side) {
    Bounds from = blocks.bounds();
    Plane fine =
        Plane.clear(
            new Bounds(
                from.left() * side, from.top() * side, from.right() * side, from.bottom() * side));
    for (int y = from.top(); y < from.bottom(); y++) {
      int first = fine.row(y * side);
      int width = fine.bounds().width();
      for (int x = 0, at = blocks.row(y), to = first; x < from.width(); x++, at++, to += side) {
        for (int i = 0; i < side; i++) {
          fine.values()[to + i] = blocks.values()[at];
        }
      }
      for (int i = 1; i < side; i++) {
        System.arraycopy(fine.values(), first, fine.values(), first + i * width, width);
      }
    }
    return fine;
  }
}
