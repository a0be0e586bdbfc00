package app.diaphan.server.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The demo's skippers, timed by the demo's markers. */
class CuesCommandTest {
  private static final Path DEMO =
      Path.of("..", "demo", "lantern-reach-regatta").toAbsolutePath().normalize();
  private static final String OTIO = DEMO.resolve("cues/quay-at-dusk.otio").toString();

  @TempDir Path folder;

  private CommandRun cues(String... more) {
    List<String> arguments =
        new ArrayList<>(
            List.of(
                "cues",
                DEMO.toString(),
                "--roster",
                DEMO.resolve("rosters/skippers.csv").toString(),
                "--overlay",
                "Skipper plate",
                "--to",
                folder.resolve("to").toString()));
    arguments.addAll(Arrays.asList(more));
    return CommandRun.of(arguments.toArray(String[]::new));
  }

  private String written(String name) throws IOException {
    return Files.readString(folder.resolve("to").resolve(name));
  }

  @Test
  void rowsAreDealtDeliveredAndHandedOver() throws IOException {
    CommandRun run =
        cues(
            "--markers",
            OTIO,
            "--rate",
            "25",
            "--length",
            "5s",
            "--fade",
            "12",
            "--rows",
            "1-15",
            "--frame",
            "1280x720");
    // Jory's pennant is misspelt in the table.
    assertEquals(1, run.code(), run.errors());
    assertTrue(run.errors().contains("greywik.svg"), run.errors());
    assertTrue(run.errors().contains("\"Jory Penhale\" could not be delivered"), run.errors());
    assertTrue(run.errors().contains("There are 24 markers for 15 stills"), run.errors());
    assertTrue(run.errors().contains("\"Merryn Cobb\" ends at 00:01:38:04 already"), run.errors());
    assertEquals(14, run.lines().size());
    assertEquals(13, run.lines().getLast().path("cues").asInt());
    String list = written("cues.edl");
    assertTrue(list.contains("D    012 00:00:00:00 00:00:04:13 00:00:12:05 00:00:16:18"), list);
    assertTrue(written("README.txt").contains("13 cues on 1 lane, for a video of 1280 × 720"));
    try (var stills = Files.list(folder.resolve("to/stills"))) {
      assertEquals(13, stills.count());
    }
    // Once more into the same folder: the same again.
    String before = written("cues.otio");
    cues(
        "--markers",
        OTIO,
        "--rate",
        "25",
        "--length",
        "5s",
        "--fade",
        "12",
        "--rows",
        "1-15",
        "--frame",
        "1280x720");
    assertEquals(before, written("cues.otio"));
  }

  @Test
  void theEditListSaysTheSameAsTheTimeLine() throws IOException {
    cues("--markers", OTIO, "--rate", "25", "--rows", "1-2", "--frame", "640x360");
    String fromTimeLine = written("cues.csv");
    cues(
        "--markers",
        DEMO.resolve("cues/quay-at-dusk.edl").toString(),
        "--rate",
        "25",
        "--rows",
        "1-2",
        "--frame",
        "640x360");
    assertEquals(fromTimeLine, written("cues.csv"));
    assertTrue(fromTimeLine.contains("00:00:12:05,00:00:18:15"), fromTimeLine);
  }

  @Test
  void wordsNameTheRows() throws IOException {
    Path words = folder.resolve("quay.srt");
    Files.writeString(
        words,
        "1\n00:00:01,000 --> 00:00:03,000\nBo\n\n2\n00:00:04,000 --> 00:00:06,000\nEdda Lund speaks\n");
    CommandRun run =
        cues(
            "--markers",
            words.toString(),
            "--rate",
            "29.97",
            "--drop-frame",
            "--by",
            "words",
            "--frame",
            "640x360");
    assertEquals(0, run.code(), run.errors());
    assertTrue(run.errors().contains("22 stills are named by no marker"), run.errors());
    String sheet = written("cues.csv");
    assertTrue(sheet.contains("00:00:01;00,00:00:04;00"), sheet);
    assertTrue(sheet.contains("Edda Lund"), sheet);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "--rate 26 | \"26\" is no frame rate",
        "--rate 25 --drop-frame | at 29.97 and 59.94 only",
        "--rate 25 --fade soon | give it in whole frames",
        "--rate 25 --length never | is no length",
        "--rate 25 --start 25:00:00:00 | There is no timecode 25:00:00:00",
        "--rate 25 --by luck | give order or words",
        "--rate 25 --part 1/2 | handed over whole",
        "--rate 25 --alpha none | keep their alpha",
        "--rate 25 --all-targets | name one with --target"
      })
  void whatCannotBeIsSaid(String options, String said) {
    List<String> more = new ArrayList<>(List.of("--markers", OTIO));
    more.addAll(List.of(options.split(" ")));
    CommandRun run = cues(more.toArray(String[]::new));
    assertEquals(1, run.code());
    assertTrue(run.errors().contains(said), run.errors());
    assertTrue(Files.notExists(folder.resolve("to/cues.otio")));
  }

  @Test
  void severalOverlaysAndMissingFilesAreSaid() {
    CommandRun several =
        CommandRun.of(
            "cues",
            DEMO.toString(),
            "--roster",
            "Skippers",
            "--markers",
            OTIO,
            "--rate",
            "25",
            "--to",
            folder.toString());
    assertTrue(several.errors().contains("name one with --overlay"), several.errors());
    CommandRun none = cues("--markers", folder.resolve("none.otio").toString(), "--rate", "25");
    assertTrue(none.errors().contains("There is no file of markers"), none.errors());
  }
}
