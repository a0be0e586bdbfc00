package app.diaphan.core.starter;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseColour;
import java.util.Comparator;
import java.util.List;

/**
 * The colours that starters are drawn in.
 *
 * @param ground dark enough for white words
 * @param accent that stands out from it
 */
record Palette(Colour ground, Colour accent) {
  private static final Palette OWN = new Palette(Colour.parse("#14303c"), Colour.parse("#e8a33d"));

  /** White words need a ground no lighter than this, of 255. */
  private static final double DARK = 90;

  /** Between the strongest and the weakest of a colour's channels, for it to count as one. */
  private static final int COLOURFUL = 70;

  /** The package's darkest colour and its strongest, where it has such. */
  static Palette of(House house) {
    List<Colour> colours = house.colours().stream().map(Palette::followed).toList();
    Colour ground =
        colours.stream()
            .min(Comparator.comparingDouble(Palette::light))
            .filter(colour -> light(colour) <= DARK)
            .orElse(OWN.ground);
    Colour accent =
        colours.stream()
            .filter(colour -> !colour.equals(ground) && light(colour) > DARK)
            .max(Comparator.comparingInt(Palette::strength))
            .filter(colour -> strength(colour) >= COLOURFUL)
            .orElse(OWN.accent);
    return new Palette(ground, accent);
  }

  /** What is drawn in it follows the house. */
  private static Colour followed(HouseColour colour) {
    return colour.light().following(colour.name());
  }

  private static double light(Colour colour) {
    return 0.2126 * colour.red() + 0.7152 * colour.green() + 0.0722 * colour.blue();
  }

  private static int strength(Colour colour) {
    int most = Math.max(colour.red(), Math.max(colour.green(), colour.blue()));
    return most - Math.min(colour.red(), Math.min(colour.green(), colour.blue()));
  }
}
