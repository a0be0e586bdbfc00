package app.diaphan.core.picture;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.image.Raster;
import java.awt.image.RenderedImage;
import java.awt.image.WritableRaster;
import java.awt.image.renderable.RenderContext;
import java.util.Map;
import org.apache.batik.ext.awt.image.rendered.AffineRed;
import org.apache.batik.ext.awt.image.rendered.CachableRed;
import org.jspecify.annotations.Nullable;

/** What our own steps of SVG's filters share: pixels of the library's as planes, and back. */
final class SvgStep {
  /** What directions may differ by and count as the canvas's own. */
  private static final double TURNED = 1e-6;

  private SvgStep() {}

  /** Draws along the step's own axes; null, as the library has it, for nothing. */
  @FunctionalInterface
  interface Drawing {
    /**
     * @param toPixels along the axes
     */
    @Nullable CachableRed draw(AffineTransform toPixels, double scaleX, double scaleY);
  }

  /** What is drawn upright, turned as the canvas asks; null for nothing. */
  static @Nullable RenderedImage upright(RenderContext context, Drawing drawing) {
    AffineTransform toDevice = context.getTransform();
    double scaleX = Math.hypot(toDevice.getScaleX(), toDevice.getShearY());
    double scaleY = Math.hypot(toDevice.getScaleY(), toDevice.getShearX());
    if (scaleX == 0 || scaleY == 0) {
      return null;
    }
    double turned = Math.abs(toDevice.getShearX()) + Math.abs(toDevice.getShearY());
    return turned < TURNED * (scaleX + scaleY)
        ? drawing.draw(toDevice, scaleX, scaleY)
        : enlarged(context, drawing, scaleX, scaleY);
  }

  /** What is drawn so large and upright, as the canvas asks for it; null for nothing. */
  static @Nullable RenderedImage enlarged(
      RenderContext context, Drawing drawing, double scaleX, double scaleY) {
    CachableRed drawn =
        drawing.draw(AffineTransform.getScaleInstance(scaleX, scaleY), scaleX, scaleY);
    if (drawn == null) {
      return null;
    }
    AffineTransform rest = new AffineTransform(context.getTransform());
    rest.scale(1 / scaleX, 1 / scaleY);
    return new AffineRed(drawn, rest, context.getRenderingHints());
  }

  static RenderingHints hints(RenderContext context) {
    return context.getRenderingHints() == null
        ? new RenderingHints(Map.of())
        : context.getRenderingHints();
  }

  static Shape units(Bounds pixels, AffineTransform toPixels) {
    try {
      return toPixels
          .createInverse()
          .createTransformedShape(
              new Rectangle(pixels.left(), pixels.top(), pixels.width(), pixels.height()));
    } catch (NoninvertibleTransformException e) {
      throw new IllegalArgumentException(e); // Its scales are not 0.
    }
  }

  static Bounds bounds(Rectangle pixels) {
    return new Bounds(pixels.x, pixels.y, pixels.x + pixels.width, pixels.y + pixels.height);
  }

  static Plane plane(Raster pixels, Bounds bounds, int band) {
    float[] samples =
        pixels.getSamples(
            bounds.left(), bounds.top(), bounds.width(), bounds.height(), band, (float[]) null);
    for (int i = 0; i < samples.length; i++) {
      samples[i] /= 255;
    }
    return new Plane(bounds, samples);
  }

  static void write(Plane plane, WritableRaster to, Bounds place, int band) {
    Bounds bounds = plane.bounds();
    if (bounds.empty()) {
      return;
    }
    int[] samples = new int[plane.values().length];
    for (int i = 0; i < samples.length; i++) {
      samples[i] = Math.round(255 * plane.values()[i]);
    }
    to.setSamples(
        bounds.left() - place.left(),
        bounds.top() - place.top(),
        bounds.width(),
        bounds.height(),
        band,
        samples);
  }
}
