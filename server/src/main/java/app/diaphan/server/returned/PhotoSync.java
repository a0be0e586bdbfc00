package app.diaphan.server.returned;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.picture.PackedPng;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/**
 * A simulated service that people send pictures through and that does to them what such services
 * do. It shows what the returned-file check is for.
 */
public final class PhotoSync {
  /** What the service does to a picture. */
  public enum Way {
    /** It hands on what it was given. */
    UNTOUCHED,
    /** It writes the same pixels anew. */
    WRITTEN_ANEW,
    /** It scales the longer side to 1280 pixels, lays it on white and packs it as a JPEG. */
    SMALLER_JPEG,
    /** It keeps the size and lets the alpha go. */
    WITHOUT_ALPHA,
    /** It multiplies the colours by the alpha and calls them straight. */
    MULTIPLIED
  }

  private static final int LONGER_SIDE = 1280;

  private PhotoSync() {}

  /**
   * A file as the service gives it back.
   *
   * @param extension of the file's name
   */
  public record Back(byte[] bytes, String extension) {}

  /**
   * @param given a PNG file
   */
  public static Back through(Way way, byte[] given) {
    try {
      if (way == Way.UNTOUCHED) {
        return new Back(given, "png");
      }
      BufferedImage image = ImageIO.read(new ByteArrayInputStream(given));
      if (image == null) {
        throw new InvalidInput("The simulated service takes PNG files only.");
      }
      return switch (way) {
        case SMALLER_JPEG -> new Back(jpeg(smallerOnWhite(image)), "jpg");
        case WITHOUT_ALPHA -> new Back(PackedPng.of(withoutAlpha(image)), "png");
        case MULTIPLIED -> new Back(PackedPng.of(multiplied(image)), "png");
        default -> new Back(PackedPng.of(image), "png");
      };
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static BufferedImage smallerOnWhite(BufferedImage image) {
    double scale =
        Math.min(1, (double) LONGER_SIDE / Math.max(image.getWidth(), image.getHeight()));
    int width = (int) Math.max(1, Math.round(image.getWidth() * scale));
    int height = (int) Math.max(1, Math.round(image.getHeight() * scale));
    BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = small.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, width, height);
    g.drawImage(image, 0, 0, width, height, null);
    g.dispose();
    return small;
  }

  private static BufferedImage withoutAlpha(BufferedImage image) {
    BufferedImage flat =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        flat.setRGB(x, y, image.getRGB(x, y));
      }
    }
    return flat;
  }

  private static BufferedImage multiplied(BufferedImage image) {
    BufferedImage dark =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB);
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        int straight = image.getRGB(x, y);
        int alpha = straight >>> 24;
        int result = alpha;
        for (int shift = 16; shift >= 0; shift -= 8) {
          result = result << 8 | Math.round((straight >> shift & 0xff) * alpha / 255f);
        }
        dark.setRGB(x, y, result);
      }
    }
    return dark;
  }

  private static byte[] jpeg(BufferedImage image) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionQuality(0.7f);
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
