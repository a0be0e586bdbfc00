package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;

import java.io.ByteArrayOutputStream;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LzwEncoderTest {
  @Test
  void everyKindOfRowComesBack() {
    Random random = new Random(4);
    for (int length : new int[] {0, 1, 2, 255, 256, 4000, 70_000}) {
      byte[] clear = new byte[length];
      assertArrayEquals(clear, decoded(LzwEncoder.encode(clear)));
      byte[] noise = new byte[length];
      random.nextBytes(noise);
      assertArrayEquals(noise, decoded(LzwEncoder.encode(noise)));
      byte[] ramp = new byte[length];
      for (int i = 0; i < length; i++) {
        ramp[i] = (byte) (i / 7 % 5 * 3);
      }
      assertArrayEquals(ramp, decoded(LzwEncoder.encode(ramp)));
    }
  }

  /** The decoder of TIFF 6.0, section 13, written from the specification's own pseudocode. */
  private static byte[] decoded(byte[] packed) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    byte[][] table = new byte[4096][];
    int next = 258;
    int width = 9;
    int bit = 0;
    byte[] before = null;
    while (true) {
      int code = 0;
      for (int i = 0; i < width; i++, bit++) {
        code = code << 1 | packed[bit >> 3] >> (7 - (bit & 7)) & 1;
      }
      if (code == 257) {
        return out.toByteArray();
      }
      if (code == 256) {
        next = 258;
        width = 9;
        before = null;
        continue;
      }
      byte[] entry = code < 256 ? new byte[] {(byte) code} : code < next ? table[code] : null;
      if (before != null) {
        byte[] added = java.util.Arrays.copyOf(before, before.length + 1);
        added[before.length] = entry == null ? before[0] : entry[0];
        table[next++] = added;
        if (entry == null) {
          entry = added;
        }
      }
      out.writeBytes(entry);
      before = entry;
      if (next == 511 || next == 1023 || next == 2047) {
        width++;
      }
    }
  }
}
