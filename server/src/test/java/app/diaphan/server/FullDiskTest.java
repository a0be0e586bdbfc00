package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.Program.Served;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * A disk that fills up while the server is at work. The shell's limit on files stands in for it.
 */
class FullDiskTest {
  @TempDir Path work;

  @Test
  void readingGoesOnAndWritingComesBackByItself() throws Exception {
    Path data = work.resolve("data");
    try (Served server =
        Program.serve(
            work,
            Program.behind(
                "ulimit -S -f 4000",
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
