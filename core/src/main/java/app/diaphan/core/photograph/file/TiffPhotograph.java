package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.Metadata;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.awt.image.IndexColorModel;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFImageReadParam;
import javax.imageio.stream.ImageInputStream;

/** A TIFF file of grey or colours of 8 or 16 bits, read through the platform's library. */
final class TiffPhotograph extends RowPhotograph {
  /** Rows that are decoded together take as much. */
  private static final long BAND_BYTES = 32L << 20;

  private final Path path;
  private final TiffPage page;

  private TiffPhotograph(Path path, TiffPage page, PhotographFacts facts) {
    super(facts);
    this.path = path;
    this.page = page;
  }

  static TiffPhotograph of(Path path) throws IOException {
    ImageReader reader = reader();
    try (ImageInputStream input = ImageIO.createImageInputStream(path.toFile())) {
      reader.setInput(input);
      TIFFImageReadParam all = new TIFFImageReadParam();
      all.setReadUnknownTags(true);
      all.setSourceRegion(new Rectangle(0, 0, 1, 1));
      TiffPage page =
          new TiffPage(TIFFDirectory.createFromMetadata(reader.readAll(0, all).getMetadata()));
      Metadata metadata = page.metadata(path);
      PhotographFacts facts =
          new PhotographFacts(
              PhotographFormat.TIFF,
              reader.getWidth(0),
              reader.getHeight(0),
              page.bits(),
              OwnColours.of(metadata.profile(), page.channels() < 3 ? 1 : 3),
              metadata,
              notes(reader.getNumImages(true)));
      return new TiffPhotograph(path, page, facts);
    } catch (RuntimeException e) {
      throw new IOException(e);
    } finally {
      reader.dispose();
    }
  }

  private static List<String> notes(int pages) {
    return pages > 1
        ? List.of(
            "Of its " + pages + " pages the first is marked and written; the others are left out.")
        : List.of();
  }

  private static ImageReader reader() {
    Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName("tiff");
    while (readers.hasNext()) {
      ImageReader reader = readers.next();
      if (reader.getClass().getModule().isNamed()) {
        return reader;
      }
    }
    throw new IllegalStateException("The platform reads TIFF.");
  }

  TiffPage page() {
    return page;
  }

  @Override
  RowSource decoded() throws IOException {
    return new Rows();
  }

  private final class Rows implements RowSource {
    private final ImageReader reader = reader();
    private final ImageInputStream input;
    private final RowShape shape =
        new RowShape(
            TiffPhotograph.this.width(),
            TiffPhotograph.this.height(),
            page.channels(),
            page.bits());
    private final int atOnce;
    private BufferedImage band;
    private int[] indexed = {};
    private int y;

    Rows() throws IOException {
      input = ImageIO.createImageInputStream(path.toFile());
      reader.setInput(input);
      long row = (long) shape.width() * shape.channels() * shape.bits() / Byte.SIZE;
      int most = (int) Math.max(1, BAND_BYTES / Math.max(1, row));
      int strip = Math.max(1, reader.getTileHeight(0));
      // Whole strips, or a strip is decoded anew for each part of it.
      atOnce = strip <= most ? most / strip * strip : most;
    }

    @Override
    public RowShape shape() {
      return shape;
    }

    @Override
    public void next(int[] row) throws IOException {
      if (y % atOnce == 0) {
        TIFFImageReadParam part = new TIFFImageReadParam();
        int rows = Math.min(atOnce, shape.height() - y);
        part.setSourceRegion(new Rectangle(0, y, shape.width(), rows));
        band = reader.read(0, part);
      }
      Raster raster = band.getRaster();
      if (band.getColorModel() instanceof IndexColorModel model) {
        indexed =
            raster.getPixels(0, y % atOnce, shape.width(), 1, indexed.length == 0 ? null : indexed);
        for (int x = 0; x < shape.width(); x++) {
          row[3 * x] = model.getRed(indexed[x]);
          row[3 * x + 1] = model.getGreen(indexed[x]);
          row[3 * x + 2] = model.getBlue(indexed[x]);
        }
      } else {
        raster.getPixels(0, y % atOnce, shape.width(), 1, row);
      }
      y++;
    }

    @Override
    public void close() throws IOException {
      reader.dispose();
      input.close();
    }
  }
}
