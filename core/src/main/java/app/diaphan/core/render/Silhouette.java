package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.EdgeField;
import app.diaphan.core.raster.Plane;

/** The shape of a piece, as its finishes need it. Lengths are display units of what holds it. */
interface Silhouette {
  /** The shape itself. */
  Plane solid();

  /**
   * The shape, wider by a length all round, and moved.
   *
   * @param by negative for a narrower one
   * @param corners how convex corners are widened
   * @param right in frame directions, whatever the piece's turn
   * @param clip pixels of interest
   */
  Plane grown(double by, Outline.Corners corners, double right, double down, Bounds clip);

  /**
   * A silhouette whose edges need not be exact, since what is made of it will be blurred; it costs
   * far less to grow and to move.
   *
   * @param sigma of the blur at least, in pixels
   */
  Silhouette toBlur(double sigma);

  /** Whether it is grown as exactly as it is drawn; else its pixels tell where its edge is. */
  boolean exact();

  /** Whether it may have strokes and corners of a few pixels: type, pictures, groups. */
  boolean intricate();

  /** The same silhouette with so many pixels for each of its own, both ways. */
  Silhouette finer(int times);

  /** The part of the shape that lies nearer to its edge than a length. */
  Plane alongEdge(double within, Outline.Corners corners);

  /** How far it is to the edge, for places that lie within a reach of it. */
  EdgeField edge(double reach);

  /** Pixels across for one unit. */
  double unitX();

  /** Pixels down for one unit. */
  double unitY();

  Bounds canvas();
}
