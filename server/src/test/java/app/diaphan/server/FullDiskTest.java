package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.deliver.FileInspector;
import app.diaphan.server.Program.Served;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * A disk that fills up while the server is at work. The shell's limit on files stands in for it.
 */
class FullDiskTest {
  private static final int ROWS = 60;

  @TempDir Path work;

  @Test
  void readingGoesOnAndWritingComesBackByItself() throws Exception {
    Path data = work.resolve("data");
    try (Served server =
        Program.serve(
            work,
            Program.behind(
                "ulimit -S -f 6000",
                Program.command("serve", "--data", data.toString(), "--port", "0")))) {
      server.ask("POST", "/api/packages", "{\"name\":\"Regatta\"}");
      String words = "Ysolde Farrow-Quill ".repeat(80);
      long id =
          server
              .json("POST", "/api/packages/1/overlays", TestOverlays.lowerThird(words))
              .path("id")
              .asLong();
      int saved = 1;
      HttpResponse<String> full = null;
      for (int i = 0; i < 2000 && full == null; i++) {
        HttpResponse<String> answer = save(server, id, saved, words + i);
        if (answer.statusCode() == 200) {
          saved = RunningServer.JSON.readTree(answer.body()).path("revision").asInt();
        } else {
          full = answer;
        }
      }
      assertTrue(full != null && saved > 2, "the disk was filled after " + saved + " saves");
      assertEquals(507, full.statusCode(), full.body());
      String sentence = RunningServer.JSON.readTree(full.body()).path("detail").asString();
      assertTrue(sentence.contains("is full"), sentence);
      for (int i = 0; i < 3; i++) {
        assertEquals(200, server.ask("GET", "/api/overlays/" + id, "").statusCode());
      }
      assertEquals(507, save(server, id, saved, words).statusCode());

      new ProcessBuilder(
              "prlimit", "--fsize=unlimited", "--pid", Long.toString(server.process().pid()))
          .inheritIO()
          .start()
          .waitFor();
      HttpResponse<String> again = null;
      for (int i = 0; i < 20 && (again == null || again.statusCode() != 200); i++) {
        again = save(server, id, saved, "made room");
        Thread.sleep(200);
      }
      assertEquals(200, again.statusCode(), again.body() + "\n" + endOfLog(data));
      JsonNode now = server.json("GET", "/api/overlays/" + id, "");
      assertEquals(saved + 1, now.path("revision").asInt());
      assertTrue(now.toString().contains("made room"));
    }
  }

  @Test
  void aRosterThatFillsTheDiskIsBroughtToItsEndOnceThereIsRoom() throws Exception {
    Path data = work.resolve("data");
    try (Served server =
        Program.serve(work, Program.command("serve", "--data", data.toString(), "--port", "0"))) {
      server.ask("POST", "/api/packages", "{\"name\":\"Regatta\"}");
      server.ask("POST", "/api/packages/1/overlays", TestOverlays.lowerThird("{name}", 1280, 720));
      StringBuilder names = new StringBuilder();
      for (int i = 1; i <= ROWS; i++) {
        names.append("Skipper ").append(i).append("\\n");
      }
      server.ask(
          "POST",
          "/api/packages/1/rosters/pasted",
          "{\"name\":\"Skippers\",\"text\":\"%s\",\"heading\":\"NONE\"}".formatted(names));
      String order = "{\"rows\":[],\"changedOnly\":true}";
      server.json("POST", "/api/rosters/1/delivery-runs", order);
      Path files = data.resolve("deliveries/1-regatta");
      for (int i = 0; i < 12_000 && (!Files.isDirectory(files) || names(files).size() < 12); i++) {
        Thread.sleep(5);
      }
      limit(server, "6000");
      Thread.sleep(1500);
      for (String file : names(files)) {
        // Whatever has its name is whole.
        FileInspector.inspect(files.resolve(file));
      }
      assertTrue(names(files).size() < ROWS, "the disk was full before the last");
      limit(server, "unlimited");
      JsonNode first = ended(server, data);
      int delivered = first.path("delivered").asInt();
      assertEquals(delivered, names(files).size(), first.toString());
      assertEquals(ROWS, delivered + first.path("files").size(), "each file came to an end");

      // Those that were being written when the disk was full are told of, and delivered again.
      JsonNode last = delivered == ROWS ? first : deliveredAgain(server, data, order);
      assertEquals(ROWS, names(files).size(), last + "\n" + endOfLog(data));
      for (String file : names(files)) {
        FileInspector.inspect(files.resolve(file));
      }
    }
  }

  private static JsonNode deliveredAgain(Served server, Path data, String order) throws Exception {
    HttpResponse<String> again = null;
    for (int i = 0; i < 40 && (again == null || again.statusCode() != 202); i++) {
      Thread.sleep(250);
      again = server.ask("POST", "/api/rosters/1/delivery-runs", order);
      if (again.statusCode() != 202) {
        String sentence = RunningServer.JSON.readTree(again.body()).path("detail").asString();
        assertFalse(sentence.isEmpty(), again.body());
      }
    }
    assertEquals(202, again.statusCode(), again.body() + "\n" + endOfLog(data));
    return ended(server, data);
  }

  private static JsonNode ended(Served server, Path data) throws Exception {
    JsonNode newest = null;
    for (int i = 0; i < 600; i++) {
      HttpResponse<String> answer = server.ask("GET", "/api/packages/1/delivery-runs", "");
      assertEquals(200, answer.statusCode(), answer.body() + "\n" + endOfLog(data));
      newest = RunningServer.JSON.readTree(answer.body()).get(0);
      if (!newest.path("state").asString().equals("RUNNING")) {
        return newest;
      }
      Thread.sleep(100);
    }
    throw new AssertionError("It did not end: " + newest + "\n" + endOfLog(data));
  }

  private static void limit(Served server, String bytes) throws Exception {
    new ProcessBuilder(
            "prlimit", "--fsize=" + bytes + ":", "--pid", Long.toString(server.process().pid()))
        .inheritIO()
        .start()
        .waitFor();
  }

  private static List<String> names(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.map(file -> file.getFileName().toString()).sorted().toList();
    }
  }

  private static String endOfLog(Path data) throws IOException {
    String log = Files.readString(data.resolve("log/diaphan.log"));
    return log.substring(Math.max(0, log.length() - 6000));
  }

  private static HttpResponse<String> save(Served server, long id, int basedOn, String words)
      throws Exception {
    return server.ask(
        "PUT",
        "/api/overlays/" + id,
        "{\"basedOn\":%d,\"overlay\":%s}".formatted(basedOn, TestOverlays.lowerThird(words)));
  }
}
