package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.Program.Ended;
import app.diaphan.server.Program.Served;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The program as a process of its own: killed in the middle of work, and its commands. */
class ProcessTest {
  private static final Path DEMO = Path.of("../demo/lantern-reach-regatta").toAbsolutePath();
  private final HttpClient client = HttpClient.newHttpClient();

  @TempDir Path folder;

  @Test
  void aKillDuringSavesAndADeliveryLeavesTheLastGoodState() throws Exception {
    Served first =
        Program.serve(
            folder,
            Program.command("serve", "--data", folder.resolve("data").toString(), "--port", "0"));
    first.json("POST", "/api/packages", "{\"name\":\"Regatta\"}");
    String overlay = TestOverlays.lowerThird("0", 7680, 4320);
    long id = first.json("POST", "/api/packages/1/overlays", overlay).path("id").asLong();
    first.json(
        "PUT",
        "/api/packages/1/targets",
        TestOverlays.targets(7680, 4320, "TIFF", "SIXTEEN", "large").replace("DEFLATE", "NONE"));
    long run =
        first
            .json(
                "POST",
                "/api/packages/1/delivery-runs",
                "{\"overlays\":[],\"targets\":[],\"changedOnly\":false}")
            .path("id")
            .asLong();
    Path files = folder.resolve("data/deliveries/1-regatta");
    int answered = 1;
    boolean writing = false;
    for (int i = 1; i <= 400 && !(writing && i > 5); i++) {
      String save =
          "{\"basedOn\":%d,\"overlay\":%s}"
              .formatted(answered, TestOverlays.lowerThird(String.valueOf(i), 7680, 4320));
      answered = first.json("PUT", "/api/overlays/" + id, save).path("revision").asInt();
      writing = Files.isDirectory(files) && count(files) > 0;
    }
    assertTrue(writing, "the delivery is being written");
    // One more save is under way when the process is killed.
    String last =
        "{\"basedOn\":%d,\"overlay\":%s}"
            .formatted(answered, TestOverlays.lowerThird("last", 7680, 4320));
    client.sendAsync(
        HttpRequest.newBuilder(URI.create(first.address() + "/api/overlays/" + id))
            .header("Content-Type", "application/json")
            .PUT(BodyPublishers.ofString(last))
            .build(),
        BodyHandlers.discarding());
    first.process().destroyForcibly().waitFor();
    Path aside = folder.resolve("data/temporary");
    List<Path> leftAside = contents(aside);
    assertEquals(1, leftAside.size(), "what was written aside lies together");
    assertFalse(contents(leftAside.getFirst()).isEmpty(), "a killed process leaves some");

    Served second =
        Program.serve(
            folder,
            Program.command("serve", "--data", folder.resolve("data").toString(), "--port", "0"));
    try {
      JsonNode saved = second.json("GET", "/api/overlays/" + id, "");
      int revision = saved.path("revision").asInt();
      assertFalse(Files.exists(leftAside.getFirst()), "the next process takes it away");
      assertEquals(1, contents(aside).size());
      assertTrue(revision == answered || revision == answered + 1, "revision " + revision);
      assertEquals(revision, second.json("GET", "/api/overlays/" + id + "/revisions", "").size());
      String words =
          saved.path("overlay").path("stack").get(0).path("runs").get(0).path("words").asString();
      assertEquals(revision == answered ? String.valueOf(answered - 1) : "last", words);
      JsonNode ended = second.json("GET", "/api/delivery-runs/" + run, "");
      assertNotEquals("RUNNING", ended.path("state").asString());
      JsonNode status = ended.path("files").get(0);
      if (status.path("state").asString().equals("BROKEN_OFF")) {
        assertEquals(0, count(files), "no half file is left");
        assertTrue(status.path("sentence").asString().contains("stopped"));
      } else {
        assertEquals(1, count(files), "the whole file and nothing else");
      }
    } finally {
      second.process().destroy();
      second.process().waitFor();
    }
  }

