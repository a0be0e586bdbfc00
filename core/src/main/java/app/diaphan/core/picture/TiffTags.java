package app.diaphan.core.picture;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The numbers in the directory of a TIFF file's first picture (TIFF 6.0, section 2; BigTIFF has
 * wider offsets).
 */
final class TiffTags {
  static final int COMPRESSION = 259;
  static final int EXTRA_SAMPLES = 338;

  /** Of the first extra sample: alpha that the colours are multiplied by. */
  static final int ASSOCIATED = 1;

  private static final int SHORT = 3;

  private final Map<Integer, Integer> values = new HashMap<>();

  private TiffTags(ByteBuffer file, boolean big) {
    int directory = big ? (int) file.getLong(8) : file.getInt(4);
    int entries = big ? (int) file.getLong(directory) : file.getShort(directory) & 0xffff;
    for (int i = 0; i < entries; i++) {
      int entry = directory + (big ? 8 + 20 * i : 2 + 12 * i);
      int value = entry + (big ? 12 : 8);
      boolean narrow = file.getShort(entry + 2) == SHORT;
      values.put(
          file.getShort(entry) & 0xffff,
          narrow ? file.getShort(value) & 0xffff : file.getInt(value));
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

  /** The first of a tag's numbers, where it is short enough to stand in the directory itself. */
  Optional<Integer> value(int tag) {
    return Optional.ofNullable(values.get(tag));
  }
}
