package app.diaphan.core.picture;

import java.awt.Color;
import java.awt.Paint;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.SVGRadialGradientElementBridge;
import org.apache.batik.bridge.SVGUtilities;
import org.apache.batik.bridge.UnitProcessor;
import org.apache.batik.ext.awt.MultipleGradientPaint;
import org.apache.batik.gvt.GraphicsNode;
import org.w3c.dom.Element;

/**
 * Makes round gradients that begin at a circle, or outside the circle that they end at, which SVG
 * 1.1 and so the library for trees does not have.
 */
final class SvgCones extends SVGRadialGradientElementBridge {
  private static final String MIDDLE = "50%";

  @Override
  protected Paint buildGradient(
      Element gradient,
      Element painted,
      GraphicsNode paintedNode,
      MultipleGradientPaint.CycleMethodEnum spread,
      MultipleGradientPaint.ColorSpaceEnum space,
      AffineTransform toUser,
      Color[] colours,
      float[] offsets,
      BridgeContext context) {
    Told told = new Told(gradient, context);
    ConePaint.Circle to = told.circle("cx", "cy", "r", MIDDLE, MIDDLE, MIDDLE);
    ConePaint.Circle from =
        told.circle("fx", "fy", "fr", told.text("cx", MIDDLE), told.text("cy", MIDDLE), "0");
    double apart = Math.hypot(to.x() - from.x(), to.y() - from.y());
    if (from.r() <= 0 && apart < to.r() || to.r() <= 0) {
      return super.buildGradient(
          gradient, painted, paintedNode, spread, space, toUser, colours, offsets, context);
    }
    List<ConePaint.Stop> stops = new ArrayList<>();
    for (int i = 0; i < colours.length; i++) {
      stops.add(new ConePaint.Stop(offsets[i], colours[i]));
    }
    AffineTransform all = told.shares() ? SVGUtilities.toObjectBBox(toUser, paintedNode) : toUser;
    return new ConePaint(from, to, stops, beyond(spread), all);
  }

  private static ConePaint.Beyond beyond(MultipleGradientPaint.CycleMethodEnum spread) {
    if (spread == MultipleGradientPaint.REPEAT) {
      return ConePaint.Beyond.REPEAT;
    }
    return spread == MultipleGradientPaint.REFLECT
        ? ConePaint.Beyond.REFLECT
        : ConePaint.Beyond.PAD;
  }

  /** What is told of a gradient, or of those that it is made from. */
  private record Told(Element gradient, BridgeContext context) {
    String text(String name, String usual) {
      String told = SVGUtilities.getChainableAttributeNS(gradient, null, name, context);
      return told.isEmpty() ? usual : told;
    }

    boolean shares() {
      return !text("gradientUnits", "").equals("userSpaceOnUse");
    }

    ConePaint.Circle circle(
        String x, String y, String r, String usualX, String usualY, String usualR) {
      short units = shares() ? SVGUtilities.OBJECT_BOUNDING_BOX : SVGUtilities.USER_SPACE_ON_USE;
      UnitProcessor.Context lengths = UnitProcessor.createContext(context, gradient);
      Point2D middle =
          SVGUtilities.convertPoint(text(x, usualX), x, text(y, usualY), y, units, lengths);
      double radius = SVGUtilities.convertLength(text(r, usualR), r, units, lengths);
      return new ConePaint.Circle(middle.getX(), middle.getY(), radius);
    }
  }
}
