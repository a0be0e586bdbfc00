package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Relief;
import app.diaphan.core.raster.EdgeField;
import app.diaphan.core.raster.Plane;

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
    EdgeField edge = silhouette.edge(relief.width());
    Plane light = Plane.clear(edge.bounds());
    Plane shade = Plane.clear(edge.bounds());
    Plane within = Plane.clear(edge.bounds());
    Light from = Light.of(relief);
    edge.visitShape(
        FINER,
        (pixel, inside, inwardsX, inwardsY) -> {
          double extent = edge.extent(inwardsX, inwardsY) / FINER;
          for (int sample = 0; sample < SAMPLES; sample++) {
            double distance = inside + extent * ((sample + 0.5) / SAMPLES - 0.5);
            if (distance >= 0) {
              double taken = from.on(distance / relief.width(), inwardsX, inwardsY);
              light.values()[pixel] += (float) Math.max(0, taken);
              shade.values()[pixel] += (float) Math.max(0, -taken);
              within.values()[pixel]++;
            }
          }
        });
    return FinishLayers.atop(
        Layer.of(
            mean(shade, within, silhouette),
            relief.shade(),
            relief.shadeOpacity() * relief.opacity()),
        Layer.of(
            mean(light, within, silhouette),
            relief.light(),
            relief.lightOpacity() * relief.opacity()));
  }

  /**
   * @param level what level ground takes
   */
  private record Light(Relief relief, double x, double y, double level) {
    static Light of(Relief relief) {
      double angle = Math.toRadians(relief.angle());
      double height = Math.toRadians(relief.height());
      return new Light(
          relief,
          Math.cos(height) * Math.cos(angle),
          Math.cos(height) * Math.sin(angle),
          Math.sin(height));
    }

    /** How much more than level ground a place takes, 0–1; or how much less, as negative share. */
    double on(double along, double inwardsX, double inwardsY) {
      if (along >= 1) {
        return 0;
      }
      double rise = rise(relief.profile(), along, relief.depth());
      double run = run(relief.profile(), along);
      double length = Math.sqrt(rise * rise + run * run);
      if (length == 0) {
        return 0;
      }
      double against = (relief.sunk() ? -1 : 1) * rise / length;
      double taken = run / length * level - against * (inwardsX * x + inwardsY * y);
      return taken > level
          ? Math.min(1, (taken - level) / Math.max(LEAST, 1 - level))
          : -Math.min(1, (level - Math.max(0, taken)) / Math.max(LEAST, level));
    }
  }

  /** The mean over the part of each pixel that lies within the shape. */
  private static Plane mean(Plane sum, Plane within, Silhouette silhouette) {
    for (int i = 0; i < sum.values().length; i++) {
      if (within.values()[i] > 0) {
        sum.values()[i] /= within.values()[i];
      }
    }
    return Shapes.share(silhouette.solid(), sum);
  }

  /**
   * The surface's normal at a share of the way up the slope, as the rise of the slope there over
   * its run; the round profile starts upright.
   */
  private static double rise(Relief.Profile profile, double along, double depth) {
    return switch (profile) {
      case FLAT_CUT -> depth;
      case SOFT -> depth * 6 * along * (1 - along);
      case ROUND -> depth * (1 - along);
    };
  }

  private static double run(Relief.Profile profile, double along) {
    return profile == Relief.Profile.ROUND
        ? Math.sqrt(Math.max(0, 1 - (1 - along) * (1 - along)))
        : 1;
  }
}
