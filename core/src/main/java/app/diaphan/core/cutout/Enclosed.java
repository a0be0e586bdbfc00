package app.diaphan.core.cutout;

import app.diaphan.core.picture.RasterPicture;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Whether what has the ground's colour within a mark belongs to it. The inside of an O does not; a
 * white letter in an outline does. Of the latter every part is a line round more than it covers
 * itself, while type has letters that enclose nothing.
 */
final class Enclosed {
  /** Smaller parts tell nothing. */
  private static final int LEAST = 24;

  private Enclosed() {}

  /**
   * @param tolerance how far from the ground's colour a pixel still counts as ground
   */
  static boolean areArt(RasterPicture picture, Ground ground, double tolerance) {
    int width = picture.width();
    int height = picture.height();
    boolean[] grounds = ground.in(picture, tolerance);
    boolean[] around = Regions.fromBorder(grounds, width, height);
    boolean[] parts = new boolean[grounds.length];
    for (int place = 0; place < parts.length; place++) {
      parts[place] = !around[place];
    }
    List<Boolean> lines = new ArrayList<>();
    Regions.each(
        parts,
        width,
        height,
        part -> {
          if (part.length >= LEAST) {
            long inside = Arrays.stream(part).filter(place -> grounds[place]).count();
            lines.add(inside > part.length - inside);
          }
        });
    return !lines.isEmpty() && !lines.contains(false);
  }
}
