package app.diaphan.core.deliver;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Rendering;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A drawing put together once for all that looks at its pixels, if they are few enough to be held;
 * else each time they are asked for.
 */
final class ComposedRows {
  /** Of four floats: 16 MiB. */
  private static final int MOST_HELD = 1 << 20;

  private final Rendering rendering;
  private final Bounds drawn;
  private final boolean hold;
  private final boolean farColours;
  private float[] held;
  private Optional<FarColours> far = Optional.empty();
  private boolean looked;

  /**
   * @param farColours whether the colours for clear pixels far from what is drawn are wanted
   */
  ComposedRows(Rendering rendering, boolean farColours) {
    this.rendering = rendering;
    this.farColours = farColours;
    drawn = rendering.drawn().within(rendering.canvas().bounds());
    hold = farColours && (long) drawn.width() * drawn.height() <= MOST_HELD;
  }

  /** Premultiplied pixels of these rows and columns, which hold all that is drawn in the rows. */
  float[] rows(int top, int bottom, int left, int right) {
    look();
    if (held == null) {
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
    look();
    return far.orElseThrow();
  }

  private synchronized void look() {
    if (looked || !farColours) {
      return;
    }
    looked = true;
    float[] all = new float[hold ? 4 * drawn.width() * drawn.height() : 0];
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
                    pixels, 0, all, 4 * drawn.width() * (top - drawn.top()), pixels.length);
              }
            });
    far = Optional.of(gathering.colours());
    held = hold ? all : null;
  }
}
