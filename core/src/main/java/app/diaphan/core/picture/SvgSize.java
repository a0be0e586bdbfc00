package app.diaphan.core.picture;

import com.github.weisj.jsvg.parser.DomElement;
import java.util.Arrays;
import java.util.Optional;

/**
 * The size of an SVG file that is given in shares of a window, or not at all: that of its view box,
 * since a picture by itself has no window. A side that is given keeps the other in proportion.
 */
final class SvgSize {
  private SvgSize() {}

  static void settle(DomElement root) {
    Optional<double[]> box = viewBox(root);
    if (box.isEmpty()) {
      return;
    }
    double width = box.get()[2];
    double height = box.get()[3];
    boolean wide = given(root, "width");
    boolean high = given(root, "height");
    if (!wide && !high) {
      root.setAttribute("width", Double.toString(width));
      root.setAttribute("height", Double.toString(height));
    } else if (!wide) {
      number(root.attribute("height"))
          .ifPresent(known -> set(root, "width", known, width / height));
    } else if (!high) {
      number(root.attribute("width"))
          .ifPresent(known -> set(root, "height", known, height / width));
    }
  }

  private static boolean given(DomElement root, String side) {
    String value = root.attribute(side, "").strip();
    return !value.isEmpty() && !value.endsWith("%") && !value.equals("auto");
  }

  /** In the unit of the side that is known. */
  private static void set(DomElement root, String side, String[] known, double times) {
    root.setAttribute(side, Double.parseDouble(known[0]) * times + known[1]);
  }

  /** A number and the unit behind it. */
  private static Optional<String[]> number(String text) {
    String value = text.strip();
    String unit = value.replaceFirst("^[-+]?[\\d.]+(?:[eE][-+]?\\d+)?", "");
    String number = value.substring(0, value.length() - unit.length());
    return number.matches("[-+]?(\\d+\\.?\\d*|\\.\\d+)([eE][-+]?\\d+)?")
        ? Optional.of(new String[] {number, unit})
        : Optional.empty();
  }

  private static Optional<double[]> viewBox(DomElement root) {
    try {
      double[] box =
          Arrays.stream(root.attribute("viewBox", "").strip().split("[\\s,]+"))
              .mapToDouble(Double::parseDouble)
              .toArray();
      return box.length == 4 && box[2] > 0 && box[3] > 0 ? Optional.of(box) : Optional.empty();
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }
}
