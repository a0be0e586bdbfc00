package app.diaphan.core.picture;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.GaussianBlur;
import app.diaphan.core.raster.Plane;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.Raster;
import java.awt.image.RenderedImage;
import java.awt.image.WritableRaster;
import java.awt.image.renderable.RenderContext;
import java.util.Map;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.SVGFeGaussianBlurElementBridge;
import org.apache.batik.ext.awt.image.GraphicsUtil;
import org.apache.batik.ext.awt.image.renderable.Filter;
import org.apache.batik.ext.awt.image.renderable.GaussianBlurRable8Bit;
import org.apache.batik.ext.awt.image.renderable.PadRable;
import org.apache.batik.ext.awt.image.rendered.AffineRed;
import org.apache.batik.ext.awt.image.rendered.BufferedImageCachableRed;
import org.apache.batik.ext.awt.image.rendered.CachableRed;
import org.apache.batik.gvt.GraphicsNode;
import org.w3c.dom.Element;

/**
 * The blur of SVG's filters by the Gaussian itself ({@link GaussianBlur}). The library's own goes
 * six times over bytes, which makes shadows five steps of 255 too thin, and ends at two σ.
 */
final class SvgBlur extends GaussianBlurRable8Bit {
  /** In pixels; what is blurred more is even. */
  private static final double WIDEST = 10_000;

  /** What directions may differ by and count as the canvas's own. */
  private static final double TURNED = 1e-6;

  private SvgBlur(Filter source, double sigmaX, double sigmaY) {
    super(source, sigmaX, sigmaY);
  }

  /** Makes it of the element. */
  static final class Bridge extends SVGFeGaussianBlurElementBridge {
    @Override
    public Filter createFilter(
        BridgeContext context,
        Element filterElement,
        Element filteredElement,
        GraphicsNode filteredNode,
        Filter before,
        Rectangle2D region,
        @SuppressWarnings("rawtypes") Map filters) {
      Filter usual =
          super.createFilter(
              context, filterElement, filteredElement, filteredNode, before, region, filters);
      if (usual instanceof PadRable padded
          && padded.getSource() instanceof GaussianBlurRable8Bit blur) {
        SvgBlur exact =
            new SvgBlur(blur.getSource(), blur.getStdDeviationX(), blur.getStdDeviationY());
        exact.setColorSpaceLinear(blur.isColorSpaceLinear());
        padded.setSource(exact);
      }
      return usual;
    }
  }

  @Override
  public Rectangle2D getBounds2D() {
    Rectangle2D source = getSource().getBounds2D();
    double across = GaussianBlur.reach(getStdDeviationX());
    double down = GaussianBlur.reach(getStdDeviationY());
    return new Rectangle2D.Double(
        source.getX() - across,
        source.getY() - down,
        source.getWidth() + 2 * across,
        source.getHeight() + 2 * down);
  }

  @Override
  public RenderedImage createRendering(RenderContext context) {
    AffineTransform toDevice = context.getTransform();
    double scaleX = Math.hypot(toDevice.getScaleX(), toDevice.getShearY());
    double scaleY = Math.hypot(toDevice.getScaleY(), toDevice.getShearX());
    if (scaleX == 0 || scaleY == 0) {
      return null;
    }
    double turned = Math.abs(toDevice.getShearX()) + Math.abs(toDevice.getShearY());
    if (turned < TURNED * (scaleX + scaleY)) {
      return blurred(context, toDevice, scaleX, scaleY);
    }
    // Along its own axes, and turned afterwards.
    AffineTransform upright = AffineTransform.getScaleInstance(scaleX, scaleY);
    CachableRed blurred = blurred(context, upright, scaleX, scaleY);
    if (blurred == null) {
      return null;
    }
    AffineTransform rest = new AffineTransform(toDevice);
    rest.scale(1 / scaleX, 1 / scaleY);
    return new AffineRed(blurred, rest, context.getRenderingHints());
  }

  /**
   * @param toPixels along the axes
   */
  private CachableRed blurred(
      RenderContext context, AffineTransform toPixels, double scaleX, double scaleY) {
    Shape asked = context.getAreaOfInterest() == null ? getBounds2D() : context.getAreaOfInterest();
    Rectangle2D wanted = asked.getBounds2D().createIntersection(getBounds2D());
    if (wanted.isEmpty()) {
      return null;
    }
    double sigmaX = Math.min(WIDEST, getStdDeviationX() * scaleX);
    double sigmaY = Math.min(WIDEST, getStdDeviationY() * scaleY);
    Bounds to = bounds(toPixels.createTransformedShape(wanted).getBounds());
    Bounds from =
        to.grown(GaussianBlur.reach(sigmaX), GaussianBlur.reach(sigmaY))
            .within(bounds(toPixels.createTransformedShape(getSource().getBounds2D()).getBounds()));
    if (from.empty()) {
      return null;
    }
    RenderedImage source =
        getSource()
            .createRendering(new RenderContext(toPixels, units(from, toPixels), hints(context)));
    if (source == null) {
      return null;
    }
    return blurred(convertSourceCS(source), from, to, sigmaX, sigmaY);
  }

  private static RenderingHints hints(RenderContext context) {
    return context.getRenderingHints() == null
        ? new RenderingHints(Map.of())
        : context.getRenderingHints();
  }

  private static Shape units(Bounds pixels, AffineTransform toPixels) {
    try {
      return toPixels
          .createInverse()
          .createTransformedShape(
              new Rectangle(pixels.left(), pixels.top(), pixels.width(), pixels.height()));
    } catch (NoninvertibleTransformException e) {
      throw new IllegalArgumentException(e); // Its scales are not 0.
    }
  }

  private static Bounds bounds(Rectangle pixels) {
    return new Bounds(pixels.x, pixels.y, pixels.x + pixels.width, pixels.y + pixels.height);
  }

  private static CachableRed blurred(
      CachableRed source, Bounds from, Bounds to, double sigmaX, double sigmaY) {
    Rectangle found = source.getBounds();
    Bounds present = from.within(bounds(found));
    ColorModel model = GraphicsUtil.coerceColorModel(source.getColorModel(), true);
    BufferedImage image =
        new BufferedImage(
            model, model.createCompatibleWritableRaster(to.width(), to.height()), true, null);
    if (!present.empty()) {
      WritableRaster pixels =
          source
              .getColorModel()
              .createCompatibleWritableRaster(present.width(), present.height())
              .createWritableTranslatedChild(present.left(), present.top());
      source.copyData(pixels);
      GraphicsUtil.coerceData(pixels, source.getColorModel(), true);
      for (int band = 0; band < pixels.getNumBands(); band++) {
        Plane blurred = GaussianBlur.of(plane(pixels, present, band), sigmaX, sigmaY, to);
        write(blurred, image.getRaster(), to, band);
      }
    }
    return new BufferedImageCachableRed(image, to.left(), to.top());
  }

  private static Plane plane(Raster pixels, Bounds bounds, int band) {
    float[] samples =
        pixels.getSamples(
            bounds.left(), bounds.top(), bounds.width(), bounds.height(), band, (float[]) null);
    for (int i = 0; i < samples.length; i++) {
      samples[i] /= 255;
    }
    return new Plane(bounds, samples);
  }

  private static void write(Plane plane, WritableRaster to, Bounds place, int band) {
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
