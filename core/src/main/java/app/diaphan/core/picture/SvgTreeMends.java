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

  /** Of what a filter is laid on, as the side of a tile. */
  private static final double LEAST_SHARE = 0.005;

  private SvgTreeMends() {}

  static void mend(Element element) {
    link(element);
    if (element.getLocalName().equals("path")) {
      element.setAttribute("d", SvgPathEnds.told(element.getAttribute("d")));
    }
    if (element.getLocalName().equals("filter")) {
      forgetUnknown(element, new SvgFilterInputs());
      if (element.getElementsByTagNameNS("*", "feTile").getLength() > 0) {
        enlargeTiles(element);
      }
    }
    if (element.getLocalName().equals("feConvolveMatrix") && isNothing(element, "divisor")) {
      element.removeAttribute("divisor"); // As if none were told (section 9.9).
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

  private static boolean isNothing(Element element, String number) {
    try {
      return Double.parseDouble(element.getAttribute(number)) == 0;
    } catch (NumberFormatException e) {
      return false;
    }
  }

  private static void forgetUnknown(Element filter, SvgFilterInputs inputs) {
    for (Node node = filter.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element step) {
        forgetUnknown(step, inputs); // The nodes of a merge.
        for (String name : SvgFilterInputs.ATTRIBUTES) {
          if (!inputs.know(step.getAttribute(name))) {
            step.removeAttribute(name);
          }
        }
        inputs.add(step.getAttribute("result"));
      }
    }
  }

  /** A tile far smaller than a pixel would be laid out for hours. */
  private static void enlargeTiles(Element filter) {
    boolean shares = filter.getAttribute("primitiveUnits").equals("objectBoundingBox");
    for (Node node = filter.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element step) {
        for (String side : new String[] {"width", "height"}) {
          enlarge(step, side, shares ? LEAST_SHARE : 1);
        }
      }
    }
  }

  private static void enlarge(Element step, String side, double least) {
    String length = step.getAttribute(side).strip();
    try {
      if (Double.parseDouble(length) < least) {
        step.setAttribute(side, Double.toString(least));
      }
    } catch (NumberFormatException e) {
      if (length.endsWith("%")) {
        enlarge(step, side, length.substring(0, length.length() - 1));
      }
    }
  }

  private static void enlarge(Element step, String side, String hundredths) {
    try {
      if (Double.parseDouble(hundredths) < 100 * LEAST_SHARE) {
        step.setAttribute(side, 100 * LEAST_SHARE + "%");
      }
    } catch (NumberFormatException e) {
      // The library says of it what has to be said.
    }
  }

  private static void link(Element element) {
    Attr plain = element.getAttributeNodeNS(null, "href");
    String to = plain != null ? plain.getValue() : element.getAttributeNS(LINKS, "href");
    String target = SvgImageData.told(to).strip();
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
