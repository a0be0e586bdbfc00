package app.diaphan.core.photograph.jpeg;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;

/** Writes what a scan is coded as (ITU-T T.81, B.1.1.5). */
final class BitWriter implements CodeSink {
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
    while (count >= Byte.SIZE) {
      count -= Byte.SIZE;
      int value = (int) (held >> count) & 0xFF;
      write(value);
      if (value == 0xFF) {
        write(0);
      }
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
    if (count > 0) {
      bits(0x7F, Byte.SIZE - count);
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
