package app.diaphan.core.house;

import app.diaphan.core.Require;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A picture that an original of the library shows.
 *
 * @param name by which the pieces of the original know it
 * @param follows the name of the house's mark or texture that it is that of; empty for none
 */
public record OriginalPicture(String name, String follows, HousePicture picture) {
  public OriginalPicture {
    Require.present(name, "The name of an original's picture");
    Require.present(follows, "What the picture \"" + name + "\" follows");
    Require.present(picture, "The picture \"" + name + "\"");
  }

  OriginalPicture named(String other) {
    return new OriginalPicture(other, follows, picture);
  }

  /** One for each name: the one that follows something of the house, if any does. */
  static Map<String, OriginalPicture> byName(Stream<OriginalPicture> pictures) {
    return pictures.collect(
        Collectors.toMap(
            OriginalPicture::name,
            one -> one,
            (one, other) -> one.follows().isEmpty() ? other : one,
            LinkedHashMap::new));
  }
}
