package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Inset;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.GaussianBlur;
import app.diaphan.core.raster.Plane;

/** A shadow of what is around the shape, cast into it: the blurred shape turned inside out. */
final class InsetPainter {
  private InsetPainter() {}

  static FinishLayers paint(Inset inset, Silhouette silhouette) {
    double firm = inset.reach() * inset.firmness();
    double sigma = (inset.reach() - firm) / 2;
    double sigmaX = sigma * silhouette.unitX();
    double sigmaY = sigma * silhouette.unitY();
    double angle = Math.toRadians(inset.angle());
    Bounds clip = silhouette.canvas().grown(GaussianBlur.reach(sigmaX), GaussianBlur.reach(sigmaY));
    Silhouette source =
        Math.min(sigmaX, sigmaY) < CastPainter.SOFT ? silhouette : silhouette.toBlur();
    Plane core =
        source.grown(
            -firm,
            Outline.Corners.ROUND,
            Math.cos(angle) * inset.distance(),
            Math.sin(angle) * inset.distance(),
            clip);
    Plane solid = silhouette.solid();
    Plane lit = GaussianBlur.of(core, sigmaX, sigmaY, silhouette.canvas()).fitted(solid.bounds());
    Plane dark = Plane.clear(lit.bounds());
    for (int i = 0; i < dark.values().length; i++) {
      dark.values()[i] = (1 - lit.values()[i]) * solid.values()[i];
    }
    return FinishLayers.atop(Layer.of(dark, inset.colour(), inset.opacity()));
  }
}
