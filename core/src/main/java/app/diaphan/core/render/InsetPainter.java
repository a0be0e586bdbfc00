package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Inset;
import app.diaphan.core.raster.Plane;

/** A shadow of what is around the shape, cast into it: the blurred shape turned inside out. */
final class InsetPainter {
  private InsetPainter() {}

  static FinishLayers paint(Inset inset, Silhouette silhouette) {
    double angle = Math.toRadians(inset.angle());
    Plane solid = silhouette.solid();
    Plane lit =
        CastPainter.cast(
                silhouette,
                -inset.reach() * inset.firmness(),
                inset.reach() * (1 - inset.firmness()),
                Math.cos(angle) * inset.distance(),
                Math.sin(angle) * inset.distance())
            .fitted(solid.bounds());
    Plane dark = Plane.clear(lit.bounds());
    for (int i = 0; i < dark.values().length; i++) {
      dark.values()[i] = (1 - lit.values()[i]) * solid.values()[i];
    }
    return FinishLayers.atop(Layer.of(dark, inset.colour(), inset.opacity()));
  }
}
