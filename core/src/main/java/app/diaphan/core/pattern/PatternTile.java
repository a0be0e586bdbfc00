package app.diaphan.core.pattern;

import app.diaphan.core.overlay.paint.Pattern;
import app.diaphan.core.picture.RasterPicture;

/**
 * One repetition of a pattern as pixels.
 *
 * @param picture its alpha says how much of each pixel is inked
 * @param height of the repetition, where its width is 1
 */
public record PatternTile(RasterPicture picture, double height) {
  private static final int MOST = 2048;

  /**
   * @param width so many pixels wide at least, as far as 2048 go
   */
  public static PatternTile of(Pattern pattern, double width) {
    Repetition repetition = TileShape.of(pattern);
    int across = (int) Math.clamp(Math.ceil(width), repetition.leastAcross(), MOST);
    int down = (int) Math.rint(across * repetition.height());
    float[] amounts = repetition.amounts(across, down);
    return new PatternTile(
        RasterPicture.ofStraight(across, down, new float[3 * amounts.length], amounts),
        repetition.height());
  }

  /** Whether a pattern has edges, so that it is known even where it is small. */
  public static boolean hasEdges(Pattern pattern) {
    return TileShape.of(pattern) instanceof TileShape;
  }
}
