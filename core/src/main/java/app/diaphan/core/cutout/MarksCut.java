package app.diaphan.core.cutout;

import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;
import java.util.stream.IntStream;

/**
 * Keeps and drops what strokes of the hand say: every pixel goes with the kind of stroke that it is
 * nearest to along a path of little change. That is found on a picture of moderate size; along the
 * line between both, {@link Unmixing} finds the alpha of each pixel at full size.
 */
final class MarksCut {
  /** More pixels than this are put together until they are fewer. */
  private static final int WORKED_ON = 300_000;

  private MarksCut() {}

  /** The picture as it is until there are strokes of both kinds. */
  static Cut of(RasterPicture picture, CutOut.ByMarks how) {
    Cut cut = Cut.solid(picture);
    int shrunk = 1;
    while ((long) (picture.width() / shrunk) * (picture.height() / shrunk) > WORKED_ON) {
      shrunk++;
    }
    int width = Math.max(1, (picture.width() + shrunk - 1) / shrunk);
    int height = Math.max(1, (picture.height() + shrunk - 1) / shrunk);
    Seeds seeds = Seeds.of(how.strokes(), width, height, shrunk);
    if (!seeds.has(Seeds.KEEP) || !seeds.has(Seeds.DROP)) {
      return cut;
    }
    float[] colours = shrunk(cut, shrunk, width, height);
    float[] nearness = nearness(colours, seeds);
    boolean[] kept = enlarged(nearness, shrunk, width, height, cut);
    double reach = Math.max(how.softness(), shrunk > 1 ? shrunk + 1 : 1);
    float[] away = Regions.distances(kept, cut.width(), cut.height(), (int) Math.ceil(reach) + 1);
    Unmixing.apply(cut, kept, away, reach);
    return cut;
  }

  /** More than 0 where a pixel is nearer to what is kept; between −1 and 1. */
  private static float[] nearness(float[] colours, Seeds seeds) {
    ColourModel model = new ColourModel(colours, seeds);
    float[] likely = new float[seeds.kinds().length];
    for (int i = 0; i < likely.length; i++) {
      likely[i] = model.kept(colours, 3 * i);
    }
    float[][] distances = new float[2][];
    IntStream.range(0, 2)
        .parallel()
        .forEach(
            side ->
                distances[side] =
                    Geodesic.from(seeds, side == 0 ? Seeds.KEEP : Seeds.DROP, colours, likely));
    float[] nearness = new float[likely.length];
    for (int i = 0; i < nearness.length; i++) {
      float keep = distances[0][i];
      float drop = distances[1][i];
      // What no path reaches is walled in by the other kind's strokes.
      if (keep == Float.POSITIVE_INFINITY || drop == Float.POSITIVE_INFINITY) {
        nearness[i] = keep < drop ? 1 : -1;
      } else {
        nearness[i] = (drop - keep) / Math.max(1e-9f, drop + keep);
      }
    }
    return nearness;
  }

  private static float[] shrunk(Cut cut, int by, int width, int height) {
    float[] result = new float[3 * width * height];
    Bands.over(
        0,
        height,
        width * by * by,
        (top, bottom) -> {
          for (int y = top; y < bottom; y++) {
            for (int x = 0; x < width; x++) {
              mean(cut, x * by, y * by, by, result, 3 * (y * width + x));
            }
          }
        });
    return result;
  }

  private static void mean(Cut cut, int left, int top, int side, float[] to, int at) {
    int right = Math.min(cut.width(), left + side);
    int bottom = Math.min(cut.height(), top + side);
    int count = (right - left) * (bottom - top);
    for (int y = top; y < bottom; y++) {
      for (int x = left; x < right; x++) {
        for (int c = 0; c < 3; c++) {
          to[at + c] += cut.colours()[3 * (y * cut.width() + x) + c] / count;
        }
      }
    }
  }

  /** Which pixels of the whole picture are kept, by the nearness between the small one's. */
  private static boolean[] enlarged(float[] small, int by, int width, int height, Cut cut) {
    boolean[] kept = new boolean[cut.width() * cut.height()];
    Bands.over(
        0,
        cut.height(),
        cut.width(),
        (top, bottom) -> {
          for (int y = top; y < bottom; y++) {
            double v = Math.clamp((y + 0.5) / by - 0.5, 0, height - 1);
            int row = (int) v;
            int below = Math.min(height - 1, row + 1);
            double down = v - row;
            for (int x = 0; x < cut.width(); x++) {
              double u = Math.clamp((x + 0.5) / by - 0.5, 0, width - 1);
              int column = (int) u;
              int beside = Math.min(width - 1, column + 1);
              double across = u - column;
              double above =
                  small[row * width + column] * (1 - across) + small[row * width + beside] * across;
              double under =
                  small[below * width + column] * (1 - across)
                      + small[below * width + beside] * across;
              kept[y * cut.width() + x] = above * (1 - down) + under * down > 0;
            }
          }
        });
    return kept;
  }
}
