package app.diaphan.core.picture;

import java.awt.Color;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.BitSet;

/**
 * Makes WebP files of one colour, packed without loss (RFC 9649, sections 2.7 and 3): each prefix
 * code has a single symbol, so that no pixel takes a bit.
 */
final class WebPFile {
  private final BitSet bits = new BitSet();
  private int length;

  private WebPFile() {}

  /**
   * @param profile an ICC profile; none if it is empty
   */
  static byte[] of(int width, int height, Color colour, byte[] profile) {
    WebPFile file = new WebPFile();
    file.put(8, 0x2f);
    file.put(14, width - 1);
    file.put(14, height - 1);
    file.put(1, 0); // no alpha
    file.put(3, 0); // version
    file.put(3, 0); // no transform, no colour cache, one set of codes
    for (int symbol : new int[] {colour.getGreen(), colour.getRed(), colour.getBlue(), 255, 0}) {
      file.put(1, 1); // a simple code
      file.put(1, 0); // of one symbol
      file.put(1, 1); // of 8 bits
      file.put(8, symbol);
    }
    byte[] content = new byte[(file.length + 7) / 8];
    System.arraycopy(file.bits.toByteArray(), 0, content, 0, file.bits.toByteArray().length);
    ByteBuffer out =
        ByteBuffer.allocate(60 + profile.length + content.length).order(ByteOrder.LITTLE_ENDIAN);
    out.put(code("RIFF")).putInt(0).put(code("WEBP"));
    if (profile.length > 0) {
      out.put(code("VP8X")).putInt(10).putInt(0x20);
      out.put(three(width - 1)).put(three(height - 1));
      chunk(out, "ICCP", profile);
    }
    chunk(out, "VP8L", content);
    out.putInt(4, out.position() - 8);
    byte[] bytes = new byte[out.position()];
    out.flip().get(bytes);
    return bytes;
  }

  private void put(int count, int value) {
    for (int i = 0; i < count; i++) {
      bits.set(length++, (value >> i & 1) == 1);
    }
  }

  private static void chunk(ByteBuffer out, String name, byte[] content) {
    out.put(code(name)).putInt(content.length).put(content);
    if (content.length % 2 == 1) {
      out.put((byte) 0);
    }
  }

  private static byte[] code(String name) {
    return name.getBytes(StandardCharsets.US_ASCII);
  }

  private static byte[] three(int value) {
    return new byte[] {(byte) value, (byte) (value >> 8), (byte) (value >> 16)};
  }
}
