package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.Kernel;
import java.awt.image.RenderedImage;
import java.awt.image.WritableRaster;
import java.awt.image.renderable.RenderContext;
import java.util.Arrays;
import java.util.Map;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.SVGFeConvolveMatrixElementBridge;
import org.apache.batik.ext.awt.image.GraphicsUtil;
import org.apache.batik.ext.awt.image.PadMode;
import org.apache.batik.ext.awt.image.renderable.ConvolveMatrixRable8Bit;
import org.apache.batik.ext.awt.image.renderable.Filter;
import org.apache.batik.ext.awt.image.renderable.PadRable;
import org.apache.batik.ext.awt.image.rendered.BufferedImageCachableRed;
import org.apache.batik.ext.awt.image.rendered.CachableRed;
import org.apache.batik.gvt.GraphicsNode;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;

/**
 * Each pixel by a matrix of those around it (W3C Filter Effects 1, section 9.9), where the library
 * gives back what it was given. A matrix without a size of its own is one of the file's units, so
 * that it looks the same however large the file is drawn.
 */
final class SvgConvolution extends ConvolveMatrixRable8Bit {
  private static final int CHANNELS = 4;
  private static final int ALPHA = 3;

  /** What is larger has coarser pixels. */
  private static final double MOST_PIXELS = 2_000_000;

  /**
   * Of weights with pixels. A large matrix over many pixels would take hours; counted, not timed,
   * so that a file is drawn on a slow machine too.
   */
  private static final double MOST_PRODUCTS = 200_000_000;

  private SvgConvolution(Filter source) {
    super(source);
  }

