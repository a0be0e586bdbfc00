package app.diaphan.core.deliver;

import java.io.ByteArrayOutputStream;
import java.util.zip.Adler32;
import java.util.zip.Deflater;

/**
 * Filtered rows, deflated independently of all others (RFC 1951), up to a byte's end.
 *
 * @param bytes of the deflated stream
 * @param sum Adler-32 of what was deflated
 * @param length of that, in bytes
 */
record DeflatedRows(byte[] bytes, long sum, int length) {
  static DeflatedRows of(byte[] filtered, int level) {
    Deflater deflater = new Deflater(level, true);
    try {
      deflater.setInput(filtered);
      ByteArrayOutputStream out = new ByteArrayOutputStream(filtered.length / 8 + 64);
      byte[] part = new byte[1 << 15];
      int count;
      do {
        count = deflater.deflate(part, 0, part.length, Deflater.SYNC_FLUSH);
        out.write(part, 0, count);
      } while (count == part.length);
      Adler32 sum = new Adler32();
      sum.update(filtered);
      return new DeflatedRows(out.toByteArray(), sum.getValue(), filtered.length);
    } finally {
      deflater.end();
    }
  }

  /** These rows and others that follow them. */
  DeflatedRows and(DeflatedRows others) {
    byte[] both = new byte[bytes.length + others.bytes.length];
    System.arraycopy(bytes, 0, both, 0, bytes.length);
    System.arraycopy(others.bytes, 0, both, bytes.length, others.bytes.length);
    return new DeflatedRows(
        both, AdlerSums.joined(sum, others.sum, others.length), length + others.length);
  }
}
