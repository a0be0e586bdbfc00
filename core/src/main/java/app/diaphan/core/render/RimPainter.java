package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Rim;
import app.diaphan.core.raster.Plane;

/**
 * A glow by the distance from the edge: full over the firm part of the reach, then falling along
 * the curve 1 − (3t² − 2t³), which starts and ends level.
 */
final class RimPainter {
  private RimPainter() {}

  static FinishLayers paint(Rim rim, Silhouette silhouette) {
    Plane inside = silhouette.edge(rim.reach(), 1).inside();
    Plane glow = Plane.clear(inside.bounds());
    double firm = rim.reach() * rim.firmness();
    double fade = rim.reach() - firm;
    for (int i = 0; i < glow.values().length; i++) {
      double distance = inside.values()[i];
      if (distance < rim.reach()) {
        double t = fade <= 0 ? 0 : Math.clamp((distance - firm) / fade, 0.0, 1.0);
        glow.values()[i] = (float) (1 - t * t * (3 - 2 * t));
      }
    }
    return FinishLayers.atop(
        Layer.of(Shapes.share(silhouette.solid(), glow), rim.colour(), rim.opacity()));
  }
}
