package app.diaphan.server.command;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rows of a table by command, as a whole and in parts. */
class DeliverRowsTest {
  private static final String DEMO = "../demo/lantern-reach-regatta";

  @TempDir Path folder;

  private static CommandRun deliver(Path to, String... more) {
    List<String> arguments =
        new ArrayList<>(
            List.of(
                "deliver",
                DEMO,
                "--overlay",
                "Skipper plate",
                "--to",
                to.toString(),
                "--frame",
                "640x360"));
    arguments.addAll(List.of(more));
    return CommandRun.of(arguments.toArray(String[]::new));
  }

  private static List<Path> files(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.sorted().toList();
    }
  }

  @Test
  void thePartsTogetherAreTheWholeByteForByte() throws IOException {
    Path whole = folder.resolve("whole");
    CommandRun all = deliver(whole, "--roster", "Skippers");
    assertEquals(1, all.code(), "two rows of the demo have to be put right");
    assertEquals(22, all.lines().size(), all.errors());
    Path parts = folder.resolve("parts");
    int told = 0;
    for (int part = 1; part <= 4; part++) {
      told += deliver(parts, "--roster", "Skippers", "--part", part + "/4").lines().size();
    }
    assertEquals(22, told);
    List<Path> files = files(whole);
    assertEquals(22, files.size());
    assertEquals(
        files.stream().map(Path::getFileName).toList(),
        files(parts).stream().map(Path::getFileName).toList());
    for (Path file : files) {
      assertArrayEquals(
          Files.readAllBytes(file), Files.readAllBytes(parts.resolve(file.getFileName())));
    }
  }

  @Test
  void whatIsWrongIsToldWithRowAndColumn() {
    CommandRun run = deliver(folder, "--roster", "Skippers");
    assertTrue(
        run.errors()
            .contains(
                "Row 10 was not delivered in \"Skipper plate\". pennant: There is no picture \"greywik.svg\". Take \"greywick.svg\"?"),
        run.errors());
    assertTrue(run.errors().contains("Row 6 was not delivered"), run.errors());
  }

  @Test
  void aTableOfTheRostersNameTakesItsPlaceAndBringsItsPictures() throws IOException {
    Path table = folder.resolve("skippers.csv");
    Files.writeString(
        table,
        "name;boat;club;pennant;colour\nAda;Gull;Tern Holm;new.svg;#ff0000\n",
        StandardCharsets.UTF_8);
    Path pictures = Files.createDirectory(folder.resolve("pictures"));
    Files.copy(Path.of(DEMO, "pictures/greywick.svg"), pictures.resolve("new.svg"));
    CommandRun run =
        deliver(
            folder.resolve("out"),
            "--roster",
            table.toString(),
            "--pictures",
            pictures.toString(),
            "--names",
            "{row}-{name}_{boat}".replace("{row}", "{counter}"));
    assertEquals(0, run.code(), run.errors());
    assertEquals(
        List.of("01-ada_gull.png"),
        files(folder.resolve("out")).stream().map(file -> file.getFileName().toString()).toList());
    assertEquals("Ada", run.lines().getFirst().path("key").asString());
  }

  @Test
  void someRowsOnly() {
    CommandRun run = deliver(folder, "--roster", "Skippers", "--rows", "2-4");
    assertEquals(0, run.code(), run.errors());
    assertEquals(
        List.of(2, 3, 4), run.lines().stream().map(line -> line.path("row").asInt()).toList());
  }

  @ParameterizedTest
  @CsvSource({
    "--rows, 30-40, There are no rows 30-40",
    "--rows, x, cannot be read",
    "--part, 5/4, There is no part 5/4",
    "--part, 1of4, cannot be read",
    "--names, {crew}, {crew}"
  })
  void whatCannotBeIsSaid(String option, String value, String said) {
    CommandRun run = deliver(folder, "--roster", "Skippers", option, value);
    assertEquals(1, run.code());
    assertTrue(run.errors().contains(said), run.errors());
  }

  @Test
  void anOverlayWithOpenPlacesNeedsARoster() {
    CommandRun run = deliver(folder);
    assertEquals(1, run.code());
    assertTrue(run.errors().contains("--roster"), run.errors());
    assertEquals(1, deliver(folder, "--rows", "1-2").code());
    CommandRun none = deliver(folder, "--roster", "nowhere.csv");
    assertTrue(none.errors().contains("no table at nowhere.csv"), none.errors());
  }

  @Test
  void everyRowIsChecked() {
    CommandRun run =
        CommandRun.of("check", DEMO, "--overlay", "Skipper plate", "--roster", "Skippers");
    assertEquals(1, run.code());
    assertEquals(
        List.of(6, 10),
        run.lines().stream()
            .filter(line -> !line.path("passes").asBoolean())
            .map(line -> line.path("row").asInt())
            .distinct()
            .toList());
  }
}
