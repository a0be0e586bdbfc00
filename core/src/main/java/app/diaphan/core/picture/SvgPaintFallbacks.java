package app.diaphan.core.picture;

import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Element;

/**
 * Puts what is to be painted with in the place of patterns without a size (W3C SVG 2, sections 13.2
 * and 14.3). The library for trees would paint nothing, or give up what such a paint is of.
 */
final class SvgPaintFallbacks {
  private static final Pattern PAINT =
      Pattern.compile("url\\(\\s?['\"]?#([^'\"()\\s]++)['\"]?\\s?\\)(\\s++[^;!\\s]++)?");

  private static final String[] PAINTED = {"fill", "stroke", "style"};

  private static final Pattern NO_LENGTH = Pattern.compile("(-.*|\\+?0*(\\.0*)?[a-z%]*)");

  private final SvgReferences references;

  private SvgPaintFallbacks(SvgReferences references) {
    this.references = references;
  }

  static void settle(Element root, SvgReferences references) {
    new SvgPaintFallbacks(references).settle(root);
  }

  private void settle(Element element) {
    for (String name : PAINTED) {
      String value = element.getAttribute(name);
      if (value.contains("url(")) {
        element.setAttribute(name, PAINT.matcher(value).replaceAll(this::paint));
      }
    }
    SvgReferences.children(element).forEach(this::settle);
  }

  private String paint(MatchResult found) {
    boolean dead =
        references
            .named(found.group(1))
            .filter(named -> named.getLocalName().equals("pattern"))
            .filter(this::isNothing)
            .isPresent();
    String instead = Optional.ofNullable(found.group(2)).map(String::strip).orElse("none");
    return Matcher.quoteReplacement(dead ? instead : found.group());
  }

  private boolean isNothing(Element pattern) {
    List<Element> chain = references.chain(pattern);
    return NO_LENGTH.matcher(SvgReferences.told(chain, "width")).matches()
        || NO_LENGTH.matcher(SvgReferences.told(chain, "height")).matches();
  }
}
