package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Relief;
import app.diaphan.core.raster.EdgeField;
import app.diaphan.core.raster.Plane;
import app.diaphan.core.raster.Reduced;

/**
 * The shape as a hill lit from one side (J. H. Lambert's cosine law, "Photometria", 1760).
 *
 * <p>The height rises from the edge inwards along the profile; its slope there and the direction of
 * the edge give the surface's normal. Where the normal takes more light than level ground the light
 * colour is laid on in proportion, where it takes less the shade colour is; level ground stays as
 * it is, whatever the height of the light.
 */
final class ReliefPainter {
  /**
   * Folds between slopes have no width; so many places each way are lit in each pixel, so that they
   * do not step.
   */
  private static final int FINER = 2;

  private static final double LEAST = 1e-6;

  /** Places across the edge at which the light is taken in each pixel. */
  private static final int SAMPLES = 4;

  private ReliefPainter() {}

  static FinishLayers paint(Relief relief, Silhouette silhouette) {
    if (relief.width() <= 0) {
      return FinishLayers.NONE;
    }
    EdgeField edge = silhouette.edge(relief.width(), FINER);
    float[] inside = edge.inside().values();
    Plane light = Plane.clear(edge.inside().bounds());
    Plane shade = Plane.clear(edge.inside().bounds());
    Plane within = Plane.clear(edge.inside().bounds());
    double angle = Math.toRadians(relief.angle());
    double height = Math.toRadians(relief.height());
    double lightX = Math.cos(height) * Math.cos(angle);
    double lightY = Math.cos(height) * Math.sin(angle);
    double level = Math.sin(height);
    Light from = new Light(relief, lightX, lightY, level);
    for (int i = 0; i < inside.length; i++) {
      // The pixel's extent along the edge's normal, in units.
      double extent =
          Math.abs(edge.inwardsX()[i]) * edge.stepX() + Math.abs(edge.inwardsY()[i]) * edge.stepY();
      if (inside[i] > relief.width() + extent) {
        within.values()[i] = 1;
        continue;
      }
      for (int sample = 0; sample < SAMPLES; sample++) {
        double distance = inside[i] + extent * ((sample + 0.5) / SAMPLES - 0.5);
        if (distance >= 0) {
          double along = distance / relief.width();
          double taken = from.on(along, edge.inwardsX()[i], edge.inwardsY()[i]);
          light.values()[i] += (float) Math.max(0, taken) / SAMPLES;
          shade.values()[i] += (float) Math.max(0, -taken) / SAMPLES;
          within.values()[i] += 1f / SAMPLES;
        }
      }
    }
    return FinishLayers.atop(
        Layer.of(
            ofPixels(shade, within, silhouette),
            relief.shade(),
            relief.shadeOpacity() * relief.opacity()),
        Layer.of(
            ofPixels(light, within, silhouette),
            relief.light(),
            relief.lightOpacity() * relief.opacity()));
  }

  /**
   * @param level what level ground takes
   */
  private record Light(Relief relief, double x, double y, double level) {
    /** How much more than level ground a place takes, 0–1; or how much less, as negative share. */
    double on(double along, double inwardsX, double inwardsY) {
      if (along >= 1) {
        return 0;
      }
      double[] normal = normal(relief.profile(), along, relief.depth());
      double against = (relief.sunk() ? -1 : 1) * normal[0];
      double taken = normal[1] * level - against * (inwardsX * x + inwardsY * y);
      return taken > level
          ? Math.min(1, (taken - level) / Math.max(LEAST, 1 - level))
          : -Math.min(1, (level - Math.max(0, taken)) / Math.max(LEAST, level));
    }
  }

  /** The mean over the part of each pixel that lies within the shape. */
  private static Plane ofPixels(Plane fine, Plane within, Silhouette silhouette) {
    Plane sum = Reduced.of(fine, FINER);
    Plane share = Reduced.of(within, FINER);
    for (int i = 0; i < sum.values().length; i++) {
      if (share.values()[i] > 0) {
        sum.values()[i] /= share.values()[i];
      }
    }
    return Shapes.share(silhouette.solid(), sum);
  }

  /**
   * The surface's normal at a share of the way up the slope: its part against the slope and its
   * part upwards, of length 1 together.
   */
  private static double[] normal(Relief.Profile profile, double along, double depth) {
    // Height over width at this place; the round profile starts upright.
    double rise;
    double run = 1;
    switch (profile) {
      case FLAT_CUT -> rise = depth;
      case SOFT -> rise = depth * 6 * along * (1 - along);
      case ROUND -> {
        rise = depth * (1 - along);
        run = Math.sqrt(Math.max(0, 1 - (1 - along) * (1 - along)));
      }
      default -> throw new IllegalArgumentException(profile.toString());
    }
    double length = Math.hypot(rise, run);
    return length == 0 ? new double[] {0, 1} : new double[] {rise / length, run / length};
  }
}
