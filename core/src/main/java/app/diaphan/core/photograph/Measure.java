package app.diaphan.core.photograph;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A length on photographs, which have no common size. */
public sealed interface Measure {
  Pattern WRITTEN = Pattern.compile("(\\d{1,6}(?:\\.\\d{1,4})?)\\s*(%|px)");

  /**
   * A share of the photograph's shorter side.
   *
   * @param share 0–1
   */
  record OfShorterSide(double share) implements Measure {
    public OfShorterSide {
      Require.between(0, 1, share, "The share of the photograph's shorter side");
    }
  }

  /** The same on all photographs. */
  record Pixels(double pixels) implements Measure {
    private static final double MOST = 100_000;

    public Pixels {
      Require.between(0, MOST, pixels, "The length on the photograph");
    }
  }

  /**
   * Reads "12%" or "40px".
   *
   * @param what the length is of, for the sentence
   * @throws InvalidInput if it is neither
   */
  static Measure parse(String what, String words) {
    Matcher matcher = WRITTEN.matcher(words);
    if (!matcher.matches()) {
      throw new InvalidInput(
          Sentence.of(
              "%s is \"%s\"; write a share of the photograph's shorter side such as 12%%, or pixels such as 40px.",
              what, words));
    }
    double number = Double.parseDouble(matcher.group(1));
    return matcher.group(2).equals("%") ? new OfShorterSide(number / 100) : new Pixels(number);
  }

  /** In pixels of a photograph of this size. */
  default double on(int width, int height) {
    return switch (this) {
      case OfShorterSide(double share) -> share * Math.min(width, height);
      case Pixels(double pixels) -> pixels;
    };
  }
}
