package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.AxisValue;
import app.diaphan.core.font.LetterStyle;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A stretch of words that are set alike.
 *
 * @param family name of a font family on the shelf
 * @param weight 100 (thin) to 900 (black); the nearest weight the family has is used
 * @param axes where on its other axes a variable font is used; those not said are as it has them
 * @param size in display units; of the font or of its capitals, as the text's setting says
 * @param tracking space added between letters, in thousandths of the font size
 * @param ink what its letters are filled with
 * @param follows the name of the house's font that the family is that of; empty for a family of the
 *     run's own
 */
@RecordBuilder
public record Run(
    String words,
    String family,
    int weight,
    List<AxisValue> axes,
    double size,
    double tracking,
    Ink ink,
    String follows)
    implements RunBuilder.With {

  public Run {
    Require.present(words, "The words of a run");
    Require.present(family, "The font family");
    Require.between(1, 1000, weight, "The font weight");
    Require.present(axes, "The axes of the font");
    axes = List.copyOf(axes);
    if (axes.stream().map(AxisValue::tag).distinct().count() < axes.size()) {
      throw new InvalidInput("A run of words says one axis of its font twice.");
    }
    Require.between(1, 8000, size, "The size of the words");
    Require.between(-500, 5000, tracking, "The tracking (thousandths)");
    Require.present(ink, "The ink of a run");
    Require.present(follows, "The font of the house that is followed");
  }

  public static Run of(String words, String family, int weight, double size) {
    return new Run(words, family, weight, List.of(), size, 0, new Ink.Shared(), "");
  }

  /** What of its family it is set in. */
  public LetterStyle style(TextSetting setting) {
    return new LetterStyle(weight, axes, setting.features());
  }

  /** In the family that a font of the house has. */
  public Run inFont(String font, String itsFamily) {
    return RunBuilder.builder(this).family(itsFamily).follows(font).build();
  }

  /** What the letters of a run are filled with. */
  public sealed interface Ink {
    /** The paint of the whole text. */
    record Shared() implements Ink {}

    /** A colour of the run's own. */
    record Own(Colour colour) implements Ink {
      public Own {
        Require.present(colour, "The colour of a run");
      }
    }
  }
}
