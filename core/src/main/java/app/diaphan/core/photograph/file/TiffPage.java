package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.Metadata;
import java.nio.file.Path;
import java.util.Optional;
import javax.imageio.plugins.tiff.BaselineTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.plugins.tiff.TIFFTag;

/** What the directory of a TIFF file's first page says (TIFF 6.0, section 8). */
record TiffPage(TIFFDirectory directory) {
  static final int XMP = 700;
  static final int RESOURCES = 34377;
  static final int PROFILE = 34675;

  private static final int GREY = 1;
  private static final int COLOURS = 2;
  private static final int PALETTE = 3;
  private static final int PREMULTIPLIED = 1;

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

  private int meaning() {
    return number(BaselineTIFFTagSet.TAG_PHOTOMETRIC_INTERPRETATION, 0);
  }

  private int depth() {
    return number(BaselineTIFFTagSet.TAG_BITS_PER_SAMPLE, 1);
  }

  private int samples() {
    return number(BaselineTIFFTagSet.TAG_SAMPLES_PER_PIXEL, 1);
  }

  boolean palette() {
    return meaning() == PALETTE;
  }

  /** Of a pixel once palettes are looked up. */
  int channels() {
    return palette() ? 3 : samples();
  }

  /** A channel, 8 or 16. */
  int bits() {
    return depth() > Byte.SIZE && !palette() ? Short.SIZE : Byte.SIZE;
  }

  /** How its pixels are packed, by the format's own number. */
  int compression() {
    return number(BaselineTIFFTagSet.TAG_COMPRESSION, 1);
  }

  /**
   * Whether its numbers mean grey or red, green and blue, and nothing that they are multiplied by.
   */
  boolean plain() {
    boolean whole = number(BaselineTIFFTagSet.TAG_SAMPLE_FORMAT, 1) == 1;
    boolean known =
        meaning() == GREY && samples() <= 2
            || meaning() == COLOURS && samples() >= 3 && samples() <= 4;
    boolean straight = number(BaselineTIFFTagSet.TAG_EXTRA_SAMPLES, 2) != PREMULTIPLIED;
    boolean deep = depth() == Byte.SIZE || depth() == Short.SIZE;
    return whole && (known && deep && straight || palette() && depth() <= Byte.SIZE);
  }

  Metadata metadata(Path file) {
    return new Metadata(Metadata.exifOfTiff(file), bytes(RESOURCES), bytes(XMP), bytes(PROFILE));
  }
}
