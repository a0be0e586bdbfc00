package app.diaphan.core.colour;

/**
 * A colour by how it is seen, after Björn Ottosson, "A perceptual color space for image processing"
 * (2020).
 *
 * @param lightness 0–1
 * @param a towards red from green
 * @param b towards yellow from blue
 */
public record Oklab(double lightness, double a, double b) {
  /** Of its red, green and blue; its alpha does not count. */
  public static Oklab of(Colour colour) {
    double red = linear(colour.red());
    double green = linear(colour.green());
    double blue = linear(colour.blue());
    double l = Math.cbrt(0.4122214708 * red + 0.5363325363 * green + 0.0514459929 * blue);
    double m = Math.cbrt(0.2119034982 * red + 0.6806995451 * green + 0.1073969566 * blue);
    double s = Math.cbrt(0.0883024619 * red + 0.2817188376 * green + 0.6299787005 * blue);
    return new Oklab(
        0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
        1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
        0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s);
  }

  /** The distance between two colours; 1 between black and white. */
  public double to(Oklab other) {
    return Math.hypot(Math.hypot(lightness - other.lightness, a - other.a), b - other.b);
  }

  /** The sRGB transfer function (IEC 61966-2-1), from 0–255 to 0–1. */
  private static double linear(int channel) {
    double value = channel / 255.0;
    return value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
  }
}
