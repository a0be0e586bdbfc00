package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.Metadata;
import app.diaphan.core.picture.WebpFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/**
 * Codes WebP files anew, by libwebp, and puts the container with the metadata around (RFC 9649).
 */
final class WebpSink {
  /** Of one that nobody looks at beside the photograph as it was. */
  private static final float QUALITY = 0.95f;

  private static final int HAS_PROFILE = 0x20;
  private static final int HAS_ALPHA = 0x10;
  private static final int HAS_EXIF = 0x08;
  private static final int HAS_XMP = 0x04;

  private WebpSink() {}

  static void write(RowSource rows, Metadata metadata, boolean lossless, OutputStream to)
      throws IOException {
    WebpFile plain =
        WebpFile.of(encoded(image(rows), lossless))
            .orElseThrow(() -> new IOException("it cannot be written"));
    ByteArrayOutputStream chunks = new ByteArrayOutputStream();
    int flags =
        (metadata.profile().isPresent() ? HAS_PROFILE : 0)
            | (rows.alpha() ? HAS_ALPHA : 0)
            | (metadata.exif().isPresent() ? HAS_EXIF : 0)
            | (metadata.xmp().isPresent() ? HAS_XMP : 0);
    ByteBuffer head = ByteBuffer.allocate(10).order(ByteOrder.LITTLE_ENDIAN).putInt(flags);
    three(head, rows.width() - 1);
    three(head, rows.height() - 1);
    chunk(chunks, "VP8X", Optional.of(head.array()));
    chunk(chunks, "ICCP", metadata.profile());
    for (String name : new String[] {"ALPH", "VP8 ", "VP8L"}) {
      chunk(chunks, name, plain.chunk(name));
    }
    chunk(chunks, "EXIF", metadata.exif());
    chunk(chunks, "XMP ", metadata.xmp());
    to.write(letters("RIFF"));
    to.write(number(chunks.size() + 4));
    to.write(letters("WEBP"));
    chunks.writeTo(to);
  }

  private static BufferedImage image(RowSource rows) throws IOException {
    BufferedImage image =
        new BufferedImage(
            rows.width(),
            rows.height(),
            rows.alpha() ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
    int channels = rows.channels();
    int[] row = new int[rows.width() * channels];
    int[] packed = new int[rows.width()];
    for (int y = 0; y < rows.height(); y++) {
      rows.next(row);
      for (int x = 0; x < packed.length; x++) {
        int at = channels * x;
        int alpha = rows.alpha() ? row[at + channels - 1] : 255;
        int green = channels < 3 ? row[at] : row[at + 1];
        int blue = channels < 3 ? row[at] : row[at + 2];
        packed[x] = alpha << 24 | row[at] << 16 | green << 8 | blue;
      }
      image.setRGB(0, y, packed.length, 1, packed, 0, packed.length);
    }
    return image;
  }

  private static byte[] encoded(BufferedImage image, boolean lossless) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("webp").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ImageOutputStream output = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(output);
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionType(lossless ? "Lossless" : "Lossy");
      how.setCompressionQuality(QUALITY);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }

  private static void chunk(ByteArrayOutputStream to, String name, Optional<byte[]> content)
      throws IOException {
    if (content.isPresent()) {
      to.write(letters(name));
      to.write(number(content.get().length));
      to.write(content.get());
      if (content.get().length % 2 == 1) {
        to.write(0);
      }
    }
  }

  private static byte[] letters(String name) {
    return name.getBytes(StandardCharsets.US_ASCII);
  }

  private static byte[] number(int value) {
    return ByteBuffer.allocate(Integer.BYTES).order(ByteOrder.LITTLE_ENDIAN).putInt(value).array();
  }

  private static void three(ByteBuffer to, int value) {
    to.putShort((short) value).put((byte) (value >> 16));
  }
}
