package app.diaphan.core.photograph.jpeg;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Goes through the bytes of a JPEG file. */
final class JpegReading {
  /** Photographs of larger sensors than there are. */
  private static final long MOST_PIXELS = 250_000_000;

  private static final int ALL_TABLES = 4;

  private final byte[] bytes;
  private final List<JpegPart> parts = new ArrayList<>();
  private final List<Coefficients> coefficients = new ArrayList<>();
  private final List<Optional<int[]>> quantization = nothing();
  private final List<List<Optional<HuffmanCode>>> codes = List.of(nothing(), nothing());
  private Optional<JpegFrame> frame = Optional.empty();
  private int restartInterval;
  private boolean scanned;
  private int at;

  JpegReading(byte[] bytes) {
    this.bytes = bytes;
  }

  private static <T> List<Optional<T>> nothing() {
    List<Optional<T>> tables = new ArrayList<>();
    for (int i = 0; i < ALL_TABLES; i++) {
      tables.add(Optional.empty());
    }
    return tables;
  }

  /**
   * @throws NotByBlocks if it is damaged or coded in a way that is not known here
   * @throws IOException if there is no room for a large file's coefficients
   */
  JpegFile file() throws NotByBlocks, IOException {
    if (bytes.length < 2 || marker() != Segment.START) {
      throw new NotByBlocks("it is no JPEG file");
    }
    int marker = marker();
    while (marker != Segment.END) {
      Segment segment = segment(marker);
      if (marker == Segment.SCAN) {
        scan(segment);
      } else {
        take(segment);
      }
      marker = marker();
    }
    if (!scanned) {
      throw new NotByBlocks("it is cut short");
    }
    return new JpegFile(
        bytes,
        frame.orElseThrow(),
        List.copyOf(parts),
        List.copyOf(coefficients),
        List.copyOf(quantization),
        Arrays.copyOfRange(bytes, at, bytes.length));
  }

  private int marker() throws NotByBlocks {
    if (at + 1 >= bytes.length) {
      throw new NotByBlocks("it is cut short");
    }
    if (bytes[at] != (byte) 0xFF) {
      throw new NotByBlocks("it is damaged");
    }
    while (at + 1 < bytes.length && bytes[at + 1] == (byte) 0xFF) {
      at++;
    }
    if (at + 1 >= bytes.length) {
      throw new NotByBlocks("it is cut short");
    }
    int marker = bytes[at + 1] & 0xFF;
    at += 2;
    return marker;
  }

  private Segment segment(int marker) throws NotByBlocks {
    if (at + 2 > bytes.length) {
      throw new NotByBlocks("it is cut short");
    }
    int length = (bytes[at] & 0xFF) << 8 | bytes[at + 1] & 0xFF;
    if (length < 2) {
      throw new NotByBlocks("it is damaged");
    }
    if (at + length > bytes.length) {
      throw new NotByBlocks("it is cut short");
    }
    Segment segment = new Segment(marker, Arrays.copyOfRange(bytes, at + 2, at + length));
    at += length;
    return segment;
  }

  private void take(Segment segment) throws NotByBlocks, IOException {
    switch (segment.marker()) {
      case Segment.BASELINE, Segment.EXTENDED, Segment.PROGRESSIVE -> frame(segment);
      case Segment.HUFFMAN_TABLES -> {
        codes(segment);
        parts.add(new JpegPart.Codes(segment));
        return;
      }
      case Segment.QUANTIZATION_TABLES -> quantization(segment);
      case Segment.RESTART_INTERVAL -> restartInterval = segment.shortAt(0);
      case Segment.NUMBER_OF_LINES -> throw new NotByBlocks("its height is told at its end");
      case 0xC9, 0xCA, 0xCB, 0xCC, 0xCD, 0xCE, 0xCF ->
          throw new NotByBlocks("it is coded arithmetically");
      case 0xC3, 0xC5, 0xC6, 0xC7, 0xDE, 0xDF ->
          throw new NotByBlocks("it is coded without loss, or in layers");
      default -> {
        boolean known =
            segment.marker() >= Segment.APPLICATION && segment.marker() < Segment.APPLICATION + 16
                || segment.marker() == Segment.COMMENT;
        if (!known) {
          throw new NotByBlocks("it is damaged");
        }
      }
    }
    parts.add(new JpegPart.Kept(segment));
  }

