package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Houses through real requests: what follows them, changes, what is kept away, undo, files. */
class HouseApiTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private long first;
  private long second;

  /** Houses outlive packages, so each test has one of its own name. */
  private String name;

  @BeforeEach
  void twoPackages() {
    name = "House " + UUID.randomUUID();
    first = newPackage("Regatta");
    second = newPackage("Saltlight");
    change(first, house("#d02020", "#ff8080", ""));
    long id = followed(first).path("id").asLong();
    assertEquals(200, follow(second, id).status());
  }

  private static long newPackage(String called) {
    return SERVER.post("/api/packages", "{\"name\":\"" + called + "\"}").body().path("id").asLong();
  }

  private String house(String light, String dark, String more) {
    return TestHouses.ofColours(
            TestHouses.colour("Buoy", light, dark, "") + (more.isEmpty() ? "" : "," + more))
        .replace("\"name\":\"Regatta\"", "\"name\":\"" + name + "\"");
  }

  private static JsonNode followed(long packageId) {
    return SERVER.get("/api/packages/" + packageId + "/house").body();
  }

  private static Answer follow(long packageId, long house, Object... keptOut) {
    return SERVER.put(
        "/api/packages/" + packageId + "/house/followed",
        "{\"house\":%d,\"keptOut\":%s}"
            .formatted(house, RunningServer.JSON.writeValueAsString(keptOut)));
  }

  private static void change(long packageId, String house, Object... keptOut) {
    Answer changed = TestHouses.keep(SERVER, packageId, house, keptOut);
    assertEquals(200, changed.status(), () -> changed.body().toString());
  }

  /** The plate of the lower third in the house's colour, as it was long ago. */
  private static long addFollowing(long packageId) {
    return addFollowing(packageId, "Lower third");
  }

  private static long addFollowing(long packageId, String called) {
    String overlay = TestOverlays.lowerThird("Ysolde", 320, 180);
    JsonNode document = RunningServer.JSON.readTree(overlay);
    ((ObjectNode) document).put("name", called);
    ((ObjectNode) document.path("stack").get(1).path("paint")).put("colour", "#010203 Buoy");
    Answer added = SERVER.post("/api/packages/" + packageId + "/overlays", document.toString());
    assertEquals(201, added.status(), () -> added.body().toString());
    return added.body().path("id").asLong();
  }

  private static String colourOf(long overlay) {
    return SERVER
        .get("/api/overlays/" + overlay)
        .body()
        .path("overlay")
        .path("stack")
        .get(1)
        .path("paint")
        .path("colour")
        .asString();
  }

  private static JsonNode touched(long packageId, String house) {
    Answer touched =
        SERVER.post(
            "/api/packages/" + packageId + "/house/touched",
            "{\"basedOn\":%s,\"house\":%s}".formatted(followed(packageId).path("revision"), house));
    assertEquals(200, touched.status(), () -> touched.body().toString());
    return touched.body();
  }

  private static void post(String path, int status) {
    Answer answer = SERVER.post(path, "{}");
    assertEquals(status, answer.status(), () -> answer.body().toString());
  }

  private static BufferedImage picture(String address) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(SERVER.get(address).raw().body()));
  }

  @Test
  void aChangeIsSeenBeforeItIsMadeAndFollowedInAllPackages() throws IOException {
    long here = addFollowing(first);
    long there = addFollowing(second);
    SERVER.post("/api/packages/" + first + "/overlays", TestOverlays.lowerThird("Tam"));
    assertEquals("#d02020 Buoy", colourOf(here));
    String green = house("#20a040", "#ff8080", "");
    JsonNode touched = touched(first, green);
    assertEquals(2, touched.size(), touched::toString);
    assertEquals(here, touched.get(0).path("id").asLong());
    assertEquals("Saltlight", touched.get(1).path("packageName").asString());
    assertEquals("#d02020 Buoy", colourOf(here), "looking changes nothing");

    JsonNode look =
        SERVER
            .post(
                "/api/packages/" + first + "/house/looks",
                "{\"house\":%s,\"overlay\":%d,\"row\":0}".formatted(green, there))
            .body();
    BufferedImage before = picture(look.path("before").asString());
    BufferedImage after = picture(look.path("after").asString());
    int x = before.getWidth() / 4;
    int y = before.getHeight() - 22;
    assertEquals(0xd02020, before.getRGB(x, y) & 0xffffff);
    assertEquals(0x20a040, after.getRGB(x, y) & 0xffffff);
    assertTrue(look.path("contrastAfter").asDouble() > 1);
    assertNotEquals(look.path("contrastBefore").asDouble(), look.path("contrastAfter").asDouble());

    change(first, green);
    assertEquals("#20a040 Buoy", colourOf(here));
    assertEquals("#20a040 Buoy", colourOf(there));
  }

  @Test
  void anOverlayIsKeptOutAndEverythingIsTakenBackAndMadeOnceMore() {
    long along = addFollowing(first);
    long out = addFollowing(second);
    change(first, house("#20a040", "#ff8080", ""), out);
    assertEquals("#20a040 Buoy", colourOf(along));
    assertEquals("#d02020 Buoy", colourOf(out));
    JsonNode kept = SERVER.get("/api/overlays/" + out).body().path("overlay").path("kept");
    assertEquals("#d02020", kept.get(0).path("light").asString(), kept::toString);
    change(first, house("#2040a0", "#ff8080", ""));
    assertEquals("#d02020 Buoy", colourOf(out), "it stays away from later ones as well");
    assertEquals("\"Buoy\" was changed.", followed(second).path("undo").asString());

    post("/api/packages/" + second + "/house/undone", 200);
    post("/api/packages/" + first + "/house/undone", 200);
    assertEquals("#d02020 Buoy", colourOf(along));
    assertEquals("#d02020 Buoy", colourOf(out));
    assertEquals(0, SERVER.get("/api/overlays/" + out).body().path("overlay").path("kept").size());

    post("/api/packages/" + first + "/house/redone", 200);
    assertEquals("#20a040 Buoy", colourOf(along));
    assertEquals("#d02020 Buoy", colourOf(out));
    post("/api/packages/" + first + "/house/redone", 200);
    assertEquals("#2040a0 Buoy", colourOf(along));
    post("/api/packages/" + first + "/house/redone", 422);
  }

  @Test
  void aNewNameIsFollowedAndTakenBack() {
    long overlay = addFollowing(first);
    String renamed =
        house("#d02020", "#ff8080", "")
            .replace(
                "\"name\":\"Buoy\",\"formerly\":[]", "\"name\":\"Amber\",\"formerly\":[\"Buoy\"]");
    assertEquals(0, touched(first, renamed).size());
    change(first, renamed);
    assertEquals("#d02020 Amber", colourOf(overlay));
    post("/api/packages/" + first + "/house/undone", 200);
    assertEquals("#d02020 Buoy", colourOf(overlay));
  }

  @Test
  void whatAHouseNoLongerHasStaysAsItWasLast() {
    long overlay = addFollowing(first);
    change(first, house("#20a040", "#ff8080", ""));
    change(first, TestHouses.ofColours("").replace("\"Regatta\"", "\"" + name + "\""));
    assertEquals("#20a040 Buoy", colourOf(overlay));
    assertEquals(200, follow(first, 0).status());
    assertEquals("#20a040 Buoy", colourOf(overlay));
    assertEquals(0, followed(first).path("id").asLong());
  }

  @Test
  void aPackageGoesOverToAnotherHouseAndBack() {
    long overlay = addFollowing(second);
    long winter = newPackage("Winter");
    name = "Winter " + name;
    change(winter, house("#102040", "#ff8080", ""));
    long other = followed(winter).path("id").asLong();
    JsonNode touched =
        SERVER.post("/api/packages/" + second + "/house/touched-by/" + other, "").body();
    assertEquals(1, touched.size(), touched::toString);
    assertEquals(200, follow(second, other).status());
    assertEquals("#102040 Buoy", colourOf(overlay));
    assertEquals(2, followed(winter).path("followers").size());
    post("/api/packages/" + second + "/house/undone", 200);
    assertEquals("#d02020 Buoy", colourOf(overlay));
    assertEquals(1, followed(winter).path("followers").size());
    Answer refused = SERVER.delete("/api/houses/" + other);
    assertEquals(422, refused.status());
    assertTrue(refused.detail().contains("Winter"), refused.detail());
    follow(winter, 0);
    assertEquals(204, SERVER.delete("/api/houses/" + other).status());
  }

  @Test
  void rowsFollowColoursThatTheirCellsName() {
    JsonNode document = RunningServer.JSON.readTree(TestOverlays.lowerThird("{name}"));
    ObjectNode plate = (ObjectNode) document.path("stack").get(1);
    plate
        .putArray("slots")
        .addObject()
        .put("kind", "colour")
        .put("column", "club")
        .put("place", "PAINT")
        .put("index", 0);
    long overlay =
        SERVER
            .post("/api/packages/" + first + "/overlays", document.toString())
            .body()
            .path("id")
            .asLong();
    JsonNode roster =
        SERVER
            .upload(
                "/api/packages/" + first + "/rosters",
                "skippers.csv",
                "name,club\nYsolde,Buoy\nTam,#112233\nBo,buoy\n".getBytes(StandardCharsets.UTF_8))
            .body();
    ObjectNode fed = (ObjectNode) roster.path("roster").deepCopy();
    fed.putArray("designs").addObject().put("overlay", Long.toString(overlay)).putObject("bound");
    Answer kept =
        SERVER.put(
            "/api/rosters/" + roster.path("id").asLong(),
            "{\"basedOn\":%s,\"roster\":%s}".formatted(roster.path("revision"), fed));
    assertEquals(200, kept.status(), () -> kept.body() + " " + roster);
    JsonNode touched = touched(first, house("#20a040", "#ff8080", ""));
    assertEquals(1, touched.size(), touched::toString);
    assertFalse(touched.get(0).path("itself").asBoolean());
    assertEquals(
        List.of("Ysolde", "Bo"),
        touched.get(0).path("rows").valueStream().map(row -> row.path("key").asString()).toList());
  }

  @Test
  void marksAreFollowedByPicturesAndKeptOutUnderANameOfTheirOwn() throws IOException {
    String square =
        "<svg xmlns='http://www.w3.org/2000/svg' width='40' height='40'><path d='M0 0H40V40H0z' fill='%s'/></svg>";
    JsonNode red = addHousePicture(first, "bug.svg", square.formatted("#d02020"));
    change(first, withMark(red));
    long along = addShowing(first);
    long out = addShowing(first);
    JsonNode blue = addHousePicture(first, "bug-new.svg", square.formatted("#2030d0"));
    JsonNode touched = touched(first, withMark(blue));
    assertEquals(2, touched.size(), touched::toString);
    JsonNode look =
        SERVER
            .post(
                "/api/packages/" + first + "/house/looks",
                "{\"house\":%s,\"overlay\":%d,\"row\":0}".formatted(withMark(blue), along))
            .body();
    assertEquals(0x2030d0, picture(look.path("after").asString()).getRGB(20, 20) & 0xffffff);
    change(first, withMark(blue), out);
    assertEquals(0x2030d0, drawn(along));
    assertEquals(0xd02020, drawn(out));
    assertEquals("bug (2).svg", shown(out));
    post("/api/packages/" + first + "/house/undone", 200);
    assertEquals(0xd02020, drawn(along));
    assertEquals("bug.svg", shown(out));
    assertEquals(
        1, SERVER.get("/api/packages/" + first + "/pictures").body().size(), "the copy is gone");
    post("/api/packages/" + first + "/house/redone", 200);
    assertEquals(0x2030d0, drawn(along));
    assertEquals(0xd02020, drawn(out));
  }

  private JsonNode addHousePicture(long packageId, String file, String svg) {
    Answer added =
        SERVER.upload(
            "/api/packages/" + packageId + "/house/pictures",
            file,
            svg.getBytes(StandardCharsets.UTF_8));
    assertEquals(201, added.status(), () -> added.body().toString());
    return added.body();
  }

  private String withMark(JsonNode picture) {
    String mark =
        """
        {"name":"Bug","formerly":[],"picture":%s,"clearSpace":0.5,"leastHeight":40,
         "colours":{"kind":"any"}}"""
            .formatted(picture);
    return house("#d02020", "#ff8080", "").replace("\"marks\":[]", "\"marks\":[" + mark + "]");
  }

  private long addShowing(long packageId) {
    Answer taken = SERVER.post("/api/packages/" + packageId + "/house/taken", "{\"name\":\"Bug\"}");
    assertEquals(201, taken.status(), () -> taken.body().toString());
    String overlay =
        """
        {"name":"Bug","frame":%s,"forTargets":[],"dress":"LIGHT","kept":[],"stack":[
         {"kind":"picture","id":"p","name":"Bug","shown":true,"locked":false,
          "place":{"hook":{"kind":"frame","area":"FRAME"},"point":"TOP_LEFT","own":"TOP_LEFT",
                   "right":0,"down":0,"turn":0,"mirrored":false},
          "picture":"%s","page":1,"cutOut":{"kind":"none"},"tint":{"kind":"own"},
          "crop":{"left":0,"top":0,"right":0,"bottom":0},"fit":"CONTAIN","width":40,"height":40,
          "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},
          "slots":[]}]}"""
            .formatted(TestOverlays.frame(320, 180), taken.body().path("name").asString());
    Answer added = SERVER.post("/api/packages/" + packageId + "/overlays", overlay);
    assertEquals(201, added.status(), () -> added.body().toString());
    return added.body().path("id").asLong();
  }

  private static String shown(long overlay) {
    return SERVER
        .get("/api/overlays/" + overlay)
        .body()
        .path("overlay")
        .path("stack")
        .get(0)
        .path("picture")
        .asString();
  }

  private static int drawn(long overlay) throws IOException {
    return picture("/api/overlays/" + overlay + "/picture.png").getRGB(20, 20) & 0xffffff;
  }

  @Test
  void aHouseGoesOutAndComesInByItselfAndWithItsPackage() throws IOException {
    JsonNode red =
        addHousePicture(
            first,
            "bug.svg",
            "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><circle r='9'/></svg>");
    change(first, withMark(red));
    addShowing(first);
    byte[] house = SERVER.get("/api/packages/" + first + "/house.zip").raw().body();
    Answer again = SERVER.upload("/api/houses", "house.zip", house);
    assertEquals(201, again.status(), () -> again.body().toString());
    assertEquals(
        followed(first).path("id"), again.body().path("id"), "the same house is here already");
    byte[] bundle = SERVER.get("/api/packages/" + first + "/bundle.zip").raw().body();
    change(first, house("#20a040", "#ff8080", ""));
    Answer in = SERVER.upload("/api/packages/bundle", "again.zip", bundle);
    assertEquals(201, in.status(), () -> in.body().toString());
    long copy = in.body().path("id").asLong();
    JsonNode other = followed(copy);
    assertNotEquals(followed(first).path("id"), other.path("id"));
    assertEquals(name + " (2)", other.path("house").path("name").asString());
    // Its picture follows the mark of its own house.
    JsonNode blue =
        addHousePicture(
            copy,
            "bug.svg",
            "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect width='9' height='9'/></svg>");
    assertEquals(
        1,
        touched(copy, withMark(blue).replace("\"" + name + "\"", "\"" + name + " (2)\"")).size());
    follow(copy, 0);
    Answer none =
        SERVER.upload(
            "/api/houses",
            "none.zip",
            SERVER.get("/api/packages/" + copy + "/bundle.zip").raw().body());
    assertEquals(422, none.status());
  }

  @Test
  void aHouseIsReadAndOverlaysFollowWhatIsTheSame() {
    long third = newPackage("Third");
    long overlay =
        SERVER
            .post("/api/packages/" + third + "/overlays", TestOverlays.lowerThird("Ysolde"))
            .body()
            .path("id")
            .asLong();
    JsonNode found = SERVER.get("/api/packages/" + third + "/house/found").body();
    String plate = colourOf(overlay);
    assertTrue(found.path("colours").toString().contains(plate.substring(0, 7)), found::toString);
    assertEquals("Work Sans", found.path("families").get(0).path("family").asString());
    change(
        third,
        TestHouses.ofColours(TestHouses.colour("Ground", plate.substring(0, 7)))
            .replace("\"Regatta\"", "\"Third " + name + "\""));
    JsonNode adopted = SERVER.post("/api/packages/" + third + "/house/adopted", "").body();
    assertEquals(1, adopted.path("overlays").asInt());
    assertEquals(plate + " Ground", colourOf(overlay));
    assertEquals(
        0,
        SERVER
            .post("/api/packages/" + third + "/house/adopted", "")
            .body()
            .path("overlays")
            .asInt());
    JsonNode sheet =
        SERVER
            .upload(
                "/api/packages/" + third + "/house/found",
                "sheet.svg",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect width='9' height='9' fill='#14303c'/></svg>"
                    .getBytes(StandardCharsets.UTF_8))
            .body();
    assertEquals("#14303c", sheet.path("colours").get(0).path("colour").asString());
    assertEquals(
        0, SERVER.get("/api/packages/" + third + "/pictures").body().size(), "nothing is kept");
    assertEquals(
        422,
        SERVER
            .upload("/api/packages/" + third + "/house/found", "font.ttf", new byte[] {0, 1, 0, 0})
            .status());
  }

  @Test
  void whatWasDeliveredGoesOutAgainUnderTheSameNamesAndNothingElse(@TempDir Path folder)
      throws Exception {
    SERVER.put(
        "/api/packages/" + first + "/delivery-folder",
        RunningServer.JSON.writeValueAsString(Map.of("folder", folder.toString())));
    long delivered = addFollowing(first);
    long never = addFollowing(first, "Never sent");
    Answer run =
        SERVER.post(
            "/api/packages/" + first + "/delivery-runs",
            "{\"overlays\":[%d],\"targets\":[],\"changedOnly\":false}".formatted(delivered));
    assertEquals(202, run.status(), () -> run.body().toString());
    ended(run.body().path("id").asLong());
    Path file;
    try (Stream<Path> files = Files.list(folder)) {
      file = files.filter(one -> one.toString().endsWith(".png")).findFirst().orElseThrow();
    }
    byte[] before = Files.readAllBytes(file);
    String green = house("#20a040", "#ff8080", "");
    JsonNode touched = touched(first, green);
    assertEquals(2, touched.size());
    assertEquals(file.getFileName().toString(), touched.get(0).path("files").get(0).asString());
    assertEquals(0, touched.get(1).path("files").size());
    change(first, green);
    JsonNode again =
        SERVER
            .post(
                "/api/packages/" + first + "/delivered-again",
                "{\"overlays\":[%d,%d]}".formatted(delivered, never))
            .body();
    assertEquals(1, again.size(), again::toString);
    assertEquals(1, again.get(0).path("planned").asInt(), "what never went out stays");
    ended(again.get(0).path("id").asLong());
    assertFalse(Arrays.equals(before, Files.readAllBytes(file)));
    assertEquals(
        0,
        SERVER
            .post(
                "/api/packages/" + first + "/delivered-again",
                "{\"overlays\":[%d]}".formatted(delivered))
            .body()
            .size(),
        "a new name of what is followed would change no file either");
  }

  private static void ended(long run) throws InterruptedException {
    for (int i = 0; i < 600; i++) {
      if (!SERVER
          .get("/api/delivery-runs/" + run)
          .body()
          .path("state")
          .asString()
          .equals("RUNNING")) {
        return;
      }
      Thread.sleep(50);
    }
    throw new IllegalStateException("The run did not end.");
  }

  @Test
  void startersAreSharedByThePackagesOfAHouseWithTheirPictures() {
    JsonNode mark =
        addHousePicture(
            first,
            "bug.svg",
            "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect width='9' height='9'/></svg>");
    change(first, withMark(mark));
    long kept = addShowing(first);
    assertEquals(201, SERVER.post("/api/overlays/" + kept + "/starters", "").status());
    String wanted =
        "{\"frame\":%s,\"packageId\":%d}".formatted(TestOverlays.frame(320, 180), second);
    JsonNode starter = SERVER.post("/api/starters", wanted).body().get(0);
    assertEquals(first, starter.path("packageId").asLong());
    assertEquals("Bug", starter.path("overlay").path("name").asString());
    Answer taken =
        SERVER.post(
            "/api/starters/" + starter.path("own").asLong() + "/taken",
            "{\"packageId\":%d,\"overlay\":%s}".formatted(second, starter.path("overlay")));
    assertEquals(200, taken.status(), () -> taken.body().toString());
    JsonNode pictures = SERVER.get("/api/packages/" + second + "/pictures").body();
    assertEquals(
        taken.body().path("stack").get(0).path("picture").asString(),
        pictures.get(0).path("name").asString());
    assertEquals("Bug", pictures.get(0).path("follows").asString(), "it follows here as well");
    follow(second, 0);
    assertEquals(0, SERVER.post("/api/starters", wanted).body().get(0).path("packageId").asLong());
  }

  @Test
  void aRevisionThatIsGoneBackToFollowsTheHouseAsItIsNow() {
    long overlay = addFollowing(first);
    change(first, house("#20a040", "#ff8080", ""));
    JsonNode revision = SERVER.get("/api/overlays/" + overlay + "/revisions/1").body();
    assertEquals(
        "#20a040 Buoy", revision.path("stack").get(1).path("paint").path("colour").asString());
  }

  @Test
  void whatIsNotTheHousesIsFoundAndMendedAtOnePress() {
    JsonNode document = RunningServer.JSON.readTree(TestOverlays.lowerThird("Ysolde", 320, 180));
    Answer checked =
        SERVER.post("/api/packages/" + first + "/checks", "{\"overlay\":" + document + "}");
    JsonNode plate =
        checked
            .body()
            .valueStream()
            .filter(one -> one.path("kind").asString().equals("HOUSE_COLOUR"))
            .filter(one -> one.path("piece").asString().equals("plate"))
            .findFirst()
            .orElseThrow();
    assertEquals("Take Buoy", plate.path("mend").asString());
    Answer mended =
        SERVER.post(
            "/api/packages/" + first + "/checks/mended",
            "{\"overlay\":%s,\"kind\":\"HOUSE_COLOUR\",\"piece\":\"plate\"}".formatted(document));
    assertEquals(200, mended.status(), () -> mended.body().toString());
    assertTrue(mended.body().toString().contains("#d02020"), () -> mended.body().toString());
    assertEquals(
        422,
        SERVER
            .post(
                "/api/packages/" + first + "/checks/mended",
                "{\"overlay\":%s,\"kind\":\"BANDING\",\"piece\":\"plate\"}".formatted(document))
            .status());
  }

  @Test
  void theDressIsPutOnAnOverlayThatIsNotSaved() {
    JsonNode document = RunningServer.JSON.readTree(TestOverlays.lowerThird("Ysolde"));
    ((ObjectNode) document.path("stack").get(1).path("paint")).put("colour", "#010203 Buoy");
    ((ObjectNode) document).put("dress", "DARK");
    Answer dressed =
        SERVER.post("/api/packages/" + first + "/house/dressed", "{\"overlay\":" + document + "}");
    assertTrue(dressed.body().toString().contains("#ff8080 Buoy"), () -> dressed.body().toString());
  }

  @Test
  void whatCannotBeIsSaidAndChangesNothing() {
    String twice = house("#20a040", "#ff8080", TestHouses.colour("buoy", "#000000"));
    Answer refused = TestHouses.keep(SERVER, first, twice);
    assertEquals(422, refused.status());
    assertTrue(refused.detail().contains("two colours named \"buoy\""), refused.detail());
    assertEquals(
        422,
        TestHouses.keep(
                SERVER, first, house("#20a040", "#ff8080", "").replace(name, "x".repeat(1000)))
            .status());
    String foreign =
        withMark(
            RunningServer.JSON.readTree(
                "{\"file\":\"a.svg\",\"content\":\"" + "0".repeat(64) + "\"}"));
    assertTrue(
        TestHouses.keep(SERVER, first, foreign).detail().contains("not among those of the house"));
    Answer stale =
        SERVER.put(
            "/api/packages/" + first + "/house",
            "{\"basedOn\":0,\"house\":%s,\"keptOut\":[]}"
                .formatted(house("#20a040", "#ff8080", "")));
    assertEquals(409, stale.status());
    Answer staleLook =
        SERVER.post(
            "/api/packages/" + first + "/house/touched",
            "{\"basedOn\":0,\"house\":%s}".formatted(house("#20a040", "#ff8080", "")));
    assertEquals(409, staleLook.status(), "nobody is shown what another's change would undo");
    long third = newPackage("Third");
    Answer taken = TestHouses.keep(SERVER, third, house("#20a040", "#ff8080", ""));
    assertEquals(422, taken.status());
    assertTrue(taken.detail().contains("named \"" + name), taken.detail());
    post("/api/packages/" + third + "/house/undone", 422);
    assertEquals(
        422,
        SERVER
            .upload("/api/packages/" + first + "/house/pictures", "bug.svg", new byte[] {1, 2, 3})
            .status());
    assertEquals(
        "#d02020", followed(first).path("house").path("colours").get(0).path("light").asString());
  }
}
