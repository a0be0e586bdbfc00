package app.diaphan.core.cutout;

import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;
import java.util.Optional;

/**
 * Takes a ground of known colour out. Away from the ground a picture is solid; within the width of
 * an edge from it, a pixel is a mixture C = αF + (1 − α)G of the ground G and what lies before it,
 * as in T. Porter, T. Duff, "Compositing Digital Images" (SIGGRAPH 1984). What F is, the solid
 * pixels nearby tell: of these the one is taken that explains the pixel with the least rest.
 * Strokes too thin to have solid pixels are told by their strongest ones.
 */
final class ColourCut {
  /** A mixture that misses the pixel by less than this explains it. */
  private static final double EXPLAINED = 0.04;

  /** So far solid pixels explain those by the edge that compression has bent. */
  private static final double BENT = 0.1;

  /** And so far those that are mostly ground, whose own colour would show as a rim. */
  private static final double RIM = 0.25;

  private static final double MOSTLY_GROUND = 0.75;

  /** A rest this large counts as much as a solid pixel that is one pixel farther away. */
  private static final double PER_PIXEL = 0.002;

  /** So many steps at most from a pixel to the farthest that may explain it. */
  private static final int STEPS = 9;

  /** From here on a pixel is solid. */
  private static final double SOLID = 0.985;

  /** A ground that strays more than this is one with noise, and not one that was packed. */
  static final double NOISY = 0.004;

  private final RasterPicture picture;
  private final CutOut.ByColour how;
  private final Ground ground;
  private final int width;
  private final int height;

  private final boolean noisy;

  /** Less than this is what noise leaves of nothing. */
  private final double dead;

  /** Shadows and glows on the ground, if they are to stay thin. */
  private final Optional<SoftSurroundings> soft;

  private final boolean[] grounds;
  private final boolean[] reached;

  /** The nearest reached ground pixel's distance, and of ground the nearest other pixel's. */
  private final float[] away;

  /**
   * @param came the picture as it came
   */
  private ColourCut(RasterPicture picture, CutOut.ByColour how, Cut came) {
    this.picture = picture;
    this.how = how;
    width = picture.width();
    height = picture.height();
    Ground first = Ground.of(picture, how.ground());
    ground =
        first.bent() ? first.refined(picture, reached(first.in(picture, how.tolerance()))) : first;
    noisy = ground.noise() > NOISY;
    dead = noisy ? ground.noise() : Math.max(3 * ground.noise(), how.tolerance() / 4);
    boolean[] bare = ground.in(picture, how.tolerance());
    if (how.softParts() == CutOut.SoftParts.THIN) {
      SoftSurroundings around =
          SoftSurroundings.of(
              came, ground, reached(bare), how.reach() == CutOut.GroundReach.EVERYWHERE);
      soft = Optional.of(around);
      for (int place = 0; place < bare.length; place++) {
        bare[place] |= around.in(place);
      }
    } else {
      soft = Optional.empty();
    }
    grounds = bare;
    reached = reached(grounds);
    away = Regions.distances(reached, width, height, (int) Math.ceil(how.softness()) + 1);
  }

  /** How much of a picture's ground has a shadow or a glow on it, as a share of the picture. */
  static double shadow(RasterPicture picture, CutOut.ByColour how) {
    CutOut.ByColour thin = how.withSoftParts(CutOut.SoftParts.THIN);
    return new ColourCut(picture, thin, Cut.solid(picture))
        .soft
        .map(SoftSurroundings::share)
        .orElse(0.0);
  }

  private boolean[] reached(boolean[] grounds) {
    return how.reach() == CutOut.GroundReach.EVERYWHERE
        ? grounds
        : Regions.fromBorder(grounds, width, height);
  }

  static Cut of(RasterPicture picture, CutOut.ByColour how) {
    Cut result = Cut.solid(picture);
    ColourCut cut = new ColourCut(picture, how, result);
    Bands.over(
        0,
        cut.height,
        cut.width,
        (top, bottom) -> {
          for (int place = top * cut.width; place < bottom * cut.width; place++) {
            cut.pixel(place, result);
            if (cut.soft.isPresent()) {
              cut.overShadow(cut.soft.get(), place, result);
            }
          }
        });
    return result;
  }

  /** Lays what is drawn over the shadow there. */
  private void overShadow(SoftSurroundings soft, int place, Cut result) {
    float drawn = result.alpha()[place];
    float shadow = (picture.value(4 * place + 3) - drawn) * soft.alpha(place);
    float both = drawn + shadow;
    if (shadow > 0) {
      for (int c = 0; c < 3; c++) {
        float colour = result.colours()[3 * place + c];
        result.colours()[3 * place + c] =
            (float) ((drawn * colour + shadow * soft.colour(c)) / both);
      }
      result.alpha()[place] = both;
    }
  }

