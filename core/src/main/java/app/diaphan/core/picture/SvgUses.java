package app.diaphan.core.picture;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/**
 * How large a file is once everything that it uses again stands where it is used. Uses of uses make
 * an endless file of a short one, and the library for trees builds it all before it draws.
 */
final class SvgUses {
  private static final String LINKS = "http://www.w3.org/1999/xlink";

  private final Map<String, Element> byId = new HashMap<>();
  private final Map<Element, Long> sizes = new HashMap<>();
  private final Set<Element> open = new HashSet<>();

  private SvgUses() {}

  /**
   * @return elements, or {@link Long#MAX_VALUE} or nearly so if one uses itself
   */
  static long expanded(Element svg) {
    SvgUses uses = new SvgUses();
    uses.collect(svg);
    return uses.size(svg);
  }

  private void collect(Element element) {
    byId.putIfAbsent(element.getAttribute("id"), element);
    for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element child) {
        collect(child);
      }
    }
  }

  private long size(Element element) {
    Long known = sizes.get(element);
    if (known != null) {
      return known;
    }
    if (!open.add(element)) {
      return Long.MAX_VALUE;
    }
    long size = 1;
    for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element child) {
        size = sum(size, size(child));
      }
    }
    if (element.getLocalName().equals("use")) {
      String to = element.getAttributeNS(LINKS, "href");
      Element used = to.startsWith("#") ? byId.get(to.substring(1)) : null;
      size = used == null ? size : sum(size, size(used));
    }
    open.remove(element);
    sizes.put(element, size);
    return size;
  }

  private static long sum(long one, long other) {
    return one > Long.MAX_VALUE - other ? Long.MAX_VALUE : one + other;
  }
}
