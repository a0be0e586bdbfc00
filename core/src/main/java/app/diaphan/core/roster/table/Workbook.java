package app.diaphan.core.roster.table;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * The parts of a workbook, which is a zip file. All are unpacked once, counted while that is done,
 * before any library is given them.
 */
final class Workbook {
  private final byte[] file;
  private final Map<String, Long> parts;

  private Workbook(byte[] file, Map<String, Long> parts) {
    this.file = file;
    this.parts = parts;
  }

  /**
   * @param name of the file
   * @throws InvalidInput if it is damaged or unpacks to too much
   */
  static Workbook of(String name, byte[] file) {
    Map<String, Long> parts = new HashMap<>();
    long all = 0;
    byte[] buffer = new byte[1 << 16];
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
      ZipEntry entry;
      while ((entry = zip.getNextEntry()) != null) {
        long length = 0;
        int read;
        while ((read = zip.read(buffer)) > 0) {
          length += read;
          all += read;
          if (all > TableLimits.MOST_UNPACKED) {
            throw tooLarge(name);
          }
        }
        zip.closeEntry();
        if (length > 1 << 20 && entry.getCompressedSize() < length * TableLimits.LEAST_PACKED) {
          throw tooLarge(name);
        }
        parts.put(entry.getName(), length);
      }
    } catch (IllegalArgumentException | IOException e) {
      throw damaged(name, e);
    }
    return new Workbook(file, parts);
  }

  boolean has(String part) {
    return parts.containsKey(part);
  }

  /** A part unpacked anew; empty if there is none. */
  Optional<InputStream> part(String part) throws IOException {
    ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file));
    ZipEntry entry;
    while ((entry = zip.getNextEntry()) != null) {
      if (entry.getName().equals(part)) {
        return Optional.of(zip);
      }
    }
    return Optional.empty();
  }

  byte[] file() {
    return file;
  }

  private static InvalidInput tooLarge(String name) {
    return new InvalidInput(
        Sentence.of(
            "The workbook \"%s\" unpacks to more than a table may hold; keep only the sheet with the table in it.",
            name));
  }

  static InvalidInput damaged(String name, Exception why) {
    return new InvalidInput(
        Sentence.of(
            "The workbook \"%s\" is damaged and cannot be read; save it again, or as CSV.", name),
        why);
  }
}
