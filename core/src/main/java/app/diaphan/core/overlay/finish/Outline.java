package app.diaphan.core.overlay.finish;

import app.diaphan.core.Require;
import app.diaphan.core.overlay.Colour;

/**
 * A line along the edge.
 *
 * @param opacity 0–1, on top of the colour's own alpha
 */
public record Outline(
    boolean on,
    double width,
    Side side,
    Corners corners,
    Colour colour,
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
    Require.present(colour, "The outline's colour");
    Require.between(0, 1, opacity, "The outline's opacity");
    Require.present(underFace, "What the outline does under the face");
  }

  @Override
  public Outline scaled(double by) {
    return new Outline(on, Finish.length(width, by), side, corners, colour, opacity, underFace);
  }

  public Outline withColour(Colour other) {
    return new Outline(on, width, side, corners, other, opacity, underFace);
  }
}
