package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.bundle.BundleStore;
import app.diaphan.server.command.CommandRun;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The checks of the proof, asked for by the screens and by the command. */
class CheckTest {
  private static final Path DEMO = Path.of("../demo/lantern-reach-regatta");

  @RegisterExtension static final RunningServer SERVER = new RunningServer();
  @TempDir Path folder;

  @Test
  void anOverlayIsCheckedOverThePackagesOwnStills() throws IOException {
    long id = SERVER.bean(BundleStore.class).add(BundleReader.read(DEMO)).id();
    String overlay = TestOverlays.lowerThird("Ysolde Fenmarch");
    Answer answer =
        SERVER.post("/api/packages/" + id + "/checks", "{\"overlay\":%s}".formatted(overlay));
    assertEquals(200, answer.status(), answer::detail);
    for (JsonNode found : answer.body()) {
      assertTrue(found.path("sentence").asString().length() > 10, found.toString());
    }
    String hidden = overlay.replaceFirst("\"shown\":true", "\"shown\":false");
    JsonNode found =
        SERVER.post("/api/packages/" + id + "/checks", "{\"overlay\":%s}".formatted(hidden)).body();
    List<String> kinds =
        StreamSupport.stream(found.spliterator(), false)
            .map(one -> one.path("kind").asString())
            .toList();
    assertTrue(kinds.contains("HIDDEN"), kinds.toString());
    assertEquals(
        404,
        SERVER.post("/api/packages/999/checks", "{\"overlay\":%s}".formatted(overlay)).status());
  }

  @Test
  void theDemoPassesAndEveryOverlayIsReportedOn() {
    CommandRun ended = CommandRun.of("check", DEMO.toString());
    assertEquals(0, ended.code(), ended.lines().toString());
    assertEquals(11, ended.lines().size());
    for (JsonNode line : ended.lines()) {
      assertTrue(line.path("passes").asBoolean(), line.toString());
    }
  }

  @Test
  void anOverlayThatFailsEndsTheCommandWithOneAndACheckCanBeLeftOut() throws IOException {
    try (Stream<Path> files = Files.walk(DEMO)) {
      for (Path file : files.toList()) {
        Path copy = folder.resolve(DEMO.relativize(file).toString());
        if (Files.isDirectory(file)) {
          Files.createDirectories(copy);
        } else {
          Files.copy(file, copy);
        }
      }
    }
    Path card = folder.resolve("overlays/race-day-two.json");
    String text = Files.readString(card);
    Files.writeString(card, text.replaceFirst("\"down\": -28", "\"down\": -500"));
    CommandRun failed = CommandRun.of("check", folder.toString(), "--overlay", "Race Day Two");
    assertEquals(1, failed.code());
    assertEquals(
        "TITLE_SAFE", failed.lines().getFirst().path("found").get(0).path("kind").asString());
    assertEquals(1, CommandRun.of("check", folder.toString(), "--overlay", "No such card").code());
    CommandRun without =
        CommandRun.of(
            "check",
            folder.toString(),
            "--overlay",
            "Race Day Two",
            "--without",
            "title_safe",
            "--without",
            "CUT_BY_FRAME",
            "--without",
            "LEGIBILITY",
            "--without",
            "NEARLY_INVISIBLE");
    assertEquals(0, without.code(), without.lines().toString());
  }

  @Test
  void aCheckIsLeftOutForAllOfAPackage() throws IOException {
    long id = SERVER.bean(BundleStore.class).add(BundleReader.read(DEMO)).id();
    String hidden =
        TestOverlays.lowerThird("Ysolde").replaceFirst("\"shown\":true", "\"shown\":false");
    String path = "/api/packages/" + id + "/checks";
    String asked = "{\"overlay\":%s}".formatted(hidden);
    assertTrue(SERVER.post(path, asked).body().toString().contains("HIDDEN"));
    assertEquals(200, SERVER.put(path + "/left-out", "[\"HIDDEN\",\"SPECKS\"]").status());
    assertEquals(2, SERVER.get(path + "/left-out").body().size());
    assertTrue(!SERVER.post(path, asked).body().toString().contains("HIDDEN"));
    assertEquals(200, SERVER.put(path + "/left-out", "[]").status());
    assertTrue(SERVER.post(path, asked).body().toString().contains("HIDDEN"));
  }
}
