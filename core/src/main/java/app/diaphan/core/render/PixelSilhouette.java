package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.raster.Blocks;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Dilation;
import app.diaphan.core.raster.EdgeField;
import app.diaphan.core.raster.Plane;
import java.util.function.IntFunction;

/**
 * The silhouette of a picture or of a group, known only by its pixels. It grows by distances from
 * the edge that its coverage tells of, always with round corners.
 *
 * @param redrawn the shape with so many pixels for each of these, both ways
 * @param rough in how many pixels' blocks it may be widened; 0 if its edge has to be exact
 */
record PixelSilhouette(
    Plane solid, double unitX, double unitY, Bounds canvas, IntFunction<Plane> redrawn, int rough)
    implements Silhouette {
  /** A rough silhouette is widened by so many blocks as is quickest for a few. */
  private static final double FEW = 3.5;

  /** Blocks of this share of a blur's σ are not seen after it. */
  private static final double UNSEEN = 1.0 / 3;

  static PixelSilhouette of(
      Plane solid, double unitX, double unitY, Bounds canvas, IntFunction<Plane> redrawn) {
    return new PixelSilhouette(solid, unitX, unitY, canvas, redrawn, 0);
  }

  @Override
  public Plane grown(double by, Outline.Corners corners, double right, double down, Bounds clip) {
    int across = canvas.left() - clip.left();
    int below = canvas.top() - clip.top();
    Plane beyond = solid.beyond(canvas, across, below);
    Plane wide = by == 0 ? beyond : widened(beyond, by);
    return moved(wide, right * unitX, down * unitY, clip);
  }

  @Override
  public Silhouette toBlur(double sigma) {
    return new PixelSilhouette(
        solid, unitX, unitY, canvas, redrawn, Math.max(1, (int) (sigma * UNSEEN)));
  }

  @Override
  public boolean exact() {
    return false;
  }

  @Override
  public boolean intricate() {
    return true;
  }

  @Override
  public Silhouette finer(int times) {
    return new PixelSilhouette(
        redrawn.apply(times),
        unitX * times,
        unitY * times,
        canvas.finer(times),
        more -> redrawn.apply(times * more),
        rough * times);
  }

  @Override
  public Plane alongEdge(double within, Outline.Corners corners) {
    if (within <= 0) {
      return Plane.EMPTY;
    }
    Plane core = edge(within).grown(-within);
    Plane along = Plane.clear(solid.bounds());
    for (int y = solid.bounds().top(); y < solid.bounds().bottom(); y++) {
      int at = solid.row(y);
      for (int x = solid.bounds().left(); x < solid.bounds().right(); x++, at++) {
        along.values()[at] = Math.max(0, solid.values()[at] - core.at(x, y));
      }
    }
    return along;
  }

  @Override
  public EdgeField edge(double reach) {
    return field(
        solid.beyond(
            canvas, (int) Math.ceil(reach * unitX) + 2, (int) Math.ceil(reach * unitY) + 2),
        reach);
  }

  private EdgeField field(Plane shape, double reach) {
    return EdgeField.of(shape.fitted(shape.bounds().grown(2, 2)), 1 / unitX, 1 / unitY, reach);
  }

  private Plane widened(Plane shape, double by) {
    double reach = Math.abs(by);
    int side = (int) Math.ceil(reach * Math.max(unitX, unitY) / FEW);
    if (side <= rough) {
      Plane blocks = Blocks.of(shape, side);
      return Blocks.spread(
          by < 0
              ? Dilation.narrower(blocks, reach, side / unitX, side / unitY)
              : Dilation.wider(blocks, reach, side / unitX, side / unitY),
          side);
    }
    Bounds grown =
        by < 0
            ? shape.bounds()
            : shape
                .bounds()
                .grown((int) Math.ceil(by * unitX) + 1, (int) Math.ceil(by * unitY) + 1);
    Plane wide = field(shape.fitted(grown), reach).grown(by);
    if (by > 0) {
      // Soft parts of the shape that lie outside its edge stay as they are.
      for (int y = shape.bounds().top(); y < shape.bounds().bottom(); y++) {
        int from = shape.row(y);
        int to = wide.row(y) + shape.bounds().left() - wide.bounds().left();
        for (int x = 0; x < shape.bounds().width(); x++) {
          wide.values()[to + x] = Math.max(wide.values()[to + x], shape.values()[from + x]);
        }
      }
    }
    return wide;
  }

  /** Whole pixels are moved as they are, the rest of the way by linear interpolation. */
  private static Plane moved(Plane plane, double right, double down, Bounds clip) {
    if (plane.bounds().empty()) {
      return Plane.EMPTY;
    }
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
    if (restX == 0 && restY == 0) {
      return new Plane(from, plane.values()).fitted(to);
    }
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
