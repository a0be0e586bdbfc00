package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.deliver.FileInspector;
import app.diaphan.server.RunningServer.Answer;
import app.diaphan.server.returned.PhotoSync;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Targets, plans, runs and files that come back, through real requests. */
class TargetApiTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private long packageId;
  private long overlay;

  @BeforeEach
  void makePackage() {
    packageId = SERVER.post("/api/packages", "{\"name\":\"Regatta\"}").body().path("id").asLong();
    overlay = add(TestOverlays.lowerThird("Ysolde"));
  }

  private long add(String document) {
    Answer added = SERVER.post("/api/packages/" + packageId + "/overlays", document);
    assertEquals(201, added.status(), () -> added.body().toString());
    return added.body().path("id").asLong();
  }

  private void keepTargets(String... targets) {
    Answer kept =
        SERVER.put(
            "/api/packages/" + packageId + "/targets",
            "{\"targets\":[%s]}".formatted(String.join(",", targets)));
    assertEquals(200, kept.status(), () -> kept.body().toString());
  }

  private static String target(String name, int width, int height) {
    return TestOverlays.target(name, width, height, "PNG", "EIGHT", "{overlay}_{frame}");
  }

  private Answer start(boolean changedOnly) {
    return SERVER.post(
        "/api/packages/" + packageId + "/delivery-runs",
        "{\"overlays\":[],\"targets\":[],\"changedOnly\":%s}".formatted(changedOnly));
  }

  private static JsonNode ended(Answer started) {
    assertEquals(202, started.status(), () -> started.body().toString());
    // The stream of events ends when the run does.
    String path = "/api/delivery-runs/" + started.body().path("id").asLong();
    String events = new String(SERVER.get(path + "/events").raw().body(), StandardCharsets.UTF_8);
    assertTrue(events.contains("event:status"), events);
    return SERVER.get(path).body();
  }

  private JsonNode plan(String targets) {
    return SERVER
        .post(
            "/api/packages/" + packageId + "/delivery-plan",
            "{\"overlays\":[],\"targets\":[%s]}".formatted(targets))
        .body();
  }

  @Test
  void aPackageStartsWithOneTargetAndKeepsItsOwn() {
    String path = "/api/packages/" + packageId + "/targets";
    assertEquals(
        "As designed", SERVER.get(path).body().path("targets").get(0).path("name").asString());
    keepTargets(target("Air", 640, 360), target("Phone", 180, 320));
    assertEquals("Phone", SERVER.get(path).body().path("targets").get(1).path("name").asString());
    assertEquals(422, SERVER.put(path, "{\"targets\":[]}").status());
  }

  @Test
  void anOverlayIsDeliveredAsItsOwnKindOfFileWhereItHasOne() throws IOException {
    keepTargets(target("Air", 640, 360), target("Phone", 180, 320));
    String document =
        TestOverlays.lowerThird("Ysolde")
            .replace(
                "\"forTargets\":[]",
                """
                "forTargets":[{"target":"Phone","delivered":true,"changes":[],
                  "file":{"kind":"own","file":{"extent":{"kind":"drawn","margin":0,"evenSides":true},
                    "format":"TIFF","depth":"SIXTEEN","carried":{"kind":"premultiplied","matte":"#000000"},
                    "compression":"LZW","level":6,"dither":true,
                    "resolution":{"kind":"given","dotsPerInch":300},"sidecar":false}}}]""");
    long card = add(document.replace("Lower third", "Card"));
    JsonNode run = ended(start(false));
    assertEquals("DONE", run.path("state").asString(), run.toString());
    List<String> kinds =
        run.path("files")
            .valueStream()
            .map(
                file ->
                    file.path("fileName").asString()
                        + " "
                        + file.path("report").path("bits").asInt()
                        + " "
                        + file.path("report").path("alpha").asString())
            .sorted()
            .toList();
    assertEquals(
        List.of(
            "card_180x320.tif 16 PREMULTIPLIED",
            "card_640x360.png 8 STRAIGHT",
            "lower-third_180x320.png 8 STRAIGHT",
            "lower-third_640x360.png 8 STRAIGHT"),
        kinds);
    JsonNode own =
        run.path("files")
            .valueStream()
            .filter(file -> file.path("fileName").asString().equals("card_180x320.tif"))
            .findFirst()
            .orElseThrow();
    assertEquals(0, own.path("report").path("width").asInt() % 2);
    assertEquals("300/1", own.path("report").path("tags").path("XResolution").asString());

    // As the target says again: that one file has changed, and no other.
    SERVER.put(
        "/api/overlays/" + card,
        "{\"basedOn\":1,\"overlay\":%s}"
            .formatted(TestOverlays.lowerThird("Ysolde").replace("Lower third", "Card")));
    JsonNode plan = plan(target("Air", 640, 360) + "," + target("Phone", 180, 320));
    List<String> standings =
        plan.valueStream()
            .map(
                line ->
                    line.path("files").get(0).asString() + " " + line.path("standing").asString())
            .sorted()
            .toList();
    assertEquals(
        List.of(
            "card_180x320.png CHANGED",
            "card_640x360.png SAME",
            "lower-third_180x320.png SAME",
            "lower-third_640x360.png SAME"),
        standings);
  }

  /**
   * Before version 11 targets gave their files dots per inch, and frames were as high as videos.
   */
  @Test
  void targetsAndFramesOfTheTenthVersionStayAsTheyWere() {
    String older = ",\n       \"dotsPerInch\":72,\"videoHeight\":360";
    String frame = TestOverlays.frame(640, 360).replace(older, "");
    String file =
        """
        {"extent":{"kind":"frame"},"format":"PNG","depth":"EIGHT","carried":{"kind":"straight"},
         "compression":"DEFLATE","level":2,"dither":true,"dotsPerInch":%d,"sidecar":false}""";
    String named =
        """
        {"name":"%s","frame":{"kind":"given","frame":%s},"file":%s,"pattern":"{target}",
         "ifThere":"REPLACE"}""";
    byte[] bundle =
        TestOverlays.bundle(
            """
            {"format":"diaphan-package","version":10,"name":"Tenth","house":{"colours":[],
             "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},"finishSets":[]},
             "targets":[%s,%s],"checksLeftOut":[],"overlays":["a.json"],"starters":[],
             "rosters":[],"clips":[]}"""
                .formatted(
                    named.formatted("Print", frame, file.formatted(300)),
                    named.formatted("Air", frame, file.formatted(72))),
            TestOverlays.empty(640, 360)
                .replace(older, "")
                .replace(
                    "\"forTargets\":[]",
                    "\"forTargets\":[{\"target\":\"Air\",\"delivered\":false,\"changes\":[]}]"));
    Answer taken = SERVER.upload("/api/packages/bundle", "tenth.zip", bundle);
    assertEquals(201, taken.status(), taken::detail);
    long id = taken.body().path("id").asLong();
    JsonNode targets = SERVER.get("/api/packages/" + id + "/targets").body().path("targets");
    assertEquals(300, targets.get(0).path("file").path("resolution").path("dotsPerInch").asInt());
    assertEquals("frame", targets.get(1).path("file").path("resolution").path("kind").asString());
    assertEquals(360, targets.get(0).path("frame").path("frame").path("videoHeight").asInt());
    JsonNode kept = SERVER.get("/api/packages/" + id + "/overlays").body().get(0).path("overlay");
    assertEquals(72, kept.path("frame").path("dotsPerInch").asInt());
    assertEquals("target", kept.path("forTargets").get(0).path("file").path("kind").asString());
  }

  @Test
  void whatIsSaidOfATargetFollowsItsNameWithoutARevision() {
    keepTargets(target("Air", 640, 360), target("Phone", 180, 320));
    String document =
        TestOverlays.lowerThird("Ysolde")
            .replaceFirst(
                "\"forTargets\":\\[]",
                "\"forTargets\":[{\"target\":\"Phone\",\"delivered\":false,\"file\":{\"kind\":\"target\"},\"changes\":[]}]");
    long second = add(document.replace("Lower third", "Card"));
    keepTargets(target("Air", 640, 360), target("Telephone", 180, 320));
    JsonNode saved = SERVER.get("/api/overlays/" + second).body();
    assertEquals(
        "Telephone",
        saved.path("overlay").path("forTargets").path(0).path("target").asString(),
        saved.toString());
    assertEquals(1, saved.path("revision").asInt());
    keepTargets(target("Telephone", 180, 320));
    assertEquals(saved, SERVER.get("/api/overlays/" + second).body());
  }

  @Test
  void anOverlayGoesOutToAllTargetsAndIsReportedOn() throws IOException {
    keepTargets(
        target("Air", 640, 360),
        TestOverlays.target("Print", 320, 180, "TIFF", "SIXTEEN", "{overlay}_{target}"));
    JsonNode run = ended(start(false));
    assertEquals("DONE", run.path("state").asString());
    assertEquals("All 2 were delivered.", run.path("sentence").asString());
    assertEquals(2, run.path("files").size());
    JsonNode tiff = run.path("files").get(1);
    assertEquals("lower-third_print.tif", tiff.path("fileName").asString());
    assertTrue(tiff.path("sentence").asString().contains("16 bits a channel, one straight alpha"));
    byte[] fetched =
        SERVER.get("/api/deliveries/" + tiff.path("id").asLong() + "/file").raw().body();
    assertArrayEquals(Files.readAllBytes(Path.of(tiff.path("path").asString())), fetched);
    assertEquals(2, SERVER.get("/api/overlays/" + overlay + "/deliveries").body().size());
    assertEquals(1, SERVER.get("/api/packages/" + packageId + "/delivery-runs").body().size());
  }

  @Test
  void aRunIsFetchedAsAZipWithItsReport() throws IOException {
    keepTargets(
        target("Air", 640, 360).replace("\"sidecar\":false", "\"sidecar\":true"),
        target("Key", 320, 180)
            .replace("{\"kind\":\"straight\"}", "{\"kind\":\"fill-and-key\",\"shaped\":true}"));
    JsonNode run = ended(start(false));
    String path = "/api/delivery-runs/" + run.path("id").asLong();
    List<String> names = new ArrayList<>();
    byte[] bytes = SERVER.get(path + "/files.zip").raw().body();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        names.add(entry.getName());
        byte[] content = zip.readAllBytes();
        if (entry.getName().endsWith("60.json")) {
          JsonNode sidecar = RunningServer.JSON.readTree(content);
          assertEquals(640, sidecar.path("frameWidth").asInt());
          assertEquals("Lower third", sidecar.path("overlay").asString());
        }
      }
    }
    assertEquals(
        List.of(
            "lower-third_640x360.png",
            "lower-third_640x360.json",
            "lower-third_320x180-fill.png",
            "lower-third_320x180-key.png",
            "report.html",
            "report.json"),
        names);
    JsonNode data = SERVER.get(path + "/report.json").body();
    assertEquals("Regatta", data.path("packageName").asString());
    assertEquals(3, data.path("files").size());
    JsonNode first = data.path("files").get(0);
    assertEquals("lower-third_640x360.png", first.path("file").asString());
    assertEquals(run.path("files").get(0).path("report"), first.path("report"));
    String page =
        new String(SERVER.get(path + "/report.html").raw().body(), StandardCharsets.UTF_8);
    assertTrue(page.contains("lower-third_640x360.png"), page);
    assertTrue(page.contains("data:image/png;base64,"), "it has pictures");
    assertTrue(page.contains("3 files"), "it counts files");
    assertFalse(page.contains("<script"), "it stands by itself");
  }

  @Test
  void onlyWhatHasChangedIsDeliveredAgain() throws IOException {
    long other = add(TestOverlays.lowerThird("Merrin").replace("Lower third", "Card"));
    keepTargets(target("Air", 640, 360));
    JsonNode first = ended(start(false));
    assertEquals(422, start(true).status(), "nothing has changed");
    JsonNode lines = plan(target("Air", 640, 360));
    assertEquals("SAME", lines.get(0).path("standing").asString());
    assertTrue(lines.get(0).path("replaces").asBoolean());
    String save =
        "{\"basedOn\":1,\"overlay\":%s}"
            .formatted(TestOverlays.lowerThird("Aldous").replace("Lower third", "Card"));
    assertEquals(200, SERVER.put("/api/overlays/" + other, save).status());
    JsonNode changed = plan(target("Air", 640, 360)).get(1);
    assertEquals("CHANGED", changed.path("standing").asString());
    assertEquals("\"Name\" was changed.", changed.path("changes").get(0).asString());
    JsonNode second = ended(start(true));
    assertEquals(1, second.path("files").size());
    assertEquals("card_640x360.png", second.path("files").get(0).path("fileName").asString());
    Files.delete(Path.of(first.path("files").get(0).path("path").asString()));
    assertEquals(
        "The file is no longer there.",
        plan(target("Air", 640, 360)).get(0).path("changes").get(0).asString());
    assertEquals(1, ended(start(true)).path("files").size());
  }

  @Test
  void filesAreKeptBesideIfTheTargetSaysSo() {
    keepTargets(target("Air", 320, 180).replace("REPLACE", "KEEP_BESIDE"));
    ended(start(false));
    JsonNode second = ended(start(false)).path("files").get(0);
    assertEquals("lower-third_320x180-2.png", second.path("fileName").asString());
    assertTrue(Files.exists(Path.of(second.path("path").asString())));
  }

  @Test
  void filesGoToAChosenFolderAndAnUnusableOneIsRefused(@TempDir Path chosen) throws IOException {
    keepTargets(target("Air", 320, 180));
    String path = "/api/packages/" + packageId + "/delivery-folder";
    String own = plan(target("Air", 320, 180)).get(0).path("folder").asString();
    assertEquals(200, SERVER.put(path, folder(chosen.toString())).status());
    JsonNode file = ended(start(false)).path("files").get(0);
    assertEquals(
        chosen.resolve("lower-third_320x180.png").toString(), file.path("path").asString());
    assertTrue(Files.exists(chosen.resolve("lower-third_320x180.png")));
    for (String wrong : List.of("files", chosen + "/nowhere", file.path("path").asString())) {
      Answer refused = SERVER.put(path, folder(wrong));
      assertEquals(422, refused.status(), wrong);
      assertTrue(refused.detail().contains(wrong), refused.detail());
    }
    assertEquals(own, SERVER.put(path, folder(" ")).body().path("folder").asString());
    assertEquals(own, plan(target("Air", 320, 180)).get(0).path("folder").asString());
  }

  private static String folder(String path) {
    return RunningServer.JSON.writeValueAsString(Map.of("folder", path));
  }

  @Test
  void twoDeliveriesOfOneTargetAtOnceBothEndWhole() throws IOException {
    keepTargets(target("Air", 1280, 720));
    Answer first = start(false);
    Answer second = start(false);
    JsonNode one = ended(first).path("files").get(0);
    JsonNode two = ended(second).path("files").get(0);
    assertEquals("DONE", one.path("state").asString());
    assertEquals("DONE", two.path("state").asString());
    assertEquals(
        one.path("report").path("sha256").asString(), two.path("report").path("sha256").asString());
    try (var files = Files.list(Path.of(one.path("path").asString()).getParent())) {
      assertEquals(1, files.count());
    }
  }

  @Test
  void twoDeliveriesOfOneTargetAtOnceFollowEachOther() throws IOException {
    keepTargets(target("Air", 1280, 720));
    Answer first = start(false);
    Answer second = start(false);
    JsonNode before = ended(first).path("files").get(0);
    JsonNode after = ended(second).path("files").get(0);
    assertEquals("DONE", before.path("state").asString(), before.toString());
    assertEquals("DONE", after.path("state").asString(), after.toString());
    Path file = Path.of(after.path("path").asString());
    assertEquals(
        FileInspector.inspect(file).sha256(), after.path("report").path("sha256").asString());
    try (Stream<Path> files = Files.list(file.getParent())) {
      assertEquals(List.of(file), files.toList(), "and nothing beside it");
    }
  }

  @Test
  void aFolderThatCannotBeWrittenIsSaidAndNothingIsLost() throws IOException {
    keepTargets(target("Air", 320, 180));
    JsonNode done = ended(start(false)).path("files").get(0);
    Path folder = Path.of(done.path("path").asString()).getParent();
    Files.delete(folder.resolve("lower-third_320x180.png"));
    Files.delete(folder);
    Files.writeString(folder, "a file where the folder was");
    JsonNode failed = ended(start(false));
    assertEquals("It could not be delivered.", failed.path("sentence").asString());
    JsonNode file = failed.path("files").get(0);
    assertEquals("FAILED", file.path("state").asString());
    assertTrue(file.path("sentence").asString().contains("another folder"), file.toString());
    Files.delete(folder);
    assertEquals("DONE", ended(start(false)).path("files").get(0).path("state").asString());
  }

  @ParameterizedTest
  @ValueSource(strings = {"a/b", "../up", "CON", "x\\y"})
  void unusableFileNamesAreRefusedBeforeAnythingIsWritten(String name) {
    String target = TestOverlays.target("Air", 320, 180, "PNG", "EIGHT", name);
    keepTargets(target);
    assertEquals(422, start(false).status());
    assertTrue(plan(target).get(0).path("problem").asString().endsWith("."));
    assertEquals(0, SERVER.get("/api/overlays/" + overlay + "/deliveries").body().size());
  }

  @Test
  void aPatternOfNothingKnownIsRefusedWithWhatThereIs() {
    Answer refused =
        SERVER.put(
            "/api/packages/" + packageId + "/targets",
            TestOverlays.targets(320, 180, "PNG", "EIGHT", "{weather}"));
    assertEquals(422, refused.status());
    assertTrue(refused.body().path("detail").asString().contains("{overlay}"));
    assertEquals(9, SERVER.get("/api/name-tokens").body().size());
  }

  @Test
  void anOverlayIsShownAsATargetShowsIt() {
    String document =
        TestOverlays.lowerThird("Ysolde")
            .replace(
                "\"forTargets\":[]",
                """
                "forTargets":[{"target":"Phone","delivered":true,"file":{"kind":"target"},"changes":[
                  {"piece":"plate","shown":false,"right":0,"down":0,"scale":1},
                  {"piece":"name","shown":true,"right":10,"down":0,"scale":0.5}]}]""");
    JsonNode there =
        SERVER
            .post(
                "/api/retargeted",
                "{\"overlay\":%s,\"target\":%s}".formatted(document, target("Phone", 180, 320)))
            .body();
    assertEquals(180, there.path("frame").path("width").asInt());
    assertEquals(12, there.path("stack").get(0).path("runs").get(0).path("size").asDouble());
    assertFalse(there.path("stack").get(1).path("shown").asBoolean());
  }

  @ParameterizedTest
  @CsvSource({
    "UNTOUCHED, SAME_BYTES, true",
    "WRITTEN_ANEW, SAME_PICTURE, true",
    "SMALLER_JPEG, ALPHA_LOST, false",
    "WITHOUT_ALPHA, ALPHA_LOST, false",
    "MULTIPLIED, ALPHA_MULTIPLIED_IN, false"
  })
  void whatTheSimulatedServiceDoesIsFound(String way, String happened, boolean usable) {
    keepTargets(target("Air", 1280, 720));
    JsonNode file = ended(start(false)).path("files").get(0);
    JsonNode back =
        SERVER
            .post("/api/deliveries/" + file.path("id").asLong() + "/photo-sync?way=" + way, "")
            .body();
    assertEquals(file.path("id"), back.path("delivery").path("id"), back.toString());
    assertTrue(back.path("happened").toString().contains(happened), back.toString());
    assertEquals(usable, back.path("usable").asBoolean());
  }

  @Test
  void aFileThatWasReplacedSinceIsStillRecognisedAndCalledOutdated() throws IOException {
    keepTargets(target("Air", 640, 360));
    JsonNode first = ended(start(false)).path("files").get(0);
    byte[] sent = Files.readAllBytes(Path.of(first.path("path").asString()));
    String other = TestOverlays.lowerThird("Merrin Holloway-Tarn, who is longer");
    assertEquals(
        200,
        SERVER
            .put("/api/overlays/" + overlay, "{\"basedOn\":1,\"overlay\":%s}".formatted(other))
            .status());
    JsonNode second = ended(start(false)).path("files").get(0);
    assertEquals(first.path("path"), second.path("path"), "it was replaced");
    String path = "/api/packages/" + packageId + "/returned";
    JsonNode same = SERVER.upload(path, "back.png", sent).body();
    assertEquals(first.path("id"), same.path("delivery").path("id"), same.toString());
    assertTrue(same.path("happened").toString().contains("SAME_BYTES"), same.toString());
    assertTrue(same.path("happened").toString().contains("OUTDATED"), same.toString());
    PhotoSync.Back anew = PhotoSync.through(PhotoSync.Way.WRITTEN_ANEW, sent);
    JsonNode like = SERVER.upload(path, "back.png", anew.bytes()).body();
    assertEquals(first.path("id"), like.path("delivery").path("id"), like.toString());
    assertEquals("[\"OUTDATED\"]", like.path("happened").toString());
    assertFalse(like.path("usable").asBoolean());
  }

  @Test
  void aFileThatCameFromElsewhereIsSaidToBeAStranger() throws IOException {
    keepTargets(target("Air", 320, 180));
    ended(start(false));
    Answer stranger =
        SERVER.upload(
            "/api/packages/" + packageId + "/returned", "boat.png", TestOverlays.photograph());
    assertEquals(200, stranger.status(), () -> stranger.body().toString());
    assertTrue(stranger.body().path("delivery").isNull(), stranger.body().toString());
    assertTrue(stranger.body().path("sentences").get(0).asString().contains("none of the files"));
    Answer nothing =
        SERVER.upload("/api/packages/" + packageId + "/returned", "note.txt", new byte[] {1, 2, 3});
    assertEquals(422, nothing.status());
  }
}
