package app.diaphan.core.colour;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.util.HexFormat;

/** A straight sRGB colour of 8 bits a channel; alpha 255 is solid. */
public record Colour(int red, int green, int blue, int alpha) {
  public static final Colour WHITE = new Colour(255, 255, 255, 255);
  public static final Colour BLACK = new Colour(0, 0, 0, 255);

  public Colour {
    if (((red | green | blue | alpha) & ~0xff) != 0) {
      throw new InvalidInput("A colour's channels go from 0 to 255.");
    }
  }

  /** Reads "#e8a33d" or, with alpha, "#e8a33dcc". */
  public static Colour parse(String text) {
    String hex = text == null ? "" : text.strip();
    if (hex.matches("#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?")) {
      byte[] parts = HexFormat.of().parseHex(hex.substring(1));
      return new Colour(
          parts[0] & 0xff,
          parts[1] & 0xff,
          parts[2] & 0xff,
          parts.length == 4 ? parts[3] & 0xff : 255);
    }
    throw new InvalidInput(
        Sentence.of("The colour \"%s\" cannot be read; write it as #rrggbb or #rrggbbaa.", text));
  }

  @Override
  public String toString() {
    return alpha == 255
        ? Sentence.of("#%02x%02x%02x", red, green, blue)
        : Sentence.of("#%02x%02x%02x%02x", red, green, blue, alpha);
  }
}
