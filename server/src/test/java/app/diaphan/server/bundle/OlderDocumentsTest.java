package app.diaphan.server.bundle;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.json.DocumentJson;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Documents as every older version wrote them, kept as they were, and what they say today. Those of
 * today change with every new version: {@code -Ddiaphan.keep-older=true} writes them, and the
 * difference is read by whoever changes the version.
 */
class OlderDocumentsTest {
  private static final Path OLDER = Path.of("src/test/resources/older");

  static Stream<Path> documents() throws IOException {
    try (Stream<Path> files = Files.walk(OLDER)) {
      return files
          .filter(file -> file.toString().endsWith(".json"))
          .filter(file -> !file.toString().endsWith(".now.json"))
          .sorted()
          .toList()
          .stream();
    }
  }

  @Test
  void eachOlderVersionHasExamples() throws IOException {
    for (int version = 1; version < BundleContents.VERSION; version++) {
      String contents = Files.readString(OLDER.resolve(version + "/package.json"));
      assertTrue(contents.matches("(?s).*\"version\"\\s*:\\s*" + version + "\\D.*"), contents);
    }
  }

  @ParameterizedTest
  @MethodSource("documents")
  void itSaysTodayWhatItMeant(Path file) throws IOException {
    String text = Files.readString(file);
    boolean contents = file.endsWith("package.json");
    String today =
        DocumentJson.writeReadable(
            contents
                ? BundleReader.contents(text)
                : DocumentJson.read(text, Overlay.class, "The file " + file.getFileName()));
    Path kept = file.resolveSibling(file.getFileName().toString().replace(".json", ".now.json"));
    if (Boolean.getBoolean("diaphan.keep-older")) {
      Files.writeString(kept, today);
    }
    assertEquals(Files.readString(kept), today);
    // What is of this version already stays as it is.
    assertEquals(
        today,
        DocumentJson.writeReadable(
            contents
                ? BundleReader.contents(today)
                : DocumentJson.read(today, Overlay.class, "The file " + kept.getFileName())));
  }
}
