package app.diaphan.core.house.reading;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.colour.Oklab;
import app.diaphan.core.picture.RasterPicture;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The few colours that explain a picture: k-means (Lloyd, 1982) over its pixels by how they are
 * seen, begun with those farthest from each other, with no more of them than are needed.
 */
final class PictureColours {
  private static final int MOST = 8;
  private static final int ROUNDS = 12;

  /** Of what there is to explain, so much is enough. */
  private static final double EXPLAINED = 0.995;

  /** Colours nearer than this look alike. */
  private static final double ALIKE = 0.06;

  private static final double LEAST_SHARE = 0.005;
  private static final int SIDE = 160;

  /** A pixel that is solid, as it is seen and as it is. */
  private record Pixel(Oklab seen, int red, int green, int blue) {}

  private PictureColours() {}

  /** What is most of the picture first; none for one that is clear all over. */
  static List<FoundColour> of(RasterPicture picture) {
    List<Pixel> pixels = pixels(picture);
    if (pixels.isEmpty()) {
      return List.of();
    }
    double all = spread(pixels, means(pixels, new int[pixels.size()], 1));
    List<Oklab> middles = new ArrayList<>();
    int[] nearest = new int[pixels.size()];
    for (int count = 1; count <= MOST; count++) {
      middles.add(farthest(pixels, middles));
      for (int round = 0; round < ROUNDS; round++) {
        nearest = assigned(pixels, middles);
        middles = new ArrayList<>(means(pixels, nearest, middles.size()));
      }
      if (all < 1e-9 || spread(pixels, middles) < (1 - EXPLAINED) * all) {
        break;
      }
    }
    return found(pixels, middles, assigned(pixels, middles));
  }

  private static List<Pixel> pixels(RasterPicture picture) {
    int step = Math.max(1, Math.max(picture.width(), picture.height()) / SIDE);
    List<Pixel> pixels = new ArrayList<>();
    for (int y = step / 2; y < picture.height(); y += step) {
      for (int x = step / 2; x < picture.width(); x += step) {
        int at = 4 * (y * picture.width() + x);
        float alpha = picture.value(at + 3);
        if (alpha > 0.5f) {
          int red = channel(picture.value(at) / alpha);
          int green = channel(picture.value(at + 1) / alpha);
          int blue = channel(picture.value(at + 2) / alpha);
          pixels.add(new Pixel(Oklab.of(new Colour(red, green, blue, 255)), red, green, blue));
        }
      }
    }
    return pixels;
  }

  private static int channel(double value) {
    return (int) Math.clamp(Math.rint(value * 255), 0, 255);
  }

  private static Oklab farthest(List<Pixel> pixels, List<Oklab> middles) {
    if (middles.isEmpty()) {
      return means(pixels, new int[pixels.size()], 1).getFirst();
    }
    return pixels.stream()
        .map(Pixel::seen)
        .max(Comparator.comparingDouble(seen -> distance(seen, middles)))
        .orElseThrow();
  }

  private static double distance(Oklab seen, List<Oklab> middles) {
    return middles.stream().mapToDouble(seen::to).min().orElseThrow();
  }

  private static double spread(List<Pixel> pixels, List<Oklab> middles) {
    return pixels.stream().mapToDouble(pixel -> Math.pow(distance(pixel.seen(), middles), 2)).sum();
  }

  private static int[] assigned(List<Pixel> pixels, List<Oklab> middles) {
    int[] nearest = new int[pixels.size()];
    for (int i = 0; i < nearest.length; i++) {
      Oklab seen = pixels.get(i).seen();
      for (int m = 1; m < middles.size(); m++) {
        if (seen.to(middles.get(m)) < seen.to(middles.get(nearest[i]))) {
          nearest[i] = m;
        }
      }
    }
    return nearest;
  }

  /** Middles that nothing is nearest to are left out. */
  private static List<Oklab> means(List<Pixel> pixels, int[] nearest, int count) {
    double[][] sums = new double[count][4];
    for (int i = 0; i < nearest.length; i++) {
      Oklab seen = pixels.get(i).seen();
      double[] sum = sums[nearest[i]];
      sum[0] += seen.lightness();
      sum[1] += seen.a();
      sum[2] += seen.b();
      sum[3]++;
    }
    List<Oklab> means = new ArrayList<>();
    for (double[] sum : sums) {
      if (sum[3] > 0) {
        means.add(new Oklab(sum[0] / sum[3], sum[1] / sum[3], sum[2] / sum[3]));
      }
    }
    return means;
  }

  /** Of each group the pixel next to its middle: a colour that is there, and not one between. */
  private static List<FoundColour> found(List<Pixel> pixels, List<Oklab> middles, int[] nearest) {
    List<FoundColour> found = new ArrayList<>();
    for (int m = 0; m < middles.size(); m++) {
      Oklab middle = middles.get(m);
      Pixel best = null;
      int count = 0;
      for (int i = 0; i < nearest.length; i++) {
        if (nearest[i] == m) {
          count++;
          if (best == null || pixels.get(i).seen().to(middle) < best.seen().to(middle)) {
            best = pixels.get(i);
          }
        }
      }
      double share = (double) count / nearest.length;
      if (best != null && share >= LEAST_SHARE) {
        Colour colour = new Colour(best.red(), best.green(), best.blue(), 255);
        found.add(
            new FoundColour(
                colour,
                ColourName.of(colour),
                share,
                Math.max(1, Math.round(100 * share)) + " % of the picture"));
      }
    }
    found.sort(Comparator.comparingDouble((FoundColour one) -> -one.share()));
    return apart(found);
  }

  /** Without those that look like one with a larger share. */
  private static List<FoundColour> apart(List<FoundColour> found) {
    List<FoundColour> apart = new ArrayList<>();
    for (FoundColour one : found) {
      Oklab seen = Oklab.of(one.colour());
      if (apart.stream().noneMatch(other -> Oklab.of(other.colour()).to(seen) < ALIKE)) {
        apart.add(one);
      }
    }
    return apart;
  }
}
