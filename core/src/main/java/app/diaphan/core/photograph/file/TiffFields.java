package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.ExifEntry;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import javax.imageio.plugins.tiff.ExifGPSTagSet;
import javax.imageio.plugins.tiff.ExifParentTIFFTagSet;
import javax.imageio.plugins.tiff.ExifTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.plugins.tiff.TIFFTag;
import javax.imageio.plugins.tiff.TIFFTagSet;

/** Puts what EXIF says into the directories of a TIFF file. */
final class TiffFields {
  private TiffFields() {}

  static void put(List<ExifEntry> entries, TIFFDirectory root) {
    TIFFDirectory exif = directory(ExifTIFFTagSet.getInstance());
    TIFFDirectory gps = directory(ExifGPSTagSet.getInstance());
    for (ExifEntry entry : entries) {
      TIFFDirectory to =
          switch (entry.directory()) {
            case ROOT -> root;
            case EXIF -> exif;
            case GPS -> gps;
          };
      value(entry)
          .ifPresent(value -> put(to, entry.tag(), entry.type(), count(entry, value), value));
    }
    pointer(root, ExifParentTIFFTagSet.TAG_EXIF_IFD_POINTER, exif);
    pointer(root, ExifParentTIFFTagSet.TAG_GPS_INFO_IFD_POINTER, gps);
  }

  private static TIFFDirectory directory(TIFFTagSet tags) {
    return new TIFFDirectory(new TIFFTagSet[] {tags}, null);
  }

  private static void pointer(TIFFDirectory root, int tag, TIFFDirectory to) {
    if (to.getNumTIFFFields() > 0) {
      root.addTIFFField(
          new TIFFField(ExifParentTIFFTagSet.getInstance().getTag(tag), TIFFTag.TIFF_LONG, 8L, to));
    }
  }

  private static int count(ExifEntry entry, Object value) {
    return value instanceof String[] ? 1 : entry.count();
  }

  /**
   * @param value in the array that the platform wants of such a type
   */
  static void put(TIFFDirectory directory, int tag, int type, int count, Object value) {
    TIFFTag known = directory.getTag(tag);
    TIFFTag written =
        known != null && known.isDataTypeOK(type)
            ? known
            : new TIFFTag("tag " + tag, tag, 1 << type);
    directory.addTIFFField(new TIFFField(written, type, count, value));
  }

  /** None for types that EXIF does not have. */
  private static Optional<Object> value(ExifEntry entry) {
    ByteBuffer bytes = ByteBuffer.wrap(entry.value()).order(entry.order());
    int count = entry.count();
    return switch (entry.type()) {
      case TIFFTag.TIFF_BYTE, TIFFTag.TIFF_UNDEFINED, TIFFTag.TIFF_SBYTE ->
          Optional.of(entry.value());
      case TIFFTag.TIFF_ASCII ->
          Optional.of(
              new String[] {
                new String(entry.value(), StandardCharsets.UTF_8).replaceAll("\0+$", "")
              });
      case TIFFTag.TIFF_SHORT -> {
        char[] values = new char[count];
        bytes.asCharBuffer().get(values);
        yield Optional.of(values);
      }
      case TIFFTag.TIFF_LONG -> {
        long[] values = new long[count];
        for (int i = 0; i < count; i++) {
          values[i] = bytes.getInt() & 0xffffffffL;
        }
        yield Optional.of(values);
      }
      case TIFFTag.TIFF_SLONG -> {
        int[] values = new int[count];
        bytes.asIntBuffer().get(values);
        yield Optional.of(values);
      }
      case TIFFTag.TIFF_RATIONAL -> {
        long[][] values = new long[count][2];
        for (long[] value : values) {
          value[0] = bytes.getInt() & 0xffffffffL;
          value[1] = bytes.getInt() & 0xffffffffL;
        }
        yield Optional.of(values);
      }
      case TIFFTag.TIFF_SRATIONAL -> {
        int[][] values = new int[count][2];
        for (int[] value : values) {
          value[0] = bytes.getInt();
          value[1] = bytes.getInt();
        }
        yield Optional.of(values);
      }
      default -> Optional.empty();
    };
  }
}
