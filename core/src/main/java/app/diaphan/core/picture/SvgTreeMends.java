package app.diaphan.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.w3c.dom.Attr;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.ProcessingInstruction;

/**
 * Says a file in the words of SVG 1.1, which are all that the library for trees knows, and takes
 * references away that lead out of the file: it would give the whole file up for one of them.
 */
final class SvgTreeMends {
  private static final String LINKS = "http://www.w3.org/1999/xlink";

  /** Shown in place of a picture that lies outside: one clear pixel. */
  private static final String NOTHING =
      "data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAAC0lEQVR4nGNgAAIAAAUAAXpeqz8AAAAASUVORK5CYII=";

  /** What shows nothing at all without what it refers to. */
  private static final Set<String> SHOWN = Set.of("image", "use", "tref", "cursor", "a");

  private SvgTreeMends() {}

  static void mend(Element element) {
    link(element);
    if (element.getLocalName().equals("path")) {
      element.setAttribute("d", SvgPathEnds.told(element.getAttribute("d")));
    }
    if (element.getLocalName().startsWith("fe")) {
      enlarge(element, "width");
      enlarge(element, "height");
    }
    // The short form is a property of style sheets alone.
    element.removeAttribute("marker");
    List<Node> children = new ArrayList<>();
    for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling()) {
      children.add(node);
    }
    for (Node child : children) {
      switch (child) {
        case Element inner -> mend(inner);
        case ProcessingInstruction sheet -> element.removeChild(sheet);
        default -> {} // Words stay as they are.
      }
    }
  }

  /** A tile of a filter far smaller than a pixel would be laid out for hours. */
  private static void enlarge(Element step, String side) {
    String length = step.getAttribute(side).strip();
    if (length.matches("\\+?0*\\.0\\d*%?|.*\\d[eE]-.*")) {
      step.setAttribute(side, length.endsWith("%") ? "1%" : "0.1");
    }
  }

  private static void link(Element element) {
    Attr plain = element.getAttributeNodeNS(null, "href");
    String to = plain != null ? plain.getValue() : element.getAttributeNS(LINKS, "href");
    String target = to.strip();
    if (target.isEmpty()) {
      return;
    }
    if (target.startsWith("#") || target.startsWith("data:")) {
      element.setAttributeNS(LINKS, "xlink:href", target);
    } else if (element.getLocalName().equals("feImage")) {
      element.setAttributeNS(LINKS, "xlink:href", NOTHING);
    } else {
      element.removeAttributeNS(LINKS, "href");
      if (SHOWN.contains(element.getLocalName())) {
        element.setAttribute("display", "none");
      }
    }
  }
}
