package app.diaphan.core.photograph.jpeg;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * Writes the parts of a JPEG file with its coefficients as they are now.
 *
 * @param bytes of the file as it was read
 * @param afterEnd what follows it in the same file
 */
record JpegWriting(
    byte[] bytes,
    JpegFrame frame,
    List<JpegPart> parts,
    List<Coefficients> coefficients,
    byte[] afterEnd) {
  /** The whole of the file. */
  void write(OutputStream to) throws IOException {
    try {
      marker(to, Segment.START);
      Optional<ScanCopy> copy = copy();
      for (JpegPart part : parts) {
        switch (part) {
          case JpegPart.Kept(Segment segment) -> segment(to, segment.marker(), segment.data());
          case JpegPart.Codes(Segment segment) -> {
            if (copy.isPresent()) {
              segment(to, segment.marker(), segment.data());
            }
          }
          case JpegPart.Coded coded -> {
            if (copy.isPresent()) {
              segment(to, Segment.SCAN, coded.scan().header(frame));
              copy.get().write(to);
            } else {
              scan(to, coded.scan());
            }
          }
        }
      }
      marker(to, Segment.END);
      to.write(afterEnd);
    } catch (UncheckedIOException e) {
      throw e.getCause();
    } catch (NotByBlocks e) {
      throw new IllegalStateException(e); // It was read in the same order.
    }
  }

  /** For a file of one scan, which most cameras write. */
  private Optional<ScanCopy> copy() throws NotByBlocks {
    List<JpegPart.Coded> scans =
        parts.stream()
            .mapMulti(
                (JpegPart part, Consumer<JpegPart.Coded> scan) -> {
                  if (part instanceof JpegPart.Coded coded) {
                    scan.accept(coded);
                  }
                })
            .toList();
    if (scans.size() != 1 || scans.getFirst().rows().isEmpty()) {
      return Optional.empty();
    }
    JpegPart.Coded only = scans.getFirst();
    return ScanCopy.of(bytes, frame, only.scan(), coefficients, only.codes(), only.rows().get());
  }

  private void scan(OutputStream to, CoefficientScan scan) throws IOException, NotByBlocks {
    CodeCounts counts = new CodeCounts();
    new ScanWriter(frame, scan, coefficients, counts).write();
    HuffmanCode[] first = new HuffmanCode[CodeCounts.TABLES];
    HuffmanCode[] other = new HuffmanCode[CodeCounts.TABLES];
    ByteArrayOutputStream tables = new ByteArrayOutputStream();
    for (int table = 0; table < CodeCounts.TABLES; table++) {
      first[table] = code(counts.of(false, table), table, tables);
      other[table] = code(counts.of(true, table), 1 << 4 | table, tables);
    }
    if (tables.size() > 0) {
      segment(to, Segment.HUFFMAN_TABLES, tables.toByteArray());
    }
    segment(to, Segment.SCAN, scan.header(frame));
    BitWriter bits = new BitWriter(to, first, other);
    new ScanWriter(frame, scan, coefficients, bits).write();
    bits.end();
  }

  /** The codes for symbols that come so often; null, and nothing written, if none does. */
  private static @Nullable HuffmanCode code(long[] often, int number, ByteArrayOutputStream tables)
      throws NotByBlocks {
    if (CodeCounts.none(often)) {
      return null;
    }
    HuffmanCode code = HuffmanCode.shortest(often);
    tables.write(number);
    code.write(tables);
    return code;
  }

  private static void marker(OutputStream to, int marker) throws IOException {
    to.write(0xFF);
    to.write(marker);
  }

  private static void segment(OutputStream to, int marker, byte[] data) throws IOException {
    marker(to, marker);
    to.write(data.length + 2 >> 8);
    to.write(data.length + 2 & 0xFF);
    to.write(data);
  }
}
