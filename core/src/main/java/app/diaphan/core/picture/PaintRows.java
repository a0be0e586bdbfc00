package app.diaphan.core.picture;

import app.diaphan.core.raster.Bounds;
import com.github.weisj.jsvg.paint.impl.jdk.SVGMultipleGradientPaint;
import java.awt.GradientPaint;
import java.awt.MultipleGradientPaint;
import java.awt.Paint;
import java.awt.PaintContext;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.ColorModel;
import java.awt.image.Raster;
import java.util.Map;
import org.apache.pdfbox.pdmodel.graphics.shading.AxialShadingPaint;
import org.apache.pdfbox.pdmodel.graphics.shading.RadialShadingPaint;
import org.apache.pdfbox.pdmodel.graphics.shading.ShadingPaint;

/**
 * Colours of a paint, row by row. Libraries take those of gradients at the corner of a pixel, which
 * moves them by half of one and leaves their hard stops jagged; here they are the mean of places
 * within it. Meshes and functions of PDF files are taken at one place, its middle.
 */
final class PaintRows implements AutoCloseable {
  private static final RenderingHints HINTS =
      new RenderingHints(
          Map.of(
              RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON,
              RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE,
              RenderingHints.KEY_RENDERING, RenderingHints.VALUE_RENDER_QUALITY,
              RenderingHints.KEY_COLOR_RENDERING, RenderingHints.VALUE_COLOR_RENDER_QUALITY));

  /** So many places each way in a pixel. */
  private static final int FINE = 4;

  /** The same where there are many pixels, so that they take no longer than a second. */
  private static final int LESS_FINE = 2;

  private static final long MANY = 2_000_000;

  private final PaintContext context;
  private final int finer;
  private Object pixel;

  /**
   * @param user what is painted, in the paint's own units
   * @param pixels where it is asked for
   */
  PaintRows(Paint paint, AffineTransform toPixels, Rectangle2D user, Bounds pixels) {
    long count = (long) pixels.width() * pixels.height();
    finer = !isQuick(paint) ? 1 : count > MANY ? LESS_FINE : FINE;
    AffineTransform toPlaces = new AffineTransform();
    if (isQuick(paint) || paint instanceof ShadingPaint<?>) {
      toPlaces.translate(-0.5, -0.5);
      toPlaces.scale(finer, finer);
    }
    toPlaces.concatenate(toPixels);
    context =
        paint.createContext(
            ColorModel.getRGBdefault(),
            new Rectangle(
                finer * pixels.left(),
                finer * pixels.top(),
                finer * pixels.width(),
                finer * pixels.height()),
            user,
            toPlaces,
            HINTS);
  }

  /** Whether many places cost little: gradients look their colours up in a table. */
  private static boolean isQuick(Paint paint) {
    return paint instanceof GradientPaint
        || paint instanceof TiledPaint
        || paint instanceof ConePaint
        || paint instanceof MultipleGradientPaint
        || paint instanceof SVGMultipleGradientPaint
        || paint instanceof org.apache.batik.ext.awt.MultipleGradientPaint
        || paint instanceof AxialShadingPaint
        || paint instanceof RadialShadingPaint;
  }

  /** Writes premultiplied colours of a row from a column on. */
  void row(int y, int left, int count, float[] to) {
    Raster raster = context.getRaster(finer * left, finer * y, finer * count, finer);
    ColorModel model = context.getColorModel();
    float share = 1f / (finer * finer);
    for (int i = 0; i < count; i++) {
      float red = 0;
      float green = 0;
      float blue = 0;
      float sum = 0;
      for (int place = 0; place < finer * finer; place++) {
        pixel = raster.getDataElements(finer * i + place % finer, place / finer, pixel);
        int argb = model.getRGB(pixel);
        float alpha = (argb >>> 24) / 255f;
        red += (argb >> 16 & 0xff) / 255f * alpha;
        green += (argb >> 8 & 0xff) / 255f * alpha;
        blue += (argb & 0xff) / 255f * alpha;
        sum += alpha;
      }
      to[4 * i] = red * share;
      to[4 * i + 1] = green * share;
      to[4 * i + 2] = blue * share;
      to[4 * i + 3] = sum * share;
    }
  }

  @Override
  public void close() {
    context.dispose();
  }
}
