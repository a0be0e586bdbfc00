package app.diaphan.core.cutout;

import app.diaphan.core.picture.RasterPicture;

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
    boolean[] grounds = new boolean[width * height];
    for (int place = 0; place < grounds.length; place++) {
      double sum = 0;
      for (int c = 0; c < 3; c++) {
        double off = picture.value(4 * place + c) - ground.at(place % width, place / width, c);
        sum += off * off;
      }
      grounds[place] = Math.sqrt(sum / 3) <= tolerance;
    }
    boolean[] around = Regions.fromBorder(grounds, width, height);
    boolean[] parts = new boolean[grounds.length];
    for (int place = 0; place < parts.length; place++) {
      parts[place] = !around[place];
    }
    Count count = new Count();
    Regions.each(
        parts,
        width,
        height,
        part -> {
          if (part.length >= LEAST) {
            int inside = 0;
            for (int place : part) {
              inside += grounds[place] ? 1 : 0;
            }
            count.parts++;
            count.lines += inside > part.length - inside ? 1 : 0;
          }
        });
    return count.parts > 0 && count.lines == count.parts;
  }

  private static final class Count {
    private int parts;
    private int lines;
  }
}
