package app.diaphan.core.render;

import app.diaphan.core.raster.Blocks;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.PackedPlane;
import java.util.List;
import java.util.function.Function;

/**
 * Works finishes out in finer pixels than the canvas has, and averages them. What is seen over a
 * few pixels turns on where exactly an edge runs, above all in corners and thin strokes, and pixels
 * tell that the less the fewer there are. A small piece is finished in as many fine pixels for a
 * display unit whatever the frame, so a still for a small frame is that for a large one, made
 * smaller. Of a large piece the strokes have pixels enough.
 */
final class Fineness {
  /** A piece is finished in so many pixels at most, unless the canvas has more for it. */
  private static final long PIXELS = 400_000;

  /** A plate shows its edge well in fewer. */
  private static final long PIXELS_OF_PLAIN = 160_000;

  private static final int FINEST = 4;

  /** With what a finish reaches around a piece, it may take so many times as many. */
  private static final double MOST_AROUND = 2;

  /** Thumbnails need no truth. */
  private static final int MOST_TIMES = 8;

  private Fineness() {}

  /**
   * The layers of a finish as its painter makes them of a silhouette.
   *
   * @param reach how far outside the shape the painter works, in units
   */
  static FinishLayers of(
      Silhouette silhouette, double reach, Function<Silhouette, FinishLayers> painter) {
    int times = times(silhouette, reach);
    if (times == 1) {
      return painter.apply(silhouette);
    }
    FinishLayers fine = painter.apply(silhouette.finer(times));
    return new FinishLayers(averaged(fine.behind(), times), averaged(fine.atop(), times));
  }

  /** So that a display unit has 1, 2 or 4 fine pixels; the most that stay within bounds. */
  private static int times(Silhouette silhouette, double reach) {
    Bounds bounds = silhouette.solid().bounds();
    double unit = Math.sqrt(silhouette.unitX() * silhouette.unitY());
    // An edge between pixels takes one more of them.
    double across = (bounds.width() - 1) / unit;
    double down = (bounds.height() - 1) / unit;
    double units = Math.max(across * down, (across + 2 * reach) * (down + 2 * reach) / MOST_AROUND);
    long most = silhouette.intricate() ? PIXELS : PIXELS_OF_PLAIN;
    int finest = FINEST;
    while (finest > 1 && units * finest * finest > most) {
      finest /= 2;
    }
    return (int) Math.clamp(Math.round(finest / unit), 1, MOST_TIMES);
  }

  private static List<Layer> averaged(List<Layer> fine, int times) {
    return fine.stream()
        .map(
            layer ->
                new Layer(
                    PackedPlane.of(Blocks.of(layer.coverage().unpacked(), times)),
                    layer.shader(),
                    layer.opacity()))
        .toList();
  }
}
