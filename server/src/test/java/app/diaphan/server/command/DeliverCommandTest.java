package app.diaphan.server.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Delivering, giving back and converting without a server. */
class DeliverCommandTest {
  private static final String DEMO = "../demo/lantern-reach-regatta";
  private static final String BUG = "Saltlight bug";

  @TempDir Path folder;

  private CommandRun deliver(String... options) {
    return CommandRun.of(
        Stream.concat(Stream.of("deliver", DEMO, "--to", folder.toString()), Stream.of(options))
            .toArray(String[]::new));
  }

  private List<String> files() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.map(file -> file.getFileName().toString()).sorted().toList();
    }
  }

  @Test
  void allTargetsOfABundleAreDeliveredWithAReport() throws IOException {
    Path report = folder.resolve("report.html");
    CommandRun run = deliver("--overlay", BUG, "--all-targets", "--report", report.toString());
    assertEquals(0, run.code(), run.errors());
    assertEquals(
        List.of("As designed", "720 lines", "UHD, 16 bits", "Upright", "Square, trimmed"),
        run.lines().stream().map(line -> line.path("target").asString()).toList());
    JsonNode uhd = run.lines().get(2).path("report");
    assertEquals(3840, uhd.path("width").asInt());
    assertEquals(16, uhd.path("bits").asInt());
    JsonNode square = run.lines().get(4);
    String name = Path.of(square.path("file").asString()).getFileName().toString();
    assertTrue(
        name.contains("_%d_%d".formatted(square.path("left").asInt(), square.path("top").asInt())),
        name);
    JsonNode sidecar =
        RunningServer.JSON.readTree(
            Files.readString(folder.resolve(name.replace(".png", ".json"))));
    assertEquals(square.path("left").asInt(), sidecar.path("left").asInt());
    assertTrue(Files.readString(report).contains(name));
  }

  @Test
  void oneTargetIsToldByOptions() throws IOException {
    CommandRun run =
        deliver(
            "--overlay",
            BUG,
            "--frame",
            "640x360",
            "--alpha",
            "fill-and-key",
            "--shaped",
            "--names",
            "{package}_{overlay}_{frame}");
    assertEquals(0, run.code(), run.errors());
    String stem = "lantern-reach-regatta_saltlight-bug_640x360";
    assertEquals(List.of(stem + "-fill.png", stem + "-key.png"), files());
    deliver("--overlay", BUG, "--frame", "640x360", "--names", "bug");
    deliver("--overlay", BUG, "--frame", "640x360", "--names", "bug", "--keep");
    assertTrue(files().containsAll(List.of("bug.png", "bug-2.png")), files().toString());
  }

  @Test
  void nothingIsWrittenUnderANameThatTwoWouldHave() throws IOException {
    CommandRun run = deliver("--frame", "640x360", "--names", "same");
    assertEquals(1, run.code());
    assertTrue(run.errors().contains("same file name"), run.errors());
    assertEquals(List.of(), files());
    assertEquals(1, deliver("--overlay", BUG, "--names", "{weather}").code());
    CommandRun unknown = deliver("--target", "Billboard");
    assertEquals(1, unknown.code());
    assertTrue(unknown.errors().contains("As designed"), unknown.errors());
    assertEquals(1, deliver("--alpha", "maybe").code());
    assertEquals(List.of(), files());
  }

  @Test
  void overlaysAreConvertedOrRefusedByName() throws IOException {
    CommandRun layers =
        CommandRun.of("convert", DEMO, "--to", folder.toString(), "--as", "ora", "--overlay", BUG);
    assertEquals(0, layers.code(), layers.errors());
    try (ZipFile file = new ZipFile(folder.resolve("saltlight-bug.ora").toFile())) {
      assertTrue(file.getEntry("mergedimage.png") != null);
    }
    CommandRun refused =
        CommandRun.of(
            "convert", DEMO, "--to", folder.toString(), "--as", "svg", "--overlay", "Slack water");
    assertEquals(1, refused.code());
    assertTrue(refused.errors().contains("\""), refused.errors());
    assertFalse(Files.exists(folder.resolve("slack-water.svg")));
  }

  @Test
  void foldersOfTheSystemAndFilesAreNoPlaceToDeliverTo() throws IOException {
    Path file = Files.createFile(folder.resolve("file"));
    for (String command : List.of("deliver", "convert")) {
      for (String place : List.of("/etc/diaphan-test", file.toString())) {
        String[] as = command.equals("convert") ? new String[] {"--as", "ora"} : new String[0];
        CommandRun run =
            CommandRun.of(
                Stream.concat(
                        Stream.of(command, DEMO, "--overlay", BUG, "--to", place), Stream.of(as))
                    .toArray(String[]::new));
        assertEquals(1, run.code(), place);
        assertTrue(run.errors().contains("a folder of your own"), run.errors());
      }
    }
    assertFalse(Files.exists(Path.of("/etc/diaphan-test")));
    assertEquals(List.of("file"), files());
  }
}
