package app.diaphan.core.font;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;

/**
 * What of a variable font can be chosen steplessly (OpenType, table "fvar").
 *
 * @param tag four letters, such as "wdth"
 * @param name as the font says it
 * @param least smallest value, in the axis's own measure
 * @param standard what the font has unless another value is asked for
 * @param most largest value
 */
public record Axis(String tag, String name, double least, double standard, double most) {
  /** The axis that a run's weight goes to. */
  public static final String WEIGHT = "wght";

  public Axis {
    Tags.check(tag, "An axis of a font");
    Require.present(name, "The name of an axis");
    if (!(least <= standard && standard <= most)) {
      throw new InvalidInput(
          Sentence.of("The axis \"%s\" does not run from its least to its most value.", tag));
    }
  }

  public boolean ofWeight() {
    return tag.equals(WEIGHT);
  }

  /** The nearest value that the axis has. */
  public double nearest(double wanted) {
    return Math.clamp(wanted, least, most);
  }
}
