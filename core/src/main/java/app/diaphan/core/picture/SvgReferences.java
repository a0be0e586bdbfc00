package app.diaphan.core.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** What elements of a file take from others that they name. */
final class SvgReferences {
  private static final String LINKS = "http://www.w3.org/1999/xlink";

  private static final Set<String> PAINTS = Set.of("pattern", "linearGradient", "radialGradient");

  private final Map<String, Element> named = new HashMap<>();

  /** Knows the file as it is now. */
  SvgReferences(Element root) {
    collect(root);
  }

  private void collect(Element element) {
    if (!element.getAttribute("id").isEmpty()) {
      named.putIfAbsent(element.getAttribute("id"), element);
    }
    children(element).forEach(this::collect);
  }

  static List<Element> children(Element element) {
    List<Element> children = new ArrayList<>();
    for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element child) {
        children.add(child);
      }
    }
    return children;
  }

  Optional<Element> named(String id) {
    return Optional.ofNullable(named.get(id));
  }

  /** The element itself and what it is made from, each from the one after it. */
  List<Element> chain(Element element) {
    List<Element> chain = new ArrayList<>();
    Optional<Element> next = Optional.of(element);
    while (next.isPresent() && !chain.contains(next.get())) {
      chain.add(next.get());
      next = madeFrom(next.get());
    }
    return chain;
  }

  private Optional<Element> madeFrom(Element element) {
    String to = element.getAttributeNS(LINKS, "href").strip();
    return to.startsWith("#") ? named(to.substring(1)) : Optional.empty();
  }

  /** Paints that are made from what is not there are made from nothing. */
  void forgetLost(Element element) {
    if (PAINTS.contains(element.getLocalName()) && madeFrom(element).isEmpty()) {
      element.removeAttributeNS(LINKS, "href");
    }
    children(element).forEach(this::forgetLost);
  }

  /** The first that is told of an attribute along a chain; empty if it is nowhere. */
  static String told(List<Element> chain, String attribute) {
    return chain.stream()
        .map(element -> element.getAttribute(attribute).strip())
        .filter(value -> !value.isEmpty())
        .findFirst()
        .orElse("");
  }
}
