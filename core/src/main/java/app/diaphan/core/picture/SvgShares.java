package app.diaphan.core.picture;

import java.awt.geom.Rectangle2D;
import java.util.Map;
import java.util.function.Supplier;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.SVGFeMorphologyElementBridge;
import org.apache.batik.bridge.SVGFeOffsetElementBridge;
import org.apache.batik.ext.awt.image.renderable.Filter;
import org.apache.batik.gvt.GraphicsNode;
import org.w3c.dom.Element;

/**
 * Lengths of filters' steps that are told as shares of what they are laid on (primitiveUnits; W3C
 * Filter Effects 1, section 5). The library would take them for units of the file.
 */
final class SvgShares {
  private SvgShares() {}

  /**
   * Makes a step while its lengths are told in units.
   *
   * @param names of the attributes that hold a length, or one across and one down
   */
  static Filter measured(
      Element step, GraphicsNode laidOn, Supplier<Filter> making, String... names) {
    boolean shares =
        step.getParentNode() instanceof Element filter
            && filter.getAttribute("primitiveUnits").equals("objectBoundingBox");
    Rectangle2D box = laidOn.getGeometryBounds();
    if (!shares || box == null) {
      return making.get();
    }
    String[] told = new String[names.length];
    for (int i = 0; i < names.length; i++) {
      told[i] = step.getAttribute(names[i]);
      if (!told[i].isBlank()) {
        step.setAttribute(names[i], inUnits(names[i], told[i], box));
      }
    }
    try {
      return making.get();
    } finally {
      for (int i = 0; i < names.length; i++) {
        step.setAttribute(names[i], told[i]); // A filter is made anew for all it is laid on.
      }
    }
  }

  private static String inUnits(String name, String told, Rectangle2D box) {
    String[] parts = told.strip().split("[\\s,]+");
    try {
      double first = Double.parseDouble(parts[0]);
      return switch (name) {
        case "dx" -> Double.toString(first * box.getWidth());
        case "dy" -> Double.toString(first * box.getHeight());
        default -> {
          double second = parts.length > 1 ? Double.parseDouble(parts[1]) : first;
          yield first * box.getWidth() + " " + second * box.getHeight();
        }
      };
    } catch (NumberFormatException e) {
      return told;
    }
  }

  /** Makes shifts. */
  static final class Offset extends SVGFeOffsetElementBridge {
    @Override
    public Filter createFilter(
        BridgeContext context,
        Element filterElement,
        Element filteredElement,
        GraphicsNode filteredNode,
        Filter before,
        Rectangle2D region,
        @SuppressWarnings("rawtypes") Map filters) {
      return measured(
          filterElement,
          filteredNode,
          () ->
              super.createFilter(
                  context, filterElement, filteredElement, filteredNode, before, region, filters),
          "dx",
          "dy");
    }
  }

  /** Makes what thickens and thins. */
  static final class Morphology extends SVGFeMorphologyElementBridge {
    @Override
    public Filter createFilter(
        BridgeContext context,
        Element filterElement,
        Element filteredElement,
        GraphicsNode filteredNode,
        Filter before,
        Rectangle2D region,
        @SuppressWarnings("rawtypes") Map filters) {
      return measured(
          filterElement,
          filteredNode,
          () ->
              super.createFilter(
                  context, filterElement, filteredElement, filteredNode, before, region, filters),
          "radius");
    }
  }
}
