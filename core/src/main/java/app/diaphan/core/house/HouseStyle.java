package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.frame.OwnMargin;
import app.diaphan.core.overlay.Colour;
import java.util.List;

/**
 * What the overlays of a package share.
 *
 * @param colours the package's own colours, in the order in which they are offered
 * @param ownMargin the margin lines that new overlays start with
 */
public record HouseStyle(List<NamedColour> colours, OwnMargin ownMargin) {
  public static final HouseStyle PLAIN = new HouseStyle(List.of(), OwnMargin.NONE);
  private static final int MOST_COLOURS = 60;

  /** A colour with the name the programme knows it by. */
  public record NamedColour(String name, Colour colour) {
    public NamedColour {
      Require.present(name, "The name of a colour");
      if (name.isBlank() || name.length() > 60) {
        throw new InvalidInput("A colour's name has 1 to 60 characters.");
      }
      Require.present(colour, "The colour \"" + name + "\"");
    }
  }

  public HouseStyle {
    Require.present(colours, "The colours of the package");
    Require.present(ownMargin, "The own margin of the package");
    if (colours.size() > MOST_COLOURS) {
      throw new InvalidInput(
          "A package keeps at most %d colours of its own; take one away first."
              .formatted(MOST_COLOURS));
    }
    colours = List.copyOf(colours);
  }
}
