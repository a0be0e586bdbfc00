package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import app.diaphan.server.program.ProgramVersion;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What is said of delivered files that are no longer what was delivered. */
class DeliveredFilesTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  @TempDir Path folder;
  private long packageId;
  private long overlay;

  @BeforeEach
  void newPackage() {
    packageId = packageThatDeliversTo(folder);
    overlay = add(packageId, "Ysolde");
  }

  private static long packageThatDeliversTo(Path folder) {
    long id = SERVER.post("/api/packages", "{\"name\":\"Regatta\"}").body().path("id").asLong();
    Answer chosen =
        SERVER.put(
            "/api/packages/" + id + "/delivery-folder",
            RunningServer.JSON.writeValueAsString(Map.of("folder", folder.toString())));
    assertEquals(200, chosen.status(), () -> chosen.body().toString());
    return id;
  }

  private static long add(long packageId, String words) {
    return SERVER
        .post("/api/packages/" + packageId + "/overlays", TestOverlays.lowerThird(words))
        .body()
        .path("id")
        .asLong();
  }

  private static JsonNode deliver(long packageId) {
    Answer started =
        SERVER.post(
            "/api/packages/" + packageId + "/delivery-runs",
            "{\"overlays\":[],\"targets\":[],\"changedOnly\":false}");
    assertEquals(202, started.status(), () -> started.body().toString());
    String path = "/api/delivery-runs/" + started.body().path("id").asLong();
    SERVER.get(path + "/events"); // Ends when the run does.
    return SERVER.get(path).body();
  }

  private JsonNode planned() {
    return SERVER
        .post(
            "/api/packages/" + packageId + "/delivery-plan",
            "{\"overlays\":[],\"targets\":%s}"
                .formatted(
                    SERVER
                        .get("/api/packages/" + packageId + "/targets")
                        .body()
                        .path("targets")
                        .toString()))
        .body();
  }

  private static Map<String, byte[]> zip(JsonNode run) throws IOException {
    Answer answer = SERVER.get("/api/delivery-runs/" + run.path("id").asLong() + "/files.zip");
    assertEquals("application/zip", answer.raw().headers().firstValue("Content-Type").orElse(""));
    Map<String, byte[]> files = new TreeMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(answer.raw().body()))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        files.put(entry.getName(), zip.readAllBytes());
      }
    }
    return files;
  }

  /** The plan, the history, the file, the zip and the report all say the same. */
  private void saidOfAll(JsonNode run, String words) throws IOException {
    assertTrue(planned().toString().contains(words), planned()::toString);
    JsonNode newest = SERVER.get("/api/overlays/" + overlay + "/deliveries").body().get(0);
    assertTrue(newest.path("now").asString().contains(words), newest::toString);
    Answer file = SERVER.get("/api/deliveries/" + newest.path("id").asLong() + "/file");
    assertEquals(404, file.status());
    assertTrue(file.detail().contains(words), file.detail());
    Map<String, byte[]> zip = zip(run);
    assertTrue(!zip.containsKey("lower-third.png"), zip.keySet()::toString);
    assertEquals(
        0, RunningServer.JSON.readTree(zip.get("report.json")).path("files").size(), "no file");
  }

  @Test
  void whatIsAsItWasDeliveredIsHandedOutAndNotDeliveredAgain() throws IOException {
    JsonNode run = deliver(packageId);
    assertEquals("It was delivered.", run.path("sentence").asString());
    byte[] file = Files.readAllBytes(folder.resolve("lower-third.png"));
    assertArrayEquals(file, zip(run).get("lower-third.png"));
    assertEquals("", run.path("files").get(0).path("now").asString());
    assertTrue(planned().toString().contains("\"SAME\""), planned()::toString);
  }

  @Test
  void aFileThatWasWrittenOverIsSaidToBe() throws IOException {
    JsonNode run = deliver(packageId);
    byte[] other = Files.readAllBytes(folder.resolve("lower-third.png"));
    other[other.length / 2]++;
    Files.write(folder.resolve("lower-third.png"), other);
    saidOfAll(run, "changed or written over");
  }

  @Test
  void aLinkIsNotFollowed() throws IOException {
    JsonNode run = deliver(packageId);
    Path file = folder.resolve("lower-third.png");
    Path moved = Files.move(file, folder.resolve("elsewhere.png"));
    Files.createSymbolicLink(file, moved);
    saidOfAll(run, "A link or a folder");
  }

  @Test
  void aFileThatIsGoneIsSaidToBe() throws IOException {
    JsonNode run = deliver(packageId);
    Files.delete(folder.resolve("lower-third.png"));
    saidOfAll(run, "no longer there");
  }

  @Test
  void aFileThatAnotherPackageReplacedIsSaidToBe() throws IOException {
    JsonNode run = deliver(packageId);
    long other = packageThatDeliversTo(folder);
    add(other, "Bram");
    deliver(other);
    saidOfAll(run, "later delivery");
  }

  @Test
  void theBuildTellsTheVersionThatIsPartOfWhatAFileIsMadeFrom() {
    assertTrue(ProgramVersion.NUMBER.matches("\\d+\\.\\d+\\.\\d+"), ProgramVersion.NUMBER);
  }

  @Test
  void aRunKeepsItsCountsWhenItsOverlayIsDeletedLater() {
    JsonNode run = deliver(packageId);
    assertEquals(204, SERVER.delete("/api/overlays/" + overlay).status());
    JsonNode later = SERVER.get("/api/delivery-runs/" + run.path("id").asLong()).body();
    assertEquals("It was delivered.", later.path("sentence").asString());
    assertEquals(1, later.path("files").size());
  }

  private void askForASideFile() {
    String target =
        TestOverlays.target("Key", 320, 180, "PNG", "EIGHT", "turn-key")
            .replace("\"sidecar\":false", "\"sidecar\":true");
    assertTrue(target.contains("\"sidecar\":true"), target);
    Answer kept =
        SERVER.put(
            "/api/packages/" + packageId + "/targets", "{\"targets\":[%s]}".formatted(target));
    assertEquals(200, kept.status(), () -> kept.body().toString());
  }

  @Test
  void aSideFileComesAlongWhateverTheName() throws IOException {
    askForASideFile();
    Map<String, byte[]> zip = zip(deliver(packageId));
    assertTrue(zip.containsKey("turn-key.png"), zip.keySet()::toString);
    assertTrue(
        new String(zip.get("turn-key.json"), StandardCharsets.UTF_8).contains("turn-key.png"),
        zip.keySet()::toString);
  }

  @Test
  void filesHaveTheRightsThatFilesInTheirFolderHave() throws IOException {
    askForASideFile();
    deliver(packageId);
    Path ordinary = Files.createFile(folder.resolve("ordinary"));
    for (String file : List.of("turn-key.png", "turn-key.json")) {
      assertEquals(
          Files.getPosixFilePermissions(ordinary),
          Files.getPosixFilePermissions(folder.resolve(file)),
          file);
    }
  }

  @Test
  void foldersOfTheSystemAndOurOwnAreRefused() {
    for (String refused :
        new String[] {
          "/", "/etc", "/usr/share", "/proc", SERVER.data().toString(), SERVER.data() + "/log"
        }) {
      Answer answer =
          SERVER.put(
              "/api/packages/" + packageId + "/delivery-folder",
              RunningServer.JSON.writeValueAsString(Map.of("folder", refused)));
      assertEquals(422, answer.status(), refused);
      assertTrue(answer.detail().contains("deliver to"), answer.detail());
    }
  }
}
