package app.diaphan.core.deliver;

import java.util.zip.CRC32C;

/** A checksum of each row's samples, kept while writing and compared when the file is read back. */
final class RowSums {
  private final int[] sums;

  RowSums(int rows) {
    sums = new int[rows];
  }

  void put(int row, byte[] samples, int at, int length) {
    sums[row] = sum(samples, at, length);
  }

  boolean same(int row, byte[] samples, int at, int length) {
    return sums[row] == sum(samples, at, length);
  }

  private static int sum(byte[] samples, int at, int length) {
    CRC32C sum = new CRC32C();
    sum.update(samples, at, length);
    return (int) sum.getValue();
  }
}
