package app.diaphan.core.photograph.metadata;

import app.diaphan.core.picture.Orientation;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import org.apache.commons.imaging.bytesource.ByteSource;
import org.apache.commons.imaging.formats.tiff.JpegImageData;
import org.apache.commons.imaging.formats.tiff.TiffDirectory;
import org.apache.commons.imaging.formats.tiff.TiffField;
import org.apache.commons.imaging.formats.tiff.TiffImageMetadata;
import org.apache.commons.imaging.formats.tiff.TiffImageParser;
import org.apache.commons.imaging.formats.tiff.TiffImagingParameters;
import org.apache.commons.imaging.formats.tiff.constants.TiffDirectoryConstants;
import org.apache.commons.imaging.formats.tiff.constants.TiffTagConstants;
import org.apache.commons.imaging.formats.tiff.taginfos.TagInfoAscii;
import org.apache.commons.imaging.formats.tiff.write.AbstractTiffImageWriter;
import org.apache.commons.imaging.formats.tiff.write.TiffImageWriterLossless;
import org.apache.commons.imaging.formats.tiff.write.TiffImageWriterLossy;
import org.apache.commons.imaging.formats.tiff.write.TiffOutputDirectory;
import org.apache.commons.imaging.formats.tiff.write.TiffOutputSet;

/** EXIF, read and written by a library; what it does not have to move stays where it lies. */
final class ExifBlock {
  private ExifBlock() {}

  static Orientation orientation(byte[] exif) {
    try {
      TiffField field = read(exif).findField(TiffTagConstants.TIFF_TAG_ORIENTATION, true);
      return field == null ? Orientation.UPRIGHT : Orientation.ofTag(field.getIntValue());
    } catch (IOException | RuntimeException e) {
      return Orientation.UPRIGHT; // What cannot be read says nothing.
    }
  }

  static boolean thumbnail(byte[] exif) {
    try {
      TiffDirectory small = read(exif).findDirectory(TiffDirectoryConstants.DIRECTORY_TYPE_SUB);
      return small != null && pictured(small);
    } catch (IOException | RuntimeException e) {
      return false;
    }
  }

  private static boolean pictured(TiffDirectory directory) {
    return directory.getJpegImageData() != null || directory.getTiffImageData() != null;
  }

  private static TiffImageMetadata read(byte[] exif) throws IOException {
    TiffImagingParameters lenient = new TiffImagingParameters();
    lenient.setStrict(false);
    return (TiffImageMetadata) new TiffImageParser().getMetadata(ByteSource.array(exif), lenient);
  }

  /**
   * @param thumbnail a JPEG file that takes the place of the one within
   * @throws IOException if the block cannot be read
   */
  static byte[] changed(Optional<byte[]> exif, Credit credit, Optional<byte[]> thumbnail)
      throws IOException {
    try {
      TiffOutputSet set = exif.isPresent() ? read(exif.get()).getOutputSet() : new TiffOutputSet();
      TiffOutputDirectory root = set.getOrCreateRootDirectory();
      put(root, TiffTagConstants.TIFF_TAG_COPYRIGHT, credit.copyright());
      put(root, TiffTagConstants.TIFF_TAG_ARTIST, credit.creator());
      TiffOutputDirectory small = set.findDirectory(TiffDirectoryConstants.DIRECTORY_TYPE_SUB);
      if (thumbnail.isPresent() && small != null) {
        small.setTiffImageData(null);
        small.setJpegImageData(new JpegImageData(0, thumbnail.get().length, thumbnail.get()));
      }
      return written(exif, set);
    } catch (RuntimeException e) {
      throw new IOException(e);
    }
  }

  /** With a tag that says that the picture lies as it is stored; empty if that cannot be said. */
  static Optional<byte[]> upright(byte[] exif) {
    if (orientation(exif) == Orientation.UPRIGHT) {
      return Optional.of(exif);
    }
    try {
      TiffOutputSet set = read(exif).getOutputSet();
      TiffOutputDirectory root = set.getOrCreateRootDirectory();
      root.removeField(TiffTagConstants.TIFF_TAG_ORIENTATION);
      root.add(TiffTagConstants.TIFF_TAG_ORIENTATION, (short) Orientation.UPRIGHT.tag());
      return Optional.of(written(Optional.of(exif), set));
    } catch (IOException | RuntimeException e) {
      return Optional.empty();
    }
  }

  private static byte[] written(Optional<byte[]> exif, TiffOutputSet set) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    AbstractTiffImageWriter writer =
        exif.isPresent()
            ? new TiffImageWriterLossless(set.byteOrder, exif.get())
            : new TiffImageWriterLossy(set.byteOrder);
    writer.write(bytes, set);
    return bytes.toByteArray();
  }

  private static void put(TiffOutputDirectory directory, TagInfoAscii tag, String words)
      throws IOException {
    if (!words.isEmpty()) {
      directory.removeField(tag);
      directory.add(tag, words);
    }
  }
}
