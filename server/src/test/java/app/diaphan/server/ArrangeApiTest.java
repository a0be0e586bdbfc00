package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import app.diaphan.server.store.Aging;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.sql.Connection;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Arranging, pasting and what else Compose asks the server for. */
class ArrangeApiTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();
  private long packageId;

  @BeforeEach
  void newPackage() {
    packageId = newPackage("Lantern Reach Regatta");
  }

  private static long newPackage(String name) {
    return SERVER
        .post("/api/packages", "{\"name\":\"%s\"}".formatted(name))
        .body()
        .path("id")
        .asLong();
  }

  private Answer arrange(String chosen, String arrangement) {
    return SERVER.post(
        "/api/packages/" + packageId + "/arranged",
        "{\"overlay\":%s,\"chosen\":%s,\"arrangement\":%s}"
            .formatted(TestOverlays.lowerThird("Ysolde"), chosen, arrangement));
  }

  @Test
  void anArrangementComesBackAsADocumentAndNothingIsSaved() {
    Answer grouped = arrange("[\"name\",\"plate\"]", "{\"kind\":\"group\",\"name\":\"Both\"}");
    assertEquals(200, grouped.status(), () -> grouped.body().toString());
    JsonNode stack = grouped.body().path("overlay").path("stack");
    assertEquals(1, stack.size());
    assertEquals("group", stack.get(0).path("kind").asString());
    assertEquals(2, stack.get(0).path("stack").size());
    assertEquals(
        stack.get(0).path("id").asString(), grouped.body().path("chosen").get(0).asString());
    assertEquals(0, SERVER.get("/api/packages/" + packageId + "/overlays").body().size());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{\"kind\":\"move\",\"right\":1e9,\"down\":0}",
        "{\"kind\":\"fly\"}",
        "{\"kind\":\"space\",\"direction\":\"ACROSS\",\"against\":\"CHOSEN\"}",
        "{\"kind\":\"ungroup\"}",
        "{\"kind\":\"size\",\"across\":0,\"down\":1,\"x\":0,\"y\":0}",
        "{\"kind\":\"rehang\",\"hook\":{\"kind\":\"piece\",\"piece\":\"name\"},"
            + "\"point\":\"TOP\",\"own\":\"TOP\"}"
      })
  void whatMakesNoSenseIsAnsweredInASentence(String arrangement) {
    Answer refused = arrange("[\"name\"]", arrangement);
    assertEquals(422, refused.status(), () -> refused.body().toString());
    assertTrue(refused.detail().length() > 20, refused.detail());
  }

  @Test
  void piecesThatAreGoneAreNamed() {
    Answer refused = arrange("[\"gone\"]", "{\"kind\":\"move\",\"right\":1,\"down\":0}");
    assertTrue(refused.detail().contains("gone"), refused.detail());
  }

  @Test
  void pastedPiecesBringTheirPicturesFromTheOtherPackage() throws IOException {
    long from = newPackage("Tern Holm");
    SERVER.upload("/api/packages/" + from + "/pictures", "pennant.png", picture(0x224466));
    // Another picture of that name is here already.
    SERVER.upload("/api/packages/" + packageId + "/pictures", "pennant.png", picture(0x990000));
    String piece =
        """
        {"kind":"picture","id":"p","name":"Pennant","shown":true,"locked":false,
         "place":{"hook":{"kind":"frame","area":"FRAME"},"point":"CENTRE","own":"CENTRE",
                  "right":0,"down":0,"turn":0,"mirrored":false},
         "picture":"pennant.png","page":1,"cutOut":{"kind":"none"},"tint":{"kind":"own"},"crop":{"left":0,"top":0,"right":0,"bottom":0},"fit":"CONTAIN",
         "width":30,"height":20,
         "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},"slots":[]}""";
    Answer pasted =
        SERVER.post(
            "/api/packages/" + packageId + "/pasted",
            """
            {"overlay":%s,"from":%d,
             "paste":{"kind":"paste","pieces":[%s],"lines":90,"right":0,"down":0}}"""
                .formatted(TestOverlays.lowerThird("a"), from, piece));
    assertEquals(200, pasted.status(), () -> pasted.body().toString());
    JsonNode front = pasted.body().path("overlay").path("stack").get(0);
    assertEquals(60, front.path("width").asDouble(), "the frame has twice as many lines");
    assertEquals("pennant (2).png", front.path("picture").asString());
    assertEquals(2, SERVER.get("/api/packages/" + packageId + "/pictures").body().size());
  }

  private static byte[] picture(int colour) throws IOException {
    BufferedImage image = new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB);
    image.setRGB(4, 4, colour);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  @Test
  void theHouseStyleIsKeptAndGoesOutWithTheBundle() {
    String path = "/api/packages/" + packageId + "/house";
    assertEquals(0, SERVER.get(path).body().path("house").path("colours").size());
    String house =
        TestHouses.of(
            TestHouses.colour("Lamp", "#f0a93f"),
            "{\"unit\":\"UNITS\",\"left\":40,\"top\":20,\"right\":40,\"bottom\":60}",
            "");
    assertEquals(200, TestHouses.keep(SERVER, packageId, house).status());
    SERVER.restart();
    JsonNode kept = SERVER.get(path).body().path("house");
    assertEquals("Lamp", kept.path("colours").get(0).path("name").asString());
    byte[] bundle = SERVER.get("/api/packages/" + packageId + "/bundle.zip").raw().body();
    Answer in = SERVER.upload("/api/packages/bundle", "again.zip", bundle);
    JsonNode again = SERVER.get("/api/packages/" + in.body().path("id").asLong() + "/house").body();
    assertEquals(60, again.path("house").path("ownMargin").path("bottom").asDouble());
    assertEquals(
        422, TestHouses.keep(SERVER, packageId, house.replace("\"Lamp\"", "\" \"")).status());
    assertEquals(
        422, TestHouses.keep(SERVER, packageId, house.replace("#f0a93f", "amber")).status());
  }

  @Test
  void oldRevisionsAreThinnedOutButForTheNewestAndThoseWithANameOrAFile() throws Exception {
    long id =
        SERVER
            .post("/api/packages/" + packageId + "/overlays", TestOverlays.lowerThird("Skipper"))
            .body()
            .path("id")
            .asLong();
    String path = "/api/overlays/" + id;
    for (int revision = 1; revision < 6; revision++) {
      SERVER.put(
          path,
          "{\"basedOn\":%d,\"overlay\":%s}"
              .formatted(revision, TestOverlays.lowerThird("Skipper " + revision)));
    }
    SERVER.put(path + "/revisions/2/name", "{\"name\":\"As approved\"}");
    try (Connection connection = SERVER.bean(DataSource.class).getConnection();
        Statement statement = connection.createStatement()) {
      statement.execute(
          "update overlay_revision set saved_at = dateadd(second, number, timestamp with time zone"
              + " '2026-01-01 12:00:00+00') where overlay_id = "
              + id);
      statement.execute(
          "insert into delivery (overlay_id, package_id, overlay_name, revision, target, file_name,"
              + " path, state, sentence, started_at) select id, package_id, name, 4, '', '', '',"
              + " 'FAILED', '', current_timestamp from overlay where id = "
              + id);
    }
    SERVER.bean(Aging.class).look();
    List<Integer> left = new ArrayList<>();
    SERVER.get(path + "/revisions").body().forEach(one -> left.add(one.path("number").asInt()));
    assertEquals(List.of(6, 4, 2), left);
    assertEquals(200, SERVER.get(path + "/revisions/4").status());
  }

  @Test
  void revisionsAreNamedAndReadAgain() {
    long id =
        SERVER
            .post("/api/packages/" + packageId + "/overlays", TestOverlays.lowerThird("First"))
            .body()
            .path("id")
            .asLong();
    String path = "/api/overlays/" + id;
    SERVER.put(path, "{\"basedOn\":1,\"overlay\":%s}".formatted(TestOverlays.lowerThird("Second")));
    assertEquals(
        "As approved",
        SERVER
            .put(path + "/revisions/1/name", "{\"name\":\"As approved\"}")
            .body()
            .path("name")
            .asString());
    assertEquals(
        "First",
        SERVER
            .get(path + "/revisions/1")
            .body()
            .path("stack")
            .get(0)
            .path("runs")
            .get(0)
            .path("words")
            .asString());
    JsonNode all = SERVER.get(path + "/revisions").body();
    assertEquals("", all.get(0).path("name").asString());
    assertEquals("As approved", all.get(1).path("name").asString());
    assertEquals(404, SERVER.get(path + "/revisions/9").status());
    assertEquals(
        422,
        SERVER
            .put(path + "/revisions/1/name", "{\"name\":\"%s\"}".formatted("x".repeat(121)))
            .status());
  }

  @Test
  void contrastIsThatOfTheWordsAgainstWhatLiesBeneath() {
    String asked = "{\"overlay\":%s,\"piece\":\"%s\",\"colour\":\"#ffffff\"}";
    JsonNode words =
        SERVER
            .post(
                "/api/packages/" + packageId + "/contrast",
                asked.formatted(TestOverlays.lowerThird("Ysolde"), "name"))
            .body();
    assertEquals("#124b5c", words.path("beneath").asString());
    // WCAG 2.2 of white on #124b5c by the formula of the recommendation.
    assertEquals(9.60, words.path("ratio").asDouble(), 0.01);
    JsonNode plate =
        SERVER
            .post(
                "/api/packages/" + packageId + "/contrast",
                asked.formatted(TestOverlays.lowerThird("Ysolde"), "plate"))
            .body();
    assertEquals(0, plate.path("ratio").asDouble(), "nothing lies behind the plate");
  }

  @Test
  void drawingsSayWhereThingsAre() {
    JsonNode drawing =
        SERVER
            .post(
                "/api/packages/" + packageId + "/drawings",
                "{\"overlay\":%s,\"scale\":1,\"editing\":\"name\",\"row\":0}"
                    .formatted(TestOverlays.lowerThird("Ysolde")))
            .body();
    JsonNode name = drawing.path("pieces").get(0);
    assertEquals(
        4 * 7, name.path("carets").size(), "a caret before each letter and behind the last");
    assertEquals(4, name.path("baselines").size());
    assertEquals(0, drawing.path("pieces").get(1).path("carets").size());
    // It hangs 10 right and 8 up from the bottom left of an area of 6 % in.
    JsonNode thread = name.path("thread");
    assertEquals(19.2, thread.get(2).asDouble(), 1e-6);
    assertEquals(169.2, thread.get(3).asDouble(), 1e-6);
    assertEquals(29.2, thread.get(0).asDouble(), 1e-6);
    assertEquals(161.2, thread.get(1).asDouble(), 1e-6);
  }

  @Test
  void fontsShowThemselves() throws IOException {
    long graphics =
        SERVER.post("/api/packages", "{\"name\":\"Letters\"}").body().path("id").asLong();
    String path = "/api/packages/" + graphics + "/fonts";
    boolean small = false;
    for (JsonNode font : SERVER.get(path).body()) {
      small |= font.path("features").toString().contains("\"smcp\"");
      byte[] png =
          SERVER
              .get(
                  path
                      + "/sample.png?weight=500&words=Regatta&family="
                      + font.path("name").asString().replace(" ", "%20"))
              .raw()
              .body();
      assertEquals(440, ImageIO.read(new ByteArrayInputStream(png)).getWidth());
    }
    assertTrue(small);
    assertEquals(422, SERVER.get(path + "/sample.png?weight=500&words=a&family=Nowhere").status());
  }

  @Test
  void aDocumentOfTheFirstVersionIsReadAsItWasMeant() {
    JsonNode old =
        SERVER
            .upload("/api/packages/bundle", "old.zip", TestOverlays.bundleOfVersion1("Ysolde"))
            .body();
    JsonNode overlay =
        SERVER
            .get("/api/packages/" + old.path("id").asLong() + "/overlays")
            .body()
            .get(0)
            .path("overlay");
    assertEquals(
        RunningServer.JSON.readTree(TestOverlays.lowerThird("Ysolde")).toString(),
        overlay.toString().replaceAll("(\\d)\\.0(?=\\D)", "$1"));
  }

  @Test
  void aDocumentOfTheSecondVersionKeepsItsLook() {
    byte[] bundle =
        TestOverlays.bundle(
            """
            {"format":"diaphan-package","version":2,"name":"Old","house":{"colours":[],
             "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0}},
             "overlays":["a.json"],"clips":[]}""",
            TestOverlays.ofVersion2("Ysolde"));
    long id = SERVER.upload("/api/packages/bundle", "old.zip", bundle).body().path("id").asLong();
    JsonNode stack =
        SERVER.get("/api/packages/" + id + "/overlays").body().get(0).path("overlay").path("stack");
    JsonNode finishes = stack.get(1).path("look").path("finishes");
    assertEquals("shadow", finishes.get(0).path("kind").asString());
    assertEquals("ROUND", finishes.get(1).path("corners").asString());
    assertEquals("flat", finishes.get(1).path("paint").path("kind").asString());
    assertEquals("#ffffff", finishes.get(1).path("paint").path("colour").asString());
    assertTrue(!finishes.get(1).has("colour"));
    JsonNode group = stack.get(2);
    assertEquals(0.5, group.path("look").path("overallOpacity").asDouble());
    assertEquals(1, group.path("look").path("faceOpacity").asDouble());
    assertEquals("AS_ONE", group.path("finishing").asString());
    assertEquals(0.2, group.path("stack").get(0).path("look").path("faceOpacity").asDouble());
    assertEquals(
        0,
        SERVER
            .get("/api/packages/" + id + "/house")
            .body()
            .path("house")
            .path("finishSets")
            .size());
  }

  @Test
  void aPictureOfTheThirdVersionIsNotCutOut() {
    String piece =
        """
        {"kind":"picture","id":"p","name":"Pennant","shown":true,"locked":false,
         "place":{"hook":{"kind":"frame","area":"FRAME"},"point":"CENTRE","own":"CENTRE",
                  "right":0,"down":0,"turn":0,"mirrored":false},
         "picture":"pennant.png","crop":{"left":0,"top":0,"right":0,"bottom":0},"fit":"CONTAIN",
         "width":30,"height":20,
         "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"}}""";
    String present = TestOverlays.lowerThird("Ysolde");
    byte[] bundle =
        TestOverlays.bundle(
            """
            {"format":"diaphan-package","version":3,"name":"Old","house":{"colours":[],
             "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
             "finishSets":[]},"overlays":["a.json"],"clips":[]}""",
            present.replaceFirst("\"stack\"\\s*:\\s*\\[", "\"stack\":[" + piece + ","));
    long id = SERVER.upload("/api/packages/bundle", "old.zip", bundle).body().path("id").asLong();
    JsonNode picture =
        SERVER
            .get("/api/packages/" + id + "/overlays")
            .body()
            .get(0)
            .path("overlay")
            .path("stack")
            .get(0);
    assertEquals("pennant.png", picture.path("picture").asString());
    assertEquals("none", picture.path("cutOut").path("kind").asString());
    assertEquals("own", picture.path("tint").path("kind").asString());
  }

  /** Its ground was white or black, and shadows were as solid as all else. */
  @Test
  void cutOutsOfTheEleventhVersionMeanTheSame() {
    JsonNode black =
        cutOutOfVersion11(
            "{\"kind\":\"brightness\",\"ground\":\"BLACK\",\"low\":0,\"high\":1,\"curve\":1,"
                + "\"edge\":{\"grow\":0,\"soften\":0,\"pinholes\":0,\"specks\":0}}");
    assertEquals("colour", black.path("ground").path("kind").asString());
    assertEquals("#000000", black.path("ground").path("colour").asString());
    JsonNode solid =
        cutOutOfVersion11(
            "{\"kind\":\"colour\",\"ground\":{\"kind\":\"border\"},\"tolerance\":0.1,\"softness\":2,"
                + "\"reach\":\"EVERYWHERE\","
                + "\"edge\":{\"grow\":0,\"soften\":0,\"pinholes\":0,\"specks\":0}}");
    assertEquals("SOLID", solid.path("softParts").asString());
    assertEquals("border", solid.path("ground").path("kind").asString());
  }

  private static JsonNode cutOutOfVersion11(String cutOut) {
    String piece =
        """
        {"kind":"picture","id":"p","name":"Pennant","shown":true,"locked":false,
         "place":{"hook":{"kind":"frame","area":"FRAME"},"point":"CENTRE","own":"CENTRE",
                  "right":0,"down":0,"turn":0,"mirrored":false},
         "picture":"pennant.png","page":1,"cutOut":%s,"tint":{"kind":"own"},
         "crop":{"left":0,"top":0,"right":0,"bottom":0},"fit":"CONTAIN","width":30,"height":20,
         "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},
         "slots":[]}"""
            .formatted(cutOut);
    byte[] bundle =
        TestOverlays.bundle(
            """
            {"format":"diaphan-package","version":3,"name":"Old","house":{"colours":[],
             "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
             "finishSets":[]},"overlays":["a.json"],"clips":[]}""",
            TestOverlays.lowerThird("Ysolde")
                .replaceFirst("\"stack\"\\s*:\\s*\\[", "\"stack\":[" + piece + ","));
    Answer answer = SERVER.upload("/api/packages/bundle", "old.zip", bundle);
    assertEquals(200, answer.status() / 100 * 100, answer::detail);
    return SERVER
        .get("/api/packages/" + answer.body().path("id").asLong() + "/overlays")
        .body()
        .get(0)
        .path("overlay")
        .path("stack")
        .get(0)
        .path("cutOut");
  }
}
