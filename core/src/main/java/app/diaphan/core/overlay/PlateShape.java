package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.frame.DisplayUnits;
import java.util.List;

/**
 * The outline of a plate within its box. Lengths are display units; a rounding is cut to what the
 * sides beside a corner leave room for.
 */
public sealed interface PlateShape {
  record Rectangle() implements PlateShape {}

  /** A rectangle with a radius for each corner. */
  record RoundedRectangle(double topLeft, double topRight, double bottomRight, double bottomLeft)
      implements PlateShape {
    public RoundedRectangle {
      for (double radius : new double[] {topLeft, topRight, bottomRight, bottomLeft}) {
        Require.between(0, DisplayUnits.MOST, radius, "The corner radius");
      }
    }

    public RoundedRectangle(double radius) {
      this(radius, radius, radius, radius);
    }
  }

  record Ellipse() implements PlateShape {}

  /**
   * A line through the middle of the box along its width, as thick as the box is high.
   *
   * @param round whether its ends are half circles
   */
  record Rule(boolean round) implements PlateShape {}

  /** A polygon of equal sides, its first corner on top, stretched to the box. */
  record RegularPolygon(int corners, double rounding) implements PlateShape {
    public RegularPolygon {
      Require.between(3, 60, corners, "The number of corners");
      Require.between(0, DisplayUnits.MOST, rounding, "The rounding of the corners");
    }
  }

  /**
   * A star, its first point on top, stretched to the box.
   *
   * @param depth how far the notches reach in, 0 for none to nearly 1 for the middle
   */
  record Star(int points, double depth, double rounding) implements PlateShape {
    public Star {
      Require.between(3, 60, points, "The number of points");
      Require.between(0, 0.95, depth, "The depth of the notches");
      Require.between(0, DisplayUnits.MOST, rounding, "The rounding of the corners");
    }
  }

  /**
   * A triangle on the box's lower side.
   *
   * @param apex where along the upper side its tip lies, 0 left to 1 right
   */
  record Triangle(double apex, double rounding) implements PlateShape {
    public Triangle {
      Require.between(0, 1, apex, "The place of the tip");
      Require.between(0, DisplayUnits.MOST, rounding, "The rounding of the corners");
    }
  }

  /**
   * A bar with an arrow's point on the right and the same notch on the left.
   *
   * @param point length of the point
   */
  record Chevron(double point, double rounding) implements PlateShape {
    public Chevron {
      Require.between(0, DisplayUnits.MOST, point, "The length of the point");
      Require.between(0, DisplayUnits.MOST, rounding, "The rounding of the corners");
    }
  }

  /**
   * A bar with slanted ends.
   *
   * @param left how far the upper left corner lies to the right of the lower one; negative leans
   *     the other way
   * @param right the same for the right end
   */
  record SlantedBar(double left, double right, double rounding) implements PlateShape {
    public SlantedBar {
      Require.between(-DisplayUnits.MOST, DisplayUnits.MOST, left, "The slant of the left end");
      Require.between(-DisplayUnits.MOST, DisplayUnits.MOST, right, "The slant of the right end");
      Require.between(0, DisplayUnits.MOST, rounding, "The rounding of the corners");
    }
  }

  /** A triangle that fills one corner of the box. */
  record Wedge(Corner corner, double rounding) implements PlateShape {
    public Wedge {
      Require.present(corner, "The corner that a wedge fills");
      Require.between(0, DisplayUnits.MOST, rounding, "The rounding of the corners");
    }
  }

  /**
   * A polygon by its points.
   *
   * @param points three or more, in order
   */
  record FreePolygon(List<Vertex> points, double rounding) implements PlateShape {
    public FreePolygon {
      Require.present(points, "The points of a polygon");
      if (points.size() < 3 || points.size() > 500) {
        throw new InvalidInput("A polygon has 3 to 500 points, not " + points.size() + ".");
      }
      Require.between(0, DisplayUnits.MOST, rounding, "The rounding of the corners");
      points = List.copyOf(points);
    }
  }

  /**
   * Any outline, such as a part of a vector picture.
   *
   * @param path as {@link PathData} writes it, in shares of the box: 0 on the left and on top to 1
   * @param evenOdd whether what is wound around twice is outside
   */
  record Drawn(String path, boolean evenOdd) implements PlateShape {
    public Drawn {
      PathData.read(path, evenOdd);
    }
  }

  /**
   * A point as shares of a box.
   *
   * @param x 0 on the left to 1 on the right; may lie outside
   * @param y 0 on top to 1 below
   */
  record Vertex(double x, double y) {
    public Vertex {
      Require.between(-10, 10, x, "A point's share of the width");
      Require.between(-10, 10, y, "A point's share of the height");
    }
  }

  /** The corners of a box. */
  enum Corner {
    TOP_LEFT,
    TOP_RIGHT,
    BOTTOM_RIGHT,
    BOTTOM_LEFT
  }
}
