package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.Credit;
import app.diaphan.core.photograph.metadata.Metadata;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.Optional;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.plugins.tiff.BaselineTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.plugins.tiff.TIFFTag;
import javax.imageio.stream.ImageOutputStream;

/** Writes TIFF files by the platform's library, with all tags of the photograph's own file. */
final class TiffSink {
  private static final int ROWS_PER_STRIP = 64;

  /** Of pixels, which lie otherwise in the new file. */
  private static final Set<Integer> OF_PIXELS =
      Set.of(
          BaselineTIFFTagSet.TAG_COLOR_MAP,
          BaselineTIFFTagSet.TAG_STRIP_OFFSETS,
          BaselineTIFFTagSet.TAG_STRIP_BYTE_COUNTS,
          BaselineTIFFTagSet.TAG_TILE_WIDTH,
          BaselineTIFFTagSet.TAG_TILE_LENGTH,
          BaselineTIFFTagSet.TAG_TILE_OFFSETS,
          BaselineTIFFTagSet.TAG_TILE_BYTE_COUNTS,
          BaselineTIFFTagSet.TAG_PHOTOMETRIC_INTERPRETATION,
          BaselineTIFFTagSet.TAG_SAMPLES_PER_PIXEL,
          BaselineTIFFTagSet.TAG_BITS_PER_SAMPLE,
          BaselineTIFFTagSet.TAG_COMPRESSION,
          BaselineTIFFTagSet.TAG_EXTRA_SAMPLES,
          BaselineTIFFTagSet.TAG_PLANAR_CONFIGURATION,
          BaselineTIFFTagSet.TAG_PREDICTOR);

  private TiffSink() {}

  /**
   * @param own the photograph, if it is a TIFF file
   */
  static void write(
      RowSource rows,
      Metadata metadata,
      Credit credit,
      Optional<TiffPhotograph> own,
      FileChannel to)
      throws IOException {
    ImageWriter writer = writer();
    try (ImageOutputStream output = new ChannelOutput(to)) {
      output.setByteOrder(ByteOrder.LITTLE_ENDIAN);
      writer.setOutput(output);
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionType(own.map(TiffSink::packing).orElse("ZLib"));
      RowsImage image = new RowsImage(rows);
      TIFFDirectory directory =
          TIFFDirectory.createFromMetadata(
              writer.getDefaultImageMetadata(
                  ImageTypeSpecifier.createFromRenderedImage(image), how));
      own.ifPresentOrElse(
          photograph -> copy(photograph.page().directory(), directory),
          () -> TiffFields.put(metadata.exifEntries(), directory));
      TiffFields.put(
          directory,
          BaselineTIFFTagSet.TAG_ROWS_PER_STRIP,
          TIFFTag.TIFF_LONG,
          1,
          new long[] {ROWS_PER_STRIP});
      block(directory, TiffPage.PROFILE, TIFFTag.TIFF_UNDEFINED, metadata.profile());
      block(directory, TiffPage.XMP, TIFFTag.TIFF_BYTE, metadata.xmp());
      block(directory, TiffPage.RESOURCES, TIFFTag.TIFF_UNDEFINED, metadata.resources());
      words(directory, BaselineTIFFTagSet.TAG_COPYRIGHT, credit.copyright());
      words(directory, BaselineTIFFTagSet.TAG_ARTIST, credit.creator());
      writer.write(null, new IIOImage(image, null, directory.getAsMetadata()), how);
    } catch (UncheckedIOException e) {
      throw e.getCause();
    } finally {
      writer.dispose();
    }
  }

  private static ImageWriter writer() {
    Iterator<ImageWriter> writers = ImageIO.getImageWritersByFormatName("tiff");
    while (writers.hasNext()) {
      ImageWriter writer = writers.next();
      if (writer.getClass().getModule().isNamed()) {
        return writer;
      }
    }
    throw new IllegalStateException("The platform writes TIFF.");
  }

  /** As the photograph's own file is packed, where nothing is lost by it. */
  private static String packing(TiffPhotograph photograph) {
    return switch (photograph.page().compression()) {
      case BaselineTIFFTagSet.COMPRESSION_LZW -> "LZW";
      case BaselineTIFFTagSet.COMPRESSION_PACKBITS -> "PackBits";
      case BaselineTIFFTagSet.COMPRESSION_DEFLATE -> "Deflate";
      default -> "ZLib";
    };
  }

  private static void copy(TIFFDirectory from, TIFFDirectory to) {
    for (TIFFField field : from.getTIFFFields()) {
      if (!OF_PIXELS.contains(field.getTagNumber())) {
        to.addTIFFField(field);
      }
    }
  }

  private static void block(TIFFDirectory directory, int tag, int type, Optional<byte[]> block) {
    block.ifPresent(bytes -> TiffFields.put(directory, tag, type, bytes.length, bytes));
  }

  private static void words(TIFFDirectory directory, int tag, String words) {
    // The format's letters are those of ASCII; XMP has all of them.
    String plain = words.replace("©", "(c)");
    if (!plain.isEmpty() && StandardCharsets.US_ASCII.newEncoder().canEncode(plain)) {
      TiffFields.put(directory, tag, TIFFTag.TIFF_ASCII, 1, new String[] {plain});
    }
  }
}
