package app.diaphan.core.colour;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import java.util.HexFormat;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A straight sRGB colour of 8 bits a channel; alpha 255 is solid. One that follows a colour of the
 * house says its name; its red, green and blue are then those it had last, its alpha is its own.
 *
 * @param name of the house's colour that is followed; empty for a colour that follows none
 */
public record Colour(int red, int green, int blue, int alpha, String name) {
  /** Characters. */
  public static final int LONGEST_NAME = 60;

  public static final Colour WHITE = new Colour(255, 255, 255, 255);
  public static final Colour BLACK = new Colour(0, 0, 0, 255);

  private static final Pattern WRITTEN =
      Pattern.compile("#([0-9a-fA-F]{6}(?:[0-9a-fA-F]{2})?)(?: (\\S.*))?");

  public Colour {
    if (((red | green | blue | alpha) & ~0xff) != 0) {
      throw new InvalidInput("A colour's channels go from 0 to 255.");
    }
    Require.present(name, "The name of a colour");
    if (!name.isEmpty()) {
      Names.check(name, LONGEST_NAME, "A colour's name");
    }
  }

  /** A colour that follows none of the house. */
  public Colour(int red, int green, int blue, int alpha) {
    this(red, green, blue, alpha, "");
  }

  /** Reads "#e8a33d" or, with alpha, "#e8a33dcc"; both also with a name behind. */
  public static Colour parse(String text) {
    Matcher written = WRITTEN.matcher(text == null ? "" : text.strip());
    if (!written.matches()) {
      throw new InvalidInput(
          Sentence.of("The colour \"%s\" cannot be read; write it as #rrggbb or #rrggbbaa.", text));
    }
    byte[] parts = HexFormat.of().parseHex(written.group(1));
    return new Colour(
        parts[0] & 0xff,
        parts[1] & 0xff,
        parts[2] & 0xff,
        parts.length == 4 ? parts[3] & 0xff : 255,
        written.group(2) == null ? "" : written.group(2));
  }

  /** The same red, green and blue with this alpha; it follows what it followed. */
  public Colour withAlpha(int other) {
    return new Colour(red, green, blue, other, name);
  }

  /** The same to look at, following a colour of the house; none for an empty name. */
  public Colour following(String other) {
    return name.equals(other) ? this : new Colour(red, green, blue, alpha, other);
  }

  /** "#e8a33d" or, with alpha, "#e8a33dcc". */
  public String hex() {
    return alpha == 255
        ? Sentence.of("#%02x%02x%02x", red, green, blue)
        : Sentence.of("#%02x%02x%02x%02x", red, green, blue, alpha);
  }

  /** As {@link #parse} reads it. */
  @Override
  public String toString() {
    return name.isEmpty() ? hex() : hex() + " " + name;
  }
}
