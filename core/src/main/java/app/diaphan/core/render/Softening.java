package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Soften;
import app.diaphan.core.raster.GaussianBlur;
import app.diaphan.core.raster.Plane;
import java.util.Optional;

/**
 * Feathers an edge. The shape is blurred by half the reach: on both sides that is the softened
 * shape itself; on one side only, a straight edge that was at ½ after the blur goes on from 1 or to
 * 0 along the same curve, twice as strong.
 */
final class Softening {
  private final Silhouette silhouette;

  Softening(Silhouette silhouette) {
    this.silhouette = silhouette;
  }

  Pixels pixels(Pixels hard, Plane shape, Soften soften) {
    return switch (soften.side()) {
      case BOTH -> hard.blurred(sigmaX(soften), sigmaY(soften), silhouette.canvas());
      case INSIDE -> hard.times(within(shape, soften));
      case OUTSIDE ->
          hard.overTwice(hard.blurred(sigmaX(soften), sigmaY(soften), silhouette.canvas()));
    };
  }

  Plane shape(Plane shape, Soften soften) {
    return softened(shape, shape, soften);
  }

  /** What a softened punch cuts away. */
  Optional<Plane> cut(Optional<Plane> cut, Plane shape, Soften soften) {
    return cut.map(amount -> softened(amount, shape, soften));
  }

  private Plane softened(Plane plane, Plane shape, Soften soften) {
    return switch (soften.side()) {
      case BOTH -> blurred(plane, soften);
      case INSIDE -> Shapes.share(plane, within(shape, soften));
      case OUTSIDE -> Shapes.either(plane, twice(blurred(plane, soften), 0));
    };
  }

  /** 0 at the shape's edge, rising inwards. */
  private Plane within(Plane shape, Soften soften) {
    return twice(blurred(shape, soften).fitted(shape.bounds()), -1);
  }

  private Plane blurred(Plane plane, Soften soften) {
    double sigmaX = sigmaX(soften);
    double sigmaY = sigmaY(soften);
    Plane beyond =
        plane.beyond(silhouette.canvas(), GaussianBlur.reach(sigmaX), GaussianBlur.reach(sigmaY));
    return GaussianBlur.of(beyond, sigmaX, sigmaY, silhouette.canvas());
  }

  private static Plane twice(Plane plane, float plus) {
    Plane result = Plane.clear(plane.bounds());
    for (int i = 0; i < result.values().length; i++) {
      result.values()[i] = Math.clamp(2 * plane.values()[i] + plus, 0, 1);
    }
    return result;
  }

  private double sigmaX(Soften soften) {
    return soften.reach() / 2 * silhouette.unitX();
  }

  private double sigmaY(Soften soften) {
    return soften.reach() / 2 * silhouette.unitY();
  }
}
