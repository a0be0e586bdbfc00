package app.diaphan.core.photograph.jpeg;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;

/**
 * The pictures behind a photograph in the same file, of which an index in one of its segments tells
 * where they lie (CIPA DC-007, Multi-Picture Format): other exposures, or what brightens the first
 * on some screens. They move when the photograph before them becomes longer or shorter.
 */
final class FurtherPictures {
  private static final byte[] NAME = "MPF\0".getBytes(StandardCharsets.US_ASCII);
  private static final int MARKER = Segment.APPLICATION + 2;
  private static final int ENTRY = 12;
  private static final int INDEX = 0xB002;
  private static final int OF_PICTURE = 16;

  /** Beginning of the index, from which places are told. */
  private final int start;

  /** Where the pictures are listed, and how many. */
  private final int list;

  private final int count;
  private final ByteBuffer file;

  private FurtherPictures(byte[] bytes, int start) {
    this.start = start;
    file =
        ByteBuffer.wrap(bytes)
            .order(bytes[start] == 'I' ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
    int directory = start + file.getInt(start + 4);
    int found = 0;
    int length = 0;
    for (int i = 0; i < (file.getShort(directory) & 0xffff); i++) {
      int at = directory + 2 + ENTRY * i;
      if ((file.getShort(at) & 0xffff) == INDEX) {
        length = file.getInt(at + 4);
        found = start + file.getInt(at + 8);
      }
    }
    list = found;
    count = length / OF_PICTURE;
    file.get(list + OF_PICTURE * count - 1); // Fails here if it is not in the file.
  }

  /** None if the file has no index, or one that cannot be read. */
  static Optional<FurtherPictures> in(byte[] file) {
    int at = 2;
    while (at + 4 <= file.length && file[at] == (byte) 0xFF) {
      int marker = file[at + 1] & 0xFF;
      int length = (file[at + 2] & 0xFF) << 8 | file[at + 3] & 0xFF;
      if (marker == Segment.SCAN || marker < Segment.BASELINE || length < 2) {
        break;
      }
      if (marker == MARKER && named(file, at + 4)) {
        try {
          return Optional.of(new FurtherPictures(file, at + 4 + NAME.length));
        } catch (IndexOutOfBoundsException e) {
          return Optional.empty();
        }
      }
      at += 2 + length;
    }
    return Optional.empty();
  }

  private static boolean named(byte[] file, int at) {
    return at + NAME.length + 8 < file.length
        && new Segment(MARKER, Arrays.copyOfRange(file, at, at + NAME.length)).begins(NAME);
  }

  /** How many there are beside the first. */
  int count() {
    return Math.max(0, count - 1);
  }

  /**
   * Tells where they lie now.
   *
   * @param before the same index in the file as it was
   * @param endBefore where the first picture ended there
   * @param end where it ends now
   */
  void move(FurtherPictures before, int endBefore, int end) {
    file.putInt(list + 4, end);
    for (int i = 1; i < count; i++) {
      int at = list + OF_PICTURE * i + 8;
      int place = before.start + before.file.getInt(before.list + OF_PICTURE * i + 8);
      int moved = place >= endBefore ? place + end - endBefore : place;
      file.putInt(at, moved - start);
    }
  }
}
