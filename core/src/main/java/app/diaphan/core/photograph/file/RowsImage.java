package app.diaphan.core.photograph.file;

import java.awt.Image;
import java.awt.Rectangle;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.RenderedImage;
import java.awt.image.SampleModel;
import java.awt.image.WritableRaster;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Vector;

/** Rows as writers of the platform ask for them, some at a time and downwards. */
final class RowsImage implements RenderedImage {
  private final RowSource rows;
  private final ColorModel model;
  private final int[] row;
  private int read;
  private Raster last;

  RowsImage(RowSource rows) {
    this.rows = rows;
    row = new int[rows.width() * rows.channels()];
    model =
        new ComponentColorModel(
            ColorSpace.getInstance(rows.channels() < 3 ? ColorSpace.CS_GRAY : ColorSpace.CS_sRGB),
            rows.alpha(),
            false,
            rows.alpha() ? Transparency.TRANSLUCENT : Transparency.OPAQUE,
            rows.bits() > Byte.SIZE ? DataBuffer.TYPE_USHORT : DataBuffer.TYPE_BYTE);
    last = raster(0, 0);
  }

  private WritableRaster raster(int top, int height) {
    return model
        .createCompatibleWritableRaster(rows.width(), Math.max(1, height))
        .createWritableTranslatedChild(0, top);
  }

  /**
   * @throws UncheckedIOException if the rows cannot be read
   */
  @Override
  public Raster getData(Rectangle part) {
    int bottom = part.y + part.height;
    if (part.y < last.getMinY()) {
      throw new IllegalStateException("Rows come once, downwards.");
    }
    if (bottom > read) {
      WritableRaster next = raster(part.y, part.height);
      int kept = Math.max(0, read - part.y);
      for (int y = part.y; y < part.y + kept; y++) {
        last.getPixels(0, y, rows.width(), 1, row);
        next.setPixels(0, y, rows.width(), 1, row);
      }
      try {
        for (int y = read; y < bottom; y++) {
          rows.next(row);
          if (y >= part.y) {
            next.setPixels(0, y, rows.width(), 1, row);
          }
        }
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
      read = bottom;
      last = next;
    }
    return last.createChild(part.x, part.y, part.width, part.height, part.x, part.y, null);
  }

  @Override
  public Raster getData() {
    return getData(new Rectangle(0, 0, getWidth(), getHeight()));
  }

  @Override
  public WritableRaster copyData(WritableRaster raster) {
    WritableRaster to = raster == null ? raster(0, getHeight()) : raster;
    to.setRect(getData(to.getBounds()));
    return to;
  }

  @Override
  public Raster getTile(int x, int y) {
    return getData();
  }

  @Override
  public Vector<RenderedImage> getSources() {
    return new Vector<>();
  }

  @Override
  public Object getProperty(String name) {
    return Image.UndefinedProperty;
  }

  @Override
  public String[] getPropertyNames() {
    return new String[0];
  }

  @Override
  public ColorModel getColorModel() {
    return model;
  }

  @Override
  public SampleModel getSampleModel() {
    return model.createCompatibleSampleModel(getWidth(), getHeight());
  }

  @Override
  public int getWidth() {
    return rows.width();
  }

  @Override
  public int getHeight() {
    return rows.height();
  }

  @Override
  public int getMinX() {
    return 0;
  }

  @Override
  public int getMinY() {
    return 0;
  }

  @Override
  public int getNumXTiles() {
    return 1;
  }

  @Override
  public int getNumYTiles() {
    return 1;
  }

  @Override
  public int getMinTileX() {
    return 0;
  }

  @Override
  public int getMinTileY() {
    return 0;
  }

  @Override
  public int getTileWidth() {
    return getWidth();
  }

  @Override
  public int getTileHeight() {
    return getHeight();
  }

  @Override
  public int getTileGridXOffset() {
    return 0;
  }

  @Override
  public int getTileGridYOffset() {
    return 0;
  }
}
