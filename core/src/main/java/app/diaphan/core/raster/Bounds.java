package app.diaphan.core.raster;

import java.awt.geom.Rectangle2D;

/** A rectangle of whole pixels; right and bottom are the first column and row outside. */
public record Bounds(int left, int top, int right, int bottom) {
  public static final Bounds EMPTY = new Bounds(0, 0, 0, 0);

  /** The smallest bounds around a rectangle. */
  public static Bounds around(Rectangle2D rectangle) {
    if (rectangle.isEmpty()) {
      return EMPTY;
    }
    return new Bounds(
        (int) Math.floor(rectangle.getMinX()),
        (int) Math.floor(rectangle.getMinY()),
        (int) Math.ceil(rectangle.getMaxX()),
        (int) Math.ceil(rectangle.getMaxY()));
  }

  public int width() {
    return Math.max(0, right - left);
  }

  public int height() {
    return Math.max(0, bottom - top);
  }

  public boolean empty() {
    return right <= left || bottom <= top;
  }

  public Bounds grown(int across, int down) {
    return empty() ? EMPTY : new Bounds(left - across, top - down, right + across, bottom + down);
  }

  /** The same rectangle in pixels so many times as fine, both ways. */
  public Bounds finer(int times) {
    return new Bounds(left * times, top * times, right * times, bottom * times);
  }

  public Bounds moved(int across, int down) {
    return empty() ? EMPTY : new Bounds(left + across, top + down, right + across, bottom + down);
  }

  public Bounds within(Bounds other) {
    Bounds cut =
        new Bounds(
            Math.max(left, other.left),
            Math.max(top, other.top),
            Math.min(right, other.right),
            Math.min(bottom, other.bottom));
    return cut.empty() ? EMPTY : cut;
  }

  public Bounds and(Bounds other) {
    if (empty()) {
      return other;
    }
    if (other.empty()) {
      return this;
    }
    return new Bounds(
        Math.min(left, other.left),
        Math.min(top, other.top),
        Math.max(right, other.right),
        Math.max(bottom, other.bottom));
  }
}
