package app.diaphan.core.overlay.finish;

import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.paint.Paint;
import java.util.function.UnaryOperator;

/**
 * A line along the edge.
 *
 * @param paint measured by the piece's box, as the face's is
 * @param opacity 0–1, on top of the paint's own alpha
 */
public record Outline(
    boolean on,
    double width,
    Side side,
    Corners corners,
    Paint paint,
    double opacity,
    UnderFace underFace)
    implements Finish {

  /** On which side of the edge the line lies. */
  public enum Side {
    OUTSIDE,
    CENTRED,
    INSIDE
  }

  /** How the line goes round a corner. The edge of a picture, known by its pixels, is rounded. */
  public enum Corners {
    ROUND,
    MITRED,
    BEVELLED
  }

  public Outline {
    Require.between(0, MOST_REACH, width, "The outline's width");
    Require.present(side, "The outline's side");
    Require.present(corners, "The outline's corners");
    Require.present(paint, "The outline's paint");
    Require.between(0, 1, opacity, "The outline's opacity");
    Require.present(underFace, "What the outline does under the face");
  }

  @Override
  public Outline scaled(double by) {
    return new Outline(
        on, Finish.length(width, by), side, corners, paint.scaled(by), opacity, underFace);
  }

  @Override
  public Outline recoloured(UnaryOperator<Colour> other) {
    return withPaint(paint.recoloured(other));
  }

  public Outline withPaint(Paint other) {
    return new Outline(on, width, side, corners, other, opacity, underFace);
  }
}
