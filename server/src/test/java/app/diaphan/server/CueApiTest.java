package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.deliver.FileInspector;
import app.diaphan.server.RunningServer.Answer;
import java.io.ByteArrayInputStream;
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
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Cue lists through real requests: dealing, checks, delivering, handing over. */
class CueApiTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final String TABLE =
      "name,boat,in,length\nYsolde,Heron,00:00:04:00,2 s\nTam,Tern,00:00:01:00,50 frames\nBo,Gull,,\n";

  private static final String MARKERS =
      "1\n00:00:01,000 --> 00:00:03,000\nTam: at last\n\n2\n00:00:04,000 --> 00:00:05,000\nYsolde\n\n3\n00:00:06,000 --> 00:00:07,000\nBo\n";

  private static final String EMPTY =
      """
      {"name":"Quay","clip":{"name":"","width":320,"height":180,
       "base":{"rate":{"pictures":25,"seconds":1},"dropFrame":false},"start":0,"length":250},
       "readingSpeed":15,"markers":[],"cues":[]}
      """;

  @TempDir Path folder;
  private long packageId;
  private long overlay;
  private long roster;
  private long list;

  @BeforeEach
  void newPackage() {
    packageId = SERVER.post("/api/packages", "{\"name\":\"Regatta\"}").body().path("id").asLong();
    SERVER.put(
        "/api/packages/" + packageId + "/delivery-folder",
        RunningServer.JSON.writeValueAsString(Map.of("folder", folder.toString())));
    overlay = addOverlay("{name}");
    roster =
        SERVER
            .upload(
                "/api/packages/" + packageId + "/rosters",
                "skippers.csv",
                TABLE.getBytes(StandardCharsets.UTF_8))
            .body()
            .path("id")
            .asLong();
    Answer added = SERVER.post("/api/packages/" + packageId + "/cue-lists", EMPTY);
    assertEquals(201, added.status(), () -> added.body().toString());
    list = added.body().path("id").asLong();
  }

  private long addOverlay(String words) {
    return SERVER
        .post("/api/packages/" + packageId + "/overlays", TestOverlays.lowerThird(words))
        .body()
        .path("id")
        .asLong();
  }

  private static String path(long list, String rest) {
    return "/api/cue-lists/" + list + rest;
  }

  private JsonNode status() {
    return SERVER.get(path(list, "")).body();
  }

  private JsonNode keep(JsonNode wanted) {
    Answer kept =
        SERVER.put(
            path(list, ""),
            "{\"basedOn\":%d,\"list\":%s}".formatted(status().path("revision").asInt(), wanted));
    assertEquals(200, kept.status(), () -> kept.body().toString());
    return kept.body();
  }

  private void readMarkers(String name, String text) {
    Answer read =
        SERVER.upload(path(list, "/markers"), name, text.getBytes(StandardCharsets.UTF_8));
    assertEquals(200, read.status(), () -> read.body().toString());
    ObjectNode own = (ObjectNode) status().path("list");
    own.set("markers", read.body().path("markers"));
    keep(own);
  }

  private Answer deal(String times, String by) {
    String target =
        SERVER
            .get("/api/packages/" + packageId + "/cue-series")
            .body()
            .get(0)
            .path("target")
            .asString();
    return SERVER.post(
        path(list, "/deal"),
        """
        {"overlay":%d,"roster":%d,"target":"%s","times":"%s","inPlace":true,
         "dealing":{"by":"%s","lasting":{"kind":"of-marker","otherwise":25},"lane":1,
         "coming":{"kind":"fade","frames":5},"going":{"kind":"cut"},"fit":"OWN"}}
        """
            .formatted(overlay, roster, target, times, by));
  }

  private JsonNode dealt(String by) {
    readMarkers("quay.srt", MARKERS);
    Answer dealt = deal("MARKERS", by);
    assertEquals(200, dealt.status(), () -> dealt.body().toString());
    return keep(dealt.body().path("list"));
  }

  private void delivered() throws InterruptedException {
    Answer runs = SERVER.post(path(list, "/delivery-runs"), "{}");
    assertEquals(202, runs.status(), () -> runs.body().toString());
    for (JsonNode run : runs.body().path("runs")) {
      String of = "/api/delivery-runs/" + run.asLong();
      while (SERVER.get(of).body().path("state").asString().equals("RUNNING")) {
        Thread.sleep(20);
      }
    }
  }

  private static List<String> labels(JsonNode status) {
    Map<String, String> byId = new TreeMap<>();
    status
        .path("known")
        .path("stills")
        .forEach(still -> byId.put(still.path("id").toString(), still.path("label").asString()));
    return status
        .path("list")
        .path("cues")
        .valueStream()
        .map(cue -> byId.get(cue.path("still").toString()))
        .toList();
  }

  private static List<Integer> numbers(JsonNode status, String name) {
    return status
        .path("list")
        .path("cues")
        .valueStream()
        .map(cue -> cue.path(name).asInt())
        .toList();
  }

  @Test
  void rowsAreDealtInOrderOrByTheirWords() {
    JsonNode inOrder = dealt("ORDER");
    assertEquals(List.of("Ysolde", "Tam", "Bo"), labels(inOrder));
    assertEquals(List.of(25, 100, 150), numbers(inOrder, "from"));
    assertEquals(List.of(50, 25, 25), numbers(inOrder, "length"));
    assertEquals(List.of("Tam", "Ysolde", "Bo"), labels(dealt("WORDS")));
  }

  @Test
  void columnsOfARosterSayWhen() {
    JsonNode series = SERVER.get("/api/packages/" + packageId + "/cue-series").body();
    assertTrue(series.get(0).path("timed").asBoolean(), series::toString);
    Answer dealt = deal("COLUMNS", "ORDER");
    assertEquals("Rows that say no time: 1.", dealt.body().path("notes").get(0).asString());
    JsonNode kept = keep(dealt.body().path("list"));
    assertEquals(List.of("Tam", "Ysolde"), labels(kept));
    assertEquals(List.of(25, 100), numbers(kept, "from"));
    assertEquals(List.of(50, 50), numbers(kept, "length"));
  }

  @Test
  void whatIsNotDeliveredIsToldAndDelivered() throws Exception {
    JsonNode before = dealt("ORDER");
    assertEquals(3, before.path("known").path("found").size(), before::toString);
    assertEquals("NOT_THERE", before.path("known").path("found").get(0).path("kind").asString());
    Answer refused = SERVER.post(path(list, "/hand-over"), "{\"folder\":\"\"}");
    assertEquals(422, refused.status());
    assertTrue(refused.detail().contains("3 things have to be mended"), refused.detail());
    delivered();
    JsonNode after = status();
    assertEquals(0, after.path("known").path("found").size(), after::toString);
    // A fade of five: the first picture a sixth solid.
    JsonNode place = after.path("known").path("places").get(0);
    JsonNode poses = after.path("known").path("moves").get(place.path("coming").asInt());
    assertEquals(5, poses.size());
    assertEquals(1 / 6.0, poses.get(0).path("opacity").asDouble(), 1e-9);
    assertEquals(422, SERVER.post(path(list, "/delivery-runs"), "{}").status());
    // What was changed since is told, and its file is screened as it is.
    JsonNode row = SERVER.get("/api/rosters/" + roster + "/rows").body().get(0);
    SERVER.put(
        "/api/roster-rows/" + row.path("id").asLong(),
        "{\"cells\":[\"Ysolde F\",\"Heron\",\"\",\"\"],\"leftOut\":false,\"changes\":[]}");
    JsonNode changed = status();
    assertEquals("OUTDATED", changed.path("known").path("found").get(0).path("kind").asString());
    long old = deliveryOf(changed, "Ysolde F");
    delivered();
    JsonNode again = status();
    assertTrue(deliveryOf(again, "Ysolde F") > old, again::toString);
    assertEquals(0, again.path("known").path("found").size());
    Files.delete(folder.resolve("lower-third_bo.png"));
    assertEquals("NOT_THERE", status().path("known").path("found").get(0).path("kind").asString());
  }

  private static long deliveryOf(JsonNode status, String label) {
    return status
        .path("known")
        .path("stills")
        .valueStream()
        .filter(still -> still.path("label").asString().equals(label))
        .findFirst()
        .orElseThrow()
        .path("delivery")
        .asLong();
  }

  @Test
  void aHandOverIsWholeInAFolderAndAsAZip() throws Exception {
    dealt("ORDER");
    delivered();
    Path to = folder.resolve("to");
    Files.createDirectories(to);
    Answer done =
        SERVER.post(
            path(list, "/hand-over"),
            RunningServer.JSON.writeValueAsString(Map.of("folder", to.toString())));
    assertEquals(200, done.status(), () -> done.body().toString());
    Path there = to.resolve("quay");
    assertEquals(there.toString(), done.body().path("folder").asString());
    assertEquals(320, FileInspector.inspect(there.resolve("stills/lower-third_tam.png")).width());
    Map<String, byte[]> zipped = new TreeMap<>();
    byte[] zip = SERVER.get(path(list, "/hand-over.zip")).raw().body();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        zipped.put(entry.getName(), in.readAllBytes());
      }
    }
    assertEquals(
        List.of(
            "README.txt",
            "contact-sheet.pdf",
            "cues.csv",
            "cues.edl",
            "cues.otio",
            "cues.srt",
            "cues.vtt",
            "stills/lower-third_bo.png",
            "stills/lower-third_tam.png",
            "stills/lower-third_ysolde.png"),
        List.copyOf(zipped.keySet()));
    assertEquals(zipped.size(), done.body().path("files").asInt());
    for (String name : List.of("cues.otio", "cues.edl", "stills/lower-third_bo.png")) {
      assertEquals(
          Files.readString(there.resolve(name), StandardCharsets.ISO_8859_1),
          new String(zipped.get(name), StandardCharsets.ISO_8859_1));
    }
    Answer nowhere = SERVER.post(path(list, "/hand-over"), "{\"folder\":\"quay\"}");
    assertTrue(nowhere.detail().contains("give the whole path"), nowhere.detail());
    assertFalse(SERVER.get(path(list, "/hand-over")).body().path("folder").asString().isEmpty());
  }

  @Test
  void badMarkersAreRefusedAndTheListStays() {
    readMarkers("quay.srt", MARKERS);
    JsonNode before = status();
    for (Map.Entry<String, String> bad :
        Map.of(
                "a.edl", "001  AX V C 25:00:00:00 00:00:00:00 00:00:00:00 00:00:00:00\n",
                "b.otio", "{\"OTIO_SCHEMA\": \"Timeline.7\"}",
                "c.csv", "name,in\nBo,-00:00:01:00\n",
                "d.srt", "1\nx --> y\nBo\n")
            .entrySet()) {
      Answer refused =
          SERVER.upload(
              path(list, "/markers"),
              bad.getKey(),
              bad.getValue().getBytes(StandardCharsets.UTF_8));
      assertEquals(422, refused.status());
      assertTrue(refused.detail().contains(bad.getKey()), refused.detail());
    }
    assertEquals(before, status());
  }

  private static Answer time(String words, String kind) {
    return SERVER.post(
        "/api/cue-times",
        """
        {"words":"%s","kind":"%s","base":{"rate":{"pictures":25,"seconds":1},"dropFrame":false}}
        """
            .formatted(words, kind));
  }

  @Test
  void typedTimesAreRead() {
    assertEquals(305, time("00:00:12:05", "POINT").body().path("pictures").asInt());
    assertTrue(time("00:00:12:25", "POINT").detail().contains("of another rate"));
    assertEquals(125, time("5s", "LENGTH").body().path("pictures").asInt());
  }

  @Test
  void picturesCanBeNumberedOtherwise() {
    Answer numbered =
        SERVER.post(
            "/api/numbered-cues",
            "{\"list\":%s,\"base\":{\"rate\":{\"pictures\":50,\"seconds\":1},\"dropFrame\":false}}"
                .formatted(dealt("ORDER").path("list")));
    JsonNode cue = numbered.body().path("cues").get(0);
    assertEquals(50, cue.path("from").asInt());
    assertEquals(100, cue.path("length").asInt());
    assertEquals(10, cue.path("coming").path("frames").asInt());
    assertEquals(500, numbered.body().path("clip").path("length").asInt());
    assertEquals(50, numbered.body().path("markers").get(0).path("at").asInt());
  }

  @Test
  void stalenessAndNonsenseAreRefused() {
    JsonNode own = status().path("list");
    keep(own);
    Answer stale = SERVER.put(path(list, ""), "{\"basedOn\":0,\"list\":" + own + "}");
    assertEquals(409, stale.status());
    Answer nonsense =
        SERVER.post(
            "/api/packages/" + packageId + "/cue-lists",
            EMPTY.replace("\"length\":250", "\"length\":0"));
    assertEquals(422, nonsense.status());
    assertTrue(nonsense.detail().contains("last a picture at least"), nonsense.detail());
    assertEquals(204, SERVER.delete(path(list, "")).status());
    assertEquals(404, SERVER.get(path(list, "")).status());
  }

  @Test
  void whatIsNoMoreInThePackageIsTold() {
    dealt("ORDER");
    SERVER.delete("/api/rosters/" + roster);
    JsonNode gone = status();
    assertEquals(3, gone.path("known").path("found").size());
    assertTrue(
        gone.path("known")
            .path("found")
            .get(0)
            .path("sentence")
            .asString()
            .contains("no more in the package"),
        gone::toString);
  }

  @Test
  void aBundleTakesCueListsAlong() {
    dealt("WORDS");
    long alone = addOverlay("Slack water");
    ObjectNode own = (ObjectNode) status().path("list");
    ObjectNode extra = (ObjectNode) own.path("cues").get(0).deepCopy();
    extra.put("id", 77).put("lane", 2);
    ((ObjectNode) extra.path("still")).put("overlay", alone).put("row", 0);
    ((ArrayNode) own.path("cues")).add(extra);
    JsonNode before = keep(own);
    byte[] bundle = SERVER.get("/api/packages/" + packageId + "/bundle.zip").raw().body();
    Answer taken = SERVER.upload("/api/packages/bundle", "regatta.zip", bundle);
    long copy = taken.body().path("id").asLong();
    JsonNode line = SERVER.get("/api/packages/" + copy + "/cue-lists").body().get(0);
    JsonNode after = SERVER.get(path(line.path("id").asLong(), "")).body();
    assertEquals(labels(before), labels(after));
    assertEquals(List.of(1, 2, 1, 1), numbers(after, "lane"));
    assertEquals(numbers(before, "length"), numbers(after, "length"));
    assertEquals(before.path("list").path("markers"), after.path("list").path("markers"));
    assertEquals(before.path("list").path("clip"), after.path("list").path("clip"));
  }
}
