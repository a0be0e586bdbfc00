package app.diaphan.core.photograph.jpeg;

import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;

/** Bits of a scan, up to the next marker (ITU-T T.81, B.1.1.5 and F.2.2.5). */
final class BitReader {
  private static final VarHandle INTS =
      MethodHandles.byteArrayViewVarHandle(int[].class, ByteOrder.BIG_ENDIAN);

  private final byte[] bytes;
  private int at;
  private long held;
  private int count;

  /** Bytes that were looked at behind the end of the data; there is nothing in them. */
  private int spent;

  BitReader(byte[] bytes, int from) {
    this.bytes = bytes;
    at = from;
  }

  private void fill() {
    if (count <= Integer.SIZE - Byte.SIZE && at + Integer.BYTES < bytes.length) {
      int four = (int) INTS.get(bytes, at);
      int inverse = ~four;
      if ((inverse - 0x01010101 & four & 0x80808080) == 0) {
        held = held << Integer.SIZE | four & 0xFFFFFFFFL;
        count += Integer.SIZE;
        at += Integer.BYTES;
        return; // None of them is 0xFF, which would have to be looked at.
      }
    }
    while (count <= 48) {
      int next = 0;
      if (at < bytes.length && (bytes[at] != (byte) 0xFF || isStuffed())) {
        next = bytes[at] & 0xFF;
        at += next == 0xFF ? 2 : 1;
      } else {
        spent++; // Looking further than the data goes is allowed, using it is not.
      }
      held = held << 8 | next;
      count += 8;
    }
  }

  private boolean isStuffed() {
    return at + 1 < bytes.length && bytes[at + 1] == 0;
  }

  /** The next bits, up to 16, without taking them. */
  int peek(int bits) {
    if (count < bits) {
      fill();
    }
    return (int) (held >> count - bits) & (1 << bits) - 1;
  }

  void skip(int bits) {
    count -= bits;
  }

  /** Passes bits by, up to 16. */
  void pass(int bits) {
    if (count < bits) {
      fill();
    }
    count -= bits;
  }

  int bits(int bits) {
    if (bits == 0) {
      return 0;
    }
    int value = peek(bits);
    count -= bits;
    return value;
  }

  boolean bit() {
    return bits(1) == 1;
  }

  /** A difference of so many bits (F.2.2.1). */
  int signed(int bits) {
    int value = bits(bits);
    return bits == 0 || value >= 1 << bits - 1 ? value : value - (1 << bits) + 1;
  }

  /** Where the next bit lies in the file, in bits from its beginning; stuffed bytes count. */
  long position() {
    int unread = count - Byte.SIZE * spent;
    int place = at;
    for (int whole = (unread + Byte.SIZE - 1) / Byte.SIZE; whole > 0; whole--) {
      place -= bytes[place - 1] == 0 && bytes[place - 2] == (byte) 0xFF ? 2 : 1;
    }
    return (long) Byte.SIZE * place + Math.floorMod(-unread, Byte.SIZE);
  }

  /**
   * Goes on after a restart's marker.
   *
   * @param number of the restart, 0–7
   */
  void restart(int number) throws NotByBlocks {
    int marker = end();
    if (bytes[marker] != (byte) 0xFF || (bytes[marker + 1] & 0xFF) != Segment.RESTART + number) {
      throw new NotByBlocks("its data is damaged");
    }
    at = marker + 2;
    held = 0;
    count = 0;
    spent = 0;
  }

  /**
   * Ends the scan.
   *
   * @return where its next marker begins
   * @throws NotByBlocks if the data ended before it should have, or did not end there
   */
  int end() throws NotByBlocks {
    int unread = count - Byte.SIZE * spent;
    if (unread < 0) {
      throw new NotByBlocks("it is cut short");
    }
    if (unread >= Byte.SIZE) {
      throw new NotByBlocks("its data is damaged");
    }
    int marker = at;
    while (marker + 1 < bytes.length
        && bytes[marker] == (byte) 0xFF
        && bytes[marker + 1] == (byte) 0xFF) {
      marker++; // Any number of these may come before a marker.
    }
    if (marker + 1 >= bytes.length) {
      throw new NotByBlocks("it is cut short");
    }
    return marker;
  }
}
