package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import java.util.List;

/** What a face is filled with. */
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
   * @param stops two or more, by rising position
   */
  record Linear(double angle, List<Stop> stops) implements Paint {
    public Linear {
      Require.between(-3600, 3600, angle, "The gradient's angle");
      Require.present(stops, "The gradient's stops");
      if (stops.size() < 2 || stops.size() > 64) {
        throw new InvalidInput("A gradient has 2 to 64 stops, not " + stops.size() + ".");
      }
      for (int i = 1; i < stops.size(); i++) {
        if (stops.get(i).position() < stops.get(i - 1).position()) {
          throw new InvalidInput("The stops of a gradient have to stand in rising order.");
        }
      }
      stops = List.copyOf(stops);
    }
  }

  /**
   * @param position 0 at the gradient's start, 1 at its end
   */
  record Stop(double position, Colour colour) {
    public Stop {
      Require.between(0, 1, position, "The position of a gradient's stop");
      Require.present(colour, "The colour of a gradient's stop");
    }
  }
}
