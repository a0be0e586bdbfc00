package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.EdgeField;
import app.diaphan.core.raster.Plane;
import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
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

  /** An outline of more parts is widened sooner by its pixels. */
  private static final int FEW_PARTS = 64;

  /** Sharper corners than this many widths long are cut off, as a mitre saw's guide would. */
  private static final float LONGEST_MITRE = 8;

  static DrawnSilhouette of(
      Shape outline, AffineTransform toPixels, double unitX, double unitY, Bounds canvas) {
    Plane solid = Coverage.of(toPixels.createTransformedShape(outline), canvas);
    return new DrawnSilhouette(outline, toPixels, solid, unitX, unitY, canvas);
  }

  @Override
  public Plane grown(double by, Outline.Corners corners, double right, double down, Bounds clip) {
    AffineTransform moved = AffineTransform.getTranslateInstance(right * unitX, down * unitY);
    moved.concatenate(toPixels);
    Shape shape = moved.createTransformedShape(outline);
    if (by == 0) {
      return Coverage.of(shape, clip);
    }
    Shape stroke = moved.createTransformedShape(stroked(Math.abs(by), corners));
    return by > 0
        ? Coverage.of(List.of(shape, stroke), inside -> true, clip)
        : Coverage.of(List.of(shape, stroke), inside -> inside == IN_SHAPE, clip);
  }

  @Override
  public Silhouette toBlur(double sigma) {
    return whole() && intricate()
        ? PixelSilhouette.of(solid, unitX, unitY, canvas, times -> finer(times).solid())
            .toBlur(sigma)
        : this;
  }

  @Override
  public boolean exact() {
    return true;
  }

  @Override
  public Silhouette finer(int times) {
    AffineTransform finer = AffineTransform.getScaleInstance(times, times);
    finer.concatenate(toPixels);
    return of(outline, finer, unitX * times, unitY * times, canvas.finer(times));
  }

  @Override
  public boolean intricate() {
    int parts = 0;
    for (PathIterator path = outline.getPathIterator(null); !path.isDone(); path.next()) {
      parts++;
    }
    return parts > FEW_PARTS;
  }

  /** Whether the canvas cuts nothing off. */
  private boolean whole() {
    Bounds all = Bounds.around(toPixels.createTransformedShape(outline).getBounds2D());
    return all.within(canvas).equals(all);
  }

  @Override
  public Plane alongEdge(double within, Outline.Corners corners) {
    if (within <= 0) {
      return Plane.EMPTY;
    }
    return Coverage.of(
        List.of(
            toPixels.createTransformedShape(outline),
            toPixels.createTransformedShape(stroked(within, corners))),
        inside -> inside == (IN_SHAPE | IN_STROKE),
        solid.bounds());
  }

  @Override
  public EdgeField edge(double reach) {
    int across = (int) Math.ceil(reach * unitX) + 2;
    int down = (int) Math.ceil(reach * unitY) + 2;
    // Where the frame cuts the shape there is no edge.
    Plane shape =
        whole() ? solid : grown(0, Outline.Corners.ROUND, 0, 0, canvas.grown(across, down));
    return EdgeField.of(shape.fitted(shape.bounds().grown(2, 2)), 1 / unitX, 1 / unitY, reach);
  }

  private Shape stroked(double toEachSide, Outline.Corners corners) {
    int join =
        switch (corners) {
          case ROUND -> BasicStroke.JOIN_ROUND;
          case MITRED -> BasicStroke.JOIN_MITER;
          case BEVELLED -> BasicStroke.JOIN_BEVEL;
        };
    return new BasicStroke((float) (2 * toEachSide), BasicStroke.CAP_ROUND, join, LONGEST_MITRE)
        .createStrokedShape(outline);
  }
}
