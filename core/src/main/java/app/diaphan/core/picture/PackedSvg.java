package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.zip.GZIPInputStream;

/** SVG files packed by gzip, as {@code .svgz} files are. */
final class PackedSvg {
  private static final int BEGINNING = 4096;

  private PackedSvg() {}

  /** Whether it is one; other packed files are not. */
  static boolean is(byte[] bytes) {
    if (!packed(bytes)) {
      return false;
    }
    try {
      return SvgReader.reads(unpacked(bytes, BEGINNING));
    } catch (IOException e) {
      return false;
    }
  }

  /**
   * The SVG file in it; other files as they are.
   *
   * @throws InvalidInput if it is damaged, or larger than pictures may be
   */
  static byte[] unpacked(String name, byte[] bytes) {
    if (!is(bytes)) {
      return bytes;
    }
    try {
      byte[] unpacked = unpacked(bytes, (int) PictureReader.MOST_BYTES + 1);
      PictureReader.checkLength(name, unpacked.length);
      return unpacked;
    } catch (IOException e) {
      throw new InvalidInput(
          Sentence.of(
              "The picture \"%s\" is damaged or cut short and was not taken in; save it again.",
              name),
          e);
    }
  }

  private static boolean packed(byte[] bytes) {
    return bytes.length > 2 && bytes[0] == 0x1f && (bytes[1] & 0xff) == 0x8b;
  }

  private static byte[] unpacked(byte[] bytes, int most) throws IOException {
    try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
      return in.readNBytes(most);
    }
  }
}
