package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * Which of the forms that a font has for its letters and figures are shown. What a font lacks stays
 * as it is drawn.
 *
 * @param figures how high figures stand
 * @param widths whether they are all as wide as each other
 * @param ligatures which letters are drawn as one
 * @param alternates OpenType features that are shown instead of the usual forms, by their tags
 */
public record Letterforms(
    Figures figures, FigureWidths widths, Ligatures ligatures, List<String> alternates) {
  /** As the font is drawn. */
  public static final Letterforms USUAL =
      new Letterforms(Figures.AS_DRAWN, FigureWidths.AS_DRAWN, Ligatures.USUAL, List.of());

  /** Stylistic sets, alternates, swashes, titling and capital forms, the slashed zero. */
  private static final String OFFERED = "ss(0[1-9]|1[0-9]|20)|salt|swsh|titl|case|zero";

  public Letterforms {
    Require.present(figures, "The kind of figures");
    Require.present(widths, "The widths of figures");
    Require.present(ligatures, "The ligatures");
    Require.present(alternates, "The other forms of letters");
    for (String tag : alternates) {
      if (!isAlternate(tag)) {
        throw new InvalidInput(
            Sentence.of(
                "\"%s\" is no other form of letters; those are \"ss01\" to \"ss20\", \"salt\", \"swsh\", \"titl\", \"case\" and \"zero\".",
                tag));
      }
    }
    alternates = List.copyOf(new TreeSet<>(alternates));
  }

  /** Whether a feature of a font is one that a text can choose by its tag. */
  public static boolean isAlternate(String tag) {
    return tag != null && tag.matches(OFFERED);
  }

  /** OpenType features that are on because of this. */
  Set<String> features() {
    Set<String> features = new TreeSet<>(alternates);
    features.addAll(figures.features);
    features.addAll(widths.features);
    features.addAll(ligatures.features);
    return features;
  }

  /** How high figures stand. */
  public enum Figures {
    AS_DRAWN,
    /** As high as capitals. */
    LINING("lnum"),
    /** Some rising and some falling, as small letters do. */
    OLD_STYLE("onum");

    private final List<String> features;

    Figures(String... features) {
      this.features = List.of(features);
    }
  }

  /** How wide figures are. */
  public enum FigureWidths {
    AS_DRAWN,
    /** Each as its form wants. */
    PROPORTIONAL("pnum"),
    /** All alike, so that they stand below each other and do not jump when they change. */
    TABULAR("tnum");

    private final List<String> features;

    FigureWidths(String... features) {
      this.features = List.of(features);
    }
  }

  /** Letters that are drawn as one. */
  public enum Ligatures {
    USUAL,
    NONE,
    /** Those too that the font keeps for where they are wished for. */
    ALL("dlig");

    private final List<String> features;

    Ligatures(String... features) {
      this.features = List.of(features);
    }
  }
}
