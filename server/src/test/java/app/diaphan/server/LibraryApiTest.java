package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The library of a house through real requests: originals, copies of them, changes and files. */
class LibraryApiTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();
  private static final String SQUARE =
      "<svg xmlns='http://www.w3.org/2000/svg' width='40' height='40'><path d='M0 0H40V40H0z' fill='%s'/></svg>";

  private long first;
  private long second;

  @BeforeEach
  void twoPackagesOfOneHouse() {
    first = newPackage("Regatta");
    second = newPackage("Saltlight");
    post(
        "/api/packages/" + first + "/house", "{\"name\":\"House " + UUID.randomUUID() + "\"}", 201);
    Answer followed =
        SERVER.put(
            "/api/packages/" + second + "/house/followed",
            "{\"house\":%s,\"keptOut\":[]}".formatted(house(first).path("id")));
    assertEquals(200, followed.status());
  }

  private static long newPackage(String called) {
    return post("/api/packages", "{\"name\":\"" + called + "\"}", 201).path("id").asLong();
  }

  private static JsonNode post(String path, String body, int status) {
    Answer answer = SERVER.post(path, body);
    assertEquals(status, answer.status(), () -> path + ": " + answer.body());
    return answer.body();
  }

  private static JsonNode house(long packageId) {
    return SERVER.get("/api/packages/" + packageId + "/house").body();
  }

  private static String library(long packageId) {
    return "/api/packages/" + packageId + "/house/originals";
  }

  private static void keepHouse(long packageId, JsonNode house, Object... keptOut) {
    Answer kept = TestHouses.keep(SERVER, packageId, house.toString(), keptOut);
    assertEquals(200, kept.status(), () -> kept.body().toString());
  }

  private static long saved(long packageId, JsonNode overlay) {
    return post("/api/packages/" + packageId + "/overlays", overlay.toString(), 201)
        .path("id")
        .asLong();
  }

  private static JsonNode overlay(long id) {
    return SERVER.get("/api/overlays/" + id).body().path("overlay");
  }

  private static void save(long id, JsonNode overlay) {
    JsonNode now = SERVER.get("/api/overlays/" + id).body();
    Answer saved =
        SERVER.put(
            "/api/overlays/" + id,
            "{\"basedOn\":%s,\"overlay\":%s}".formatted(now.path("revision"), overlay));
    assertEquals(200, saved.status(), () -> saved.body().toString());
  }

  private static ObjectNode read(String overlay, String name) {
    return ((ObjectNode) RunningServer.JSON.readTree(overlay)).put("name", name);
  }

  private static JsonNode made(long packageId, JsonNode overlay, String name, String... chosen) {
    return post(library(packageId) + "/made", toMake(overlay, name, chosen), 200);
  }

  private static String toMake(JsonNode overlay, String name, String... chosen) {
    return "{\"overlay\":%s,\"chosen\":%s,\"name\":%s}"
        .formatted(
            overlay,
            RunningServer.JSON.writeValueAsString(chosen),
            RunningServer.JSON.writeValueAsString(name));
  }

  private static JsonNode laid(
      long packageId, JsonNode overlay, String original, boolean followed) {
    return post(
        library(packageId) + "/laid",
        "{\"overlay\":%s,\"original\":\"%s\",\"followed\":%s,\"right\":10,\"down\":-20}"
            .formatted(overlay, original, followed),
        200);
  }

  private static JsonNode touched(long packageId, JsonNode house) {
    return post(
        "/api/packages/" + packageId + "/house/touched",
        "{\"basedOn\":%s,\"house\":%s}".formatted(house(packageId).path("revision"), house),
        200);
  }

  /** Keeps the lower third of a saved overlay as an original, which it follows from then on. */
  private long kept(String name) {
    long id = saved(first, read(TestOverlays.lowerThird("Ysolde", 320, 180), "Where it was made"));
    JsonNode made = made(first, overlay(id), name, "name", "plate");
    keepHouse(first, made.path("house"));
    save(id, made.path("arranged").path("overlay"));
    return id;
  }

  private static JsonNode part(JsonNode overlay, String kind) {
    return overlay
        .path("stack")
        .get(0)
        .path("stack")
        .valueStream()
        .filter(piece -> piece.path("kind").asString().equals(kind))
        .findFirst()
        .orElseThrow();
  }

  private static ObjectNode painted(JsonNode overlay, String colour) {
    ObjectNode other = (ObjectNode) overlay.deepCopy();
    ((ObjectNode) part(other, "plate").path("paint")).put("colour", colour);
    return other;
  }

  private static ObjectNode saying(JsonNode overlay, String words) {
    ObjectNode other = (ObjectNode) overlay.deepCopy();
    ((ObjectNode) part(other, "text").path("runs").get(0)).put("words", words);
    return other;
  }

  private static String colour(long overlay) {
    return part(overlay(overlay), "plate").path("paint").path("colour").asString();
  }

  private static String words(long overlay) {
    return part(overlay(overlay), "text").path("runs").get(0).path("words").asString();
  }

  @Test
  void aChangeOfAnOriginalIsOfferedToItsCopiesInAllPackages() {
    long source = kept("Speaker");
    JsonNode lines = SERVER.get(library(second)).body();
    assertEquals("Speaker", lines.get(0).path("name").asString());
    assertTrue(lines.get(0).path("words").asString().contains("Ysolde"), lines::toString);
    assertEquals(List.of("Where it was made"), names(lines.get(0).path("overlays")));

    JsonNode empty = read(TestOverlays.empty(640, 360), "Harbour");
    JsonNode laid = laid(second, empty, "Speaker", true);
    assertEquals(
        2, laid.path("overlay").path("stack").get(0).path("scale").asInt(), "by the frame");
    long copy = saved(second, saying(laid.path("overlay"), "Tam Garrow"));
    long out = saved(second, saying(laid.path("overlay"), "Bo Hale").put("name", "Kept out"));
    JsonNode standing =
        post(library(second) + "/standings", "{\"overlay\":%s}".formatted(overlay(copy)), 200);
    assertEquals("its words", standing.get(0).path("own").get(0).path("what").asString());
    assertEquals(1, standing.get(0).path("own").size(), standing::toString);

    JsonNode own = painted(saying(overlay(source), "Maud Ferris"), "#c02020");
    save(source, own);
    JsonNode made =
        made(first, own, "speaker", own.path("stack").get(0).path("id").asString()).path("house");
    assertEquals(1, made.path("originals").size(), "the one of that name is given another state");
    JsonNode touched = touched(first, made);
    assertEquals(
        List.of("Harbour", "Kept out"),
        touched.valueStream().map(one -> one.path("name").asString()).toList());
    assertEquals("#124b5c", colour(copy), "nothing is changed yet");
    keepHouse(first, made, out);
    assertEquals("#c02020", colour(copy));
    assertEquals("Tam Garrow", words(copy), "words of its own stay");
    assertEquals("#124b5c", colour(out));
    assertEquals("original", overlay(out).path("kept").get(0).path("kind").asString());
    assertEquals(
        List.of(),
        touched(first, made).valueStream().toList(),
        "the one that was kept out is passed by");

    post("/api/packages/" + first + "/house/undone", "{}", 200);
    assertEquals("#124b5c", colour(copy));
    assertEquals(0, overlay(out).path("kept").size());
    assertEquals("#c02020", colour(source), "what the copy had of its own is its own again");
    assertEquals("Maud Ferris", words(source));
    post("/api/packages/" + first + "/house/redone", "{}", 200);
    assertEquals("#c02020", colour(copy));
    assertEquals("#124b5c", colour(out));
  }

  private static List<String> names(JsonNode all) {
    return all.valueStream().map(JsonNode::asString).toList();
  }

  @Test
  void whatDoesNotFollowIsLaidAsItIsAndStaysSo() {
    kept("Speaker");
    JsonNode empty = read(TestOverlays.empty(320, 180), "Harbour");
    JsonNode group = laid(first, empty, "Speaker", false).path("overlay").path("stack").get(0);
    assertEquals("nothing", group.path("copyOf").path("kind").asString());
    // One piece by itself is no group where it is laid without following.
    JsonNode one = read(TestOverlays.lowerThird("Ysolde", 320, 180), "One");
    keepHouse(first, made(first, one, "Just a name", "name").path("house"));
    JsonNode text = laid(first, empty, "Just a name", false).path("overlay").path("stack");
    assertEquals(1, text.size());
    assertEquals("text", text.get(0).path("kind").asString());
    JsonNode followed =
        laid(first, empty, "Just a name", true).path("overlay").path("stack").get(0);
    assertEquals("original", followed.path("copyOf").path("kind").asString());
  }

  /** A square of a picture in the middle of a frame. */
  private static ObjectNode showing(String picture, String name) {
    return read(
        """
        {"name":"","frame":%s,"forTargets":[],"dress":"LIGHT","kept":[],"stack":[
         {"kind":"picture","id":"p","name":"Square","shown":true,"locked":false,
          "place":{"hook":{"kind":"frame","area":"FRAME"},"point":"CENTRE","own":"CENTRE",
                   "right":0,"down":0,"turn":0,"mirrored":false},
          "picture":"%s","page":1,"cutOut":{"kind":"none"},"tint":{"kind":"own"},
          "crop":{"left":0,"top":0,"right":0,"bottom":0},"fit":"CONTAIN","width":40,"height":40,
          "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},
          "slots":[]}]}"""
            .formatted(TestOverlays.frame(320, 180), picture),
        name);
  }

  private static String addPicture(long packageId, String file, String colour) {
    Answer added =
        SERVER.upload(
            "/api/packages/" + packageId + "/pictures",
            file,
            SQUARE.formatted(colour).getBytes(StandardCharsets.UTF_8));
    assertEquals(201, added.status(), () -> added.body().toString());
    return added.body().path("name").asString();
  }

  private static BufferedImage picture(String address) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(SERVER.get(address).raw().body()));
  }

  /** The colour of what is drawn in the middle of an overlay that is saved. */
  private static int drawn(long overlay) throws IOException {
    BufferedImage image = picture("/api/overlays/" + overlay + "/picture.png");
    return image.getRGB(image.getWidth() / 2, image.getHeight() / 2) & 0xffffff;
  }

  @Test
  void picturesOfOriginalsAreTakenAlongUnderNamesThatAreFree() throws IOException {
    addPicture(first, "square.svg", "#d02020");
    addPicture(second, "square.svg", "#20a040");
    long source = saved(first, showing("square.svg", "Source"));
    JsonNode made = made(first, overlay(source), "Square", "p");
    keepHouse(first, made.path("house"));
    JsonNode laid = laid(second, read(TestOverlays.empty(320, 180), "Copy"), "Square", true);
    ObjectNode middle = (ObjectNode) laid.path("overlay").deepCopy();
    ((ObjectNode) middle.path("stack").get(0).path("place")).put("right", 0).put("down", 0);
    long copy = saved(second, middle);
    assertEquals("square (2).svg", part(overlay(copy), "picture").path("picture").asString());
    assertEquals(0xd02020, drawn(copy));
    assertEquals(
        0xd02020, picture(library(second) + "/picture.png?name=Square").getRGB(40, 40) & 0xffffff);

    addPicture(first, "other.svg", "#2030d0");
    JsonNode other = made(first, showing("other.svg", "Other"), "Square", "p").path("house");
    assertEquals(2, touchedOrFollowing(other, source));
    JsonNode look =
        post(
            "/api/packages/" + second + "/house/looks",
            "{\"house\":%s,\"overlay\":%d,\"row\":0}".formatted(other, copy),
            200);
    BufferedImage after = picture(look.path("after").asString());
    assertEquals(0x2030d0, after.getRGB(after.getWidth() / 2, after.getHeight() / 2) & 0xffffff);
    keepHouse(first, other);
    assertEquals(0x2030d0, drawn(copy));
    post("/api/packages/" + second + "/house/undone", "{}", 200);
    assertEquals(0xd02020, drawn(copy));
  }

  /** How many overlays a change touches once the source follows the original too. */
  private int touchedOrFollowing(JsonNode house, long source) {
    JsonNode following = made(first, overlay(source), "Square", "p").path("arranged");
    save(source, following.path("overlay"));
    return touched(first, house).size();
  }

  @Test
  void aMarkInAnOriginalIsReplacedInItsCopiesAndKeptWhereTheyAreKeptOut() throws IOException {
    keepHouse(first, withMark(mark("bug.svg", "#d02020")));
    long source = saved(first, showing(takenMark(first), "Source"));
    JsonNode made = made(first, overlay(source), "Corner", "p");
    keepHouse(first, made.path("house"));
    save(source, made.path("arranged").path("overlay"));
    JsonNode laid =
        post(
                library(second) + "/laid",
                "{\"overlay\":%s,\"original\":\"Corner\",\"followed\":true,\"right\":0,\"down\":0}"
                    .formatted(read(TestOverlays.empty(320, 180), "Copy")),
                200)
            .path("overlay");
    long along = saved(second, laid);
    long out = saved(second, ((ObjectNode) laid.deepCopy()).put("name", "Out"));
    JsonNode blue = withMark(mark("bug-new.svg", "#2030d0"));
    assertEquals(3, touched(first, blue).size());
    keepHouse(first, blue, out);
    assertEquals(0x2030d0, drawn(source));
    assertEquals(0x2030d0, drawn(along));
    assertEquals(0xd02020, drawn(out));
    assertEquals(
        0x2030d0, picture(library(first) + "/picture.png?name=Corner").getRGB(40, 40) & 0xffffff);
    post("/api/packages/" + first + "/house/undone", "{}", 200);
    assertEquals(0xd02020, drawn(along));
    assertEquals(0xd02020, drawn(out));
    assertEquals(0, overlay(out).path("kept").size());
  }

  private String mark(String file, String colour) {
    Answer added =
        SERVER.upload(
            "/api/packages/" + first + "/house/pictures",
            file,
            SQUARE.formatted(colour).getBytes(StandardCharsets.UTF_8));
    return """
        {"name":"Bug","formerly":[],"picture":%s,"clearSpace":0.5,"leastHeight":4,
         "colours":{"kind":"any"}}"""
        .formatted(added.body());
  }

  private JsonNode withMark(String mark) {
    ObjectNode house = (ObjectNode) house(first).path("house").deepCopy();
    house.putArray("marks").add(RunningServer.JSON.readTree(mark));
    return house;
  }

  private static String takenMark(long packageId) {
    return post("/api/packages/" + packageId + "/house/taken", "{\"name\":\"Bug\"}", 201)
        .path("name")
        .asString();
  }

  @Test
  void originalsGoOutAndComeInWithTheirHouseAndTheirPictures() throws IOException {
    addPicture(first, "square.svg", "#d02020");
    long source = saved(first, showing("square.svg", "Source"));
    JsonNode made = made(first, overlay(source), "Square", "p");
    keepHouse(first, made.path("house"));
    save(source, made.path("arranged").path("overlay"));
    byte[] zip = SERVER.get("/api/packages/" + first + "/bundle.zip").raw().body();
    // Another server would have none of it; here its house is another one if it is not the same.
    ObjectNode other = (ObjectNode) house(first).path("house").deepCopy();
    other.put("name", "Other " + UUID.randomUUID());
    keepHouse(first, other);
    long back = SERVER.upload("/api/packages/bundle", "b.zip", zip).body().path("id").asLong();
    JsonNode overlays = SERVER.get("/api/packages/" + back + "/overlays").body();
    long copy = overlays.get(0).path("id").asLong();
    assertEquals(overlay(source), overlay(copy));
    assertEquals(0xd02020, drawn(copy));
    assertEquals("Square", SERVER.get(library(back)).body().get(0).path("name").asString());
    byte[] alone = SERVER.get("/api/packages/" + back + "/house.zip").raw().body();
    assertEquals(201, SERVER.upload("/api/houses", "house.zip", alone).status());
    // What is taken in follows like what was made here.
    addPicture(back, "other.svg", "#2030d0");
    keepHouse(back, made(back, showing("other.svg", "Other"), "Square", "p").path("house"));
    assertEquals(0x2030d0, drawn(copy));
    assertEquals(0xd02020, drawn(source));
  }

  @Test
  void whatCannotBeKeptOrLaidIsSaidInASentence() {
    long source = kept("Speaker");
    JsonNode overlay = overlay(source);
    String group = overlay.path("stack").get(0).path("id").asString();
    says(
        "would hold a copy of itself",
        SERVER.post(
            library(first) + "/made",
            toMake(
                laid(first, overlay, "Speaker", true).path("overlay"),
                "Speaker",
                group,
                "group-2")));
    says(
        "1 to 60",
        SERVER.post(library(first) + "/made", toMake(overlay, "long ".repeat(200), group)));
    says("name", SERVER.post(library(first) + "/made", toMake(overlay, "  ", group)));
    says("choose", SERVER.post(library(first) + "/made", toMake(overlay, "Nothing")));
    says("no piece", SERVER.post(library(first) + "/made", toMake(overlay, "Gone", "gone")));
    says(
        "no original \"Gone\"",
        SERVER.post(
            library(first) + "/laid",
            "{\"overlay\":%s,\"original\":\"Gone\",\"followed\":true,\"right\":0,\"down\":0}"
                .formatted(overlay)));
    long alone = newPackage("Alone");
    says("follows no house", SERVER.post(library(alone) + "/made", toMake(overlay, "A", group)));
    assertEquals(0, SERVER.get(library(alone)).body().size());
    assertEquals(1, house(first).path("house").path("originals").size());
  }

  private static void says(String words, Answer answer) {
    assertEquals(422, answer.status(), () -> answer.body().toString());
    assertTrue(answer.detail().contains(words), answer::detail);
  }

  @Test
  void aPictureOfTheShelfCanGoWithoutHarmToOriginals() throws IOException {
    addPicture(first, "square.svg", "#d02020");
    JsonNode made = made(first, showing("square.svg", "Source"), "Square", "p");
    keepHouse(first, made.path("house"));
    long picture =
        SERVER.get("/api/packages/" + first + "/pictures").body().get(0).path("id").asLong();
    assertEquals(204, SERVER.delete("/api/pictures/" + picture).status());
    JsonNode laid = laid(first, read(TestOverlays.empty(320, 180), "Copy"), "Square", true);
    long copy = saved(first, laid.path("overlay"));
    assertFalse(part(overlay(copy), "picture").path("picture").asString().isEmpty());
    assertEquals(1, SERVER.get("/api/packages/" + first + "/pictures").body().size());
  }

  @Test
  void aPictureThatWasReplacedByHandStaysInTheCopiesThatShowIt() throws IOException {
    addPicture(first, "square.svg", "#d02020");
    addPicture(second, "square.svg", "#20a040");
    keepHouse(first, made(first, showing("square.svg", "Source"), "Square", "p").path("house"));
    JsonNode laid =
        post(
                library(second) + "/laid",
                "{\"overlay\":%s,\"original\":\"Square\",\"followed\":true,\"right\":0,\"down\":0}"
                    .formatted(read(TestOverlays.empty(320, 180), "Copy")),
                200)
            .path("overlay");
    long copy = saved(second, laid);
    long taken =
        SERVER
            .get("/api/packages/" + second + "/pictures")
            .body()
            .valueStream()
            .filter(picture -> picture.path("name").asString().equals("square (2).svg"))
            .findFirst()
            .orElseThrow()
            .path("id")
            .asLong();
    byte[] blue = SQUARE.formatted("#2030d0").getBytes(StandardCharsets.UTF_8);
    assertEquals(
        200, SERVER.upload("PUT", "/api/pictures/" + taken, "square (2).svg", blue).status());
    assertEquals("square (2).svg", part(overlay(copy), "picture").path("picture").asString());
    assertEquals(0x2030d0, drawn(copy));
  }

  @Test
  void anOriginalIsRenamedAndTakenOutAndCopiesStay() {
    long source = kept("Speaker");
    ObjectNode renamed = (ObjectNode) house(first).path("house").deepCopy();
    ObjectNode original = (ObjectNode) renamed.path("originals").get(0);
    original.put("name", "Who speaks").putArray("formerly").add("Speaker");
    assertEquals(0, touched(first, renamed).size(), "a name is no look");
    keepHouse(first, renamed);
    JsonNode lines = SERVER.get(library(first)).body();
    assertEquals("Who speaks", lines.get(0).path("name").asString());
    assertEquals(1, lines.get(0).path("overlays").size());
    ObjectNode without = (ObjectNode) house(first).path("house").deepCopy();
    without.putArray("originals");
    assertEquals(0, touched(first, without).size());
    keepHouse(first, without);
    assertEquals("#124b5c", colour(source));
    JsonNode standing =
        post(library(first) + "/standings", "{\"overlay\":%s}".formatted(overlay(source)), 200);
    assertFalse(standing.get(0).path("there").asBoolean(), standing::toString);
  }
}