  private void pixel(int place, Cut result) {
    if (reached[place] && away[place] > Math.min(2, how.softness())) {
      result.alpha()[place] = 0;
      return;
    }
    if (!reached[place] && away[place] > how.softness()) {
      return;
    }
    if (!noisy && strength(place) <= dead) {
      result.alpha()[place] = reached[place] ? 0 : result.alpha()[place];
      return;
    }
    int solid = explaining(place);
    if (noisy && strength(place, solid) <= dead) {
      result.alpha()[place] = reached[place] ? 0 : result.alpha()[place];
      return;
    }
    if (solid == place) {
      return;
    }
    double alpha = share(place, solid);
    if (alpha < SOLID) {
      result.alpha()[place] *= (float) Math.max(0, alpha);
    }
    // Solid ones too: compression carries the ground's colour a little way in.
    for (int c = 0; c < 3; c++) {
      result.colours()[3 * place + c] = (float) lit(solid, c);
    }
  }

  /** The pixel whose colour, mixed with the ground, gives a pixel's; itself if none does. */
  private int explaining(int place) {
    int x = place % width;
    int y = place / width;
    int reach = (int) Math.ceil(2 * how.softness()) + 1;
    int step = Math.max(1, (reach + STEPS - 1) / STEPS);
    int best = place;
    double least = Double.POSITIVE_INFINITY;
    int strongest = place;
    double most = strength(place);
    for (int j = -reach; j <= reach; j += step) {
      for (int i = -reach; i <= reach; i += step) {
        int cx = x + i;
        int cy = y + j;
        if (cx < 0 || cy < 0 || cx >= width || cy >= height || i * i + j * j > reach * reach) {
          continue;
        }
        int other = cy * width + cx;
        if (grounds[other] && reached[other]) {
          continue;
        }
        double rest = rest(place, other);
        if (away[other] > how.softness()) {
          double score = rest + PER_PIXEL * Math.sqrt(i * i + j * j);
          if (score < least && explains(place, other, rest)) {
            least = score;
            best = other;
          }
        } else if (rest <= Math.max(EXPLAINED, 3 * ground.noise()) && strength(other) > most) {
          most = strength(other);
          strongest = other;
        }
      }
    }
    return least < Double.POSITIVE_INFINITY ? best : strongest;
  }

  private boolean explains(int place, int solid, double rest) {
    return rest <= Math.max(BENT, 3 * ground.noise())
        || rest <= RIM && share(place, solid) <= MOSTLY_GROUND;
  }

  /** How far a pixel's colour is from the ground's, 0–1. */
  private double strength(int place) {
    double sum = 0;
    for (int c = 0; c < 3; c++) {
      double difference = difference(place, c);
      sum += difference * difference;
    }
    return Math.sqrt(sum / 3);
  }

  /** How far it is on the way to another's colour: noise goes other ways as well. */
  private double strength(int place, int other) {
    if (other == place) {
      return strength(place);
    }
    double square = 0;
    for (int c = 0; c < 3; c++) {
      double full = own(other, c) - groundAt(place, c);
      square += full * full;
    }
    return share(place, other) * Math.sqrt(square / 3);
  }

  private double difference(int place, int channel) {
    return own(place, channel) - groundAt(place, channel);
  }

  private double groundAt(int place, int channel) {
    return soft.isPresent()
        ? soft.get().ground(place, channel)
        : ground.at(place % width, place / width, channel);
  }

  private double own(int place, int channel) {
    float alpha = picture.value(4 * place + 3);
    return alpha > 0 ? picture.value(4 * place + channel) / alpha : 0;
  }

  /** The mean colour of the solid pixels at a place and next to it that are like it. */
  private double lit(int solid, int channel) {
    int x = solid % width;
    int y = solid / width;
    double own = own(solid, channel);
    double sum = 0;
    int count = 0;
    for (int j = Math.max(0, y - 1); j <= Math.min(height - 1, y + 1); j++) {
      for (int i = Math.max(0, x - 1); i <= Math.min(width - 1, x + 1); i++) {
        int other = j * width + i;
        boolean alike = other == solid || away[other] > how.softness() && !reached[other];
        double value = own(other, channel);
        if (alike && Math.abs(value - own) <= EXPLAINED) {
          sum += value;
          count++;
        }
      }
    }
    return sum / count;
  }

  /** The α with which the other's colour comes nearest to a pixel's: by projection. */
  private double share(int place, int solid) {
    double along = 0;
    double square = 0;
    for (int c = 0; c < 3; c++) {
      double full = own(solid, c) - groundAt(place, c);
      along += difference(place, c) * full;
      square += full * full;
    }
    return square == 0 ? 1 : along / square;
  }

  private double rest(int place, int other) {
    double share = share(place, other);
    if (share > 1 + EXPLAINED) {
      return Double.POSITIVE_INFINITY;
    }
    double sum = 0;
    for (int c = 0; c < 3; c++) {
      double full = own(other, c) - groundAt(place, c);
      double rest = difference(place, c) - share * full;
      sum += rest * rest;
    }
    return Math.sqrt(sum / 3);
  }
}