  private void frame(Segment header) throws NotByBlocks, IOException {
    if (frame.isPresent()) {
      throw new NotByBlocks("it holds more than one frame");
    }
    JpegFrame found = JpegFrame.of(header);
    if ((long) found.width() * found.height() > MOST_PIXELS) {
      throw new NotByBlocks("it has more than 250 megapixels");
    }
    // A block takes a bit at least: what says it is far larger than its bytes is not.
    long blocks = found.components().stream().mapToLong(JpegFrame.Component::blocks).sum();
    if (blocks > (long) Byte.SIZE * bytes.length) {
      throw new NotByBlocks("it is cut short");
    }
    for (JpegFrame.Component component : found.components()) {
      if (component.quantization() >= ALL_TABLES) {
        throw new NotByBlocks("its header is damaged");
      }
      coefficients.add(Coefficients.of(component));
    }
    frame = Optional.of(found);
  }

  private void quantization(Segment segment) throws NotByBlocks {
    if (scanned) {
      throw new NotByBlocks("its quantization changes between its scans");
    }
    int place = 0;
    while (place < segment.data().length) {
      int number = segment.at(place) & 15;
      boolean wide = segment.at(place++) >> 4 > 0;
      if (number >= ALL_TABLES) {
        throw new NotByBlocks("its quantization is damaged");
      }
      int[] table = new int[Coefficients.OF_BLOCK];
      for (int i = 0; i < table.length; i++) {
        table[i] = wide ? segment.shortAt(place) : segment.at(place);
        place += wide ? 2 : 1;
      }
      quantization.set(number, Optional.of(table));
    }
  }

  private void codes(Segment segment) throws NotByBlocks {
    int place = 0;
    while (place < segment.data().length) {
      int kind = segment.at(place) >> 4;
      int number = segment.at(place++) & 15;
      if (kind > 1 || number >= ALL_TABLES) {
        throw new NotByBlocks("its tables of codes are damaged");
      }
      int[] counts = new int[16];
      int all = 0;
      for (int i = 0; i < counts.length; i++) {
        counts[i] = segment.at(place++);
        all += counts[i];
      }
      if (place + all > segment.data().length) {
        throw new NotByBlocks("its tables of codes are damaged");
      }
      byte[] symbols = Arrays.copyOfRange(segment.data(), place, place + all);
      place += all;
      codes.get(kind).set(number, Optional.of(new HuffmanCode(counts, symbols)));
    }
  }

  private void scan(Segment header) throws NotByBlocks, IOException {
    JpegFrame known = frame.orElseThrow(() -> new NotByBlocks("it is damaged"));
    for (JpegFrame.Component component : known.components()) {
      if (quantization.get(component.quantization()).isEmpty()) {
        throw new NotByBlocks("its quantization is damaged");
      }
    }
    CoefficientScan scan = CoefficientScan.of(header, known, restartInterval);
    BitReader bits = new BitReader(bytes, at);
    List<List<Optional<HuffmanCode>>> tables =
        List.of(List.copyOf(codes.get(0)), List.copyOf(codes.get(1)));
    Optional<CodedRows> rows = Optional.empty();
    if (known.progressive() || restartInterval > 0) {
      for (CoefficientScan.Part part : scan.parts()) {
        coefficients.get(part.component()).keepAll();
      }
      new ScanReader(known, scan, coefficients, tables, bits).read();
    } else {
      CodedUnits units = new CodedUnits(bytes, known, scan, tables, bits);
      for (int part = 0; part < scan.parts().size(); part++) {
        coefficients.get(scan.parts().get(part).component()).readFrom(units, part);
      }
      rows = Optional.of(units.rows());
    }
    at = bits.end();
    scanned = true;
    parts.add(new JpegPart.Coded(scan, tables, rows));
  }
}
