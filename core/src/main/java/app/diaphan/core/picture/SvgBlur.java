package app.diaphan.core.picture;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.GaussianBlur;
import app.diaphan.core.raster.Plane;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
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
import org.apache.batik.ext.awt.image.rendered.BufferedImageCachableRed;
import org.apache.batik.ext.awt.image.rendered.CachableRed;
import org.apache.batik.gvt.GraphicsNode;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;

/**
 * The blur of SVG's filters by the Gaussian itself ({@link GaussianBlur}). The library's own goes
 * six times over bytes, which makes shadows five steps of 255 too thin, and ends at two σ.
 */
final class SvgBlur extends GaussianBlurRable8Bit {
  /** In pixels; what is blurred more is even. */
  private static final double WIDEST = 10_000;

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
          SvgShares.measured(
              filterElement,
              filteredNode,
              () ->
                  super.createFilter(
                      context,
                      filterElement,
                      filteredElement,
                      filteredNode,
                      before,
                      region,
                      filters),
              "stdDeviation");
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
    return SvgStep.upright(
        context, (toPixels, scaleX, scaleY) -> blurred(context, toPixels, scaleX, scaleY));
  }

  /**
   * @param toPixels along the axes
   */
  private @Nullable CachableRed blurred(
      RenderContext context, AffineTransform toPixels, double scaleX, double scaleY) {
    Shape asked = context.getAreaOfInterest() == null ? getBounds2D() : context.getAreaOfInterest();
    Rectangle2D wanted = asked.getBounds2D().createIntersection(getBounds2D());
    if (wanted.isEmpty()) {
      return null;
    }
    double sigmaX = Math.min(WIDEST, getStdDeviationX() * scaleX);
    double sigmaY = Math.min(WIDEST, getStdDeviationY() * scaleY);
    Bounds to = SvgStep.bounds(toPixels.createTransformedShape(wanted).getBounds());
    Bounds from =
        to.grown(GaussianBlur.reach(sigmaX), GaussianBlur.reach(sigmaY))
            .within(
                SvgStep.bounds(
                    toPixels.createTransformedShape(getSource().getBounds2D()).getBounds()));
    if (from.empty()) {
      return null;
    }
    RenderedImage source =
        getSource()
            .createRendering(
                new RenderContext(toPixels, SvgStep.units(from, toPixels), SvgStep.hints(context)));
    if (source == null) {
      return null;
    }
    return blurred(convertSourceCS(source), from, to, sigmaX, sigmaY);
  }

  private static CachableRed blurred(
      CachableRed source, Bounds from, Bounds to, double sigmaX, double sigmaY) {
    Rectangle found = source.getBounds();
    Bounds present = from.within(SvgStep.bounds(found));
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
        Plane blurred = GaussianBlur.of(SvgStep.plane(pixels, present, band), sigmaX, sigmaY, to);
        SvgStep.write(blurred, image.getRaster(), to, band);
      }
    }
    return new BufferedImageCachableRed(image, to.left(), to.top());
  }
}