  @Test
  void aRosterThatWasKilledGoesOnAtTheFirstFileNotYetWritten() throws Exception {
    List<String> command =
        Program.command("serve", "--data", folder.resolve("data").toString(), "--port", "0");
    Served first = Program.serve(folder, command);
    first.json("POST", "/api/packages", "{\"name\":\"Regatta\"}");
    first.json("POST", "/api/packages/1/overlays", TestOverlays.lowerThird("{name}", 1280, 720));
    StringBuilder names = new StringBuilder();
    for (int i = 1; i <= 60; i++) {
      names.append("Skipper ").append(i).append("\\n");
    }
    first.json(
        "POST",
        "/api/packages/1/rosters/pasted",
        "{\"name\":\"Skippers\",\"text\":\"%s\",\"heading\":\"NONE\"}".formatted(names));
    String all = "{\"rows\":[],\"changedOnly\":true}";
    first.json("POST", "/api/rosters/1/delivery-runs", all);
    Path files = folder.resolve("data/deliveries/1-regatta");
    while (!Files.isDirectory(files) || count(files) < 12) {
      Thread.sleep(5);
    }
    first.process().destroyForcibly().waitFor();

    Served second = Program.serve(folder, command);
    try {
      JsonNode stopped = second.json("GET", "/api/packages/1/delivery-runs", "").get(0);
      int written = stopped.path("delivered").asInt();
      assertTrue(written > 5 && written < 60, stopped::toString);
      Map<Path, FileTime> before = new HashMap<>();
      for (Path file : contents(files)) {
        before.put(file, Files.getLastModifiedTime(file));
      }
      JsonNode again = second.json("POST", "/api/rosters/1/delivery-runs", all);
      String run = "/api/delivery-runs/" + again.path("id").asLong();
      JsonNode status;
      do {
        Thread.sleep(50);
        status = second.json("GET", run, "");
      } while (status.path("state").asString().equals("RUNNING"));
      assertEquals(60 - written, status.path("planned").asInt(), "only what was not yet written");
      assertEquals(60, count(files));
      int same = 0;
      for (Map.Entry<Path, FileTime> file : before.entrySet()) {
        same += Files.getLastModifiedTime(file.getKey()).equals(file.getValue()) ? 1 : 0;
      }
      // A file that got its name and was not yet in the history is written again.
      assertTrue(same >= written && same <= before.size(), same + " of " + before.size());
    } finally {
      second.process().destroy();
      second.process().waitFor();
    }
  }

  private static List<Path> contents(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.toList();
    }
  }

  private static long count(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.count();
    }
  }

  @Test
  void theDemoIsDeliveredAndInspectedWithoutAServer() throws Exception {
    Path out = folder.resolve("out");
    Ended delivered =
        Program.run(
            folder,
            Program.command(
                "deliver", DEMO.toString(), "--to", out.toString(), "--frame", "1280x720"));
    assertEquals(0, delivered.exit(), delivered.error());
    List<String> lines = delivered.out().lines().toList();
    assertEquals(count(out), lines.size());
    List<JsonNode> told = lines.stream().map(RunningServer.JSON::readTree).toList();
    List<String> files = told.stream().map(line -> line.path("file").asString()).toList();
    List<String> inspect = Program.command("inspect");
    inspect.addAll(files);
    List<JsonNode> inspected =
        Program.run(folder, inspect).out().lines().map(RunningServer.JSON::readTree).toList();
    assertEquals(
        told.stream().map(line -> line.path("report")).toList(),
        inspected.stream().map(line -> line.path("report")).toList());
  }

  @Test
  void whatCannotBeDeliveredSaysWhyAndWritesNothing() throws Exception {
    Path out = folder.resolve("out");
    Ended unknown =
        Program.run(
            folder,
            Program.command(
                "deliver", DEMO.toString(), "--to", out.toString(), "--overlay", "Nobody"));
    assertEquals(1, unknown.exit());
    assertTrue(unknown.error().contains("Nobody"), unknown.error());
    Ended format =
        Program.run(
            folder,
            Program.command(
                "deliver", DEMO.toString(), "--to", out.toString(), "--format", "jpeg"));
    assertEquals(1, format.exit());
    assertTrue(format.error().contains("jpeg"), format.error());
    assertFalse(Files.exists(out));
    Ended inspected =
        Program.run(folder, Program.command("inspect", DEMO.resolve("package.json").toString()));
    assertEquals(1, inspected.exit());
  }

  /** The shell's limit on file sizes stands in for a disk without room. */
  @Test
  void aFullDiskIsSaidAndLeavesNothingHalfWritten() throws Exception {
    Path out = Files.createDirectories(folder.resolve("out"));
    Ended full =
        Program.run(
            folder,
            Program.behind(
                "ulimit -f 4000",
                Program.command(
                    "deliver",
                    DEMO.toString(),
                    "--to",
                    out.toString(),
                    "--overlay",
                    "Race Day Two",
                    "--format",
                    "tiff",
                    "--depth",
                    "16",
                    "--compression",
                    "none")));
    assertEquals(1, full.exit(), full.error());
    assertTrue(full.error().contains("disk is full"), full.error());
    assertEquals(0, count(out));
  }
}
