package app.diaphan.core.overlay.finish;

import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.paint.Paint;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.function.UnaryOperator;

/**
 * A line along the edge.
 *
 * @param paint measured by the piece's box, as the face's is
 * @param opacity 0–1, on top of the paint's own alpha
 */
@RecordBuilder
public record Outline(
    boolean on,
    double width,
    Side side,
    Corners corners,
    Paint paint,
    double opacity,
    UnderFace underFace)
    implements Finish, OutlineBuilder.With {

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
    return OutlineBuilder.builder(this)
        .width(Finish.length(width, by))
        .paint(paint.scaled(by))
        .build();
  }

  @Override
  public Outline recoloured(UnaryOperator<Colour> other) {
    return withPaint(paint.recoloured(other));
  }
}
