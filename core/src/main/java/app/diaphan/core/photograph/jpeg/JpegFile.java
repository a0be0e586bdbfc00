package app.diaphan.core.photograph.jpeg;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A JPEG file as the coefficients of its blocks (ITU-T T.81: baseline, extended and progressive
 * coding by Huffman codes, 8 bits). Written again without a change, each of its coefficients and
 * all that it holds beside them is as it was, mostly its codes too.
 */
public final class JpegFile {
  private final byte[] bytes;
  private final JpegFrame frame;
  private final List<JpegPart> parts;
  private final List<Coefficients> coefficients;
  private final List<Optional<int[]>> quantization;
  private final byte[] afterEnd;

  JpegFile(
      byte[] bytes,
      JpegFrame frame,
      List<JpegPart> parts,
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
    return new JpegReading(bytes).file();
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
    List<JpegPart> codes = new ArrayList<>();
    int at = 0;
    while (!(parts.get(at) instanceof JpegPart.Coded)) {
      if (parts.get(at) instanceof JpegPart.Kept(Segment segment)) {
        before.add(segment);
      } else {
        codes.add(parts.get(at));
      }
      at++;
    }
    List<JpegPart> changed = new ArrayList<>();
    change.apply(List.copyOf(before)).forEach(one -> changed.add(new JpegPart.Kept(one)));
    changed.addAll(codes);
    changed.addAll(parts.subList(at, parts.size()));
    return new JpegFile(bytes, frame, List.copyOf(changed), coefficients, quantization, afterEnd);
  }

  /** The segments that are kept as they are, in their order. */
  public List<Segment> segments() {
    return parts.stream()
        .flatMap(
            part ->
                part instanceof JpegPart.Kept(Segment segment)
                    ? Stream.of(segment)
                    : Stream.empty())
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
    JpegWriting writing = new JpegWriting(bytes, frame, parts, coefficients, afterEnd);
    Optional<FurtherPictures> further = FurtherPictures.in(bytes);
    if (further.isEmpty()) {
      writing.write(to);
      return;
    }
    ByteArrayOutputStream written = new ByteArrayOutputStream(bytes.length);
    writing.write(written);
    byte[] whole = written.toByteArray();
    FurtherPictures.in(whole)
        .ifPresent(
            moved ->
                moved.move(
                    further.get(), bytes.length - afterEnd.length, whole.length - afterEnd.length));
    to.write(whole);
  }
}
