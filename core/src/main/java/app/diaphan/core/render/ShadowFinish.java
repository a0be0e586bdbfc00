package app.diaphan.core.render;

import app.diaphan.core.overlay.Finish;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.GaussianBlur;
import app.diaphan.core.raster.Plane;

/**
 * The shape, moved along the shadow's angle, widened by the firm part of its reach and blurred over
 * the rest. The reach is two standard deviations of the blur: there the shadow of a straight edge
 * has faded to a fortieth.
 */
final class ShadowFinish {
  private ShadowFinish() {}

  static FinishLayers of(Finish.Shadow shadow, Silhouette silhouette) {
    double firm = shadow.reach() * shadow.firmness();
    double sigma = (shadow.reach() - firm) / 2;
    double sigmaX = sigma * silhouette.unitX();
    double sigmaY = sigma * silhouette.unitY();
    double angle = Math.toRadians(shadow.angle());
    Bounds clip = silhouette.canvas().grown(GaussianBlur.reach(sigmaX), GaussianBlur.reach(sigmaY));
    Plane shape =
        silhouette.grown(
            firm, Math.cos(angle) * shadow.distance(), Math.sin(angle) * shadow.distance(), clip);
    Plane cast = GaussianBlur.of(shape, sigmaX, sigmaY, silhouette.canvas());
    return FinishLayers.behind(
        new Layer(cast, Shader.Flat.of(shadow.colour()), (float) shadow.opacity()));
  }
}
