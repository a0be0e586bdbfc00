package app.diaphan.core.picture;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The numbers in the directory of a TIFF file's first picture (TIFF 6.0, section 2; BigTIFF has
 * wider offsets).
 */
final class TiffTags {
  static final int COMPRESSION = 259;
  private static final int PHOTOMETRIC_INTERPRETATION = 262;
  private static final int EXTRA_SAMPLES = 338;
  private static final int SAMPLE_FORMAT = 339;

  private static final int ASSOCIATED = 1;
  private static final int FLOATS = 3;

  /** What black is, and more of the like, for colours that are luma and chroma. */
  private static final int REFERENCE_BLACK_WHITE = 532;

  private static final int SHORT = 3;
  private static final int RATIONAL = 5;

  /** CIE, ICC and ITU L*a*b*. */
  private static final Set<Integer> LAB = Set.of(8, 9, 10);

  private final Map<Integer, Integer> values = new HashMap<>();

  private TiffTags(ByteBuffer file, boolean big) {
    int directory = big ? (int) file.getLong(8) : file.getInt(4);
    int entries = big ? (int) file.getLong(directory) : file.getShort(directory) & 0xffff;
    for (int i = 0; i < entries; i++) {
      int entry = directory + (big ? 8 + 20 * i : 2 + 12 * i);
      int value = entry + (big ? 12 : 8);
      boolean narrow = file.getShort(entry + 2) == SHORT;
      long count = big ? file.getLong(entry + 4) : file.getInt(entry + 4);
      boolean elsewhere =
          narrow && count > (big ? 4 : 2) || file.getShort(entry + 2) == RATIONAL && !big;
      if (elsewhere) {
        value = big ? (int) file.getLong(value) : file.getInt(value);
      }
      if (value >= 0 && value <= file.limit() - Integer.BYTES) {
        values.put(
            file.getShort(entry) & 0xffff,
            narrow ? file.getShort(value) & 0xffff : file.getInt(value));
      }
    }
  }

  /** None if it is no TIFF file or its directory is cut short. */
  static Optional<TiffTags> of(byte[] bytes) {
    if (bytes.length < 16 || bytes[0] != bytes[1] || bytes[0] != 'I' && bytes[0] != 'M') {
      return Optional.empty();
    }
    ByteBuffer file =
        ByteBuffer.wrap(bytes)
            .order(bytes[0] == 'I' ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
    int version = file.getShort(2);
    try {
      return version == 42 || version == 43
          ? Optional.of(new TiffTags(file, version == 43))
          : Optional.empty();
    } catch (IndexOutOfBoundsException e) {
      return Optional.empty();
    }
  }

  /** Whether colours are CIE L*a*b*. */
  boolean lab() {
    return value(PHOTOMETRIC_INTERPRETATION).filter(LAB::contains).isPresent();
  }

  /** Whether the first extra sample is alpha that the colours are multiplied by. */
  boolean associated() {
    return value(EXTRA_SAMPLES).filter(kind -> kind == ASSOCIATED).isPresent();
  }

  /** Whether samples are fractions. */
  boolean floats() {
    return value(SAMPLE_FORMAT).filter(kind -> kind == FLOATS).isPresent();
  }

  /** Whether black is another level than 0. */
  boolean ownLevels() {
    return value(REFERENCE_BLACK_WHITE).filter(black -> black > 0).isPresent();
  }

  /**
   * The first of a tag's numbers; of wide ones where there is but one, of fractions its numerator.
   */
  Optional<Integer> value(int tag) {
    return Optional.ofNullable(values.get(tag));
  }
}
