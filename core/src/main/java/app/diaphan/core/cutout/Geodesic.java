package app.diaphan.core.cutout;

import java.util.Arrays;

/**
 * Distances along paths over a picture, where a step is the longer the more the likelihood of being
 * kept and the colour change: X. Bai, G. Sapiro, "A Geodesic Framework for Fast Interactive Image
 * and Video Segmentation and Matting" (ICCV 2007). Pixels wait in buckets of about equal distance
 * instead of in order (L. Yatziv, A. Bartesaghi, G. Sapiro, "O(N) implementation of the fast
 * marching algorithm", 2006).
 */
final class Geodesic {
  /** A change of colour counts so much of one of the likelihood. */
  private static final float COLOUR = 0.4f;

  /** A plain step's length, so that of paths through the same the shorter one wins. */
  private static final float STEP = 0.002f;

  private static final float BUCKET = 0.004f;
  private static final int BUCKETS = 1024;

  private final int width;
  private final int height;
  private final float[] colours;
  private final float[] kept;
  private final float[] distances;
  private final int[][] buckets = new int[BUCKETS][];
  private final int[] counts = new int[BUCKETS];
  private int waiting;

  private Geodesic(int width, int height, float[] colours, float[] kept) {
    this.width = width;
    this.height = height;
    this.colours = colours;
    this.kept = kept;
    distances = new float[width * height];
    Arrays.fill(distances, Float.POSITIVE_INFINITY);
  }

  /**
   * @param kept likelihood of each pixel, 0–1
   * @return the distance of each pixel from the nearest seed of a kind
   */
  static float[] from(Seeds seeds, byte kind, float[] colours, float[] kept) {
    Geodesic geodesic = new Geodesic(seeds.width(), seeds.height(), colours, kept);
    for (int place = 0; place < seeds.kinds().length; place++) {
      if (seeds.kinds()[place] == kind) {
        geodesic.distances[place] = 0;
        geodesic.wait(place, 0);
      }
    }
    geodesic.march(seeds, kind);
    return geodesic.distances;
  }

  private void march(Seeds seeds, byte kind) {
    byte others = kind == Seeds.KEEP ? Seeds.DROP : Seeds.KEEP;
    for (int bucket = 0; waiting > 0; bucket = (bucket + 1) % BUCKETS) {
      // What is added to the bucket meanwhile is taken too.
      while (counts[bucket] > 0) {
        int place = buckets[bucket][--counts[bucket]];
        waiting--;
        if (seeds.kinds()[place] == others || bucketOf(distances[place]) != bucket) {
          continue; // It was reached on a shorter way meanwhile, or no way leads through it.
        }
        int x = place % width;
        int y = place / width;
        for (int j = Math.max(0, y - 1); j <= Math.min(height - 1, y + 1); j++) {
          for (int i = Math.max(0, x - 1); i <= Math.min(width - 1, x + 1); i++) {
            int next = j * width + i;
            if (next != place) {
              reach(place, next, i != x && j != y);
            }
          }
        }
      }
    }
  }

  private void reach(int place, int next, boolean diagonal) {
    float change = 0;
    for (int c = 0; c < 3; c++) {
      change += Math.abs(colours[3 * next + c] - colours[3 * place + c]);
    }
    float step = Math.abs(kept[next] - kept[place]) + COLOUR / 3 * change;
    float distance = distances[place] + step + (diagonal ? 1.414f : 1) * STEP;
    if (distance < distances[next]) {
      boolean sameBucket =
          distances[next] < Float.POSITIVE_INFINITY
              && bucketOf(distances[next]) == bucketOf(distance);
      distances[next] = distance;
      if (!sameBucket) {
        wait(next, bucketOf(distance));
      }
    }
  }

  private static int bucketOf(float distance) {
    return (int) (distance / BUCKET) % BUCKETS;
  }

  private void wait(int place, int bucket) {
    int[] places = buckets[bucket];
    if (places == null) {
      places = new int[256];
    } else if (counts[bucket] == places.length) {
      places = Arrays.copyOf(places, 2 * places.length);
    }
    places[counts[bucket]++] = place;
    buckets[bucket] = places;
    waiting++;
  }
}
