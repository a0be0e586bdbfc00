package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.deliver.FileInspector;
import app.diaphan.server.RunningServer.Answer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Rosters through real requests: tables, rows, troubles, runs and bundles. */
class RosterApiTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final String TABLE =
      "name,boat\nYsolde,Heron\nTam,Tern\nWilhelmina-Theodora-Maximiliane of Greywick,Gull\n";

  @TempDir Path folder;
  private long packageId;
  private long overlay;

  @BeforeEach
  void newPackageWithALowerThird() {
    newPackage();
    overlay =
        SERVER
            .post("/api/packages/" + packageId + "/overlays", TestOverlays.lowerThird("{name}"))
            .body()
            .path("id")
            .asLong();
  }

  private void newPackage() {
    packageId = SERVER.post("/api/packages", "{\"name\":\"Regatta\"}").body().path("id").asLong();
    SERVER.put(
        "/api/packages/" + packageId + "/delivery-folder",
        RunningServer.JSON.writeValueAsString(Map.of("folder", folder.toString())));
  }

  private JsonNode given(String name, String table) {
    Answer added =
        SERVER.upload(
            "/api/packages/" + packageId + "/rosters",
            name,
            table.getBytes(StandardCharsets.UTF_8));
    assertEquals(201, added.status(), () -> added.body().toString());
    return added.body();
  }

  private long skippers() {
    return given("skippers.csv", TABLE).path("id").asLong();
  }

  private static JsonNode rows(long roster) {
    return SERVER.get("/api/rosters/" + roster + "/rows").body();
  }

  private static Answer keepCell(JsonNode row, int column, String text) {
    List<String> cells =
        IntStream.range(0, row.path("cells").size())
            .mapToObj(i -> i == column ? text : row.path("cells").get(i).asString())
            .toList();
    return SERVER.put(
        "/api/roster-rows/" + row.path("id").asLong(),
        RunningServer.JSON.writeValueAsString(
            Map.of("cells", cells, "leftOut", false, "changes", List.of())));
  }

  private static JsonNode deliver(long roster, boolean changedOnly, Long... rows) {
    Answer started =
        SERVER.post(
            "/api/rosters/" + roster + "/delivery-runs",
            "{\"rows\":%s,\"changedOnly\":%s}".formatted(List.of(rows), changedOnly));
    assertEquals(202, started.status(), () -> started.body().toString());
    String path = "/api/delivery-runs/" + started.body().path("id").asLong();
    SERVER.get(path + "/events");
    return SERVER.get(path).body();
  }

  private List<String> files() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.map(file -> file.getFileName().toString()).sorted().toList();
    }
  }

  @Test
  void aTableFeedsWhatAsksForItsColumns() {
    JsonNode roster = given("skippers.csv", TABLE);
    assertEquals(3, roster.path("rows").asInt());
    assertEquals("name", roster.path("roster").path("key").asString());
    JsonNode asking = roster.path("asking").get(0);
    assertTrue(asking.path("fed").asBoolean());
    assertEquals("name", asking.path("asked").get(0).path("column").asString());
    assertEquals("Tern", rows(roster.path("id").asLong()).get(1).path("cells").get(1).asString());
  }

  @Test
  void filesOfTwoRostersDoNotTakeEachOthersPlace() throws IOException {
    long first = skippers();
    long second =
        given("guests.csv", TABLE.replace("Tam", "Maren").replace("tam", "maren"))
            .path("id")
            .asLong();
    JsonNode troubles = SERVER.get("/api/rosters/" + second + "/troubles").body();
    assertTrue(
        troubles.toString().contains("would take the place of row 1 of the roster"),
        troubles::toString);
    deliver(first, false);
    List<String> before = files();
    JsonNode run = deliver(second, false);
    List<String> added = new ArrayList<>(files());
    added.removeAll(before);
    assertEquals(1, added.size(), () -> run.toString());
    assertTrue(added.getFirst().contains("maren"), added.getFirst());
    // Without the other roster nothing is in the way any more.
    SERVER.delete("/api/rosters/" + first);
    String left = SERVER.get("/api/rosters/" + second + "/troubles").body().toString();
    assertTrue(!left.contains("take the place"), left);
  }

  @Test
  void rowsBecomeFilesAndThoseThatCannotAreToldOf() throws IOException {
    long roster = skippers();
    JsonNode troubles = SERVER.get("/api/rosters/" + roster + "/troubles").body();
    assertEquals(1, troubles.size());
    assertTrue(troubles.toString().contains("out of title-safe"), troubles::toString);
    JsonNode run = deliver(roster, false);
    assertEquals(List.of("lower-third_tam.png", "lower-third_ysolde.png"), files());
    assertEquals("2 of 3 were delivered; 1 could not be.", run.path("sentence").asString());
  }

  @Test
  void aRowWhoseColourHidesItsWordsIsKeptBackUnlessThePackageDoesWithoutTheCheck()
      throws IOException {
    newPackage();
    SERVER.post(
        "/api/packages/" + packageId + "/overlays",
        TestOverlays.lowerThird("{line}")
            .replaceFirst("\"Lower third\"", "\"In colour\"")
            .replaceFirst(
                "\"slots\":\\[]",
                "\"slots\":[{\"kind\":\"colour\",\"column\":\"ink\",\"place\":\"PAINT\",\"index\":0}]"));
    long roster =
        given("inks.csv", "line,ink\nYsolde,#ffffff\nTam,#1a5060\nRuan,#ffffff\n")
            .path("id")
            .asLong();
    JsonNode troubles = SERVER.get("/api/rosters/" + roster + "/troubles").body();
    assertEquals(1, troubles.size(), troubles::toString);
    assertTrue(troubles.toString().contains("stands out by 1."), troubles::toString);
    assertEquals(
        "2 of 3 were delivered; 1 could not be.",
        deliver(roster, false).path("sentence").asString());
    assertEquals(List.of("in-colour_ruan.png", "in-colour_ysolde.png"), files());

    SERVER.put("/api/packages/" + packageId + "/checks/left-out", "[\"LEGIBILITY\"]");
    assertEquals(0, SERVER.get("/api/rosters/" + roster + "/troubles").body().size());
  }

  @Test
  void onlyRowsThatChangedAreWrittenAgain() throws IOException {
    long roster = skippers();
    deliver(roster, false);
    keepCell(rows(roster).get(2), 0, "Willa");
    keepCell(rows(roster).get(1), 0, "Tamsin");
    Files.delete(folder.resolve("lower-third_ysolde.png"));
    JsonNode run = deliver(roster, true);
    assertEquals(3, run.path("planned").asInt());
    assertEquals(
        List.of(
            "lower-third_tam.png",
            "lower-third_tamsin.png",
            "lower-third_willa.png",
            "lower-third_ysolde.png"),
        files());
    keepCell(rows(roster).get(1), 1, "Another boat, which no overlay shows");
    Answer nothing =
        SERVER.post(
            "/api/rosters/" + roster + "/delivery-runs", "{\"rows\":[],\"changedOnly\":true}");
    assertEquals(422, nothing.status());
    assertTrue(nothing.detail().contains("no row has changed"), nothing::detail);
  }

  @Test
  void chosenRowsGoOutAloneAndWhatChangedSinceIsTold() throws IOException {
    long roster = skippers();
    long ysolde = rows(roster).get(0).path("id").asLong();
    long tam = rows(roster).get(1).path("id").asLong();
    long third = rows(roster).get(2).path("id").asLong();
    assertEquals(List.of(ysolde, tam, third), changed(roster));

    JsonNode run = deliver(roster, false, tam);

    assertEquals(List.of("lower-third_tam.png"), files());
    assertEquals("It was delivered.", run.path("sentence").asString());
    assertEquals(List.of(ysolde, third), changed(roster));

    deliver(roster, false, ysolde);
    assertEquals(List.of(third), changed(roster));
    keepCell(rows(roster).get(1), 1, "A boat that no overlay shows");
    assertEquals(List.of(third), changed(roster));
    keepCell(rows(roster).get(1), 0, "Tamsin");
    assertEquals(List.of(tam, third), changed(roster));
    Files.writeString(folder.resolve("lower-third_ysolde.png"), "another file");
    assertEquals(List.of(ysolde, tam, third), changed(roster));
  }

  private static List<Long> changed(long roster) {
    return StreamSupport.stream(
            SERVER.get("/api/rosters/" + roster + "/changed-rows").body().spliterator(), false)
        .map(JsonNode::asLong)
        .toList();
  }

  @Test
  void anOverlayThatARosterFillsDoesNotGoOutWithItsBraces() {
    String plan = "/api/packages/" + packageId + "/delivery-plan";
    String order =
        "{\"overlays\":[],\"targets\":%s}"
            .formatted(
                SERVER.get("/api/packages/" + packageId + "/targets").body().path("targets"));
    JsonNode alone = SERVER.post(plan, order).body();
    assertTrue(alone.get(0).path("problem").asString().contains("asks a roster for name"));
    skippers();
    assertEquals(0, SERVER.post(plan, order).body().size());
  }

  @Test
  void aRowIsDrawnAsTheOverlayDesignedSoWouldBe() {
    long roster = skippers();
    long plain =
        SERVER
            .post("/api/packages/" + packageId + "/overlays", TestOverlays.lowerThird("Tam"))
            .body()
            .path("id")
            .asLong();
    byte[] row =
        SERVER
            .get(
                "/api/roster-rows/%d/picture.png?overlay=%d&width=320"
                    .formatted(rows(roster).get(1).path("id").asLong(), overlay))
            .raw()
            .body();
    byte[] designed = SERVER.get("/api/overlays/" + plain + "/picture.png?width=320").raw().body();
    assertArrayEquals(designed, row);
  }

  @Test
  void theTableGivenAgainChangesWhatItChangesAndKeepsWhatWasDoneByHand() {
    long roster = skippers();
    keepCell(rows(roster).get(0), 1, "Grey Heron");
    byte[] again = "name,boat\nYsolde,Heron\nBram,Plover\n".getBytes(StandardCharsets.UTF_8);
    JsonNode summary =
        SERVER.upload("/api/rosters/" + roster + "/merge", "skippers.csv", again).body();
    assertEquals(1, summary.path("added").asInt());
    assertEquals(1, summary.path("same").asInt());
    assertEquals(2, summary.path("gone").asInt());
    assertEquals(3, rows(roster).size(), "nothing has changed yet");
    Answer merged =
        SERVER.upload(
            "PUT", "/api/rosters/" + roster + "/merge?withoutGone=true", "skippers.csv", again);
    assertEquals(200, merged.status(), () -> merged.body().toString());
    JsonNode rows = rows(roster);
    assertEquals(2, rows.size());
    assertEquals("Grey Heron", rows.get(0).path("cells").get(1).asString());
    assertEquals(1, rows.get(0).path("edited").get(0).asInt());
  }

  @Test
  void cellsThatBothChangedAreAskedAboutOneByOne() {
    long roster = skippers();
    keepCell(rows(roster).get(0), 1, "Grey Heron");
    keepCell(rows(roster).get(1), 1, "Black Tern");
    byte[] again =
        "name,boat\nYsolde,Heron II\nTam,Tern II\nBram,Plover\n".getBytes(StandardCharsets.UTF_8);
    String merge = "/api/rosters/" + roster + "/merge";
    JsonNode asked = SERVER.upload(merge, "skippers.csv", again).body().path("disputed");
    assertEquals(2, asked.size());
    assertEquals("Tam", asked.get(1).path("key").asString());
    assertEquals("boat", asked.get(1).path("name").asString());
    assertEquals("Black Tern", asked.get(1).path("ours").asString());
    assertEquals("Tern II", asked.get(1).path("table").asString());
    String tams = asked.get(1).path("row").asLong() + "." + asked.get(1).path("column").asInt();

    assertEquals(
        422,
        SERVER
            .upload("PUT", merge + "?withoutGone=false&taken=here", "skippers.csv", again)
            .status());
    SERVER.upload("PUT", merge + "?withoutGone=false&taken=" + tams, "skippers.csv", again);

    JsonNode rows = rows(roster);
    assertEquals("Grey Heron", rows.get(0).path("cells").get(1).asString());
    assertEquals("Tern II", rows.get(1).path("cells").get(1).asString());
    assertEquals("Plover", rows.get(2).path("cells").get(1).asString());
    assertEquals(4, rows.size());
  }

  @Test
  void aTextIsReadInTheEncodingAndWithTheHeadingThatAreChosen() {
    byte[] latin = "Zoë\nTam\n".getBytes(java.nio.charset.Charset.forName("windows-1252"));
    String path = "/api/packages/" + packageId + "/rosters?encoding=windows-1252&heading=";
    JsonNode headed = SERVER.upload(path + "FIRST_ROW", "names.csv", latin).body();
    assertTrue(headed.path("headed").asBoolean());
    assertEquals("Zoë", headed.path("roster").path("columns").get(0).asString());
    assertEquals("Windows-1252", headed.path("encoding").asString());
    JsonNode plain = SERVER.upload(path + "NONE", "names.csv", latin).body();
    assertFalse(plain.path("headed").asBoolean());
    assertEquals(2, plain.path("rows").asInt());
    assertEquals(
        422,
        SERVER
            .upload(path.replace("windows-1252", "no-such") + "NONE", "names.csv", latin)
            .status());
  }

  @Test
  void aPackageAndItsRostersGoThroughABundleWithoutLoss() {
    long roster = skippers();
    JsonNode first = rows(roster).get(0);
    keepCell(first, 1, "Heron, \"the grey\"\nof Greywick");
    SERVER.put(
        "/api/roster-rows/" + rows(roster).get(1).path("id").asLong(),
        "{\"cells\":[\"Tam\",\"Tern\"],\"leftOut\":true,\"changes\":[{\"piece\":\"name\",\"shown\":true,\"right\":0,\"down\":0,\"scale\":0.8}]}");
    byte[] bundle = SERVER.get("/api/packages/" + packageId + "/bundle.zip").raw().body();
    Answer taken = SERVER.upload("/api/packages/bundle", "regatta.zip", bundle);
    assertEquals(201, taken.status(), () -> taken.body().toString());
    JsonNode back =
        SERVER.get("/api/packages/" + taken.body().path("id").asLong() + "/rosters").body().get(0);
    assertTrue(back.path("asking").get(0).path("fed").asBoolean());
    JsonNode rows = rows(back.path("id").asLong());
    for (String same : List.of("cells", "edited", "leftOut", "changes")) {
      assertEquals(
          StreamSupport.stream(rows(roster).spliterator(), false)
              .map(row -> row.path(same).toString())
              .toList(),
          StreamSupport.stream(rows.spliterator(), false)
              .map(row -> row.path(same).toString())
              .toList(),
          same);
    }
  }

  @Test
  void pastedLinesBecomeARosterOfOneColumn() {
    Answer pasted =
        SERVER.post(
            "/api/packages/" + packageId + "/rosters/pasted",
            RunningServer.JSON.writeValueAsString(
                Map.of("name", "", "text", "Ysolde\nTam\n", "heading", "FOUND_OUT")));
    assertEquals(201, pasted.status(), () -> pasted.body().toString());
    assertEquals("name", pasted.body().path("roster").path("columns").get(0).asString());
    assertEquals(2, pasted.body().path("rows").asInt());
  }

  @Test
  void aZipBringsTheTableAndItsPictures() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, byte[]> file :
          Map.of(
                  "regatta/skippers.csv", TABLE.getBytes(StandardCharsets.UTF_8),
                  "regatta/pennants/greywick.svg",
                      Files.readAllBytes(
                          Path.of("../demo/lantern-reach-regatta/pictures/greywick.svg")),
                  "../../outside.svg", "no picture".getBytes(StandardCharsets.UTF_8))
              .entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
      }
    }
    Answer added =
        SERVER.upload(
            "/api/packages/" + packageId + "/rosters", "regatta.zip", bytes.toByteArray());
    assertEquals(201, added.status(), () -> added.body().toString());
    assertEquals(3, added.body().path("rows").asInt());
    assertTrue(added.body().path("notes").toString().contains("outside.svg"));
    JsonNode pictures = SERVER.get("/api/packages/" + packageId + "/pictures").body();
    assertEquals(1, pictures.size(), pictures::toString);
    assertEquals("greywick.svg", pictures.get(0).path("name").asString());
  }

  @Test
  void aPictureThatIsDeletedDuringARunKeepsBackTheRowsThatNeedIt() throws Exception {
    pennant("greywick.svg");
    long named = pennant("osier-point.svg");
    SERVER.post("/api/packages/" + packageId + "/overlays", TestOverlays.pennant("{name}"));
    StringBuilder table = new StringBuilder("name,pennant\n");
    for (int i = 0; i < 80; i++) {
      table.append("Skipper ").append(i).append(",osier-point.svg\n");
    }
    long roster = given("skippers.csv", table.toString()).path("id").asLong();
    Answer started =
        SERVER.post(
            "/api/rosters/" + roster + "/delivery-runs", "{\"rows\":[],\"changedOnly\":false}");
    String path = "/api/delivery-runs/" + started.body().path("id").asLong();
    while (files().stream().filter(file -> file.startsWith("pennant")).count() < 10) {
      Thread.sleep(5);
    }

    assertEquals(204, SERVER.delete("/api/pictures/" + named).status());
    SERVER.get(path + "/events");

    JsonNode run = SERVER.get(path).body();
    int delivered = run.path("delivered").asInt();
    assertTrue(delivered > 10 && delivered < run.path("planned").asInt(), run::toString);
    assertEquals(delivered, files().size());
    for (String file : files()) {
      FileInspector.inspect(folder.resolve(file));
    }
    assertTrue(
        run.toString().contains("The package has no picture \\\"osier-point.svg\\\""),
        run::toString);
  }

  @Test
  void whatIsWrongIsLookedForAgainWhenWhatDecidesItChanges() throws IOException {
    SERVER.post("/api/packages/" + packageId + "/overlays", TestOverlays.pennant("{name}"));
    long roster = given("skippers.csv", "name,pennant\nYsolde,greywick.svg\n").path("id").asLong();
    assertEquals(1, troubles(roster));
    assertEquals(1, troubles(roster));
    pennant("greywick.svg");
    assertEquals(0, troubles(roster));
    keepCell(rows(roster).get(0), 1, "osier.svg");
    assertEquals(1, troubles(roster));
    keepCell(rows(roster).get(0), 1, "greywick.svg");
    assertEquals(0, troubles(roster));
  }

  /** Takes a picture of the demo in, and gives its id. */
  private long pennant(String name) throws IOException {
    return SERVER
        .upload(
            "/api/packages/" + packageId + "/pictures",
            name,
            Files.readAllBytes(Path.of("../demo/lantern-reach-regatta/pictures/" + name)))
        .body()
        .path("id")
        .asLong();
  }

  private static int troubles(long roster) {
    return SERVER.get("/api/rosters/" + roster + "/troubles").body().size();
  }

  @Test
  void theExtremesAreOffered() {
    JsonNode extremes = SERVER.get("/api/rosters/" + skippers() + "/extremes").body();
    assertEquals("longest name", extremes.get(0).path("why").asString());
    assertEquals("shortest name", extremes.get(1).path("why").asString());
  }

  @Test
  void badTablesAndRowsAreAnsweredInASentenceAndChangeNothing() {
    Answer binary =
        SERVER.upload(
            "/api/packages/" + packageId + "/rosters", "skippers.csv", new byte[] {0, 1, 2, 3, 4});
    assertEquals(422, binary.status());
    assertTrue(binary.detail().contains("no table"), binary::detail);
    long roster = skippers();
    Answer many =
        SERVER.put(
            "/api/roster-rows/" + rows(roster).get(0).path("id").asLong(),
            "{\"cells\":[\"a\",\"b\",\"c\"],\"leftOut\":false,\"changes\":[]}");
    assertEquals(422, many.status());
    JsonNode saved = SERVER.get("/api/rosters/" + roster).body();
    Answer braced =
        SERVER.put(
            "/api/rosters/" + roster,
            "{\"basedOn\":%d,\"roster\":%s}"
                .formatted(
                    saved.path("revision").asInt(),
                    saved
                        .path("roster")
                        .toString()
                        .replace("\"names\":\"\"", "\"names\":\"{crew}\"")));
    assertEquals(422, braced.status());
    assertTrue(braced.detail().contains("{crew}"), braced::detail);
    Answer stale =
        SERVER.put(
            "/api/rosters/" + roster,
            "{\"basedOn\":99,\"roster\":%s}".formatted(saved.path("roster")));
    assertEquals(409, stale.status());
    assertEquals(3, rows(roster).size());
  }

  @Test
  void aRowThatIsDeletedLeavesItsFilesInTheHistory() throws IOException {
    long roster = skippers();
    JsonNode run = deliver(roster, false);
    assertEquals(
        204, SERVER.delete("/api/roster-rows/" + rows(roster).get(0).path("id").asLong()).status());
    JsonNode later = SERVER.get("/api/delivery-runs/" + run.path("id").asLong()).body();
    assertEquals(2, later.path("delivered").asInt());
    assertEquals(1, later.path("files").size(), "only what could not be delivered");
    assertFalse(files().isEmpty());
  }
}
