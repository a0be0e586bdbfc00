package app.diaphan.core.deliver;

import app.diaphan.core.Digest;
import app.diaphan.core.file.FileFormat;
import com.twelvemonkeys.imageio.plugins.tiff.TIFFImageReaderSpi;
import java.awt.Rectangle;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.Map;
import java.util.TreeMap;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.plugins.tiff.BaselineTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.stream.ImageInputStream;

/**
 * Reads a TIFF file: its directory through the JDK's reader, its pixels through TwelveMonkeys', a
 * few rows at a time.
 */
final class TiffInspection {
  private static final int ROWS_AT_ONCE = 256;
  private static final int LONGEST_TAG = 80;

  private TiffInspection() {}

  static FileReport of(Path file, FileInspector.RowVisitor visitor) throws IOException {
    TIFFDirectory directory = directory(file);
    ImageReader reader = new TIFFImageReaderSpi().createReaderInstance(null);
    try (ImageInputStream input = ImageIO.createImageInputStream(file.toFile())) {
      reader.setInput(input);
      int width = reader.getWidth(0);
      int height = reader.getHeight(0);
      int bits = number(directory, BaselineTIFFTagSet.TAG_BITS_PER_SAMPLE, 1);
      int channels = number(directory, BaselineTIFFTagSet.TAG_SAMPLES_PER_PIXEL, 1);
      FileReport.AlphaFound alpha = alpha(directory);
      int sample = bits > 8 ? 2 : 1;
      boolean counted =
          alpha == FileReport.AlphaFound.STRAIGHT
              || alpha == FileReport.AlphaFound.PREMULTIPLIED
              || alpha == FileReport.AlphaFound.ON_MATTE
              || channels == 1;
      MeasuredRows look =
          new MeasuredRows(
              width,
              channels * sample,
              sample,
              counted,
              alpha == FileReport.AlphaFound.STRAIGHT && channels == 4,
              visitor);
      for (int top = 0; top < height; top += ROWS_AT_ONCE) {
        int rows = Math.min(ROWS_AT_ONCE, height - top);
        ImageReadParam part = reader.getDefaultReadParam();
        part.setSourceRegion(new Rectangle(0, top, width, rows));
        Raster raster = reader.read(0, part).getRaster();
        int stride = width * channels * sample;
        byte[] packed = new byte[stride];
        int[] values = new int[width * channels];
        for (int y = 0; y < rows; y++) {
          raster.getPixels(raster.getMinX(), raster.getMinY() + y, width, 1, values);
          pack(values, packed, sample);
          look.row(top + y, packed, 0, stride);
        }
      }
      return new FileReport(
          FileFormat.TIFF,
          width,
          height,
          bits,
          channels,
          alpha,
          look.count().clearShare(),
          look.count().partialShare(),
          look.count().solidShare(),
          look.count().drawn(),
          look.fringe(),
          tags(directory),
          Files.size(file),
          Digest.of(file));
    } finally {
      reader.dispose();
    }
  }

  private static TIFFDirectory directory(Path file) throws IOException {
    Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName("tiff");
    while (readers.hasNext()) {
      ImageReader reader = readers.next();
      if (!reader.getOriginatingProvider().getVendorName().startsWith("Oracle")) {
        continue;
      }
      try (ImageInputStream input = ImageIO.createImageInputStream(file.toFile())) {
        reader.setInput(input);
        return TIFFDirectory.createFromMetadata(reader.getImageMetadata(0));
      } finally {
        reader.dispose();
      }
    }
    throw new IllegalStateException("This Java platform has no TIFF reader of its own.");
  }

  private static void pack(int[] values, byte[] packed, int sample) {
    int at = 0;
    for (int value : values) {
      if (sample == 2) {
        packed[at++] = (byte) (value >> 8);
      }
      packed[at++] = (byte) value;
    }
  }

  private static FileReport.AlphaFound alpha(TIFFDirectory directory) {
    TIFFField extra = directory.getTIFFField(BaselineTIFFTagSet.TAG_EXTRA_SAMPLES);
    if (extra == null) {
      return FileReport.AlphaFound.NONE;
    }
    if (extra.getCount() > 1) {
      return FileReport.AlphaFound.SEVERAL;
    }
    return switch (extra.getAsInt(0)) {
      case 1 -> FileReport.AlphaFound.PREMULTIPLIED;
      case 2 -> FileReport.AlphaFound.STRAIGHT;
      default ->
          description(directory).startsWith(TiffWriter.MATTE)
              ? FileReport.AlphaFound.ON_MATTE
              : FileReport.AlphaFound.NONE;
    };
  }

  private static String description(TIFFDirectory directory) {
    TIFFField field = directory.getTIFFField(BaselineTIFFTagSet.TAG_IMAGE_DESCRIPTION);
    return field == null ? "" : field.getAsString(0);
  }

  private static int number(TIFFDirectory directory, int tag, int otherwise) {
    TIFFField field = directory.getTIFFField(tag);
    return field == null ? otherwise : field.getAsInt(0);
  }

  private static Map<String, String> tags(TIFFDirectory directory) {
    Map<String, String> tags = new TreeMap<>();
    for (TIFFField field : directory.getTIFFFields()) {
      String name = field.getTag().getName();
      if (name.startsWith("Strip") || name.equals("ICC Profile")) {
        tags.put(name, field.getCount() + " values");
        continue;
      }
      StringBuilder value = new StringBuilder();
      for (int i = 0; i < field.getCount() && value.length() < LONGEST_TAG; i++) {
        value.append(i == 0 ? "" : ", ").append(field.getValueAsString(i));
      }
      tags.put(name, value.toString());
    }
    return tags;
  }
}
