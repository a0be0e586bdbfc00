package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.frame.Scan;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Rendering;
import java.util.ArrayList;
import java.util.List;

/**
 * On an interlaced frame a line of one row is shown by one field only, so it flickers. Looked for
 * are pixels whose brightness, over mid-grey, differs from those above and below by as much in the
 * same direction, many of them side by side.
 */
final class ThinLinesCheck implements Check {
  /** So far a row has to differ from both neighbours, 0–1. */
  private static final double STANDS_OUT = 0.2;

  /** A line shorter than this share of the frame's width is part of a letter. */
  private static final double LONG = 0.03;

  @Override
  public List<Finding> of(Proofed proofed) {
    if (proofed.overlay().frame().scan() != Scan.INTERLACED) {
      return List.of();
    }
    List<Finding> found = new ArrayList<>();
    int least = (int) Math.ceil(LONG * proofed.rendering().canvas().width());
    proofed
        .shown()
        .filter(placed -> placed.inside().isEmpty())
        .forEach(
            placed -> {
              if (longest(proofed.alone(placed)) >= least) {
                found.add(found(placed));
              }
            });
    return found;
  }

  private static Finding found(PlacedPiece placed) {
    return new Finding(
        CheckKind.THIN_LINES,
        true,
        placed.piece().id(),
        Sentence.of(
            "\"%s\" has level lines of a single row, which flicker on this interlaced frame.",
            placed.piece().name()),
        "Make its lines at least two rows thick, or soften its edge by half a pixel.");
  }

  /** The longest run of pixels of such a line. */
  private static int longest(Rendering rendering) {
    Bounds drawn = rendering.drawn();
    int width = rendering.canvas().width();
    if (drawn.empty()) {
      return 0;
    }
    int top = Math.max(0, drawn.top() - 1);
    int bottom = Math.min(rendering.canvas().height(), drawn.bottom() + 1);
    float[] pixels = new float[4 * width * (bottom - top)];
    rendering.rows(top, bottom, pixels);
    int longest = 0;
    for (int y = 1; y < bottom - top - 1; y++) {
      int run = 0;
      for (int x = drawn.left(); x < drawn.right(); x++) {
        double own = tone(pixels, y * width + x);
        double above = own - tone(pixels, (y - 1) * width + x);
        double below = own - tone(pixels, (y + 1) * width + x);
        boolean thin =
            Math.abs(above) > STANDS_OUT
                && Math.abs(below) > STANDS_OUT
                && Math.signum(above) == Math.signum(below);
        run = thin ? run + 1 : 0;
        longest = Math.max(longest, run);
      }
    }
    return longest;
  }

  /** Encoded brightness over mid-grey by Rec. ITU-R BT.709. */
  private static double tone(float[] pixels, int place) {
    int at = 4 * place;
    return 0.2126 * pixels[at]
        + 0.7152 * pixels[at + 1]
        + 0.0722 * pixels[at + 2]
        + 0.5 * (1 - pixels[at + 3]);
  }
}
