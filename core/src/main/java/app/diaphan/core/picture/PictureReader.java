package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.Raster;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Reads raster pictures. Sizes are checked from the header before any pixel is decoded. */
public final class PictureReader {
  public static final long MOST_BYTES = 64L * 1024 * 1024;
  public static final long MOST_PIXELS = 50_000_000;

  private static final Map<String, String> FORMATS =
      Map.of(
          "png", "PNG", "jpeg", "JPEG", "gif", "GIF", "bmp", "BMP", "tif", "TIFF", "webp", "WebP");

  private PictureReader() {}

  /**
   * Reads the header alone.
   *
   * @param name how error sentences call the picture
   * @throws InvalidInput if the bytes are no picture Diaphan reads, or one that is too large
   */
  public static PictureHeader header(String name, byte[] bytes) {
    checkLength(name, bytes.length);
    return with(name, bytes, reader -> headerOf(name, reader));
  }

  /** Decodes the picture, turned upright. */
  public static Picture read(String name, byte[] bytes) {
    checkLength(name, bytes.length);
    BufferedImage image =
        with(
            name,
            bytes,
            reader -> {
              headerOf(name, reader);
              return reader.read(0);
            });
    return upright(toPicture(image), orientation(bytes));
  }

  /**
   * @throws InvalidInput if a file of this many bytes is more than Diaphan takes in
   */
  public static void checkLength(String name, long bytes) {
    if (bytes > MOST_BYTES) {
      throw new InvalidInput(
          "The picture \"%s\" has %d MB; Diaphan takes pictures up to %d MB. Save it smaller."
              .formatted(name, bytes / 1_000_000, MOST_BYTES / 1_000_000));
    }
  }

  @FunctionalInterface
  private interface Reading<T> {
    T from(ImageReader reader) throws IOException;
  }

  private static <T> T with(String name, byte[] bytes, Reading<T> reading) {
    try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
      if (!readers.hasNext()) {
        throw new InvalidInput(
            "\"%s\" is not a picture Diaphan can read; give a PNG, JPEG, TIFF, WebP, GIF or BMP file."
                .formatted(name));
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(input, true, true);
        return reading.from(reader);
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      if (e instanceof InvalidInput known) {
        throw known;
      }
      throw new InvalidInput(
          "The picture \"%s\" is damaged or cut short and was not taken in; save it again."
              .formatted(name),
          e);
    }
  }

  private static PictureHeader headerOf(String name, ImageReader reader) throws IOException {
    int width = reader.getWidth(0);
    int height = reader.getHeight(0);
    if ((long) width * height > MOST_PIXELS) {
      throw new InvalidInput(
          "The picture \"%s\" has %d × %d pixels; Diaphan takes up to %d megapixels. Scale it down."
              .formatted(name, width, height, MOST_PIXELS / 1_000_000));
    }
    String format = reader.getFormatName().toLowerCase(Locale.ROOT);
    return new PictureHeader(FORMATS.getOrDefault(format, format), width, height);
  }

  private static Picture toPicture(BufferedImage image) {
    int width = image.getWidth();
    int height = image.getHeight();
    ColorModel model = image.getColorModel();
    float[] pixels = new float[4 * width * height];
    Raster raster = image.getRaster();
    boolean sixteen = model.getComponentSize(0) > 8 && model.getColorSpace().isCS_sRGB();
    int bands = raster.getNumBands();
    int[] values = new int[width * bands];
    int[] packed = new int[width];
    for (int y = 0; y < height; y++) {
      int at = 4 * y * width;
      if (sixteen && bands >= 3) {
        raster.getPixels(0, y, width, 1, values);
        for (int x = 0; x < width; x++, at += 4) {
          float alpha = bands == 4 ? values[x * bands + 3] / 65535f : 1;
          for (int c = 0; c < 3; c++) {
            pixels[at + c] = values[x * bands + c] / 65535f * alpha;
          }
          pixels[at + 3] = alpha;
        }
      } else {
        image.getRGB(0, y, width, 1, packed, 0, width);
        for (int x = 0; x < width; x++, at += 4) {
          float alpha = (packed[x] >>> 24) / 255f;
          pixels[at] = (packed[x] >> 16 & 0xff) / 255f * alpha;
          pixels[at + 1] = (packed[x] >> 8 & 0xff) / 255f * alpha;
          pixels[at + 2] = (packed[x] & 0xff) / 255f * alpha;
          pixels[at + 3] = alpha;
        }
      }
    }
    return new Picture(width, height, pixels, model.hasAlpha());
  }

  private static int orientation(byte[] bytes) {
    try {
      var directory =
          ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
              .getFirstDirectoryOfType(ExifIFD0Directory.class);
      return directory != null && directory.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
          ? directory.getInt(ExifIFD0Directory.TAG_ORIENTATION)
          : 1;
    } catch (ImageProcessingException | IOException | MetadataException e) {
      return 1; // A picture without readable notes lies as it is stored.
    }
  }

  /** Undoes the eight orientations of EXIF 2.3, tag 274. */
  private static Picture upright(Picture stored, int orientation) {
    if (orientation < 2 || orientation > 8) {
      return stored;
    }
    boolean sideways = orientation >= 5;
    int width = sideways ? stored.height() : stored.width();
    int height = sideways ? stored.width() : stored.height();
    float[] pixels = new float[stored.pixels().length];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int backX = width - 1 - x;
        int backY = height - 1 - y;
        int sx =
            switch (orientation) {
              case 2, 3 -> backX;
              case 4 -> x;
              case 5, 6 -> y;
              default -> backY;
            };
        int sy =
            switch (orientation) {
              case 2 -> y;
              case 3, 4 -> backY;
              case 5, 8 -> x;
              default -> backX;
            };
        System.arraycopy(
            stored.pixels(), 4 * (sy * stored.width() + sx), pixels, 4 * (y * width + x), 4);
      }
    }
    return new Picture(width, height, pixels, stored.hasAlpha());
  }
}
