package app.diaphan.core.photograph.jpeg;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;

/** Writes what a scan is coded as (ITU-T T.81, B.1.1.5). */
final class BitWriter implements CodeSink {
  private static final VarHandle INTS =
      MethodHandles.byteArrayViewVarHandle(int[].class, ByteOrder.BIG_ENDIAN);

  private final OutputStream to;
  private final HuffmanCode[] first;
  private final HuffmanCode[] other;
  private final byte[] buffer = new byte[1 << 16];
  private int buffered;
  private long held;
  private int count;

  /**
   * @param first codes of first coefficients, by table
   */
  BitWriter(OutputStream to, HuffmanCode[] first, HuffmanCode[] other) {
    this.to = to;
    this.first = first;
    this.other = other;
  }

  @Override
  public void first(int table, int symbol) {
    bits(first[table].code(symbol), first[table].length(symbol));
  }

  @Override
  public void other(int table, int symbol) {
    bits(other[table].code(symbol), other[table].length(symbol));
  }

  @Override
  public void bits(int number, int bits) {
    held = held << bits | number & (1L << bits) - 1;
    count += bits;
    if (count >= Integer.SIZE) {
      count -= Integer.SIZE;
      four((int) (held >>> count));
    }
  }

  /** Four bytes at once: most have none among them that has to be stuffed. */
  private void four(int value) {
    if (buffered > buffer.length - 2 * Integer.BYTES) {
      flush();
    }
    int inverse = ~value;
    if ((inverse - 0x01010101 & ~inverse & 0x80808080) == 0) {
      INTS.set(buffer, buffered, value);
      buffered += Integer.BYTES;
      return;
    }
    for (int shift = 24; shift >= 0; shift -= Byte.SIZE) {
      stuffed(value >> shift & 0xFF);
    }
  }

  private void stuffed(int value) {
    write(value);
    if (value == 0xFF) {
      write(0);
    }
  }

  /** Whether nothing waits for the rest of its byte. */
  boolean empty() {
    return count == 0;
  }

  /** Bytes that are stuffed already, at a byte's end. */
  void verbatim(byte[] bytes, int from, int length) {
    flush();
    try {
      to.write(bytes, from, length);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void restart(int number) {
    fill();
    write(0xFF);
    write(Segment.RESTART + number);
  }

  /** Fills the last byte with ones; all is written then. */
  void end() {
    fill();
    flush();
  }

  private void fill() {
    if (count % Byte.SIZE > 0) {
      bits(0x7F, Byte.SIZE - count % Byte.SIZE);
    }
    while (count > 0) {
      count -= Byte.SIZE;
      stuffed((int) (held >>> count) & 0xFF);
    }
  }

  private void write(int value) {
    if (buffered == buffer.length) {
      flush();
    }
    buffer[buffered++] = (byte) value;
  }

  private void flush() {
    try {
      to.write(buffer, 0, buffered);
      buffered = 0;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
