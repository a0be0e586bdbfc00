package app.diaphan.core.house.reading;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.colour.Oklab;

/** A plain name for a colour by how it looks, such as "Dark blue". */
final class ColourName {
  private static final double GREYISH = 0.035;

  /** Where hues begin, in degrees of Oklab's plane, with the name of each up to the next. */
  private static final double[] BEGINS = {0, 15, 40, 75, 100, 125, 165, 210, 245, 285, 325, 350};

  private static final String[] HUES = {
    "pink", "red", "orange", "amber", "yellow", "green", "green", "teal", "blue", "violet",
    "magenta", "pink"
  };

  private ColourName() {}

  static String of(Colour colour) {
    Oklab seen = Oklab.of(colour);
    double chroma = Math.hypot(seen.a(), seen.b());
    double light = seen.lightness();
    if (chroma < GREYISH) {
      if (light > 0.97 && chroma < 0.008) {
        return "White";
      }
      if (light < 0.15) {
        return "Black";
      }
      return light > 0.85
          ? "Off-white"
          : light > 0.6 ? "Light grey" : light > 0.35 ? "Grey" : "Dark grey";
    }
    double degrees = (Math.toDegrees(Math.atan2(seen.b(), seen.a())) + 360) % 360;
    String hue = HUES[0];
    for (int i = 0; i < BEGINS.length; i++) {
      if (degrees >= BEGINS[i]) {
        hue = HUES[i];
      }
    }
    String shade = light > 0.85 ? "Pale" : light > 0.72 ? "Light" : light < 0.35 ? "Dark" : "";
    return shade.isEmpty()
        ? hue.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + hue.substring(1)
        : shade + " " + hue;
  }
}
