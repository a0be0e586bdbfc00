package app.diaphan.core.font;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;

/**
 * Where on one of its axes a variable font is used.
 *
 * @param tag the axis, by its four letters (OpenType, table "fvar")
 * @param value in the axis's own measure; one beyond the font's range is drawn at the range's end
 */
public record AxisValue(String tag, double value) {
  public AxisValue {
    Tags.check(tag, "An axis of a font");
    Require.between(-32_768, 32_767, value, Sentence.of("The axis \"%s\" of a font", tag));
    if (tag.equals(Axis.WEIGHT)) {
      throw new InvalidInput(
          "The weight of words stands in their weight, not among the axes of their font.");
    }
  }
}
