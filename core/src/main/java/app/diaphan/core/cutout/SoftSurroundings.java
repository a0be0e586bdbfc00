package app.diaphan.core.cutout;

import app.diaphan.core.raster.Bands;
import java.util.Arrays;

/**
 * The shadow or the glow that lies on a ground round what is drawn. From the ground it is reached
 * in steps as small as a soft edge makes them; what is drawn has a sharper one. It is of one
 * colour: the farthest that lies on the way from the ground's colour through its own, so that it is
 * as thin as it can be (as the least alpha of T. Porter, T. Duff, "Compositing Digital Images",
 * SIGGRAPH 1984, allows it).
 */
final class SoftSurroundings {
  /** From one pixel to the next a soft edge changes by no more than this. */
  private static final double STEP = 0.05;

  /** The shadow's colour is told by where it is no stronger than this. */
  private static final double FAINT = 0.3;

  /** A colour that lies this far off the way is none of the shadow's. */
  private static final double OFF = 0.04;

  /** By an edge so many pixels are mixtures with what is drawn. */
  private static final int MIXED = 2;

  /** Within what is drawn a shadow is up to so many times as strong as where it comes out. */
  private static final double DARKER = 2;

  /** Smaller parts of the shadow's colour are rather of what is drawn. */
  private static final int ENCLOSED = 24;

  /** So many steps from pixels that are sure the shadow is thought to go on. */
  private static final int GOES_ON = 24;

  private final float[] colours;
  private final Ground ground;
  private final int width;
  private final int height;
  private final boolean[] in;
  private final float[] alpha;

  /** For each channel what a solid shadow adds to a black, and takes from a white ground. */
  private double[] colour = new double[3];

  private SoftSurroundings(Cut cut, Ground ground, boolean[] reached) {
    colours = cut.colours();
    this.ground = ground;
    width = cut.width();
    height = cut.height();
    in = reached.clone();
    alpha = new float[in.length];
  }

  /**
   * @param cut the picture as it came
   * @param reached the pixels that are ground without doubt
   * @param everywhere whether what is enclosed by what is drawn may be ground with a shadow too
   */
  static SoftSurroundings of(Cut cut, Ground ground, boolean[] reached, boolean everywhere) {
    SoftSurroundings soft = new SoftSurroundings(cut, ground, reached);
    soft.flood(false);
    if (soft.findColour(reached)) {
      System.arraycopy(reached, 0, soft.in, 0, reached.length);
      soft.flood(true);
      if (everywhere) {
        soft.takeEnclosed();
      }
    }
    soft.measure();
    return soft;
  }

  /** Whether a pixel is ground, with a shadow or without. */
  boolean in(int place) {
    return in[place];
  }

  /** How solid the shadow is there; beside and beneath what is drawn as it is thought to go on. */
  float alpha(int place) {
    return alpha[place];
  }

  double colour(int channel) {
    return colour[channel];
  }

  /** The ground with the shadow on it. */
  double ground(int place, int channel) {
    double own = bare(place, channel);
    return own + alpha[place] * (colour[channel] - own);
  }

  /** How much of the picture has a shadow on it, 0–1. */
  double share() {
    int count = 0;
    for (int place = 0; place < in.length; place++) {
      count += in[place] && alpha[place] > STEP ? 1 : 0;
    }
    return (double) count / in.length;
  }

  private double bare(int place, int channel) {
    return ground.at(place % width, place / width, channel);
  }

  private double difference(int place, int channel) {
    return colours[3 * place + channel] - bare(place, channel);
  }

  /**
   * @param oneColour whether it goes only where its colour goes
   */
  private void flood(boolean oneColour) {
    double step = Math.max(STEP, 4 * ground.noise());
    int[] open = new int[in.length];
    int count = 0;
    for (int place = 0; place < in.length; place++) {
      if (in[place]) {
        open[count++] = place;
      }
    }
    while (count > 0) {
      int place = open[--count];
      int x = place % width;
      int y = place / width;
      for (int side = 0; side < 4; side++) {
        int other = Regions.beside(x, y, side, width, height);
        if (other >= 0
            && !in[other]
            && near(place, other, step)
            && (oneColour ? !off(other) : faint(other))) {
          in[other] = true;
          open[count++] = other;
        }
      }
    }
  }

  /** The inside of an O may have the shadow all over it, so that no bare ground leads there. */
  private void takeEnclosed() {
    double most = 0;
    for (int place = 0; place < in.length; place++) {
      most = in[place] ? Math.max(most, share(place)) : most;
    }
    boolean[] like = new boolean[in.length];
    for (int place = 0; place < in.length; place++) {
      like[place] = !in[place] && !off(place) && share(place) <= DARKER * most;
    }
    Regions.each(
        like,
        width,
        height,
        part -> {
          if (part.length >= ENCLOSED) {
            for (int place : part) {
              in[place] = true;
            }
          }
        });
  }

  private boolean near(int place, int other, double step) {
    for (int c = 0; c < 3; c++) {
      if (Math.abs(colours[3 * place + c] - colours[3 * other + c]) > step) {
        return false;
      }
    }
    return true;
  }

