package app.diaphan.core.photograph;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** EXIF as a camera writes it (EXIF 2.3), put together by hand. */
record MadeExif(int orientation, byte[] thumbnail) {
  /** What no program but the camera's maker understands, and nobody may lose. */
  static final byte[] MAKERS_NOTE =
      "Osier 7\0 lens 35, shutter 00123".getBytes(StandardCharsets.US_ASCII);

  static final String CAMERA = "Osier Point Works";

  private record Entry(int tag, int type, int count, byte[] value) {}

  byte[] bytes() {
    byte[] camera = (CAMERA + "\0").getBytes(StandardCharsets.US_ASCII);
    List<Entry> first = new ArrayList<>();
    first.add(new Entry(0x010F, 2, camera.length, camera));
    first.add(new Entry(0x0112, 3, 1, shorts(orientation)));
    int firstAt = 8;
    int exifAt = firstAt + length(3) + even(camera.length);
    first.add(new Entry(0x8769, 4, 1, longs(exifAt)));
    List<Entry> exif =
        List.of(
            new Entry(0x9000, 7, 4, "0230".getBytes(StandardCharsets.US_ASCII)),
            new Entry(0x927C, 7, MAKERS_NOTE.length, MAKERS_NOTE));
    int smallAt = exifAt + length(2) + even(MAKERS_NOTE.length);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes(new byte[] {'I', 'I', 42, 0, 8, 0, 0, 0});
    directory(out, first, firstAt, thumbnail.length == 0 ? 0 : smallAt);
    directory(out, exif, exifAt, 0);
    if (thumbnail.length > 0) {
      int pictureAt = smallAt + length(3);
      directory(
          out,
          List.of(
              new Entry(0x0103, 3, 1, shorts(6)),
              new Entry(0x0201, 4, 1, longs(pictureAt)),
              new Entry(0x0202, 4, 1, longs(thumbnail.length))),
          smallAt,
          0);
      out.writeBytes(thumbnail);
    }
    return out.toByteArray();
  }

  private static int even(int length) {
    return length + length % 2;
  }

  private static int length(int entries) {
    return 2 + 12 * entries + 4;
  }

  private static byte[] shorts(int value) {
    return new byte[] {(byte) value, (byte) (value >> 8), 0, 0};
  }

  private static byte[] longs(int value) {
    return ByteBuffer.allocate(4).order(ByteOrder.LITTLE_ENDIAN).putInt(value).array();
  }

  private static void directory(ByteArrayOutputStream out, List<Entry> entries, int at, int next) {
    ByteBuffer head = ByteBuffer.allocate(length(entries.size())).order(ByteOrder.LITTLE_ENDIAN);
    ByteArrayOutputStream behind = new ByteArrayOutputStream();
    head.putShort((short) entries.size());
    for (Entry entry : entries) {
      head.putShort((short) entry.tag()).putShort((short) entry.type()).putInt(entry.count());
      if (entry.value().length <= 4) {
        head.put(entry.value());
      } else {
        head.putInt(at + head.capacity() + behind.size());
        behind.writeBytes(entry.value());
        if (entry.value().length % 2 == 1) {
          behind.write(0);
        }
      }
    }
    head.putInt(next);
    out.writeBytes(head.array());
    out.writeBytes(behind.toByteArray());
  }
}
