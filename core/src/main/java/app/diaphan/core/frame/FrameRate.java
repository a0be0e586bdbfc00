package app.diaphan.core.frame;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Pictures a second as an exact fraction, such as 30000/1001.
 *
 * @param pictures 1 to 1,000,000
 * @param seconds 1 to 10,000
 */
public record FrameRate(int pictures, int seconds) {
  private static final Pattern FRACTION = Pattern.compile("(\\d{1,7})\\s*/\\s*(\\d{1,5})");
  private static final Pattern DECIMAL = Pattern.compile("\\d{1,4}(\\.\\d{1,12})?");

  /** How far from a rate a number may be that is meant for it: 23.98 is 24000/1001. */
  private static final double NEAR = 0.006;

  public FrameRate {
    if (pictures < 1 || pictures > 1_000_000 || seconds < 1 || seconds > 10_000) {
      throw new InvalidInput(
          Sentence.of("%d/%d pictures a second are no frame rate.", pictures, seconds));
    }
  }

  /** "25", "29.97". */
  public String label() {
    return seconds == 1
        ? Integer.toString(pictures)
        : Sentence.of("%.2f", Math.floor(100.0 * pictures / seconds + 0.5) / 100);
  }

  public double value() {
    return (double) pictures / seconds;
  }

  /** The whole number of pictures by which a second is counted: 30 at 29.97. */
  public int counted() {
    return (pictures + seconds - 1) / seconds;
  }

  /**
   * That of the catalogue which a number is meant for, such as 23.976; nothing if there is none.
   */
  public static Optional<FrameRate> near(double value) {
    return FrameCatalogue.rates().stream()
        .filter(rate -> Math.abs(rate.value() - value) < NEAR)
        .findFirst();
  }

  /**
   * @param words such as "25", "29.97" or "30000/1001"
   * @throws InvalidInput if it is no rate of the catalogue
   */
  public static FrameRate parse(String words) {
    String plain = words.strip();
    Matcher fraction = FRACTION.matcher(plain);
    Optional<FrameRate> found = Optional.empty();
    if (fraction.matches()) {
      int below = Integer.parseInt(fraction.group(2));
      found = below == 0 ? found : near((double) Integer.parseInt(fraction.group(1)) / below);
    } else if (DECIMAL.matcher(plain).matches()) {
      found = near(Double.parseDouble(plain));
    }
    return found.orElseThrow(
        () ->
            new InvalidInput(
                Sentence.of(
                    "\"%s\" is no frame rate that is known here; give one of %s.",
                    words,
                    String.join(
                        ", ", FrameCatalogue.rates().stream().map(FrameRate::label).toList()))));
  }
}
