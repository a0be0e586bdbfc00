package app.diaphan.core.picture;

import com.github.weisj.jsvg.parser.DomElement;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Takes regions back to a sensible size that an SVG file gives its filters, masks and patterns, and
 * how far filters reach: the library makes pictures of that size, however far beyond the file's own
 * it goes.
 */
final class SvgRegions {
  /** As so many times the file's side, or the box of what it is applied to. */
  private static final double FARTHEST = 8;

  private static final Pattern NUMBER =
      Pattern.compile("\\s*(-?\\d*\\.?\\d+(?:[eE][-+]?\\d+)?)\\s*(%?).*", Pattern.DOTALL);

  /** What says whether a region is in the file's units, by the element's name. */
  private static final Map<String, String> UNITS =
      Map.of("filter", "filterUnits", "mask", "maskUnits", "pattern", "patternUnits");

  /** Of filters, which grow what is worked on; no more than half the file's side is of use. */
  private static final String[] LENGTHS = {"stdDeviation", "radius", "dx", "dy"};

  private SvgRegions() {}

  static void tame(DomElement root) {
    tame(root, FARTHEST * side(root));
  }

  private static void tame(DomElement element, double farthest) {
    String units = UNITS.get(element.tagName());
    if (units != null) {
      boolean own = "userSpaceOnUse".equals(element.attribute(units));
      for (String name : new String[] {"x", "y", "width", "height"}) {
        if (Math.abs(number(element.attribute(name), 100)) > (own ? farthest : FARTHEST)) {
          element.setAttribute(name, null); // Then its default holds.
        }
      }
    }
    for (String name : LENGTHS) {
      String value = element.attribute(name);
      if (element.tagName().startsWith("fe") && Math.abs(number(value, 100)) > farthest / 16) {
        element.setAttribute(name, String.valueOf(farthest / 16));
      }
    }
    element.children().forEach(child -> tame(child, farthest));
  }

  /** The longer side of the file in its own units. */
  private static double side(DomElement root) {
    String box = root.attribute("viewBox", "");
    String[] parts = box.strip().split("[\\s,]+");
    double side =
        parts.length == 4
            ? Math.max(number(parts[2], 1), number(parts[3], 1))
            : Math.max(number(root.attribute("width"), 1), number(root.attribute("height"), 1));
    return side > 0 ? side : 100;
  }

  /**
   * @param hundred what 100 % are divided by
   */
  private static double number(String text, double hundred) {
    if (text == null) {
      return 0;
    }
    Matcher matcher = NUMBER.matcher(text);
    if (!matcher.matches()) {
      return 0;
    }
    double value = Double.parseDouble(matcher.group(1));
    return matcher.group(2).isEmpty() ? value : value / hundred;
  }
}
