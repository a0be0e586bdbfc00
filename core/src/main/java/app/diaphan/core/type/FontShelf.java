package app.diaphan.core.type;

import java.awt.Font;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The font families an overlay can use, in the order in which they are offered. */
public final class FontShelf {
  private final Map<String, FontFamily> families = new LinkedHashMap<>();

  public FontShelf(List<FontFamily> families) {
    families.forEach(family -> this.families.put(family.name(), family));
  }

  public List<FontFamily> families() {
    return List.copyOf(families.values());
  }

  public Optional<FontFamily> find(String name) {
    return Optional.ofNullable(families.get(name));
  }

  /** The first font on the shelf, other than the given one, that has this character. */
  Optional<Font> fallback(int codePoint, int weight) {
    return families.values().stream()
        .filter(family -> family.kind() == FontKind.OTHER_SCRIPT)
        .map(family -> family.font(weight))
        .filter(font -> font.canDisplay(codePoint))
        .findFirst();
  }
}
