package app.diaphan.server.draw;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.overlay.Colour;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.server.store.PackageStore;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What an overlay is judged over. */
public sealed interface Backdrop {
  record Flat(Colour colour) implements Backdrop {}

  record Still(RasterPicture picture) implements Backdrop {}

  Pattern STILL = Pattern.compile("still-(\\d{1,18})");

  /** Reads "#808080" or "still-12". */
  static Backdrop parse(String text, PackageStore store) {
    Matcher matcher = STILL.matcher(text);
    if (matcher.matches()) {
      var still = store.still(Long.valueOf(matcher.group(1)));
      if (PictureReader.read(still.clip(), still.content()) instanceof RasterPicture picture) {
        return new Still(picture);
      }
    }
    if (text.startsWith("#")) {
      return new Flat(Colour.parse(text));
    }
    throw new InvalidInput(
        "The backdrop \"%s\" is not known; give none, a colour such as #808080, or still-12."
            .formatted(text));
  }
}
