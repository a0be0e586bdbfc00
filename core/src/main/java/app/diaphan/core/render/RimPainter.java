package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Rim;
import app.diaphan.core.raster.EdgeField;
import app.diaphan.core.raster.Plane;

/**
 * A glow by the distance from the edge: full over the firm part of the reach, then falling along
 * the curve 1 − (3t² − 2t³), which starts and ends level.
 */
final class RimPainter {
  private RimPainter() {}

  static FinishLayers paint(Rim rim, Silhouette silhouette) {
    EdgeField edge = silhouette.edge(rim.reach());
    Plane glow = Plane.clear(edge.bounds());
    double firm = rim.reach() * rim.firmness();
    double fade = rim.reach() - firm;
    edge.visitShape(
        1,
        (pixel, inside, inwardsX, inwardsY, side) -> {
          if (inside < rim.reach()) {
            double t = fade <= 0 ? 0 : Math.clamp((inside - firm) / fade, 0.0, 1.0);
            glow.values()[pixel] = (float) (1 - t * t * (3 - 2 * t));
          }
        });
    return FinishLayers.atop(
        Layer.of(Shapes.share(silhouette.solid(), glow), rim.colour(), rim.opacity()));
  }
}
