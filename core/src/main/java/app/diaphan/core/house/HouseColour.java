package app.diaphan.core.house;

import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.dress.Dress;
import java.util.List;

/**
 * A colour with the name the house knows it by.
 *
 * @param role what it is for, in the designer's words; may be empty
 * @param light its value where the light dress is worn; its alpha is what is proposed to whoever
 *     takes it
 * @param dark its value where the dark dress is worn
 */
public record HouseColour(
    String name, List<String> formerly, String role, Colour light, Colour dark) implements Known {
  private static final int LONGEST_ROLE = 120;

  public HouseColour {
    formerly = Known.checkedNames(name, formerly, "colour");
    Require.present(role, "The role of the colour \"" + name + "\"");
    if (!role.isEmpty()) {
      Names.check(role, LONGEST_ROLE, "The role of the colour \"" + name + "\"");
    }
    Require.present(light, "The light value of the colour \"" + name + "\"");
    Require.present(dark, "The dark value of the colour \"" + name + "\"");
    light = light.following("");
    dark = dark.following("");
  }

  /** A colour that is the same in both dresses. */
  public static HouseColour of(String name, Colour colour) {
    return new HouseColour(name, List.of(), "", colour, colour);
  }

  public Colour in(Dress dress) {
    return switch (dress) {
      case LIGHT -> light;
      case DARK -> dark;
    };
  }

  /** The colour as something wears it that follows this one, as thin as it is. */
  Colour wornBy(Colour follower, Dress dress) {
    Colour own = in(dress);
    return new Colour(own.red(), own.green(), own.blue(), follower.alpha(), name);
  }
}
