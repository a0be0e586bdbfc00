package app.diaphan.core.photograph.metadata;

import java.nio.ByteOrder;

/**
 * A value in EXIF's structure (TIFF 6.0, section 2).
 *
 * @param directory which it is in
 * @param type of its numbers, as the format counts them
 * @param value in the byte order told
 */
public record ExifEntry(
    Directory directory, int tag, int type, int count, byte[] value, ByteOrder order) {
  /** The directories that describe a photograph. */
  public enum Directory {
    ROOT,
    EXIF,
    GPS
  }
}