  /** Makes it of the element. */
  static final class Bridge extends SVGFeConvolveMatrixElementBridge {
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
          && padded.getSource() instanceof ConvolveMatrixRable8Bit told) {
        SvgConvolution own = new SvgConvolution(told.getSource());
        own.setKernel(told.getKernel());
        own.setTarget(told.getTarget());
        own.setBias(told.getBias());
        own.setEdgeMode(told.getEdgeMode());
        own.setKernelUnitLength(told.getKernelUnitLength());
        own.setPreserveAlpha(told.getPreserveAlpha());
        own.setColorSpaceLinear(told.isColorSpaceLinear());
        padded.setSource(own);
      }
      return usual;
    }
  }

  @Override
  public RenderedImage createRendering(RenderContext context) {
    double[] unit = getKernelUnitLength();
    double across = unit == null ? 1 : 1 / unit[0];
    double down = unit == null ? 1 : 1 / unit[1];
    Rectangle2D all = getSource().getBounds2D();
    double smaller =
        Math.min(1, Math.sqrt(MOST_PIXELS / (all.getWidth() * across * all.getHeight() * down)));
    return SvgStep.enlarged(
        context,
        (toPixels, scaleX, scaleY) -> drawn(context, toPixels),
        smaller * across,
        smaller * down);
  }

  private @Nullable CachableRed drawn(RenderContext context, AffineTransform toPixels) {
    Rectangle2D all = getSource().getBounds2D();
    Bounds bounds = SvgStep.bounds(toPixels.createTransformedShape(all).getBounds());
    Shape wanted = SvgStep.units(bounds, toPixels);
    if (bounds.empty()) {
      return null;
    }
    RenderedImage source =
        getSource().createRendering(new RenderContext(toPixels, wanted, SvgStep.hints(context)));
    if (source == null) {
      return null;
    }
    CachableRed pixels = convertSourceCS(source);
    ColorModel model = GraphicsUtil.coerceColorModel(pixels.getColorModel(), true);
    BufferedImage image =
        new BufferedImage(
            model,
            model.createCompatibleWritableRaster(bounds.width(), bounds.height()),
            true,
            null);
    Plane[] planes = planes(pixels, bounds);
    convolve(planes, bounds, image.getRaster());
    return new BufferedImageCachableRed(image, bounds.left(), bounds.top());
  }

  /** Premultiplied, 0–1; clear where the source has nothing. */
  private static Plane[] planes(CachableRed source, Bounds bounds) {
    Bounds present = bounds.within(SvgStep.bounds(source.getBounds()));
    Plane[] planes = new Plane[CHANNELS];
    for (int c = 0; c < CHANNELS; c++) {
      planes[c] = new Plane(bounds, new float[bounds.width() * bounds.height()]);
    }
    if (present.empty()) {
      return planes;
    }
    WritableRaster pixels =
        source
            .getColorModel()
            .createCompatibleWritableRaster(present.width(), present.height())
            .createWritableTranslatedChild(present.left(), present.top());
    source.copyData(pixels);
    GraphicsUtil.coerceData(pixels, source.getColorModel(), true);
    for (int c = 0; c < CHANNELS; c++) {
      Plane found = SvgStep.plane(pixels, present, c);
      for (int y = present.top(); y < present.bottom(); y++) {
        System.arraycopy(
            found.values(),
            found.row(y),
            planes[c].values(),
            planes[c].row(y) + present.left() - bounds.left(),
            present.width());
      }
    }
    return planes;
  }

  private void convolve(Plane[] planes, Bounds bounds, WritableRaster to) {
    Kernel kernel = getKernel();
    float[] matrix = kernel.getKernelData(null);
    float[] sums = new float[CHANNELS];
    int[] pixel = new int[CHANNELS];
    if ((double) matrix.length * bounds.width() * bounds.height() > MOST_PRODUCTS) {
      throw new InvalidInput(
          "A filter of a vector picture takes too long; simplify it and save it again.");
    }
    for (int y = 0; y < bounds.height(); y++) {
      for (int x = 0; x < bounds.width(); x++) {
        sum(planes, bounds, kernel, matrix, x, y, sums);
        float alpha = planes[ALPHA].values()[y * bounds.width() + x];
        float bias = (float) getBias() * alpha;
        float own = getPreserveAlpha() ? alpha : Math.clamp(sums[ALPHA] + bias, 0, 1);
        for (int c = 0; c < ALPHA; c++) {
          float most = getPreserveAlpha() ? 1 : own;
          float value =
              Math.clamp(sums[c] + (getPreserveAlpha() ? (float) getBias() : bias), 0, most);
          pixel[c] = Math.round(255 * value * (getPreserveAlpha() ? alpha : 1));
        }
        pixel[ALPHA] = Math.round(255 * own);
        to.setPixel(x, y, pixel);
      }
    }
  }

  private void sum(
      Plane[] planes, Bounds bounds, Kernel kernel, float[] matrix, int x, int y, float[] sums) {
    Arrays.fill(sums, 0);
    int width = kernel.getWidth();
    int last = matrix.length - 1;
    float[] alphas = planes[ALPHA].values();
    for (int i = 0; i < kernel.getHeight(); i++) {
      int fromY = edge(y - getTarget().y + i, bounds.height());
      for (int j = 0; j < width && fromY >= 0; j++) {
        float weight = matrix[last - i * width - j];
        int fromX = weight == 0 ? -1 : edge(x - getTarget().x + j, bounds.width());
        if (fromX >= 0) {
          int at = fromY * bounds.width() + fromX;
          float alpha = alphas[at];
          float straight = getPreserveAlpha() && alpha > 0 ? weight / alpha : weight;
          for (int c = 0; c < ALPHA; c++) {
            sums[c] += straight * planes[c].values()[at];
          }
          sums[ALPHA] += weight * alpha;
        }
      }
    }
  }

  /**
   * @return -1 for what is clear
   */
  private int edge(int place, int count) {
    if (place >= 0 && place < count) {
      return place;
    }
    return switch (getEdgeMode().getMode()) {
      case PadMode.MODE_REPLICATE -> Math.clamp(place, 0, count - 1);
      case PadMode.MODE_WRAP -> Math.floorMod(place, count);
      default -> -1;
    };
  }
}
