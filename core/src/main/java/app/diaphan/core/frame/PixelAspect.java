package app.diaphan.core.frame;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How wide a stored pixel is shown for its height, as an exact fraction: 40/33 is wider. */
public record PixelAspect(int across, int up) {
  public static final PixelAspect SQUARE = new PixelAspect(1, 1);
  private static final Pattern FORM = Pattern.compile("(\\d{1,4})/(\\d{1,4})");

  public PixelAspect {
    if (across < 1 || up < 1 || across > 8 * up || up > 8 * across) {
      throw new InvalidInput(
          Sentence.of(
              "The pixel aspect %d/%d is not usable; give a fraction between 1/8 and 8/1.",
              across, up));
    }
  }

  /** Reads "40/33" or "1". */
  public static PixelAspect parse(String text) {
    Matcher matcher = FORM.matcher(text.strip());
    if (matcher.matches()) {
      return new PixelAspect(
          Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2)));
    }
    if (text.strip().equals("1")) {
      return SQUARE;
    }
    throw new InvalidInput(
        Sentence.of(
            "The pixel aspect \"%s\" cannot be read; write a fraction such as 40/33.", text));
  }

  public double value() {
    return (double) across / up;
  }

  public boolean square() {
    return across == up;
  }

  @Override
  public String toString() {
    return across + "/" + up;
  }
}
