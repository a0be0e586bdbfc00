package app.diaphan.core.deliver;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;

/**
 * The LZW packing of TIFF 6.0, section 13: codes of 9 to 12 bits, high bit first. The table is
 * cleared as soon as entry 4093 is in it.
 */
final class LzwEncoder {
  private static final int CLEAR = 256;
  private static final int END = 257;
  private static final int FIRST = 258;
  private static final int LAST = 4093;
  private static final int SLOTS = 1 << 14;

  private final ByteArrayOutputStream out;
  private final int[] keys = new int[SLOTS];
  private final short[] codes = new short[SLOTS];
  private int next;
  private int width;
  private int bits;
  private int bitCount;

  private LzwEncoder(int expected) {
    out = new ByteArrayOutputStream(expected);
  }

  static byte[] encode(byte[] bytes) {
    LzwEncoder encoder = new LzwEncoder(bytes.length / 4 + 64);
    encoder.start();
    if (bytes.length > 0) {
      int prefix = bytes[0] & 0xff;
      for (int i = 1; i < bytes.length; i++) {
        prefix = encoder.step(prefix, bytes[i] & 0xff);
      }
      encoder.put(prefix);
      encoder.grow();
    }
    encoder.put(END);
    return encoder.finish();
  }

  private void start() {
    width = 9;
    put(CLEAR);
    reset();
  }

  private void reset() {
    Arrays.fill(keys, -1);
    next = FIRST;
    width = 9;
  }

  /** Takes one more byte and gives the code of what has not been written yet. */
  private int step(int prefix, int value) {
    int key = prefix << 8 | value;
    int slot = key * 0x9E3779B1 >>> 18;
    while (keys[slot] >= 0) {
      if (keys[slot] == key) {
        return codes[slot];
      }
      slot = slot + 1 & SLOTS - 1;
    }
    put(prefix);
    keys[slot] = key;
    codes[slot] = (short) next;
    grow();
    if (next > LAST) {
      put(CLEAR);
      reset();
    }
    return value;
  }

  private void grow() {
    next++;
    if (next == 1 << width && width < 12) {
      width++;
    }
  }

  private void put(int code) {
    bits = bits << width | code;
    bitCount += width;
    while (bitCount >= 8) {
      out.write(bits >>> bitCount - 8);
      bitCount -= 8;
    }
    bits &= (1 << bitCount) - 1;
  }

  private byte[] finish() {
    if (bitCount > 0) {
      out.write(bits << 8 - bitCount);
    }
    return out.toByteArray();
  }
}
