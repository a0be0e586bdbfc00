package app.diaphan.core.overlay;

import app.diaphan.core.Require;

/**
 * How words are set.
 *
 * @param family name of a font family on the shelf
 * @param weight 100 (thin) to 900 (black); the nearest weight the family has is used
 * @param size font size in display units
 * @param tracking space added between letters, in thousandths of the size
 * @param leading distance from one baseline to the next, as a multiple of the size
 */
public record TextStyle(
    String family,
    int weight,
    double size,
    double tracking,
    double leading,
    TextAlignment alignment) {

  public TextStyle {
    Require.present(family, "The font family");
    Require.between(1, 1000, weight, "The font weight");
    Require.between(1, 8000, size, "The font size");
    Require.between(-500, 5000, tracking, "The tracking (thousandths)");
    Require.between(0.1, 10, leading, "The leading");
    Require.present(alignment, "The text alignment");
  }
}
