package app.diaphan.core.cutout;

import app.diaphan.core.raster.Bands;
import java.util.Arrays;
import java.util.function.Consumer;
import java.util.function.IntConsumer;

/** Parts of a grid of pixels that hang together. */
final class Regions {
  private Regions() {}

  /** The places that hang together with the border side by side. */
  static boolean[] fromBorder(boolean[] in, int width, int height) {
    boolean[] reached = new boolean[in.length];
    int[] open = new int[in.length];
    int count = 0;
    for (int place = 0; place < in.length; place++) {
      int x = place % width;
      int y = place / width;
      if (in[place] && (x == 0 || y == 0 || x == width - 1 || y == height - 1)) {
        reached[place] = true;
        open[count++] = place;
      }
    }
    while (count > 0) {
      int place = open[--count];
      int x = place % width;
      int y = place / width;
      for (int side = 0; side < 4; side++) {
        int other = beside(x, y, side, width, height);
        if (other >= 0 && in[other] && !reached[other]) {
          reached[other] = true;
          open[count++] = other;
        }
      }
    }
    return reached;
  }

  /** The place on one of four sides, 0–3; less than 0 beyond the border. */
  static int beside(int x, int y, int side, int width, int height) {
    int nx = x + (side == 0 ? -1 : side == 1 ? 1 : 0);
    int ny = y + (side == 2 ? -1 : side == 3 ? 1 : 0);
    return nx < 0 || ny < 0 || nx >= width || ny >= height ? -1 : ny * width + nx;
  }

  /**
   * For each pixel the distance to the nearest one of the other kind, in pixels; 1 for those side
   * by side with one. Distances beyond the reach are infinite. By one-dimensional distances down
   * and then across, as A. Meijster, J. B. T. M. Roerdink, W. H. Hesselink, "A General Algorithm
   * for Computing Distance Transforms in Linear Time" (2000), looked through within the reach.
   */
  static float[] distances(boolean[] in, int width, int height, int reach) {
    int far = reach + 1;
    int[] down = down(in, width, height, far);
    float[] distances = new float[in.length];
    Bands.over(
        0,
        height,
        width,
        (top, bottom) -> {
          for (int y = top; y < bottom; y++) {
            for (int x = 0; x < width; x++) {
              distances[y * width + x] = across(in, down, x, y, width, reach);
            }
          }
        });
    return distances;
  }

  /** How many rows away the nearest pixel of the other kind in the same column is. */
  private static int[] down(boolean[] in, int width, int height, int far) {
    int[] down = new int[in.length];
    int[] since = new int[width];
    Arrays.fill(since, far);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int place = y * width + x;
        since[x] = y > 0 && in[place] != in[place - width] ? 1 : Math.min(far, since[x] + 1);
        down[place] = since[x];
      }
    }
    Arrays.fill(since, far);
    for (int y = height - 1; y >= 0; y--) {
      for (int x = 0; x < width; x++) {
        int place = y * width + x;
        since[x] =
            y < height - 1 && in[place] != in[place + width] ? 1 : Math.min(far, since[x] + 1);
        down[place] = Math.min(down[place], since[x]);
      }
    }
    return down;
  }

  private static float across(boolean[] in, int[] down, int x, int y, int width, int reach) {
    int place = y * width + x;
    int best = (reach + 1) * (reach + 1);
    int first = Math.max(-reach, -x);
    int last = Math.min(reach, width - 1 - x);
    for (int i = first; i <= last; i++) {
      int rows = in[place + i] != in[place] ? 0 : down[place + i];
      best = Math.min(best, i * i + rows * rows);
    }
    return best > reach * reach ? Float.POSITIVE_INFINITY : (float) Math.sqrt(best);
  }

  /**
   * Gives over all places of each part that has fewer pixels than so many; pixels that touch by a
   * corner hang together.
   *
   * @param open whether parts that touch the border are passed over
   * @return how many parts there were
   */
  static int smaller(
      boolean[] in, int width, int height, int pixels, boolean open, IntConsumer each) {
    int[] parts = new int[1];
    each(
        in,
        width,
        height,
        part -> {
          if (part.length < pixels && !(open && touchesBorder(part, width, height))) {
            parts[0]++;
            Arrays.stream(part).forEach(each);
          }
        });
    return parts[0];
  }

  private static boolean touchesBorder(int[] part, int width, int height) {
    for (int place : part) {
      int x = place % width;
      int y = place / width;
      if (x == 0 || y == 0 || x == width - 1 || y == height - 1) {
        return true;
      }
    }
    return false;
  }

  /** Gives over the places of each part; pixels that touch by a corner hang together. */
  static void each(boolean[] in, int width, int height, Consumer<int[]> each) {
    boolean[] seen = new boolean[in.length];
    int[] part = new int[in.length];
    for (int start = 0; start < in.length; start++) {
      if (!in[start] || seen[start]) {
        continue;
      }
      int count = 0;
      int done = 0;
      part[count++] = start;
      seen[start] = true;
      while (done < count) {
        int place = part[done++];
        int x = place % width;
        int y = place / width;
        for (int j = Math.max(0, y - 1); j <= Math.min(height - 1, y + 1); j++) {
          for (int i = Math.max(0, x - 1); i <= Math.min(width - 1, x + 1); i++) {
            int other = j * width + i;
            if (in[other] && !seen[other]) {
              seen[other] = true;
              part[count++] = other;
            }
          }
        }
      }
      each.accept(Arrays.copyOf(part, count));
    }
  }
}
