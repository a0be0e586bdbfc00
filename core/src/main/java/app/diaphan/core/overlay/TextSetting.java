package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import java.util.Set;
import java.util.TreeSet;

/**
 * How all the words of a text are set.
 *
 * @param sizedBy what the size of a run measures
 * @param leading distance from one baseline to the next, as a multiple of the font size
 * @param wordSpacing space added between words, in thousandths of the font size
 * @param hanging whether each line begins and ends with its ink instead of the space beside it, and
 *     quotes, stops and dashes at its ends hang out
 */
public record TextSetting(
    SizedBy sizedBy,
    double leading,
    double wordSpacing,
    Capitals capitals,
    Letterforms letterforms,
    TextAlignment alignment,
    boolean hanging) {

  private static final String SMALL_CAPITALS = "smcp";

  public TextSetting {
    Require.present(sizedBy, "What the size of the words measures");
    Require.between(0.1, 10, leading, "The leading");
    Require.between(-1000, 10_000, wordSpacing, "The word spacing (thousandths)");
    Require.present(capitals, "The capitals of a text");
    Require.present(letterforms, "The forms of the letters");
    Require.present(alignment, "The text alignment");
  }

  public static TextSetting plain(TextAlignment alignment) {
    return new TextSetting(
        SizedBy.FONT_SIZE, 1.2, 0, Capitals.AS_TYPED, Letterforms.USUAL, alignment, false);
  }

  public TextSetting withLetterforms(Letterforms other) {
    return new TextSetting(sizedBy, leading, wordSpacing, capitals, other, alignment, hanging);
  }

  /** OpenType features that are on in all the words, by their tags. */
  public Set<String> features() {
    Set<String> features = new TreeSet<>(letterforms.features());
    if (capitals == Capitals.SMALL) {
      features.add(SMALL_CAPITALS);
    }
    return features;
  }

  /** What the size of words measures. */
  public enum SizedBy {
    FONT_SIZE,
    CAP_HEIGHT
  }

  /** Which letters are shown as capitals. */
  public enum Capitals {
    AS_TYPED,
    ALL,
    /** Small letters as the font's small capitals; as typed where it has none. */
    SMALL
  }
}
