package app.diaphan.core.picture;

import com.github.weisj.jsvg.parser.DomElement;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Says in other words what the library does not read as the standard means it: transforms of clips
 * and those with spaces in them, stops of gradients out of order, shapes without a size, inputs of
 * filters that are not there, and what to paint with if a paint is missing.
 */
final class SvgMends {
  private static final Pattern PAINT_WITH_FALLBACK =
      Pattern.compile("url\\(\\s?['\"]?#([^'\"()\\s]++)['\"]?\\s?\\)\\s++(#?\\w[\\w(),.%-]*)");

  /** From where a run of spaces begins: so a long one is looked at once. */
  private static final Pattern SPACED = Pattern.compile("(?<!\\s)\\s++\\(");

  private static final String[] PAINTED = {"fill", "stroke", "style"};

  private static final String[] LINKS = {"href", "xlink:href"};

  private static final String[] MOVED = {"transform", "gradientTransform", "patternTransform"};

  private final Set<String> ids = new HashSet<>();

  private SvgMends() {}

  static void mend(DomElement root) {
    SvgMends mends = new SvgMends();
    mends.collect(root);
    mends.mendAll(root);
  }

  private void collect(DomElement element) {
    String id = element.id();
    if (id != null && !isEmptyPattern(element)) {
      ids.add(id);
    }
    element.children().forEach(this::collect);
  }

  /** A pattern without a size paints nothing, and what is to be used in its place is. */
  private static boolean isEmptyPattern(DomElement element) {
    return element.tagName().equalsIgnoreCase("pattern")
        && element.attribute("href", element.attribute("xlink:href", "")).isEmpty()
        && (isNothing(element.attribute("width", "0"))
            || isNothing(element.attribute("height", "0")));
  }

  private static boolean isNothing(String length) {
    return length.strip().matches("-?0+(\\.0*)?[a-z%]*");
  }

  private void mendAll(DomElement element) {
    switch (element.tagName().toLowerCase(Locale.ROOT)) {
      case "clippath" -> {
        transformContent(element);
        element.children().forEach(SvgMends::shrinkIfHidden);
      }
      case "filter" -> forgetUnknown(element, new SvgFilterInputs());
      case "lineargradient", "radialgradient" -> order(element);
      case "rect" -> hideWithout(element, "width", "height");
      case "ellipse" -> hideWithout(element, "rx", "ry");
      case "circle" -> hideWithout(element, "r");
      default -> {}
    }
    for (String name : LINKS) {
      String value = element.attribute(name);
      if (value != null) {
        element.setAttribute(name, SvgImageData.told(value));
      }
    }
    for (String name : MOVED) {
      String value = element.attribute(name);
      if (value != null) {
        element.setAttribute(name, SPACED.matcher(value).replaceAll("("));
      }
    }
    for (String name : PAINTED) {
      String value = element.attribute(name);
      if (value != null && value.contains("url(")) {
        element.setAttribute(name, withKnownPaint(value));
      }
    }
    element.children().forEach(this::mendAll);
  }

  private static void forgetUnknown(DomElement filter, SvgFilterInputs inputs) {
    for (DomElement step : filter.children()) {
      forgetUnknown(step, inputs); // The nodes of a merge.
      for (String name : SvgFilterInputs.ATTRIBUTES) {
        if (!inputs.know(step.attribute(name, ""))) {
          step.setAttribute(name, null);
        }
      }
      inputs.add(step.attribute("result", ""));
    }
  }

  /** A clip's own transform is that of all that is in it. */
  private static void transformContent(DomElement clip) {
    String transform = clip.attribute("transform", "").strip();
    if (!transform.isEmpty() && !"objectBoundingBox".equals(clip.attribute("clipPathUnits"))) {
      for (DomElement child : clip.children()) {
        child.setAttribute("transform", transform + " " + child.attribute("transform", ""));
      }
      clip.setAttribute("transform", null);
    }
  }

  /** What is hidden lets nothing through (section 14.3.5): the library would leave the clip out. */
  private static void shrinkIfHidden(DomElement shape) {
    if (shape.attribute("display", "").strip().equals("none")
        || shape.attribute("visibility", "").strip().equals("hidden")) {
      shape.setAttribute("display", null);
      shape.setAttribute("visibility", null);
      shape.setAttribute("transform", "scale(0)");
    }
  }

  /** A stop before the one ahead of it lies on that one (W3C SVG 1.1, section 13.2.4). */
  private static void order(DomElement gradient) {
    double last = 0;
    for (DomElement stop : gradient.children()) {
      if (stop.tagName().equalsIgnoreCase("stop")) {
        double offset = share(stop.attribute("offset", "0"));
        if (offset < last) {
          stop.setAttribute("offset", Double.toString(last));
        }
        last = Math.max(last, Math.min(1, offset));
      }
    }
  }

  private static double share(String text) {
    String value = text.strip();
    boolean hundredths = value.endsWith("%");
    try {
      double number =
          Double.parseDouble(hundredths ? value.substring(0, value.length() - 1) : value);
      return hundredths ? number / 100 : number;
    } catch (NumberFormatException e) {
      return 0;
    }
  }

  /** A side of nothing draws nothing, its line neither (section 9.2). */
  private static void hideWithout(DomElement shape, String... sides) {
    for (String side : sides) {
      if (isNothing(shape.attribute(side, "1"))) {
        shape.setAttribute("display", "none");
      }
    }
  }

  private String withKnownPaint(String value) {
    Matcher matcher = PAINT_WITH_FALLBACK.matcher(value);
    return matcher.replaceAll(
        found ->
            ids.contains(found.group(1))
                ? Matcher.quoteReplacement("url(#" + found.group(1) + ")")
                : Matcher.quoteReplacement(found.group(2)));
  }
}
