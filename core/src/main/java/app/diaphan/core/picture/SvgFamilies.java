package app.diaphan.core.picture;

import app.diaphan.core.font.shelf.ShippedFonts;
import com.github.weisj.jsvg.parser.DomElement;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The families that an SVG file names for its words: the first of them that ships with Diaphan, or
 * what stands for a general one. The library asks the platform, which answers with a serif of its
 * own for whatever it does not know.
 */
final class SvgFamilies {
  /** What ships for the general families (W3C CSS Fonts, section 2.1.3). */
  private static final Map<String, String> GENERAL =
      Map.of(
          "sans-serif", "Noto Sans",
          "system-ui", "Noto Sans",
          "ui-sans-serif", "Noto Sans",
          "serif", "Source Serif 4",
          "ui-serif", "Source Serif 4");

  private static final Pattern IN_STYLE = Pattern.compile("(?<![\\w-])font-family\\s*:\\s*([^;]+)");

  private SvgFamilies() {}

  /** Names known families in all elements. */
  static void settle(DomElement element) {
    String list = element.attribute("font-family");
    if (list != null) {
      element.setAttribute("font-family", known(list));
    }
    String style = element.attribute("style");
    if (style != null && style.contains("font-family")) {
      element.setAttribute(
          "style",
          IN_STYLE
              .matcher(style)
              .replaceAll(found -> "font-family:" + quoted(known(found.group(1)))));
    }
    element.children().forEach(SvgFamilies::settle);
  }

  private static String quoted(String family) {
    return family.replace("\\", "\\\\").replace("$", "\\$");
  }

  /**
   * @param list as a file names them, with commas and perhaps in quotes
   * @return one that is known; the list as it is if none is
   */
  static String known(String list) {
    List<String> families = families(list);
    return families.stream()
        .map(SvgFamilies::here)
        .flatMap(Optional::stream)
        .findFirst()
        .orElse(list);
  }

  /** Whether a family of this name, or what stands for it, ships with Diaphan. */
  static boolean isHere(String family) {
    return here(family).isPresent();
  }

  private static Optional<String> here(String family) {
    return ShippedFonts.shelf().find(family).isPresent()
        ? Optional.of(family)
        : Optional.ofNullable(GENERAL.get(family.toLowerCase(Locale.ROOT)));
  }

  private static List<String> families(String list) {
    return Arrays.stream(list.split(","))
        .map(family -> family.strip().replaceAll("^[\"']|[\"']$", "").strip())
        .filter(family -> !family.isEmpty())
        .toList();
  }
}
