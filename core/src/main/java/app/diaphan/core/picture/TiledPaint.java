package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.raster.Bounds;
import java.awt.Paint;
import java.awt.PaintContext;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Transparency;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.awt.image.ColorModel;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.util.List;

/**
 * A tile again and again. It is drawn on texels, a whole number of them each way, so that it fits
 * to itself; which of them is shown is asked at many places of a pixel ({@link PaintRows}).
 */
final class TiledPaint implements Paint {
  /**
   * Where the texels lie.
   *
   * @param tile in the pattern's own units
   * @param columns of texels
   */
  record Grid(Rectangle2D tile, int columns, int rows) {
    /** Texels a pixel each way, where there is room for them. */
    private static final int[] FINE = {4, 2, 1};

    /** A tile as large as the largest frames; larger ones are drawn less finely. */
    private static final double MOST_TEXELS = 9_000_000;

    static Grid of(Rectangle2D tile, AffineTransform toPixels) {
      double width = tile.getWidth() * Math.hypot(toPixels.getScaleX(), toPixels.getShearY());
      double height = tile.getHeight() * Math.hypot(toPixels.getShearX(), toPixels.getScaleY());
      for (int fine : FINE) {
        if (fine * width * fine * height <= MOST_TEXELS) {
          return new Grid(tile, whole(fine * width), whole(fine * height));
        }
      }
      double smaller = Math.sqrt(MOST_TEXELS / (width * height));
      return new Grid(tile, whole(width * smaller), whole(height * smaller));
    }

    private static int whole(double texels) {
      return (int) Math.clamp(Math.round(texels), 1, (long) MOST_TEXELS);
    }

    AffineTransform toTexels() {
      AffineTransform to =
          AffineTransform.getScaleInstance(columns / tile.getWidth(), rows / tile.getHeight());
      to.translate(-tile.getX(), -tile.getY());
      return to;
    }
  }

  /** So many rows are drawn at once, since drawing takes more memory than texels. */
  private static final int BAND = 256;

  private static final double MOST_SECONDS = 20;

  private final List<Figure> figures;
  private final Grid grid;
  private final AffineTransform toUser;

  /**
   * @param figures of the tile, in texels
   * @param toUser from the pattern's units
   */
  TiledPaint(List<Figure> figures, Grid grid, AffineTransform toUser) {
    this.figures = figures;
    this.grid = grid;
    this.toUser = toUser;
  }

  /** Straight colours, row by row. */
  private int[] texels() {
    int[] texels = new int[grid.columns() * grid.rows()];
    Patience patience = Patience.of(MOST_SECONDS);
    for (int top = 0, at = 0; top < grid.rows(); top += BAND) {
      if (patience.over()) {
        throw new InvalidInput(
            "A pattern of a vector picture takes too long to draw; simplify it and save it again.");
      }
      int rows = Math.min(BAND, grid.rows() - top);
      float[] pixels = FigureDrawing.of(figures, new Bounds(0, top, grid.columns(), top + rows));
      for (int from = 0; from < pixels.length; from += 4) {
        texels[at++] = straight(pixels, from);
      }
    }
    return texels;
  }

  private static int straight(float[] pixels, int from) {
    float alpha = pixels[from + 3];
    int argb = Math.round(255 * alpha) << 24;
    for (int c = 0; c < 3 && alpha > 0; c++) {
      argb |= Math.clamp(Math.round(255 * pixels[from + c] / alpha), 0, 255) << 16 - 8 * c;
    }
    return argb;
  }

  @Override
  public PaintContext createContext(
      ColorModel model,
      Rectangle device,
      Rectangle2D user,
      AffineTransform toDevice,
      RenderingHints hints) {
    AffineTransform toPlaces = new AffineTransform(toDevice);
    toPlaces.concatenate(toUser);
    AffineTransform toTexels = grid.toTexels();
    try {
      toTexels.concatenate(toPlaces.createInverse());
    } catch (NoninvertibleTransformException e) {
      return new Texels(new int[1], 1, 1, new AffineTransform()); // Nothing is seen of it.
    }
    return new Texels(texels(), grid.columns(), grid.rows(), toTexels);
  }

  @Override
  public int getTransparency() {
    return Transparency.TRANSLUCENT;
  }

  /**
   * @param toTexels from the places that are asked for
   */
  private record Texels(int[] texels, int columns, int rows, AffineTransform toTexels)
      implements PaintContext {
    @Override
    public ColorModel getColorModel() {
      return ColorModel.getRGBdefault();
    }

    @Override
    public Raster getRaster(int left, int top, int width, int height) {
      WritableRaster raster = getColorModel().createCompatibleWritableRaster(width, height);
      int[] row = new int[width];
      for (int y = 0; y < height; y++) {
        double across = toTexels.getShearX() * (top + y) + toTexels.getTranslateX();
        double down = toTexels.getScaleY() * (top + y) + toTexels.getTranslateY();
        for (int x = 0; x < width; x++) {
          int column = wrapped(toTexels.getScaleX() * (left + x) + across, columns);
          row[x] =
              texels[wrapped(toTexels.getShearY() * (left + x) + down, rows) * columns + column];
        }
        raster.setDataElements(0, y, width, 1, row);
      }
      return raster;
    }

    private static int wrapped(double texel, int count) {
      double within = texel - Math.floor(texel / count) * count;
      return Math.clamp((long) within, 0, count - 1);
    }

    @Override
    public void dispose() {}
  }
}
