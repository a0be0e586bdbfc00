package app.diaphan.core.picture;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.util.Optional;
import org.apache.batik.gvt.PatternPaint;

/**
 * Fills a shape with a pattern. The library would lay out pixels of one size, whose edges show as
 * lines between the tiles; here a tile that holds the whole shape is drawn as what it is, and many
 * are drawn of one that is a whole number of pixels large ({@link TiledPaint}).
 */
final class SvgPattern {
  /** Tiles whose content reaches out of them are drawn with so many around them. */
  private static final int AROUND = 1;

  /** What a shape may lie beyond its tile and count as within it, as a share of the tile. */
  private static final double BEYOND = 1e-6;

  private final PatternPaint paint;
  private final Rectangle2D tile;

  private SvgPattern(PatternPaint paint) {
    this.paint = paint;
    tile = paint.getPatternRect();
  }

  /**
   * @param shape in the recorder's space, which the pattern is described in too
   */
  static void fill(PatternPaint paint, Shape shape, FigureRecorder recorder) {
    Rectangle2D tile = paint.getPatternRect();
    if (tile.getWidth() > 0 && tile.getHeight() > 0) {
      new SvgPattern(paint).fill(shape, recorder);
    }
  }

  private void fill(Shape shape, FigureRecorder recorder) {
    Optional<AffineTransform> single = paint.getOverflow() ? Optional.empty() : toOnlyTile(shape);
    if (single.isPresent()) {
      FigureRecorder inside = recorder.copy();
      inside.clip(shape);
      inside.transform(single.get());
      inside.asOne(parts -> SvgTreeWalk.draw(paint.getGraphicsNode(), parts));
      return;
    }
    AffineTransform toPixels = recorder.getTransform();
    toPixels.concatenate(paint.getPatternTransform());
    TiledPaint.Grid grid = TiledPaint.Grid.of(tile, toPixels);
    recorder.fill(
        shape,
        new TiledPaint(
            recorder.apart(grid.toTexels(), this::drawTile), grid, paint.getPatternTransform()));
  }

  private void drawTile(FigureRecorder recorder) {
    int around = paint.getOverflow() ? AROUND : 0;
    for (int down = -around; down <= around; down++) {
      for (int across = -around; across <= around; across++) {
        FigureRecorder one = recorder.copy();
        one.translate(across * tile.getWidth(), down * tile.getHeight());
        SvgTreeWalk.draw(paint.getGraphicsNode(), one);
      }
    }
  }

  /** From the pattern's content to the tile that a shape lies in, if it lies in a single one. */
  private Optional<AffineTransform> toOnlyTile(Shape shape) {
    AffineTransform toShape = paint.getPatternTransform();
    Rectangle2D box;
    try {
      box = toShape.createInverse().createTransformedShape(shape).getBounds2D();
    } catch (NoninvertibleTransformException e) {
      return Optional.empty();
    }
    double left = (box.getMinX() - tile.getX()) / tile.getWidth();
    double top = (box.getMinY() - tile.getY()) / tile.getHeight();
    double right = (box.getMaxX() - tile.getX()) / tile.getWidth();
    double bottom = (box.getMaxY() - tile.getY()) / tile.getHeight();
    double column = Math.floor(left + BEYOND);
    double row = Math.floor(top + BEYOND);
    if (right > column + 1 + BEYOND || bottom > row + 1 + BEYOND) {
      return Optional.empty();
    }
    AffineTransform toTile = new AffineTransform(toShape);
    toTile.translate(column * tile.getWidth(), row * tile.getHeight());
    return Optional.of(toTile);
  }
}
