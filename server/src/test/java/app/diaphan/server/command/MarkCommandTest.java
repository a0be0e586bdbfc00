package app.diaphan.server.command;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The demo's watermark on the demo's photographs. */
class MarkCommandTest {
  private static final Path DEMO = Path.of("..", "demo").toAbsolutePath().normalize();
  private static final String BUNDLE = DEMO.resolve("lantern-reach-regatta").toString();
  private static final String PHOTOGRAPHS = DEMO.resolve("photographs").toString();
  private static final String MARK = "Photographer's watermark";

  @TempDir Path folder;

  private static CommandRun mark(Path to, String... more) {
    List<String> arguments =
        new ArrayList<>(List.of("mark", BUNDLE, "--overlay", MARK, "--to", to.toString()));
    arguments.addAll(Arrays.asList(more));
    return CommandRun.of(arguments.toArray(String[]::new));
  }

  private static List<Path> files(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.sorted().toList();
    }
  }

  @Test
  void aFolderOfPhotographsKeepsItsNames() throws IOException {
    CommandRun run =
        mark(folder, PHOTOGRAPHS, "--dress", "auto", "--corner", "quietest", "--size", "40%");
    assertEquals(0, run.code(), run.errors());
    assertEquals(12, run.lines().size());
    assertEquals(
        files(Path.of(PHOTOGRAPHS)).stream().map(Path::getFileName).toList(),
        files(folder).stream().map(Path::getFileName).toList());
    JsonNode quay = run.lines().getFirst();
    assertEquals("light", quay.path("dress").asString());
    assertEquals("JPEG", quay.path("format").asString());
    assertEquals(1200, quay.path("width").asInt());
    JsonNode upright = run.lines().get(1);
    assertEquals(1200, upright.path("height").asInt());
    assertEquals("dark", run.lines().get(2).path("dress").asString());
  }

  @Test
  void partsTogetherAreTheWhole() throws IOException {
    Path whole = folder.resolve("whole");
    Path parts = folder.resolve("parts");
    assertEquals(0, mark(whole, PHOTOGRAPHS).code());
    for (int part = 1; part <= 3; part++) {
      CommandRun run = mark(parts, PHOTOGRAPHS, "--part", part + "/3");
      assertEquals(4, run.lines().size());
    }
    List<Path> expected = files(whole);
    List<Path> found = files(parts);
    assertEquals(expected.size(), found.size());
    for (int i = 0; i < expected.size(); i++) {
      assertArrayEquals(Files.readAllBytes(expected.get(i)), Files.readAllBytes(found.get(i)));
    }
  }

  @Test
  void noOriginalIsEverWrittenOver() throws IOException {
    Path own = Files.copy(DEMO.resolve("photographs/0411-quay.jpg"), folder.resolve("quay.jpg"));
    byte[] before = Files.readAllBytes(own);
    CommandRun run = mark(folder, own.toString());
    assertEquals(1, run.code());
    assertTrue(run.errors().contains("would be written over"), run.errors());
    assertArrayEquals(before, Files.readAllBytes(own));
  }

  @Test
  void whatIsWrongWithSomeIsSaidAndTheOthersAreDone() throws IOException {
    Path good = DEMO.resolve("photographs/0411-quay.jpg");
    Path twice =
        Files.copy(good, Files.createDirectory(folder.resolve("other")).resolve("0411-QUAY.jpg"));
    Path text = Files.writeString(folder.resolve("notes.jpg"), "no photograph");
    Path cut = folder.resolve("cut.jpg");
    Files.write(cut, Arrays.copyOf(Files.readAllBytes(good), 60_000));
    Path to = folder.resolve("out");
    CommandRun run =
        mark(
            to,
            good.toString(),
            twice.toString(),
            text.toString(),
            cut.toString(),
            folder.resolve("gone.jpg").toString());
    assertEquals(1, run.code());
    assertEquals(5, run.lines().size());
    assertEquals(List.of(to.resolve("0411-quay.jpg")), files(to));
    List<String> problems =
        run.lines().stream().map(line -> line.path("problem").asString()).toList();
    assertEquals("", problems.getFirst());
    assertTrue(problems.get(1).contains("same name"), problems.get(1));
    assertTrue(problems.get(2).contains("no photograph"), problems.get(2));
    assertTrue(problems.get(3).contains("cut short"), problems.get(3));
    assertTrue(problems.get(4).contains("There is no file"), problems.get(4));
  }

  @ParameterizedTest
  @CsvSource({
    "--size, huge, --size is",
    "--corner, left-top, --corner is",
    "--dress, red, --dress is",
    "--opacity, 1.5, --opacity is",
    "--format, heif, --format is",
    "--part, 4/3, There is no part",
    "--other-dress, Nobody's, has no overlay",
    "--other-finishes, Nobody's, has no finish set",
    "--size, 4000px, make the mark smaller"
  })
  void whatCannotBeAskedIsSaid(String option, String value, String said) {
    CommandRun run = mark(folder.resolve("out"), PHOTOGRAPHS, option, value);
    assertEquals(1, run.code());
    assertTrue(run.errors().contains(said), run.errors());
    assertFalse(Files.exists(folder.resolve("out/0411-quay.jpg")));
  }

  @Test
  void aMarkHasOneOtherDress() {
    Path to = folder.resolve("out");
    CommandRun run = mark(to, PHOTOGRAPHS, "--house-dress", "--other-finishes", "Lifted");
    assertEquals(1, run.code());
    assertTrue(run.errors().contains("a mark has one other dress"), run.errors());
    assertFalse(Files.exists(to.resolve("0411-quay.jpg")));
  }

  @Test
  void photographsCanBecomeAnotherKind() throws IOException {
    CommandRun run =
        mark(folder, DEMO.resolve("photographs/0411-quay.jpg").toString(), "--format", "png");
    assertEquals(0, run.code(), run.errors());
    assertEquals(List.of(folder.resolve("0411-quay.png")), files(folder));
  }
}
