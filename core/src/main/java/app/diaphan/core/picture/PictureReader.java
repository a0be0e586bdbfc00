package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;

/**
 * Reads picture files of every kind. Decoders are libraries that were not made for hostile files,
 * so each works under limits: on bytes and pixels before it starts, on time and memory while it
 * works.
 */
public final class PictureReader {
  public static final long MOST_BYTES = 64L * 1024 * 1024;

  /**
   * Of the decoder's image and of the picture made from it; those of 16 bits need a little more.
   */
  private static final long BYTES_PER_PIXEL = 10;

  private static final long VECTOR_BYTES = 32 << 20;

  private PictureReader() {}

  /**
   * Reads the header alone, of vector pictures all.
   *
   * @param name how error sentences call the picture
   * @param file all its bytes
   * @throws InvalidInput if the bytes are no picture Diaphan reads, or one that is too large
   */
  public static PictureHeader header(String name, byte[] file) {
    checkLength(name, file.length);
    byte[] bytes = PackedSvg.unpacked(name, file);
    if (isVector(bytes)) {
      VectorPicture vector =
          DecodingLimits.STANDARD.run(name, VECTOR_BYTES, () -> vector(name, bytes));
      return new PictureHeader(
          vectorFormat(bytes), whole(vector.ownWidth()), whole(vector.ownHeight()));
    }
    return DecodingLimits.STANDARD.run(name, 0, () -> RasterReader.header(name, bytes));
  }

  private static int whole(double units) {
    return (int) Math.ceil(units);
  }

  /**
   * @throws InvalidInput if the bytes are no picture Diaphan reads, damaged, or more than a server
   *     can spare time and memory for
   */
  public static Picture read(String name, byte[] bytes) {
    return readFile(name, bytes).picture();
  }

  /** The picture with what its file tells of it, under the same limits. */
  public static PictureFile readFile(String name, byte[] file) {
    return readFile(name, file, DecodingLimits.STANDARD);
  }

  static PictureFile readFile(String name, byte[] file, DecodingLimits limits) {
    checkLength(name, file.length);
    byte[] bytes = PackedSvg.unpacked(name, file);
    if (!isVector(bytes)) {
      PictureHeader header = limits.run(name, 0, () -> RasterReader.header(name, bytes));
      long pixels = (long) header.width() * header.height();
      return limits.run(name, BYTES_PER_PIXEL * pixels, () -> RasterReader.file(name, bytes));
    }
    return limits.run(
        name,
        VECTOR_BYTES,
        () -> {
          VectorPicture vector = vector(name, bytes);
          return new PictureFile(
              vector, vectorFormat(bytes), vector.pageCount(), 0, "", vector.notes());
        });
  }

  /**
   * @throws InvalidInput if a file of this many bytes is more than Diaphan takes in
   */
  public static void checkLength(String name, long bytes) {
    if (bytes > MOST_BYTES) {
      throw new InvalidInput(
          Sentence.of(
              "The picture \"%s\" has %d MB; Diaphan takes pictures up to %d MB. Save it smaller.",
              name, bytes / 1_000_000, MOST_BYTES / 1_000_000));
    }
  }

  /** Whether these bytes are a drawing of shapes, which is drawn anew at every size. */
  public static boolean isVector(byte[] bytes) {
    return PdfReader.reads(bytes) || SvgReader.reads(bytes) || PackedSvg.is(bytes);
  }

  private static String vectorFormat(byte[] bytes) {
    return PdfReader.reads(bytes) ? "PDF" : "SVG";
  }

  private static VectorPicture vector(String name, byte[] bytes) {
    return PdfReader.reads(bytes) ? PdfReader.read(name, bytes) : SvgReader.read(name, bytes);
  }
}
