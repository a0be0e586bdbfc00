package app.diaphan.core.house;

import app.diaphan.core.Names;
import java.util.List;

/**
 * A font family with what the house uses it for.
 *
 * @param name such as "Names" or "Small print"
 * @param family by its own name
 */
public record HouseFont(String name, List<String> formerly, String family) implements Known {
  public HouseFont {
    formerly = Known.checkedNames(name, formerly, "font");
    Names.check(family, 120, "The family of the font \"" + name + "\"");
  }
}
