package app.diaphan.core.check;

import app.diaphan.core.colour.Colour;

/**
 * The contrast ratio of two colours by WCAG 2.2: the lighter one's relative luminance over the
 * darker one's, each with 0.05 of stray light added. 1 is none, 21 is black on white.
 */
public final class Contrast {
  private Contrast() {}

  /** Of the colours as if both were solid. */
  public static double ratio(Colour one, Colour other) {
    return ratio(luminance(one), luminance(other));
  }

  /** Of two relative luminances. */
  public static double ratio(double one, double other) {
    return (Math.max(one, other) + 0.05) / (Math.min(one, other) + 0.05);
  }

  /** Relative luminance, 0–1. */
  public static double luminance(Colour colour) {
    return luminance(colour.red() / 255.0, colour.green() / 255.0, colour.blue() / 255.0);
  }

  /** Of channels 0–1. */
  public static double luminance(double red, double green, double blue) {
    return 0.2126 * linear(red) + 0.7152 * linear(green) + 0.0722 * linear(blue);
  }

  private static double linear(double value) {
    return value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
  }
}
