package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Plane;
import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.List;

/**
 * The silhouette of an outline. Growing it is done on the outline, in square units before pixels,
 * so that the edges of a finish are as exact as those of the piece.
 *
 * @param outline in units within the piece's box
 * @param toPixels from there to pixels
 */
record DrawnSilhouette(
    Shape outline, AffineTransform toPixels, Plane solid, double unitX, double unitY, Bounds canvas)
    implements Silhouette {
  private static final int IN_SHAPE = 1;
  private static final int IN_STROKE = 2;

  static DrawnSilhouette of(
      Shape outline, AffineTransform toPixels, double unitX, double unitY, Bounds canvas) {
    Plane solid = Coverage.of(toPixels.createTransformedShape(outline), canvas);
    return new DrawnSilhouette(outline, toPixels, solid, unitX, unitY, canvas);
  }

  @Override
  public Plane grown(double by, double right, double down, Bounds clip) {
    AffineTransform moved = AffineTransform.getTranslateInstance(right * unitX, down * unitY);
    moved.concatenate(toPixels);
    Shape shape = moved.createTransformedShape(outline);
    return by <= 0
        ? Coverage.of(shape, clip)
        : Coverage.of(
            List.of(shape, moved.createTransformedShape(stroked(by))), inside -> true, clip);
  }

  @Override
  public Plane alongEdge(double within) {
    if (within <= 0) {
      return Plane.EMPTY;
    }
    return Coverage.of(
        List.of(
            toPixels.createTransformedShape(outline),
            toPixels.createTransformedShape(stroked(within))),
        inside -> inside == (IN_SHAPE | IN_STROKE),
        solid.bounds());
  }

  private Shape stroked(double toEachSide) {
    return new BasicStroke((float) (2 * toEachSide), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
        .createStrokedShape(outline);
  }
}
