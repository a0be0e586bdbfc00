package app.diaphan.core.roster.table;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * A zip file with a table in it and the pictures that its rows name, in whatever folders. Names are
 * those of the files alone, so nothing in it can lie anywhere else.
 *
 * @param tableName of the first table in it
 * @param pictures all other files by name
 */
public record TableArchive(String tableName, byte[] table, Map<String, byte[]> pictures) {
  private static final int MOST_FILES = 5000;
  private static final Set<String> TABLES = Set.of("csv", "tsv", "tab", "txt", "xlsx", "ods");

  /**
   * @param name of the file
   * @return nothing if it is no zip file, or is a workbook, which is one too
   * @throws InvalidInput if it is damaged, too large, or has no table
   */
  public static Optional<TableArchive> of(String name, byte[] file) {
    if (file.length < 4 || file[0] != 'P' || file[1] != 'K') {
      return Optional.empty();
    }
    Workbook parts = Workbook.of(name, file);
    if (XlsxSheet.is(parts) || OdsSheet.is(parts)) {
      return Optional.empty();
    }
    Map<String, byte[]> files = unpacked(name, file);
    String table =
        files.keySet().stream()
            .filter(one -> TABLES.contains(extension(one)))
            .findFirst()
            .orElseThrow(
                () ->
                    new InvalidInput(
                        Sentence.of(
                            "\"%s\" is a zip file without a table in it. Give CSV, XLSX or ODS.",
                            name)));
    byte[] content = files.remove(table);
    return Optional.of(new TableArchive(table, content, files));
  }

  private static Map<String, byte[]> unpacked(String name, byte[] file) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
      ZipEntry entry;
      while ((entry = zip.getNextEntry()) != null) {
        String own = entry.getName().replaceAll(".*[/\\\\]", "");
        // Some computers put files of their own beside those that were packed.
        if (!own.isEmpty() && !own.startsWith(".") && !entry.getName().startsWith("__")) {
          files.put(own, zip.readAllBytes());
        }
        if (files.size() > MOST_FILES) {
          throw new InvalidInput(
              Sentence.of("\"%s\" has more than %d files in it.", name, MOST_FILES));
        }
      }
    } catch (IllegalArgumentException | IOException e) {
      throw Workbook.damaged(name, e);
    }
    return files;
  }

  private static String extension(String file) {
    return file.substring(file.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
  }
}
