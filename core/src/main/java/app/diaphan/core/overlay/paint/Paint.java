package app.diaphan.core.overlay.paint;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.DisplayUnits;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * What a face is filled with. Places are shares of the piece's box, so that paint grows with it.
 */
public sealed interface Paint {

  record Flat(Colour colour) implements Paint {
    public Flat {
      Require.present(colour, "The paint's colour");
    }
  }

  /**
   * A gradient across the piece's box.
   *
   * @param angle direction from the first to the last stop, in degrees clockwise from rightwards
   * @param start where position 0 lies: 0 at the box's first corner in that direction, 1 at its
   *     last
   * @param end where position 1 lies, on the same measure
   * @param stops two or more, by rising position
   */
  record Linear(double angle, double start, double end, List<Stop> stops) implements Paint {
    public Linear {
      Require.between(-3600, 3600, angle, "The gradient's angle");
      Require.between(-10, 10, start, "The gradient's start");
      Require.between(-10, 10, end, "The gradient's end");
      stops = checkedStops(stops);
    }

    /** From one end of the box to the other. */
    public Linear(double angle, List<Stop> stops) {
      this(angle, 0, 1, stops);
    }
  }

  /**
   * A gradient from a point outwards.
   *
   * @param x the point's share of the width
   * @param y the point's share of the height
   * @param radius where position 1 lies, as a share of half the box's diagonal
   * @param stretched whether its circles take the box's proportions
   */
  record Radial(double x, double y, double radius, boolean stretched, List<Stop> stops)
      implements Paint {
    public Radial {
      Require.between(-10, 10, x, "The middle's share of the width");
      Require.between(-10, 10, y, "The middle's share of the height");
      Require.between(0.001, 20, radius, "The gradient's radius");
      stops = checkedStops(stops);
    }
  }

  /**
   * A gradient once round a point, clockwise.
   *
   * @param angle where position 0 lies, in degrees clockwise from rightwards
   */
  record Conic(double x, double y, double angle, List<Stop> stops) implements Paint {
    public Conic {
      Require.between(-10, 10, x, "The middle's share of the width");
      Require.between(-10, 10, y, "The middle's share of the height");
      Require.between(-3600, 3600, angle, "The gradient's angle");
      stops = checkedStops(stops);
    }
  }

  /**
   * A picture repeated in rows and columns.
   *
   * @param picture the picture's name in the package
   * @param width of one repetition, in display units
   * @param turn of the rows, in degrees clockwise
   * @param right where a repetition begins, in display units from the box's top left
   */
  record Texture(String picture, double width, double turn, double right, double down)
      implements Paint {
    public Texture {
      Require.present(picture, "The picture of a texture");
      Require.between(1, DisplayUnits.MOST, width, "The width of a texture's repetition");
      Require.between(-3600, 3600, turn, "The texture's turn");
      Require.between(-DisplayUnits.MOST, DisplayUnits.MOST, right, "The texture's offset");
      Require.between(-DisplayUnits.MOST, DisplayUnits.MOST, down, "The texture's offset");
    }
  }

  /**
   * One picture over the piece's box.
   *
   * @param picture the picture's name in the package
   */
  record Pictured(String picture, PictureFit fit) implements Paint {
    public Pictured {
      Require.present(picture, "The picture of a paint");
      Require.present(fit, "The fit of a paint's picture");
    }
  }

  /**
   * A pattern that Diaphan draws itself, in two colours.
   *
   * @param width of one repetition, in display units
   * @param turn of its rows, in degrees clockwise
   * @param right where a repetition begins, in display units from the box's top left
   * @param ink of what is drawn
   * @param ground of what lies between
   */
  record Patterned(
      Pattern pattern,
      double width,
      double turn,
      double right,
      double down,
      Colour ink,
      Colour ground)
      implements Paint {
    public Patterned {
      Require.present(pattern, "The pattern of a paint");
      Require.between(1, DisplayUnits.MOST, width, "The width of a pattern's repetition");
      Require.between(-3600, 3600, turn, "The pattern's turn");
      Require.between(-DisplayUnits.MOST, DisplayUnits.MOST, right, "The pattern's offset");
      Require.between(-DisplayUnits.MOST, DisplayUnits.MOST, down, "The pattern's offset");
      Require.present(ink, "The pattern's ink");
      Require.present(ground, "The pattern's ground");
    }

    public Patterned withInk(Colour other) {
      return new Patterned(pattern, width, turn, right, down, other, ground);
    }
  }

