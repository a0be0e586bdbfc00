package app.diaphan.core.photograph.jpeg;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A JPEG file as the coefficients of its blocks (ITU-T T.81: baseline, extended and progressive
 * coding by Huffman codes, 8 bits). Written again without a change, each of its coefficients and
 * all that it holds beside them is as it was, mostly its codes too.
 */
public final class JpegFile {
  /** Photographs of larger sensors than there are. */
  private static final long MOST_PIXELS = 250_000_000;

  private static final int ALL_TABLES = 4;

  /** What a file is made of, in its order. */
  private sealed interface Part {
    /** A segment that stays as it is. */
    record Kept(Segment segment) implements Part {}

    /** Tables of codes, which hold as long as the scans after them are coded by them. */
    record Codes(Segment segment) implements Part {}

    /**
     * @param codes by class and number, that it was coded by
     * @param rows where they are coded, if they are decoded when they are asked for
     */
    record Coded(
        CoefficientScan scan, List<List<Optional<HuffmanCode>>> codes, Optional<CodedRows> rows)
        implements Part {}
  }

  private final byte[] bytes;
  private final JpegFrame frame;
  private final List<Part> parts;
  private final List<Coefficients> coefficients;
  private final List<Optional<int[]>> quantization;
  private final byte[] afterEnd;

  private JpegFile(
      byte[] bytes,
      JpegFrame frame,
      List<Part> parts,
      List<Coefficients> coefficients,
      List<Optional<int[]>> quantization,
      byte[] afterEnd) {
    this.bytes = bytes;
    this.frame = frame;
    this.parts = parts;
    this.coefficients = coefficients;
    this.quantization = quantization;
    this.afterEnd = afterEnd;
  }

  /**
   * @throws NotByBlocks if it is damaged or coded in a way that is not known here
   * @throws IOException if there is no room for a large file's coefficients
   */
  public static JpegFile read(byte[] bytes) throws NotByBlocks, IOException {
    return new Reading(bytes).file();
  }

  public JpegFrame frame() {
    return frame;
  }

  /**
   * @param component its place in the frame
   */
  public Coefficients coefficients(int component) {
    return coefficients.get(component);
  }

  /**
   * The same coefficients with other segments before the first scan.
   *
   * @param change given those that are there, in their order; tables and the frame's have to stay
   *     among them in theirs
   */
  public JpegFile withSegments(UnaryOperator<List<Segment>> change) {
    List<Segment> before = new ArrayList<>();
    List<Part> codes = new ArrayList<>();
    int at = 0;
    while (!(parts.get(at) instanceof Part.Coded)) {
      if (parts.get(at) instanceof Part.Kept(Segment segment)) {
        before.add(segment);
      } else {
        codes.add(parts.get(at));
      }
      at++;
    }
    List<Part> changed = new ArrayList<>();
    change.apply(List.copyOf(before)).forEach(one -> changed.add(new Part.Kept(one)));
    changed.addAll(codes);
    changed.addAll(parts.subList(at, parts.size()));
    return new JpegFile(bytes, frame, List.copyOf(changed), coefficients, quantization, afterEnd);
  }

  /** The segments that are kept as they are, in their order. */
  public List<Segment> segments() {
    return parts.stream()
        .flatMap(
            part ->
                part instanceof Part.Kept(Segment segment) ? Stream.of(segment) : Stream.empty())
        .toList();
  }

  /**
   * @throws NotByBlocks if they are print's
   */
  public JpegColours colours() throws NotByBlocks {
    return JpegColours.of(frame, segments());
  }

  /** What a colour's coefficients are multiplied with, in zigzag order. */
  public int[] quantization(int component) {
    return quantization.get(frame.components().get(component).quantization()).orElseThrow().clone();
  }

  /** How many pictures lie behind this one in the same file. */
  public int furtherPictures() {
    return FurtherPictures.in(bytes).map(FurtherPictures::count).orElse(0);
  }

  /** Writes the file with the coefficients as they are now. */
  public void write(OutputStream to) throws IOException {
    Optional<FurtherPictures> further = FurtherPictures.in(bytes);
    if (further.isEmpty()) {
      writeAll(to);
      return;
    }
    ByteArrayOutputStream written = new ByteArrayOutputStream(bytes.length);
    writeAll(written);
    byte[] whole = written.toByteArray();
    FurtherPictures.in(whole)
        .ifPresent(
            moved ->
                moved.move(
                    further.get(), bytes.length - afterEnd.length, whole.length - afterEnd.length));
    to.write(whole);
  }

  private void writeAll(OutputStream to) throws IOException {
    try {
      marker(to, Segment.START);
      Optional<ScanCopy> copy = copy();
      for (Part part : parts) {
        switch (part) {
          case Part.Kept(Segment segment) -> segment(to, segment.marker(), segment.data());
          case Part.Codes(Segment segment) -> {
            if (copy.isPresent()) {
              segment(to, segment.marker(), segment.data());
            }
          }
          case Part.Coded coded -> {
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
    List<Part.Coded> scans =
        parts.stream()
            .mapMulti(
                (Part part, Consumer<Part.Coded> scan) -> {
                  if (part instanceof Part.Coded coded) {
                    scan.accept(coded);
                  }
                })
            .toList();
    if (scans.size() != 1 || scans.getFirst().rows().isEmpty()) {
      return Optional.empty();
    }
    Part.Coded only = scans.getFirst();
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

  /** Goes through the bytes of a file. */
  private static final class Reading {
    private final byte[] bytes;
    private final List<Part> parts = new ArrayList<>();
    private final List<Coefficients> coefficients = new ArrayList<>();
    private final List<Optional<int[]>> quantization = nothing();
    private final List<List<Optional<HuffmanCode>>> codes = List.of(nothing(), nothing());
    private Optional<JpegFrame> frame = Optional.empty();
    private int restartInterval;
    private boolean scanned;
    private int at;

    private Reading(byte[] bytes) {
      this.bytes = bytes;
    }

    private static <T> List<Optional<T>> nothing() {
      List<Optional<T>> tables = new ArrayList<>();
      for (int i = 0; i < ALL_TABLES; i++) {
        tables.add(Optional.empty());
      }
      return tables;
    }

    private JpegFile file() throws NotByBlocks, IOException {
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
          parts.add(new Part.Codes(segment));
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
      parts.add(new Part.Kept(segment));
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
      parts.add(new Part.Coded(scan, tables, rows));
    }
  }
}
