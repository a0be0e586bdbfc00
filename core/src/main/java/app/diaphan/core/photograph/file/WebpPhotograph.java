package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.Metadata;
import app.diaphan.core.picture.WebpFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;

/**
 * A still WebP file (RFC 9649). Its format cannot keep what is beside the mark: it is coded anew.
 */
final class WebpPhotograph extends RowPhotograph {
  private final WebpFile file;
  private final BufferedImage image;

  private WebpPhotograph(WebpFile file, BufferedImage image, Metadata metadata) {
    super(
        new PhotographFacts(
            PhotographFormat.WEBP,
            image.getWidth(),
            image.getHeight(),
            Byte.SIZE,
            OwnColours.of(metadata.profile(), 3),
            metadata,
            List.of()));
    this.file = file;
    this.image = image;
  }

  static WebpPhotograph of(WebpFile file, byte[] bytes) throws IOException {
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(bytes));
    if (image == null) {
      throw new IOException("it cannot be read");
    }
    Metadata metadata =
        new Metadata(
            file.chunk("EXIF").map(WebpPhotograph::plain),
            Optional.empty(),
            file.chunk("XMP "),
            file.chunk("ICCP"));
    return new WebpPhotograph(file, image, metadata);
  }

  /** Some writers put the name before it that it has in JPEG files. */
  private static byte[] plain(byte[] exif) {
    boolean named = exif.length > 6 && exif[0] == 'E' && exif[4] == 0 && exif[5] == 0;
    return named ? Arrays.copyOfRange(exif, 6, exif.length) : exif;
  }

  /** Whether its pixels are packed without a loss. */
  boolean lossless() {
    return file.chunk("VP8L").isPresent();
  }

  @Override
  RowSource decoded() {
    return new ImageRows(image);
  }
}
