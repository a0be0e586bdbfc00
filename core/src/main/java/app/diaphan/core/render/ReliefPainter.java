package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Relief;
import app.diaphan.core.raster.EdgeField;
import app.diaphan.core.raster.PackedPlane;
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
  /** Folds between slopes have no width; there so many places each way are lit in each pixel. */
  private static final int FINER = 4;

  private static final float LEAST = 1e-6f;

  /** Places across the edge at which the light is taken in each pixel. */
  private static final int SAMPLES = 4;

  /** So many half pixels from the edge a round slope is no longer steep. */
  private static final double STEEP = 8;

  /** A half pixel of less than this share of the slope is a small step on it. */
  private static final double EVEN = 0.05;

  private ReliefPainter() {}

  static FinishLayers paint(Relief relief, Silhouette silhouette) {
    return sideBySide(Fineness.of(silhouette, 0, fine -> lit(relief, fine)));
  }

  /**
   * Light and shade of one pixel lie beside each other in it. What lies higher would hide a part of
   * the lower one, so that is made as much stronger.
   */
  private static FinishLayers sideBySide(FinishLayers lit) {
    if (lit.atop().isEmpty()) {
      return lit;
    }
    Layer shade = lit.atop().getFirst();
    Layer light = lit.atop().getLast();
    Plane lower = shade.coverage().unpacked();
    Plane higher = light.coverage().unpacked().fitted(lower.bounds());
    Plane stronger = Plane.clear(lower.bounds());
    for (int i = 0; i < stronger.values().length; i++) {
      float left = 1 - higher.values()[i] * light.opacity();
      stronger.values()[i] = left > LEAST ? Math.min(1, lower.values()[i] / left) : 0;
    }
    return FinishLayers.atop(
        new Layer(PackedPlane.of(stronger), shade.shader(), shade.opacity()), light);
  }

  /** The shade and over it the light. */
  private static FinishLayers lit(Relief relief, Silhouette silhouette) {
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
        (pixel, inside, inwardsX, inwardsY, side) -> {
          double towards = inwardsX * from.x() + inwardsY * from.y();
          double half = edge.extent(inwardsX, inwardsY) * side / 2;
          double onSlope = edge.covered(inside, inwardsX, inwardsY, side);
          within.values()[pixel] += onSlope;
          onSlope -= edge.covered(inside - relief.width(), inwardsX, inwardsY, side);
          double nearest = Math.max(0, inside - half);
          double farthest = Math.min(relief.width(), inside + half);
          // Away from the edge the slope bends little within a pixel.
          int samples = nearest > STEEP * half && half < EVEN * relief.width() ? 1 : SAMPLES;
          for (int sample = 0; sample < samples && farthest > nearest; sample++) {
            double distance = nearest + (farthest - nearest) * (sample + 0.5) / samples;
            double taken = onSlope * from.on(distance / relief.width(), towards) / samples;
            if (taken > 0) {
              light.values()[pixel] += (float) taken;
            } else {
              shade.values()[pixel] -= (float) taken;
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
   * @param x the part across of the vector towards the light
   * @param y the part down of the same
   * @param level what level ground takes
   * @param upwards the part upwards of the surface's normal, by the way from the edge to the top
   * @param outwards the part of the normal away from the edge, or towards it if sunk, by the same
   */
  private record Light(double x, double y, float level, float[] upwards, float[] outwards) {
    /** So finely the slope is looked up; between its steps it is taken as straight. */
    private static final int STEPS = 1024;

    static Light of(Relief relief) {
      double angle = Math.toRadians(relief.angle());
      double height = Math.toRadians(relief.height());
      float[] upwards = new float[STEPS + 1];
      float[] outwards = new float[STEPS + 1];
      for (int i = 0; i <= STEPS; i++) {
        double along = (double) i / STEPS;
        double rise = rise(relief.profile(), along, relief.depth());
        double run = run(relief.profile(), along);
        double length = Math.hypot(rise, run);
        upwards[i] = length == 0 ? 1 : (float) (run / length);
        outwards[i] = length == 0 ? 0 : (float) ((relief.sunk() ? -1 : 1) * rise / length);
      }
      return new Light(
          Math.cos(height) * Math.cos(angle),
          Math.cos(height) * Math.sin(angle),
          (float) Math.sin(height),
          upwards,
          outwards);
    }

    /**
     * How much more than level ground a place takes, 0–1; or how much less, as negative share.
     *
     * @param along the share of the way up the slope
     * @param towards how far inwards from the edge is towards the light, as a cosine times the
     *     light's level part
     */
    float on(double along, double towards) {
      if (along >= 1) {
        return 0;
      }
      float place = (float) along * STEPS;
      int step = Math.min(STEPS - 1, (int) place);
      float rest = place - step;
      float up = upwards[step] + rest * (upwards[step + 1] - upwards[step]);
      float out = outwards[step] + rest * (outwards[step + 1] - outwards[step]);
      float taken = up * level - out * (float) towards;
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
