package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;

/** The shape of a piece, as its finishes need it. Lengths are display units of the master frame. */
interface Silhouette {
  /** The shape itself. */
  Plane solid();

  /**
   * The shape, wider by a length all round, and moved.
   *
   * @param by 0 or more
   * @param right in frame directions, whatever the piece's turn
   * @param clip pixels of interest
   */
  Plane grown(double by, double right, double down, Bounds clip);

  /** The part of the shape that lies nearer to its edge than a length. */
  Plane alongEdge(double within);

  /** Pixels across for one unit. */
  double unitX();

  /** Pixels down for one unit. */
  double unitY();

  Bounds canvas();
}
