package app.diaphan.core.pattern;

import app.diaphan.core.overlay.Pattern;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Plane;
import java.awt.geom.AffineTransform;
import java.util.Optional;

/**
 * One repetition of a pattern as pixels.
 *
 * @param picture its alpha says how much of each pixel is inked
 * @param height of the repetition, where its width is 1
 */
public record PatternTile(RasterPicture picture, double height) {
  private static final int LEAST = 32;

  /** So that the finest noise has a pixel of its own. */
  private static final int LEAST_OF_NOISE = 512;

  private static final int MOST = 2048;

  private static final TileNoise NOISE = new TileNoise(20260704);

  /**
   * @param width so many pixels wide at least, as far as 2048 go
   */
  public static PatternTile of(Pattern pattern, double width) {
    Optional<TileShape> shape = TileShape.of(pattern);
    double height = shape.map(TileShape::height).orElse(1.0);
    int least = shape.isPresent() ? LEAST : LEAST_OF_NOISE;
    int across = (int) Math.clamp(Math.ceil(width), least, MOST);
    int down = (int) Math.rint(across * height);
    float[] amounts =
        shape
            .map(with -> covered(with, across, down))
            .orElseGet(() -> computed(pattern, across, down));
    return new PatternTile(
        RasterPicture.ofStraight(across, down, new float[3 * amounts.length], amounts), height);
  }

  private static float[] covered(TileShape shape, int across, int down) {
    AffineTransform toPixels = AffineTransform.getScaleInstance(across, down / shape.height());
    Bounds tile = new Bounds(0, 0, across, down);
    Plane inked = Coverage.of(toPixels.createTransformedShape(shape.inked()), tile).fitted(tile);
    return inked.values();
  }

  private static float[] computed(Pattern pattern, int across, int down) {
    float[] amounts = new float[across * down];
    for (int y = 0; y < down; y++) {
      for (int x = 0; x < across; x++) {
        double amount = amount(pattern, (x + 0.5) / across, (y + 0.5) / down);
        amounts[y * across + x] = (float) Math.clamp(amount, 0, 1);
      }
    }
    return amounts;
  }

  private static double amount(Pattern pattern, double x, double y) {
    return switch (pattern) {
      case GRAIN -> 0.5 + 1.7 * NOISE.fractal(x, y, 48, 48, 2);
      case CLOUDS -> 0.5 + 1.2 * NOISE.fractal(x, y, 4, 4, 5);
      case BRUSHED -> 0.5 + 1.2 * NOISE.fractal(x, y, 2, 48, 3);
      case CLOTH -> 0.95 * cloth(x, y) + 0.4 * NOISE.at(x, y, 48, 48);
      case STRIPES,
          PINSTRIPES,
          CHECKS,
          GRID,
          DOTS,
          RINGS,
          SCALES,
          ZIGZAG,
          WAVES,
          PLAIT,
          BRICKS,
          HONEYCOMB,
          STARS ->
          0; // These have edges, and so a shape.
    };
  }

  /** Threads that go over and under each other in turn, lightest along their middle. */
  private static double cloth(double x, double y) {
    int threads = 12;
    boolean lying = (Math.floorMod((int) (x * threads), 2) + (int) (y * threads)) % 2 == 0;
    return Math.abs(Math.sin(Math.PI * threads * (lying ? y : x)));
  }
}
