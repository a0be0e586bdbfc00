package app.diaphan.core.deliver;

/** Joins Adler-32 checksums of parts (RFC 1950, section 9) without looking at their bytes again. */
final class AdlerSums {
  private static final long BASE = 65521;

  private AdlerSums() {}

  /**
   * The checksum of two parts one after the other. The low half of a sum is 1 plus all bytes, the
   * high half adds up the low halves: the second part's run on from the first part's low half.
   *
   * @param length of the second part, in bytes
   */
  static long joined(long first, long second, long length) {
    long low = ((first & 0xffff) + (second & 0xffff) - 1) % BASE;
    long high =
        ((first >>> 16) + (second >>> 16) + length % BASE * ((first & 0xffff) + BASE - 1)) % BASE;
    return high << 16 | (low + BASE) % BASE;
  }

  /**
   * Of bytes that are all 0: the low half stays 1 and is added up.
   *
   * @param length in bytes
   */
  static long ofZeros(long length) {
    return length % BASE << 16 | 1;
  }
}
