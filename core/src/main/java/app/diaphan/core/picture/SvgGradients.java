package app.diaphan.core.picture;

import java.awt.Color;
import java.awt.Paint;
import java.awt.geom.Point2D;
import java.util.Arrays;
import org.apache.batik.ext.awt.LinearGradientPaint;
import org.apache.batik.ext.awt.MultipleGradientPaint;
import org.apache.batik.ext.awt.RadialGradientPaint;

/** Gradients of the library for trees as those of the platform, which all of Diaphan knows. */
final class SvgGradients {
  private SvgGradients() {}

  /** The paint itself if it is none of the library's, or one that the platform does not have. */
  static Paint plain(Paint paint) {
    if (!(paint instanceof MultipleGradientPaint gradient)
        || gradient.getColorSpace() != MultipleGradientPaint.SRGB
        || gradient.getFractions().length < 2) {
      return paint;
    }
    float[] places = apart(gradient.getFractions());
    return switch (gradient) {
      case LinearGradientPaint linear when !linear.getStartPoint().equals(linear.getEndPoint()) ->
          linear(linear, places);
      case RadialGradientPaint radial when radial.getRadius() > 0 -> radial(radial, places);
      default -> paint;
    };
  }

  private static Paint linear(LinearGradientPaint paint, float[] places) {
    return new java.awt.LinearGradientPaint(
        paint.getStartPoint(),
        paint.getEndPoint(),
        places,
        paint.getColors(),
        cycle(paint),
        java.awt.MultipleGradientPaint.ColorSpaceType.SRGB,
        paint.getTransform());
  }

  private static Paint radial(RadialGradientPaint paint, float[] places) {
    Point2D centre = paint.getCenterPoint();
    Color[] colours = paint.getColors();
    return new java.awt.RadialGradientPaint(
        centre,
        paint.getRadius(),
        paint.getFocusPoint(),
        places,
        colours,
        cycle(paint),
        java.awt.MultipleGradientPaint.ColorSpaceType.SRGB,
        paint.getTransform());
  }

  private static java.awt.MultipleGradientPaint.CycleMethod cycle(MultipleGradientPaint paint) {
    if (paint.getCycleMethod() == MultipleGradientPaint.REPEAT) {
      return java.awt.MultipleGradientPaint.CycleMethod.REPEAT;
    }
    return paint.getCycleMethod() == MultipleGradientPaint.REFLECT
        ? java.awt.MultipleGradientPaint.CycleMethod.REFLECT
        : java.awt.MultipleGradientPaint.CycleMethod.NO_CYCLE;
  }

  /** The platform wants each stop after the one before it; hard ones lie as near as can be. */
  private static float[] apart(float[] fractions) {
    float[] places = Arrays.copyOf(fractions, fractions.length);
    for (int i = 1; i < places.length; i++) {
      places[i] = Math.max(places[i], Math.nextUp(places[i - 1]));
    }
    places[places.length - 1] = Math.min(1, places[places.length - 1]);
    for (int i = places.length - 2; i >= 0; i--) {
      places[i] = Math.min(places[i], Math.nextDown(places[i + 1]));
    }
    return places;
  }
}