  /**
   * Whether a pixel is nearly ground: farther in, it may be what is drawn, whose colour would
   * mislead.
   */
  private boolean faint(int place) {
    for (int c = 0; c < 3; c++) {
      if (Math.abs(difference(place, c)) > FAINT) {
        return false;
      }
    }
    return true;
  }

  /** Whether a pixel's colour is another one than the shadow's over the ground. */
  private boolean off(int place) {
    double share = share(place);
    double allowed = Math.max(OFF, 4 * ground.noise());
    if (share < -allowed) {
      return true;
    }
    for (int c = 0; c < 3; c++) {
      double expected = share * (colour[c] - bare(place, c));
      if (Math.abs(difference(place, c) - expected) > allowed) {
        return true;
      }
    }
    return false;
  }

  /** How solid a shadow of the colour comes nearest to a pixel's: by projection. */
  private double share(int place) {
    double along = 0;
    double square = 0;
    for (int c = 0; c < 3; c++) {
      double full = colour[c] - bare(place, c);
      along += difference(place, c) * full;
      square += full * full;
    }
    return square == 0 ? 0 : along / square;
  }

  /**
   * @return whether there is any shadow
   */
  private boolean findColour(boolean[] reached) {
    double[] away = new double[3];
    double[] bare = new double[3];
    double weights = 0;
    for (int place = 0; place < in.length; place++) {
      if (in[place] && !reached[place]) {
        double strength = 0;
        for (int c = 0; c < 3; c++) {
          strength += Math.abs(difference(place, c));
        }
        weights += strength;
        for (int c = 0; c < 3; c++) {
          away[c] += strength * difference(place, c);
          bare[c] += strength * bare(place, c);
        }
      }
    }
    if (weights == 0) {
      return false;
    }
    double farthest = Double.POSITIVE_INFINITY;
    for (int c = 0; c < 3; c++) {
      away[c] /= weights;
      bare[c] /= weights;
      double room = away[c] > 0 ? 1 - bare[c] : bare[c];
      if (Math.abs(away[c]) > 1e-6) {
        farthest = Math.min(farthest, room / Math.abs(away[c]));
      }
    }
    if (farthest == Double.POSITIVE_INFINITY) {
      return false;
    }
    for (int c = 0; c < 3; c++) {
      colour[c] = Math.clamp(bare[c] + farthest * away[c], 0.0, 1.0);
    }
    return true;
  }

  private void measure() {
    double nothing = Math.max(0.5 / 255, ground.noise());
    boolean[] known = new boolean[in.length];
    float[] fromDrawn = Regions.distances(in, width, height, MIXED);
    Bands.over(
        0,
        height,
        width,
        (top, bottom) -> {
          for (int place = top * width; place < bottom * width; place++) {
            if (in[place]) {
              double share = Math.clamp(share(place), 0.0, 1.0);
              // What noise makes of nothing fades out instead of ending at a rim.
              double sure = Math.clamp((share - nothing) / (2 * nothing), 0.0, 1.0);
              alpha[place] = (float) (share * sure);
              known[place] = fromDrawn[place] > MIXED;
            }
          }
        });
    goOn(known);
  }

  /** Gives pixels that are not sure the mean of those beside them that are, step by step. */
  private void goOn(boolean[] known) {
    int[] edge = new int[in.length];
    int count = 0;
    for (int place = 0; place < in.length; place++) {
      if (!known[place] && besideKnown(known, place)) {
        edge[count++] = place;
      }
    }
    for (int step = 0; step < GOES_ON && count > 0; step++) {
      float[] means = new float[count];
      for (int i = 0; i < count; i++) {
        means[i] = mean(known, edge[i]);
      }
      int[] done = Arrays.copyOf(edge, count);
      for (int i = 0; i < done.length; i++) {
        alpha[done[i]] = means[i];
        known[done[i]] = true;
      }
      count = 0;
      for (int place : done) {
        int x = place % width;
        int y = place / width;
        for (int j = Math.max(0, y - 1); j <= Math.min(height - 1, y + 1); j++) {
          for (int i = Math.max(0, x - 1); i <= Math.min(width - 1, x + 1); i++) {
            int other = j * width + i;
            if (!known[other]) {
              edge[count++] = other;
              known[other] = true;
            }
          }
        }
      }
      for (int i = 0; i < count; i++) {
        known[edge[i]] = false;
      }
    }
  }

  private boolean besideKnown(boolean[] known, int place) {
    int x = place % width;
    int y = place / width;
    for (int j = Math.max(0, y - 1); j <= Math.min(height - 1, y + 1); j++) {
      for (int i = Math.max(0, x - 1); i <= Math.min(width - 1, x + 1); i++) {
        if (known[j * width + i]) {
          return true;
        }
      }
    }
    return false;
  }

  private float mean(boolean[] known, int place) {
    int x = place % width;
    int y = place / width;
    float sum = 0;
    int count = 0;
    for (int j = Math.max(0, y - 1); j <= Math.min(height - 1, y + 1); j++) {
      for (int i = Math.max(0, x - 1); i <= Math.min(width - 1, x + 1); i++) {
        if (known[j * width + i]) {
          sum += alpha[j * width + i];
          count++;
        }
      }
    }
    return count == 0 ? 0 : sum / count;
  }
}
