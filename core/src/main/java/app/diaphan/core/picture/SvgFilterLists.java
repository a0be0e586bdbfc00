package app.diaphan.core.picture;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Element;

/**
 * Filters that are told as a list, or as functions of style sheets (W3C Filter Effects 1, section
 * 5), as what SVG 1.1 knows: groups within each other, each with a filter of its own.
 */
final class SvgFilterLists {
  private static final String SVG = "http://www.w3.org/2000/svg";

  /** One of a list: a reference or a function, whose words may be a function's too (a colour). */
  private static final Pattern ONE =
      Pattern.compile("([\\w-]{1,40})\\(((?:[^()]|\\([^()]{0,200}\\)){0,400})\\)\\s*");

  private static final Pattern UNFILTERED = Pattern.compile("|none|inherit|initial|unset");

  /**
   * What is done to an element after its filter, where it lies and what others call it is the
   * outermost group's.
   */
  private static final List<String> OUTERMOST =
      List.of("id", "transform", "clip-path", "mask", "opacity", "display", "mix-blend-mode");

  /** More are no picture of a person's. */
  private static final int MOST = 20;

  private final Element root;
  private int made;
  private boolean known = true;

  private SvgFilterLists(Element root) {
    this.root = root;
  }

  /**
   * @return whether all of them are known; an element with others is drawn without a filter
   */
  static boolean settle(Element root) {
    SvgFilterLists lists = new SvgFilterLists(root);
    lists.settleAll(root);
    return lists.known;
  }

  private void settleAll(Element element) {
    SvgReferences.children(element).forEach(this::settleAll);
    Map<String, String> style = style(element.getAttribute("style"));
    String told = style.getOrDefault("filter", element.getAttribute("filter")).strip();
    List<String> filters = references(told);
    boolean plain = told.startsWith("url(") && filters.size() == 1;
    boolean none = UNFILTERED.matcher(told).matches();
    known &= plain || none || !filters.isEmpty() && element != root;
    if (plain || filters.isEmpty() || element == root) {
      return;
    }
    style.remove("filter");
    element.setAttribute("filter", filters.getFirst());
    Element outermost = element;
    for (String filter : filters.subList(1, filters.size())) {
      Element group = root.getOwnerDocument().createElementNS(SVG, "g");
      outermost.getParentNode().replaceChild(group, outermost);
      group.appendChild(outermost);
      group.setAttribute("filter", filter);
      outermost = group;
    }
    if (outermost != element) {
      for (String name : OUTERMOST) {
        String value = Optional.ofNullable(style.remove(name)).orElse(element.getAttribute(name));
        element.removeAttribute(name);
        if (!value.isEmpty()) {
          outermost.setAttribute(name, value);
        }
      }
    }
    write(element, style);
  }

  private static Map<String, String> style(String told) {
    Map<String, String> style = new LinkedHashMap<>();
    for (String one : told.split(";")) {
      int colon = one.indexOf(':');
      if (colon > 0) {
        style.put(one.substring(0, colon).strip(), one.substring(colon + 1).strip());
      }
    }
    return style;
  }

  private static void write(Element element, Map<String, String> style) {
    if (element.hasAttribute("style")) {
      StringBuilder told = new StringBuilder();
      style.forEach((name, value) -> told.append(name).append(':').append(value).append(';'));
      element.setAttribute("style", told.toString());
    }
  }

  /** Of all filters of a list; empty if it is none, or one of them is not known. */
  private List<String> references(String told) {
    Matcher matcher = ONE.matcher(told);
    List<String> references = new ArrayList<>();
    int end = 0;
    while (end < told.length()) {
      if (!matcher.find() || matcher.start() != end || references.size() == MOST) {
        return List.of();
      }
      Optional<String> reference =
          matcher.group(1).equals("url")
              ? Optional.of("url(" + matcher.group(2) + ")")
              : made(matcher.group(1), matcher.group(2).strip());
      if (reference.isEmpty()) {
        return List.of();
      }
      references.add(reference.get());
      end = matcher.end();
    }
    return references;
  }

  private Optional<String> made(String function, String words) {
    return SvgFilterFunction.of(function, words)
        .map(
            steps -> {
              Element filter = root.getOwnerDocument().createElementNS(SVG, "filter");
              String id = "filter-function-" + made++;
              filter.setAttribute("id", id);
              filter.setAttribute("color-interpolation-filters", "sRGB");
              for (String side : new String[] {"x", "y"}) {
                filter.setAttribute(side, "-100%");
              }
              for (String side : new String[] {"width", "height"}) {
                filter.setAttribute(side, "300%");
              }
              for (SvgFilterFunction.Step step : steps) {
                append(filter, step);
              }
              root.insertBefore(filter, root.getFirstChild());
              return "url(#" + id + ")";
            });
  }

  private static void append(Element to, SvgFilterFunction.Step step) {
    Element element = to.getOwnerDocument().createElementNS(SVG, step.name());
    step.attributes().forEach(element::setAttribute);
    step.within().forEach(inner -> append(element, inner));
    to.appendChild(element);
  }
}