  /** The name of the picture that it shows, for a paint that shows one. */
  default Optional<String> pictureName() {
    return switch (this) {
      case Texture texture -> Optional.of(texture.picture());
      case Pictured pictured -> Optional.of(pictured.picture());
      case Flat _, Linear _, Radial _, Conic _, Patterned _ -> Optional.empty();
    };
  }

  /** The same with another picture, for a paint that shows one. */
  default Paint withPictureName(String other) {
    return switch (this) {
      case Texture(String _, double width, double turn, double right, double down) ->
          new Texture(other, width, turn, right, down);
      case Pictured(String _, PictureFit fit) -> new Pictured(other, fit);
      case Flat _, Linear _, Radial _, Conic _, Patterned _ -> this;
    };
  }

  /** The same with other colours for all that it has. */
  default Paint recoloured(UnaryOperator<Colour> other) {
    return switch (this) {
      case Flat(Colour colour) -> new Flat(other.apply(colour));
      case Linear(double angle, double start, double end, List<Stop> stops) ->
          new Linear(angle, start, end, Stop.recoloured(stops, other));
      case Radial(double x, double y, double radius, boolean stretched, List<Stop> stops) ->
          new Radial(x, y, radius, stretched, Stop.recoloured(stops, other));
      case Conic(double x, double y, double angle, List<Stop> stops) ->
          new Conic(x, y, angle, Stop.recoloured(stops, other));
      case Patterned(
              Pattern pattern,
              double width,
              double turn,
              double right,
              double down,
              Colour ink,
              Colour ground) ->
          new Patterned(pattern, width, turn, right, down, other.apply(ink), other.apply(ground));
      case Texture _, Pictured _ -> this;
    };
  }

  /** The same with all lengths so many times as long; what is a share of the box stays. */
  default Paint scaled(double by) {
    return switch (this) {
      case Texture(String picture, double width, double turn, double right, double down) ->
          new Texture(picture, repetition(width, by), turn, length(right, by), length(down, by));
      case Patterned(
              Pattern pattern,
              double width,
              double turn,
              double right,
              double down,
              Colour ink,
              Colour ground) ->
          new Patterned(
              pattern,
              repetition(width, by),
              turn,
              length(right, by),
              length(down, by),
              ink,
              ground);
      case Flat _, Linear _, Radial _, Conic _, Pictured _ -> this;
    };
  }

  private static double repetition(double units, double by) {
    return Math.clamp(length(units, by), 1, DisplayUnits.MOST);
  }

  /** Kept to a thousandth, so that going there and back does not pile up digits. */
  private static double length(double units, double by) {
    return Math.rint(units * by * 1000) / 1000;
  }

  /**
   * @param position 0 at the gradient's start, 1 at its end
   */
  record Stop(double position, Colour colour) {
    public Stop {
      Require.between(0, 1, position, "The position of a gradient's stop");
      Require.present(colour, "The colour of a gradient's stop");
    }

    /** The same stops with other colours. */
    public static List<Stop> recoloured(List<Stop> stops, UnaryOperator<Colour> other) {
      return stops.stream()
          .map(stop -> new Stop(stop.position(), other.apply(stop.colour())))
          .toList();
    }
  }

  /**
   * @throws InvalidInput if these are no stops of a gradient
   */
  static List<Stop> checkedStops(List<Stop> stops) {
    Require.present(stops, "The gradient's stops");
    if (stops.size() < 2 || stops.size() > 64) {
      throw new InvalidInput("A gradient has 2 to 64 stops, not " + stops.size() + ".");
    }
    for (int i = 1; i < stops.size(); i++) {
      if (stops.get(i).position() < stops.get(i - 1).position()) {
        throw new InvalidInput("The stops of a gradient have to stand in rising order.");
      }
    }
    return List.copyOf(stops);
  }
}
