package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.GaussianBlur;
import app.diaphan.core.raster.Plane;

/**
 * Shadows and halos: the shape, moved, widened by the firm part of the reach and blurred over the
 * rest. The reach is two standard deviations of the blur: there the shadow of a straight edge has
 * faded to a fortieth.
 */
final class CastPainter {
  /** From this σ in pixels on a blur hides what a pixel's share of the shape was. */
  private static final double SOFT = 2;

  private CastPainter() {}

  static FinishLayers shadow(Shadow shadow, Silhouette silhouette) {
    double angle = Math.toRadians(shadow.angle());
    Plane cast =
        cast(
            silhouette,
            shadow.reach() * shadow.firmness(),
            shadow.reach() * (1 - shadow.firmness()),
            Math.cos(angle) * shadow.distance(),
            Math.sin(angle) * shadow.distance());
    return FinishLayers.behind(Layer.of(cast, shadow.colour(), shadow.opacity()));
  }

  static FinishLayers halo(Halo halo, Silhouette silhouette) {
    Plane cast =
        cast(
            silhouette, halo.reach() * halo.firmness(), halo.reach() * (1 - halo.firmness()), 0, 0);
    return FinishLayers.behind(Layer.of(cast, halo.colour(), halo.opacity()));
  }

  /**
   * @param by how much wider the shape is made; negative for narrower
   * @param fade the reach of the blur
   */
  static Plane cast(Silhouette silhouette, double by, double fade, double right, double down) {
    double sigma = fade / 2;
    double sigmaX = sigma * silhouette.unitX();
    double sigmaY = sigma * silhouette.unitY();
    Bounds clip = silhouette.canvas().grown(GaussianBlur.reach(sigmaX), GaussianBlur.reach(sigmaY));
    double least = Math.min(sigmaX, sigmaY);
    Silhouette source = least < SOFT ? silhouette : silhouette.toBlur(least);
    Plane shape = source.grown(by, Outline.Corners.ROUND, right, down, clip);
    return GaussianBlur.of(shape, sigmaX, sigmaY, silhouette.canvas());
  }
}
