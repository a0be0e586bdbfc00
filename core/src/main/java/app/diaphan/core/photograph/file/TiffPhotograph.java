package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.Metadata;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.awt.image.IndexColorModel;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.plugins.tiff.BaselineTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.plugins.tiff.TIFFImageReadParam;
import javax.imageio.plugins.tiff.TIFFTag;
import javax.imageio.stream.ImageInputStream;

/** A TIFF file of grey or colours of 8 or 16 bits, read through the platform's library. */
final class TiffPhotograph extends RowPhotograph {
  static final int XMP = 700;
  static final int RESOURCES = 34377;
  static final int PROFILE = 34675;

  /** Rows that are decoded together take as much. */
  private static final long BAND_BYTES = 32L << 20;

  private static final int PREMULTIPLIED = 1;

  private final Path path;
  private final TIFFDirectory directory;
  private final int pages;
  private final int width;
  private final int height;
  private final int samples;
  private final boolean palette;
  private final int bits;
  private final Metadata metadata;
  private final OwnColours colours;

  private TiffPhotograph(Path path, ImageReader reader) throws IOException {
    this.path = path;
    directory = TIFFDirectory.createFromMetadata(told(reader, 0));
    pages = reader.getNumImages(true);
    width = reader.getWidth(0);
    height = reader.getHeight(0);
    palette = number(BaselineTIFFTagSet.TAG_PHOTOMETRIC_INTERPRETATION, 0) == 3;
    samples = number(BaselineTIFFTagSet.TAG_SAMPLES_PER_PIXEL, 1);
    bits =
        number(BaselineTIFFTagSet.TAG_BITS_PER_SAMPLE, 1) > Byte.SIZE && !palette
            ? Short.SIZE
            : Byte.SIZE;
    metadata =
        new Metadata(Metadata.exifOfTiff(path), bytes(RESOURCES), bytes(XMP), bytes(PROFILE));
    colours = OwnColours.of(metadata.profile(), samples < 3 && !palette ? 1 : 3);
  }

  static TiffPhotograph of(Path path) throws IOException {
    ImageReader reader = reader();
    try (ImageInputStream input = ImageIO.createImageInputStream(path.toFile())) {
      reader.setInput(input);
      return new TiffPhotograph(path, reader);
    } catch (RuntimeException e) {
      throw new IOException(e);
    } finally {
      reader.dispose();
    }
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

  private static IIOMetadata told(ImageReader reader, int page) throws IOException {
    TIFFImageReadParam all = new TIFFImageReadParam();
    all.setReadUnknownTags(true);
    all.setSourceRegion(new Rectangle(0, 0, 1, 1));
    return reader.readAll(page, all).getMetadata();
  }

  private int number(int tag, int otherwise) {
    TIFFField field = directory.getTIFFField(tag);
    return field == null ? otherwise : field.getAsInt(0);
  }

  private Optional<byte[]> bytes(int tag) {
    TIFFField field = directory.getTIFFField(tag);
    return field != null
            && (field.getType() == TIFFTag.TIFF_BYTE || field.getType() == TIFFTag.TIFF_UNDEFINED)
        ? Optional.of(field.getAsBytes())
        : Optional.empty();
  }

  /**
   * Whether its numbers mean grey or red, green and blue, and nothing that they are multiplied by.
   */
  boolean plain() {
    int meaning = number(BaselineTIFFTagSet.TAG_PHOTOMETRIC_INTERPRETATION, 0);
    int depth = number(BaselineTIFFTagSet.TAG_BITS_PER_SAMPLE, 1);
    boolean whole = number(BaselineTIFFTagSet.TAG_SAMPLE_FORMAT, 1) == 1;
    boolean known = meaning == 1 && samples <= 2 || meaning == 2 && samples <= 4 && samples >= 3;
    boolean straight = number(BaselineTIFFTagSet.TAG_EXTRA_SAMPLES, 2) != PREMULTIPLIED;
    boolean deep = depth == Byte.SIZE || depth == Short.SIZE;
    return whole && (known && deep && straight || palette && depth <= Byte.SIZE);
  }

  TIFFDirectory directory() {
    return directory;
  }

  /** How its pixels are packed, by the format's own number. */
  int compression() {
    return number(BaselineTIFFTagSet.TAG_COMPRESSION, 1);
  }

  @Override
  public PhotographFormat format() {
    return PhotographFormat.TIFF;
  }

  @Override
  public int width() {
    return width;
  }

  @Override
  public int height() {
    return height;
  }

  @Override
  public int bits() {
    return bits;
  }

  @Override
  public OwnColours colours() {
    return colours;
  }

  @Override
  public Metadata metadata() {
    return metadata;
  }

  @Override
  public List<String> notes() {
    List<String> notes = new ArrayList<>();
    if (pages > 1) {
      notes.add(
          "Of its " + pages + " pages the first is marked and written; the others are left out.");
    }
    return notes;
  }

  @Override
  RowSource decoded() throws IOException {
    return new Rows();
  }

  private final class Rows implements RowSource {
    private final ImageReader reader = reader();
    private final ImageInputStream input;
    private final int atOnce;
    private Raster band;
    private int[] indexed = {};
    private IndexColorModel model;
    private int y;

    Rows() throws IOException {
      input = ImageIO.createImageInputStream(path.toFile());
      reader.setInput(input);
      long row = (long) width * samples * bits / Byte.SIZE;
      int most = (int) Math.max(1, BAND_BYTES / Math.max(1, row));
      int strip = Math.max(1, reader.getTileHeight(0));
      // Whole strips, or a strip is decoded anew for each part of it.
      atOnce = strip <= most ? most / strip * strip : most;
    }

    @Override
    public int width() {
      return width;
    }

    @Override
    public int height() {
      return height;
    }

    @Override
    public int channels() {
      return palette ? 3 : samples;
    }

    @Override
    public int bits() {
      return bits;
    }

    @Override
    public void next(int[] row) throws IOException {
      if (y % atOnce == 0) {
        TIFFImageReadParam part = new TIFFImageReadParam();
        part.setSourceRegion(new Rectangle(0, y, width, Math.min(atOnce, height - y)));
        try {
          BufferedImage image = reader.read(0, part);
          band = image.getRaster();
          model = palette ? (IndexColorModel) image.getColorModel() : null;
        } catch (RuntimeException e) {
          throw new IOException(e);
        }
      }
      if (palette) {
        indexed = band.getPixels(0, y % atOnce, width, 1, indexed.length == 0 ? null : indexed);
        for (int x = 0; x < width; x++) {
          row[3 * x] = model.getRed(indexed[x]);
          row[3 * x + 1] = model.getGreen(indexed[x]);
          row[3 * x + 2] = model.getBlue(indexed[x]);
        }
      } else {
        band.getPixels(0, y % atOnce, width, 1, row);
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
