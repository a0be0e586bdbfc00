package app.diaphan.core.render;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.cutout.Tint;
import java.util.List;

/**
 * Replaces colours of a raster picture. A colour close to one that is replaced moves by as much as
 * that does, the less the farther it is, so that shading and soft edges stay.
 */
record Replacing(List<Tint.Replacement> colours) implements Tinted.Pixel {
  /** Up to here a colour moves with the one replaced, as a distance in the unit cube. */
  private static final double WITH_IT = 0.15;

  /** From here on it stays. */
  private static final double NOT_AT_ALL = 0.45;

  @Override
  public float change(int x, int y, float[] rgb, int at) {
    double nearest = NOT_AT_ALL;
    Tint.Replacement found = null;
    for (Tint.Replacement one : colours) {
      double distance = distance(rgb, at, one.from());
      if (distance < nearest) {
        nearest = distance;
        found = one;
      }
    }
    if (found == null) {
      return 1;
    }
    float share = (float) Math.clamp((NOT_AT_ALL - nearest) / (NOT_AT_ALL - WITH_IT), 0, 1);
    Colour from = found.from();
    Colour to = found.to();
    rgb[at] += share * (to.red() - from.red()) / 255f;
    rgb[at + 1] += share * (to.green() - from.green()) / 255f;
    rgb[at + 2] += share * (to.blue() - from.blue()) / 255f;
    return 1 - share * (1 - to.alpha() / 255f);
  }

  private static double distance(float[] rgb, int at, Colour colour) {
    double red = rgb[at] - colour.red() / 255.0;
    double green = rgb[at + 1] - colour.green() / 255.0;
    double blue = rgb[at + 2] - colour.blue() / 255.0;
    return Math.sqrt(red * red + green * green + blue * blue);
  }
}
