package app.diaphan.core.font;

import app.diaphan.core.Require;

/**
 * A weight that a family offers.
 *
 * @param weight 1 (thin) to 1000 (black)
 * @param name as designers say it, such as "SemiBold"
 */
public record FontWeight(int weight, String name) {
  public FontWeight {
    Require.between(1, 1000, weight, "The weight of a font");
    Require.present(name, "The name of a weight");
  }
}
