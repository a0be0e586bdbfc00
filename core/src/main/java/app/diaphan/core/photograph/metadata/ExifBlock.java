package app.diaphan.core.photograph.metadata;

import app.diaphan.core.picture.Orientation;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.imaging.bytesource.ByteSource;
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
import org.apache.commons.imaging.formats.tiff.write.TiffOutputField;
import org.apache.commons.imaging.formats.tiff.write.TiffOutputSet;

/** EXIF, read and written by a library; what it does not have to move stays where it lies. */
final class ExifBlock {
  private static final Set<Integer> DESCRIBING =
      Set.of(
          TiffDirectoryConstants.DIRECTORY_TYPE_ROOT,
          TiffDirectoryConstants.DIRECTORY_TYPE_EXIF,
          TiffDirectoryConstants.DIRECTORY_TYPE_GPS);

  /** Where pixels lie in a TIFF file and what they are, other blocks, and ways to directories. */
  private static final Set<Integer> OF_PIXELS =
      Set.of(
          254, 255, 256, 257, 258, 259, 262, 266, 273, 277, 278, 279, 284, 317, 320, 322, 323, 324,
          325, 330, 338, 339, 347, 529, 530, 531, 532, 700, 33723, 34377, 34665, 34675, 34853);

  private ExifBlock() {}

  static Orientation orientation(byte[] exif) {
    try {
      TiffField field = read(exif).findField(TiffTagConstants.TIFF_TAG_ORIENTATION, true);
      return field == null ? Orientation.UPRIGHT : Orientation.ofTag(field.getIntValue());
    } catch (IOException | RuntimeException e) {
      return Orientation.UPRIGHT; // What cannot be read says nothing.
    }
  }

  static List<ExifEntry> entries(byte[] exif) {
    List<ExifEntry> entries = new ArrayList<>();
    try {
      for (TiffDirectory directory : read(exif).contents.directories) {
        if (DESCRIBING.contains(directory.type)) {
          ExifEntry.Directory of =
              switch (directory.type) {
                case TiffDirectoryConstants.DIRECTORY_TYPE_EXIF -> ExifEntry.Directory.EXIF;
                case TiffDirectoryConstants.DIRECTORY_TYPE_GPS -> ExifEntry.Directory.GPS;
                default -> ExifEntry.Directory.ROOT;
              };
          for (TiffField field : directory.getDirectoryEntries()) {
            if (!OF_PIXELS.contains(field.getTag())) {
              entries.add(
                  new ExifEntry(
                      of,
                      field.getTag(),
                      field.getFieldType().getType(),
                      (int) field.getCount(),
                      field.getByteArrayValue(),
                      field.getByteOrder()));
            }
          }
        }
      }
      return entries;
    } catch (IOException | RuntimeException e) {
      return List.of();
    }
  }

  private static TiffImageMetadata read(byte[] exif) throws IOException {
    TiffImagingParameters lenient = new TiffImagingParameters();
    lenient.setStrict(false);
    return (TiffImageMetadata) new TiffImageParser().getMetadata(ByteSource.array(exif), lenient);
  }

  /**
   * @throws IOException if the block cannot be read
   */
  static byte[] credited(Optional<byte[]> exif, Credit credit) throws IOException {
    try {
      TiffOutputSet set = exif.isPresent() ? read(exif.get()).getOutputSet() : new TiffOutputSet();
      TiffOutputDirectory root = set.getOrCreateRootDirectory();
      put(root, TiffTagConstants.TIFF_TAG_COPYRIGHT, credit.copyright());
      put(root, TiffTagConstants.TIFF_TAG_ARTIST, credit.creator());
      return ExifThumbnail.forwards(written(exif, set));
    } catch (RuntimeException e) {
      throw new IOException(e);
    }
  }

  /** What a TIFF file says of itself, as a block of its own; none if that cannot be read. */
  static Optional<byte[]> ofTiff(Path file) {
    try {
      TiffImagingParameters lenient = new TiffImagingParameters();
      lenient.setStrict(false);
      lenient.setReadThumbnails(false);
      TiffImageMetadata all =
          (TiffImageMetadata)
              new TiffImageParser().getMetadata(ByteSource.file(file.toFile()), lenient);
      TiffOutputSet set = new TiffOutputSet(all.contents.header.byteOrder);
      for (TiffDirectory directory : all.contents.directories) {
        if (DESCRIBING.contains(directory.type)) {
          TiffOutputDirectory copy = new TiffOutputDirectory(directory.type, set.byteOrder);
          for (TiffField field : directory.getDirectoryEntries()) {
            if (!OF_PIXELS.contains(field.getTag())) {
              copy.add(
                  new TiffOutputField(
                      field.getTag(),
                      field.getTagInfo(),
                      field.getFieldType(),
                      (int) field.getCount(),
                      field.getByteArrayValue()));
            }
          }
          set.addDirectory(copy);
        }
      }
      return Optional.of(written(Optional.empty(), set));
    } catch (IOException | RuntimeException e) {
      return Optional.empty();
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
