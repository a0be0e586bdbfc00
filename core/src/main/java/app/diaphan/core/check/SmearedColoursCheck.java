package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Rendering;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Most video has its colour at half the size across and down (4:2:0), so that small saturated
 * letters lose their colour to what is around them. The words are laid over mid-grey, their colour
 * differences (Rec. ITU-R BT.709) averaged over 2 × 2 pixels, and compared.
 */
final class SmearedColoursCheck implements Check {
  /** So far colour differences may stray in the mean over the letters, 0–1. */
  private static final double MOST = 0.06;

  /** Pixels this solid are letters. */
  private static final float LETTER = 0.5f;

  @Override
  public List<Finding> of(Proofed proofed) {
    List<Finding> found = new ArrayList<>();
    proofed
        .shown()
        .filter(placed -> placed.content() instanceof Content.Lettered)
        .forEach(
            placed -> {
              double strays = strays(proofed.alone(placed));
              if (strays > MOST) {
                found.add(found(placed, strays));
              }
            });
    return found;
  }

  private static Finding found(PlacedPiece placed, double strays) {
    return new Finding(
        CheckKind.SMEARED_COLOURS,
        true,
        placed.piece().id(),
        Sentence.of(
            "The strong colour of \"%s\" is smeared by %.0f %% where a video keeps colour coarsely.",
            placed.piece().name(), 100 * strays),
        "Set it bolder or larger, or in a less saturated colour.");
  }

  private static double strays(Rendering rendering) {
    Bounds drawn = rendering.drawn();
    if (drawn.empty()) {
      return 0;
    }
    int canvasWidth = rendering.canvas().width();
    int left = drawn.left() & ~1;
    int top = drawn.top() & ~1;
    int width = Math.min(canvasWidth, drawn.right() + 1 & ~1) - left & ~1;
    int height = Math.min(rendering.canvas().height(), drawn.bottom() + 1 & ~1) - top & ~1;
    if (width < 2 || height < 2) {
      return 0;
    }
    double sum = 0;
    long count = 0;
    float[] rows = new float[8 * canvasWidth];
    double[] differences = new double[8];
    for (int y = 0; y < height; y += 2) {
      rendering.rows(top + y, top + y + 2, rows);
      for (int x = left; x < left + width; x += 2) {
        double[] mean = new double[2];
        for (int i = 0; i < 4; i++) {
          differences(rows, 4 * ((i >> 1) * canvasWidth + x + (i & 1)), differences, 2 * i);
          mean[0] += differences[2 * i] / 4;
          mean[1] += differences[2 * i + 1] / 4;
        }
        for (int i = 0; i < 4; i++) {
          int at = 4 * ((i >> 1) * canvasWidth + x + (i & 1));
          if (rows[at + 3] >= LETTER) {
            sum += Math.hypot(differences[2 * i] - mean[0], differences[2 * i + 1] - mean[1]);
            count++;
          }
        }
      }
      Arrays.fill(rows, 0);
    }
    return count == 0 ? 0 : sum / count;
  }

  /** The two colour differences of a pixel over mid-grey. */
  private static void differences(float[] rows, int at, double[] to, int where) {
    double rest = 0.5 * (1 - rows[at + 3]);
    double red = rows[at] + rest;
    double green = rows[at + 1] + rest;
    double blue = rows[at + 2] + rest;
    double luma = 0.2126 * red + 0.7152 * green + 0.0722 * blue;
    to[where] = (blue - luma) / 1.8556;
    to[where + 1] = (red - luma) / 1.5748;
  }
}
