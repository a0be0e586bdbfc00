package app.diaphan.core.picture;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.util.zip.CRC32;
import java.util.zip.Deflater;

/** A PNG file put together chunk by chunk, so that a test can write what no encoder would. */
final class PngFile {
  private final ByteArrayOutputStream out = new ByteArrayOutputStream();

  /**
   * @param type colour type of the W3C PNG specification: 0 grey, 2 colours, 3 palette, 4 and 6
   *     with alpha
   */
  PngFile(int width, int height, int depth, int type) {
    out.writeBytes(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
    chunk(
        "IHDR",
        ByteBuffer.allocate(13)
            .putInt(width)
            .putInt(height)
            .put((byte) depth)
            .put((byte) type)
            .array());
  }

  PngFile chunk(String type, byte... data) {
    CRC32 sum = new CRC32();
    sum.update(type.getBytes());
    sum.update(data);
    out.writeBytes(ByteBuffer.allocate(4).putInt(data.length).array());
    out.writeBytes(type.getBytes());
    out.writeBytes(data);
    out.writeBytes(ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
    return this;
  }

  /** A colour profile under a name. */
  PngFile profile(byte[] profile) {
    byte[] packed = deflated(profile);
    return chunk(
        "iCCP",
        ByteBuffer.allocate(4 + packed.length)
            .put(new byte[] {'o', 'w', 0, 0})
            .put(packed)
            .array());
  }

  /**
   * @param rows each begins with its filter, 0
   */
  byte[] pixels(byte... rows) {
    chunk("IDAT", deflated(rows));
    chunk("IEND");
    return out.toByteArray();
  }

  static byte[] deflated(byte[] data) {
    Deflater deflater = new Deflater();
    deflater.setInput(data);
    deflater.finish();
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    byte[] part = new byte[4096];
    while (!deflater.finished()) {
      packed.write(part, 0, deflater.deflate(part));
    }
    deflater.end();
    return packed.toByteArray();
  }
}
