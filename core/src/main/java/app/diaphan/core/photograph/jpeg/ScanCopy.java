package app.diaphan.core.photograph.jpeg;

import java.io.OutputStream;
import java.util.List;
import java.util.Optional;

/**
 * Writes a scan of a file of which few rows were changed: those are coded anew, by the codes that
 * the file has, and the bits of all others are copied.
 */
final class ScanCopy {
  private static final int AT_ONCE = 16;

  private final byte[] file;
  private final JpegFrame frame;
  private final CoefficientScan scan;
  private final List<Coefficients> coefficients;
  private final HuffmanCode[] first;
  private final HuffmanCode[] other;
  private final CodedRows rows;
  private final int across;

  /** Rows of units, to before the last. */
  private final int top;

  private final int bottom;

  private ScanCopy(
      byte[] file,
      JpegFrame frame,
      CoefficientScan scan,
      List<Coefficients> coefficients,
      HuffmanCode[] first,
      HuffmanCode[] other,
      CodedRows rows) {
    this.file = file;
    this.frame = frame;
    this.scan = scan;
    this.coefficients = coefficients;
    this.first = first;
    this.other = other;
    this.rows = rows;
    across = scan.unitsAcross(frame);
    int from = rows.starts().length;
    int to = 0;
    for (CoefficientScan.Part part : scan.parts()) {
      int down = scan.parts().size() == 1 ? 1 : frame.components().get(part.component()).down();
      Coefficients own = coefficients.get(part.component());
      from = Math.min(from, own.firstChanged() / down);
      to = Math.max(to, Math.floorDiv(own.lastChanged(), down) + 1);
    }
    top = from;
    bottom = to;
  }

  /**
   * @param codes by class and number, as the file has them for this scan
   * @param rows of a scan that comes at once and does not begin anew here and there
   * @return none if the file has no code for what was laid over it
   */
  static Optional<ScanCopy> of(
      byte[] file,
      JpegFrame frame,
      CoefficientScan scan,
      List<Coefficients> coefficients,
      List<List<Optional<HuffmanCode>>> codes,
      CodedRows rows)
      throws NotByBlocks {
    ScanCopy copy =
        new ScanCopy(
            file,
            frame,
            scan,
            coefficients,
            codes.get(0).stream().map(code -> code.orElse(null)).toArray(HuffmanCode[]::new),
            codes.get(1).stream().map(code -> code.orElse(null)).toArray(HuffmanCode[]::new),
            rows);
    return copy.coded() ? Optional.of(copy) : Optional.empty();
  }

  /** Whether there is a code for all that changed. */
  private boolean coded() throws NotByBlocks {
    if (top >= bottom) {
      return true;
    }
    CodeCounts counts = new CodeCounts();
    ScanWriter writer = new ScanWriter(frame, scan, coefficients, counts);
    writer.write(top * across, Math.min(bottom * across + 1, all()));
    for (int table = 0; table < CodeCounts.TABLES; table++) {
      if (!counts.coded(false, table, first[table]) || !counts.coded(true, table, other[table])) {
        return false;
      }
    }
    return true;
  }

  private int all() {
    return across * rows.starts().length;
  }

  void write(OutputStream to) throws NotByBlocks {
    BitWriter bits = new BitWriter(to, first, other);
    if (top >= bottom) {
      copy(bits, rows.starts()[0], rows.end());
    } else {
      copy(bits, rows.starts()[0], rows.starts()[top]);
      int last = Math.min(bottom * across + 1, all());
      // The first of the next row is told by what it differs from the last of this one.
      new ScanWriter(frame, scan, coefficients, bits).write(top * across, last);
      if (bottom * across < all()) {
        copy(bits, after(bottom), rows.end());
      }
    }
    bits.end();
  }

  /** Where a row's second unit begins, or the next row if it has but one. */
  private long after(int row) {
    if (across > 1) {
      return rows.seconds()[row];
    }
    return row + 1 < rows.starts().length ? rows.starts()[row + 1] : rows.end();
  }

  private void copy(BitWriter bits, long from, long to) {
    if (from >= to) {
      return;
    }
    int begin = (int) (from / Byte.SIZE);
    long left = to - from;
    if (bits.empty() && from % Byte.SIZE == 0) {
      int end = (int) (to / Byte.SIZE);
      bits.verbatim(file, begin, end - begin);
      begin = end;
      left = to % Byte.SIZE;
      if (left > 0) {
        bits.bits((file[begin] & 0xFF) >> Byte.SIZE - left, (int) left);
      }
      return;
    }
    BitReader reader = new BitReader(file, begin);
    reader.bits((int) (from % Byte.SIZE));
    while (reader.position() < to - AT_ONCE * 4) {
      // Stuffed bytes are not counted by the reader: look at the place now and then.
      for (int i = 0; i < 2; i++) {
        bits.bits(reader.bits(AT_ONCE), AT_ONCE);
      }
    }
    while (reader.position() < to) {
      bits.bits(reader.bits(1), 1);
    }
  }
}
