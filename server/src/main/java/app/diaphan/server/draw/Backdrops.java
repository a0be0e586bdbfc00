package app.diaphan.server.draw;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/** Finds backdrops by what they are called in addresses. */
@Component
public class Backdrops {
  private static final Pattern STILL = Pattern.compile("still-(\\d{1,18})");

  private final StillPictures stillPictures;

  Backdrops(StillPictures stillPictures) {
    this.stillPictures = stillPictures;
  }

  /**
   * Reads "#808080" or "still-12".
   *
   * @throws InvalidInput if it is neither
   */
  public Backdrop get(String text) {
    Matcher matcher = STILL.matcher(text);
    if (matcher.matches()) {
      return new Backdrop.Still(stillPictures.of(Long.valueOf(matcher.group(1))));
    }
    if (text.startsWith("#")) {
      return new Backdrop.Flat(Colour.parse(text));
    }
    throw new InvalidInput(
        Sentence.of(
            "The backdrop \"%s\" is not known; give none, a colour such as #808080, or still-12.",
            text));
  }
}
