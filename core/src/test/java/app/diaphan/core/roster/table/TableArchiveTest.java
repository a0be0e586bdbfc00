package app.diaphan.core.roster.table;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TableArchiveTest {
  private static byte[] zip(String... names) {
    Map<String, String> parts = new LinkedHashMap<>();
    for (String name : names) {
      parts.put(name, "in " + name);
    }
    return Workbooks.zip(parts);
  }

  @Test
  void theFirstTableIsTakenAndAllElseIsPictures() {
    TableArchive archive =
        TableArchive.of(
                "regatta.zip",
                zip(
                    "pictures/heron.png",
                    "Skippers.CSV",
                    "deep\\er\\tern.png",
                    "other.xlsx",
                    ".hidden",
                    "__system/heron.png",
                    "folder/"))
            .orElseThrow();
    assertEquals("Skippers.CSV", archive.tableName());
    assertEquals("in Skippers.CSV", new String(archive.table(), StandardCharsets.UTF_8));
    assertEquals(
        List.of("heron.png", "tern.png", "other.xlsx"),
        new ArrayList<>(archive.pictures().keySet()));
    assertEquals(
        "in pictures/heron.png",
        new String(archive.pictures().get("heron.png"), StandardCharsets.UTF_8));
  }

  @Test
  void everyKindOfTableIsKnown() {
    for (String extension : List.of("csv", "tsv", "tab", "txt", "xlsx", "ods")) {
      assertEquals(
          Optional.of("skippers." + extension),
          TableArchive.of("a.zip", zip("a.png", "skippers." + extension))
              .map(TableArchive::tableName));
    }
  }

  @Test
  void workbooksAndOtherFilesAreNoArchives() {
    assertEquals(Optional.empty(), TableArchive.of("a.xlsx", Workbooks.xlsx("", "")));
    assertEquals(Optional.empty(), TableArchive.of("a.ods", Workbooks.ods("")));
    for (String begin : List.of("", "PK", "PK1", "name,boat", "PX12", "XK12")) {
      assertEquals(
          Optional.empty(), TableArchive.of("a.csv", begin.getBytes(StandardCharsets.UTF_8)));
    }
  }

  @Test
  void archivesWithoutATableOrWithTooMuchAreRefused() {
    assertEquals(
        "\"a.zip\" is a zip file without a table in it. Give CSV, XLSX or ODS.",
        assertThrows(
                InvalidInput.class, () -> TableArchive.of("a.zip", zip("heron.png", "csv.png")))
            .getMessage());
    String[] names = new String[5001];
    for (int i = 0; i < names.length; i++) {
      names[i] = i == 0 ? "skippers.csv" : i + ".png";
    }
    assertTrue(
        assertThrows(InvalidInput.class, () -> TableArchive.of("a.zip", zip(names)))
            .getMessage()
            .contains("more than 5000 files"));
    String[] most = java.util.Arrays.copyOf(names, 5000);
    assertEquals(4999, TableArchive.of("a.zip", zip(most)).orElseThrow().pictures().size());
  }
}
