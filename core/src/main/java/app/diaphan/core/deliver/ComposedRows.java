package app.diaphan.core.deliver;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Rendering;
import java.util.stream.IntStream;

/**
 * A drawing whose pixels have been looked at once for the colours of clear ones far from what is
 * drawn. If they are few enough they are held; else they are put together again when they are asked
 * for.
 *
 * <p>All is made before anybody asks: to wait for work that is done side by side, with a lock in
 * hand, would have two files wait for each other.
 */
final class ComposedRows {
  /** Of four floats: 16 MiB. */
  private static final int MOST_HELD = 1 << 20;

  private final Rendering rendering;
  private final Bounds drawn;
  private final boolean hold;

  /** Premultiplied pixels of what is drawn; nothing if they are not held. */
  private final float[] held;

  private final FarColours far;

  ComposedRows(Rendering rendering) {
    this.rendering = rendering;
    drawn = rendering.drawn().within(rendering.canvas().bounds());
    hold = (long) drawn.width() * drawn.height() <= MOST_HELD;
    held = new float[hold ? 4 * drawn.width() * drawn.height() : 0];
    FarColours.Gathering gathering = new FarColours.Gathering(drawn);
    IntStream.range(0, gathering.bands())
        .parallel()
        .forEach(
            band -> {
              int top = gathering.top(band);
              int bottom = gathering.bottom(band);
              float[] pixels = rendering.rows(top, bottom, drawn.left(), drawn.right());
              gathering.add(top, bottom, pixels);
              if (hold) {
                System.arraycopy(
                    pixels, 0, held, 4 * drawn.width() * (top - drawn.top()), pixels.length);
              }
            });
    far = gathering.colours();
  }

  /** Premultiplied pixels of these rows and columns, which hold all that is drawn in the rows. */
  float[] rows(int top, int bottom, int left, int right) {
    if (!hold) {
      return rendering.rows(top, bottom, left, right);
    }
    int width = right - left;
    float[] rows = new float[4 * width * (bottom - top)];
    for (int y = Math.max(top, drawn.top()); y < Math.min(bottom, drawn.bottom()); y++) {
      System.arraycopy(
          held,
          4 * drawn.width() * (y - drawn.top()),
          rows,
          4 * (width * (y - top) + drawn.left() - left),
          4 * drawn.width());
    }
    return rows;
  }

  /** What clear pixels far away are given. */
  FarColours far() {
    return far;
  }
}
