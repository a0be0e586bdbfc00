package app.diaphan.core.cutout;

import app.diaphan.core.overlay.cutout.Stroke;
import java.util.List;

/**
 * Pixels that strokes lie on.
 *
 * @param kinds {@link #FREE}, {@link #KEEP} or {@link #DROP} for each pixel
 */
record Seeds(int width, int height, byte[] kinds) {
  static final byte FREE = 0;
  static final byte KEEP = 1;
  static final byte DROP = 2;

  /**
   * @param shrunk how many pixels of the picture a pixel here is wide; a stroke covers at least one
   */
  static Seeds of(List<Stroke> strokes, int width, int height, int shrunk) {
    Seeds seeds = new Seeds(width, height, new byte[width * height]);
    for (Stroke stroke : strokes) {
      byte kind = stroke.keep() ? KEEP : DROP;
      double radius = Math.max(0.71, stroke.width() / 2 / shrunk);
      Stroke.Point from = stroke.points().getFirst();
      for (Stroke.Point to : stroke.points()) {
        seeds.draw(
            kind, radius, from.x() / shrunk, from.y() / shrunk, to.x() / shrunk, to.y() / shrunk);
        from = to;
      }
    }
    return seeds;
  }

  boolean has(byte kind) {
    for (byte one : kinds) {
      if (one == kind) {
        return true;
      }
    }
    return false;
  }

  private void draw(byte kind, double radius, double x1, double y1, double x2, double y2) {
    int left = (int) Math.max(0, Math.floor(Math.min(x1, x2) - radius));
    int right = (int) Math.min(width - 1, Math.ceil(Math.max(x1, x2) + radius));
    int top = (int) Math.max(0, Math.floor(Math.min(y1, y2) - radius));
    int bottom = (int) Math.min(height - 1, Math.ceil(Math.max(y1, y2) + radius));
    double across = x2 - x1;
    double down = y2 - y1;
    double square = across * across + down * down;
    for (int y = top; y <= bottom; y++) {
      for (int x = left; x <= right; x++) {
        double px = x + 0.5 - x1;
        double py = y + 0.5 - y1;
        double along = square == 0 ? 0 : Math.clamp((px * across + py * down) / square, 0, 1);
        if (Math.hypot(px - along * across, py - along * down) <= radius) {
          kinds[y * width + x] = kind;
        }
      }
    }
  }
}
