package app.diaphan.core.check.house;

import app.diaphan.core.Require;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseMark;
import java.util.Map;
import java.util.Optional;

/**
 * What an overlay is held to.
 *
 * @param house that its package follows
 * @param pictures the package's pictures that show marks and textures, with the names of these
 * @param fonts that the package has
 */
public record Brand(House house, Map<String, String> pictures, FontShelf fonts) {
  public Brand {
    Require.present(house, "The house that is followed");
    pictures = Map.copyOf(pictures);
  }

  /** The mark that a picture of the package shows. */
  Optional<HouseMark> mark(String picture) {
    return Optional.ofNullable(pictures.get(picture)).flatMap(house::mark);
  }
}
