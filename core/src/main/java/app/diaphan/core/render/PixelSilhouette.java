package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.DistanceTransform;
import app.diaphan.core.raster.Plane;

/** The silhouette of a picture, known only by its alpha. It grows by exact distances. */
record PixelSilhouette(Plane solid, double unitX, double unitY, Bounds canvas)
    implements Silhouette {

  @Override
  public Plane grown(double by, double right, double down, Bounds clip) {
    Plane wide = by <= 0 ? solid : widened(by);
    return moved(wide, right * unitX, down * unitY, clip);
  }

  @Override
  public Plane alongEdge(double within) {
    if (within <= 0) {
      return Plane.EMPTY;
    }
    // Distance from inside to the nearest clear pixel; one pixel of margin keeps some in view.
    Plane outside = solid.fitted(solid.bounds().grown(1, 1));
    Plane clear = Plane.clear(outside.bounds());
    for (int i = 0; i < clear.values().length; i++) {
      clear.values()[i] = 1 - outside.values()[i];
    }
    Plane distance = DistanceTransform.toCovered(clear, 1 / unitX, 1 / unitY);
    Plane along = Plane.clear(outside.bounds());
    double perPixel = Math.min(unitX, unitY);
    for (int i = 0; i < along.values().length; i++) {
      double near = (within - distance.values()[i]) * perPixel + 0.5;
      along.values()[i] = (float) Math.min(outside.values()[i], Math.clamp(near, 0.0, 1.0));
    }
    return along;
  }

  private Plane widened(double by) {
    Bounds grown =
        solid.bounds().grown((int) Math.ceil(by * unitX) + 1, (int) Math.ceil(by * unitY) + 1);
    Plane source = solid.fitted(grown);
    Plane distance = DistanceTransform.toCovered(source, 1 / unitX, 1 / unitY);
    Plane wide = Plane.clear(grown);
    double perPixel = Math.min(unitX, unitY);
    for (int i = 0; i < wide.values().length; i++) {
      double near = (by - distance.values()[i]) * perPixel + 0.5;
      wide.values()[i] = (float) Math.max(source.values()[i], Math.clamp(near, 0.0, 1.0));
    }
    return wide;
  }

  /** Whole pixels are moved as they are, the rest of the way by linear interpolation. */
  private static Plane moved(Plane plane, double right, double down, Bounds clip) {
    int wholeX = (int) Math.floor(right);
    int wholeY = (int) Math.floor(down);
    float restX = (float) (right - wholeX);
    float restY = (float) (down - wholeY);
    Bounds from = plane.bounds().moved(wholeX, wholeY);
    Bounds to =
        new Bounds(
                from.left(),
                from.top(),
                from.right() + (restX > 0 ? 1 : 0),
                from.bottom() + (restY > 0 ? 1 : 0))
            .within(clip);
    Plane result = Plane.clear(to);
    for (int y = to.top(); y < to.bottom(); y++) {
      for (int x = to.left(); x < to.right(); x++) {
        int sx = x - wholeX;
        int sy = y - wholeY;
        result.values()[result.row(y) + x - to.left()] =
            (1 - restY) * ((1 - restX) * plane.at(sx, sy) + restX * plane.at(sx - 1, sy))
                + restY * ((1 - restX) * plane.at(sx, sy - 1) + restX * plane.at(sx - 1, sy - 1));
      }
    }
    return result;
  }
}
