package app.diaphan.core.overlay.cutout;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;
import java.util.function.UnaryOperator;

/** The colours a picture is shown in. Its alpha stays. */
public sealed interface Tint {
  Tint NONE = new OwnColours();

  record OwnColours() implements Tint {}

  /**
   * The same with other colours for those that it shows; those of the picture that it looks for
   * stay.
   */
  default Tint recoloured(UnaryOperator<Colour> other) {
    return switch (this) {
      case OneColour(Colour colour) -> new OneColour(other.apply(colour));
      case Gradient(double angle, List<Paint.Stop> stops) ->
          new Gradient(angle, Paint.Stop.recoloured(stops, other));
      case Replaced(List<Replacement> colours) ->
          new Replaced(
              colours.stream()
                  .map(one -> new Replacement(one.from(), other.apply(one.to())))
                  .toList());
      case OwnColours _, Adjusted _ -> this;
    };
  }

  /** One colour wherever the picture is solid. */
  record OneColour(Colour colour) implements Tint {
    public OneColour {
      Require.present(colour, "The colour of the tint");
    }
  }

  /**
   * Colours along a direction, from one side of the picture to the other.
   *
   * @param angle degrees clockwise; 0 goes to the right
   * @param stops two or more, in order
   */
  record Gradient(double angle, List<Paint.Stop> stops) implements Tint {
    public Gradient {
      Require.between(-360, 360, angle, "The angle of the tint");
      stops = Paint.checkedStops(stops);
    }
  }

  /**
   * The picture's own colours, changed; first the levels, then the rest in this order.
   *
   * @param low what becomes black, 0–1
   * @param high what becomes white, more than {@code low}
   * @param middle the power that what lies between is raised to; under 1 lightens
   * @param inverted whether light and dark are exchanged
   * @param hue degrees that hues are turned by
   * @param saturation what saturations are multiplied by, 0 for greys
   * @param lightness how far towards white, or towards black if negative, −1 to 1
   */
  record Adjusted(
      double low,
      double high,
      double middle,
      boolean inverted,
      double hue,
      double saturation,
      double lightness)
      implements Tint {
    public Adjusted {
      Require.between(0, 0.99, low, "The low level of the picture");
      Require.between(low + 0.005, 1, high, "The high level of the picture");
      Require.between(0.1, 10, middle, "The middle level of the picture");
      Require.between(-180, 180, hue, "The turn of the hues");
      Require.between(0, 4, saturation, "The saturation");
      Require.between(-1, 1, lightness, "The lightness");
    }
  }

  /** Single colours replaced by others. Of a raster picture, those close to them follow. */
  record Replaced(List<Replacement> colours) implements Tint {
    public static final int MOST = 32;

    public Replaced {
      Require.present(colours, "The colours to replace");
      if (colours.size() > MOST) {
        throw new InvalidInput(
            Sentence.of("At most %d colours of a picture can be replaced.", MOST));
      }
      colours = List.copyOf(colours);
    }
  }

  /** One colour and what is shown for it. */
  record Replacement(Colour from, Colour to) {
    public Replacement {
      Require.present(from, "The colour to replace");
      Require.present(to, "The colour to replace it by");
    }
  }
}
