package app.diaphan.core.photograph.metadata;

import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.Optional;

/**
 * The small picture that EXIF's second directory leads to (EXIF 2.3, 4.5.5). It is exchanged where
 * it lies, so that nothing else moves: makers' notes tell places of their own.
 */
final class ExifThumbnail {
  private static final int ENTRY = 12;
  private static final int OFFSET = 0x0201;
  private static final int LENGTH = 0x0202;

  private final ByteBuffer exif;
  private final int first;

  /** Where the place of the second directory is told; 0 there if there is none. */
  private final int pointer;

  private ExifThumbnail(byte[] exif) {
    this.exif =
        ByteBuffer.wrap(exif)
            .order(exif[0] == 'I' ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
    first = this.exif.getInt(4);
    pointer = first + 2 + ENTRY * (this.exif.getShort(first) & 0xffff);
  }

  /** None if the block has no second directory or cannot be read. */
  private static Optional<ExifThumbnail> in(byte[] exif) {
    try {
      ExifThumbnail found = new ExifThumbnail(exif);
      return found.exif.getInt(found.pointer) > 0 ? Optional.of(found) : Optional.empty();
    } catch (IndexOutOfBoundsException | BufferUnderflowException e) {
      return Optional.empty();
    }
  }

  static boolean there(byte[] exif) {
    return in(exif).isPresent();
  }

  /**
   * @param jpeg the new one; a picture of before that is packed in another way is taken out
   */
  static byte[] exchanged(byte[] exif, byte[] jpeg) {
    return in(exif.clone()).map(found -> found.exchanged(jpeg)).orElse(exif);
  }

  private byte[] exchanged(byte[] jpeg) {
    try {
      int offset = entry(OFFSET);
      int length = entry(LENGTH);
      if (offset == 0 || length == 0) {
        exif.putInt(pointer, 0);
        return exif.array();
      }
      int at = exif.getInt(offset + 8);
      int room = exif.getInt(length + 8);
      exif.putInt(length + 8, jpeg.length);
      Arrays.fill(exif.array(), at, at + room, (byte) 0);
      if (jpeg.length <= room) {
        exif.put(at, jpeg);
        return exif.array();
      }
      exif.putInt(offset + 8, exif.limit());
      byte[] longer = Arrays.copyOf(exif.array(), exif.limit() + jpeg.length);
      System.arraycopy(jpeg, 0, longer, exif.limit(), jpeg.length);
      return longer;
    } catch (IndexOutOfBoundsException | IllegalArgumentException e) {
      exif.putInt(pointer, 0); // What leads nowhere shows nothing.
      return exif.array();
    }
  }

  /** The place of an entry of the second directory; 0 if there is none. */
  private int entry(int tag) {
    int directory = exif.getInt(pointer);
    int count = exif.getShort(directory) & 0xffff;
    for (int i = 0; i < count; i++) {
      int at = directory + 2 + ENTRY * i;
      if ((exif.getShort(at) & 0xffff) == tag) {
        return at;
      }
    }
    return 0;
  }

  /**
   * With the second directory behind the first. Libraries that write blocks anew may put it before,
   * and some programs do not follow them there.
   */
  static byte[] forwards(byte[] exif) {
    return in(exif)
        .filter(found -> found.exif.getInt(found.pointer) < found.first)
        .map(ExifThumbnail::forwards)
        .orElse(exif);
  }

  private byte[] forwards() {
    int directory = exif.getInt(pointer);
    int length = 2 + ENTRY * (exif.getShort(directory) & 0xffff) + 4;
    int end = exif.limit() + exif.limit() % 2;
    byte[] longer = Arrays.copyOf(exif.array(), end + length);
    System.arraycopy(longer, directory, longer, end, length);
    ByteBuffer.wrap(longer).order(exif.order()).putInt(pointer, end);
    return longer;
  }
}
