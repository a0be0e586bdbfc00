package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.code.Correction;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.server.RunningServer.Answer;
import app.diaphan.server.json.DocumentJson;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class ApiTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();
  private long packageId;

  @BeforeEach
  void newPackage() {
    Answer made = SERVER.post("/api/packages", "{\"name\":\"Lantern Reach Regatta\"}");
    assertEquals(201, made.status());
    packageId = made.body().path("id").asLong();
  }

  private JsonNode add(String overlay) {
    Answer added = SERVER.post("/api/packages/" + packageId + "/overlays", overlay);
    assertEquals(201, added.status(), () -> added.body().toString());
    return added.body();
  }

  private static String save(int basedOn, String overlay) {
    return "{\"basedOn\":%d,\"overlay\":%s}".formatted(basedOn, overlay);
  }

  @Test
  void everySaveIsKeptAndAStaleOneChangesNothing() {
    JsonNode saved = add(TestOverlays.lowerThird("Ysolde"));
    String path = "/api/overlays/" + saved.path("id").asLong();
    assertEquals(1, saved.path("revision").asInt());
    Answer second = SERVER.put(path, save(1, TestOverlays.lowerThird("Bram")));
    assertEquals(2, second.body().path("revision").asInt());
    Answer stale = SERVER.put(path, save(1, TestOverlays.lowerThird("Too late")));
    assertEquals(409, stale.status());
    assertTrue(stale.detail().contains("Lower third"), stale.detail());
    JsonNode now = SERVER.get(path).body();
    assertEquals(
        "Bram",
        now.path("overlay").path("stack").get(0).path("runs").get(0).path("words").asString());
    assertEquals(2, SERVER.get(path + "/revisions").body().size());
  }

  @Test
  void aRestartLosesNothing() {
    JsonNode saved = add(TestOverlays.lowerThird("Still here"));
    SERVER.restart();
    JsonNode now = SERVER.get("/api/overlays/" + saved.path("id").asLong()).body();
    assertEquals(saved.path("overlay"), now.path("overlay"));
  }

  @ParameterizedTest
  @CsvSource({"0,100", "100,20000", "\"abc\",100", "-1,100", "100,1e9"})
  void impossibleFramesAreRefusedInASentence(String width, String height) {
    Answer refused =
        SERVER.post("/api/packages/" + packageId + "/overlays", TestOverlays.empty(width, height));
    assertEquals(422, refused.status());
    assertTrue(refused.detail().endsWith(".") || refused.detail().contains("abc"));
    assertEquals(0, SERVER.get("/api/packages/" + packageId + "/overlays").body().size());
  }

  @Test
  void unknownMissingAndWrongFieldsAreNamed() {
    String path = "/api/packages/" + packageId + "/overlays";
    String good = TestOverlays.lowerThird("a");
    assertTrue(
        SERVER
            .post(path, good.replace("\"shown\"", "\"glow\":1,\"shown\""))
            .detail()
            .contains("glow"));
    assertTrue(SERVER.post(path, good.replace("\"shown\":true,", "")).detail().contains("shown"));
    assertTrue(SERVER.post(path, good.replace("#124b5c", "teal")).detail().contains("teal"));
    assertTrue(SERVER.post(path, good.substring(9)).status() == 422);
  }

  @Test
  void awkwardWordsAreDrawnAndReportedOn() {
    for (String words :
        new String[] {
          "x".repeat(5000), "Regatta 🚤", "Race سباق 2", "a\u0000b\u0007c", "", "अनु\nनور"
        }) {
      Answer drawn = draw(TestOverlays.lowerThird(words), 0.5);
      assertEquals(200, drawn.status(), () -> drawn.body().toString());
      assertEquals(words.contains("🚤") ? 1 : 0, drawn.body().path("troubles").size());
    }
    Answer refused = draw(TestOverlays.lowerThird("x".repeat(5001)), 0.5);
    assertEquals(422, refused.status());
    assertTrue(refused.detail().contains("5001"), refused.detail());
  }

  /** "osier" makes 21 modules, 29 with the rim, whatever the drawing's scale and the group's. */
  @Test
  void aCodeTellsItsModulesAsTheFrameHasThem() {
    Place inGroup =
        new Place(new Hook.OfGroup(), PinPoint.TOP_LEFT, PinPoint.TOP_LEFT, 0, 0, 30, false);
    CodePiece code =
        new CodePiece(
            "code",
            "Code",
            true,
            false,
            inGroup,
            "osier",
            Correction.M,
            58,
            4,
            Colour.parse("#14181c"),
            new Paint.Flat(Colour.WHITE),
            Look.PLAIN,
            List.of());
    GroupPiece group =
        new GroupPiece(
            "group",
            "Group",
            true,
            false,
            Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0),
            1.5,
            Look.PLAIN,
            GroupPiece.Finishing.AS_ONE,
            List.of(code));
    Overlay overlay = new Overlay("Code", Frame.of(320, 180), List.of(group));
    for (double scale : new double[] {0.5, 1}) {
      Answer drawn = draw(DocumentJson.write(overlay), scale);
      assertEquals(200, drawn.status(), () -> drawn.body().toString());
      assertEquals(
          "21 × 21 modules, each 3.00 px wide on this frame.",
          drawn.body().path("pieces").path(1).path("note").asString());
    }
  }

  private Answer draw(String overlay, double scale) {
    return SERVER.post(
        "/api/packages/" + packageId + "/drawings",
        "{\"overlay\":%s,\"scale\":%s,\"editing\":\"\",\"row\":0}".formatted(overlay, scale));
  }

  @Test
  void onlyWhatChangedIsDrawnAnew() throws IOException {
    JsonNode first = draw(TestOverlays.lowerThird("One"), 1).body();
    JsonNode second = draw(TestOverlays.lowerThird("Two"), 1).body();
    assertNotEquals(
        first.path("pieces").get(0).path("part"), second.path("pieces").get(0).path("part"));
    assertEquals(first.path("pieces").get(1), second.path("pieces").get(1));
    JsonNode composite = first.path("composite");
    assertEquals(
        image(composite.path("picture").asString()).getWidth(), composite.path("width").asInt());
    assertEquals(320, first.path("width").asInt());
    JsonNode plate = first.path("pieces").get(1);
    JsonNode part = plate.path("part");
    assertEquals(image(part.path("picture").asString()).getWidth(), part.path("width").asInt());
    assertEquals(200, plate.path("boxWidth").asDouble());
  }

  @Test
  void savedOverlaysAreShownOverABackdrop() throws IOException {
    long id = add(TestOverlays.lowerThird("Ysolde")).path("id").asLong();
    String path = "/api/overlays/" + id + "/picture.png?width=160";
    assertEquals(0, image(path).getRGB(2, 2) >>> 24);
    assertEquals(0xff336699, image(path + "&backdrop=%23336699").getRGB(2, 2));
    assertEquals(422, SERVER.get(path + "&backdrop=sky").status());
    assertEquals(404, SERVER.get(path + "&backdrop=still-99999").status());
  }

  private static BufferedImage image(String path) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(SERVER.get(path).raw().body()));
  }

  @Test
  void picturesAreCheckedBeforeTheyAreTakenIn() throws IOException {
    String path = "/api/packages/" + packageId + "/pictures";
    byte[] png = pennant();
    assertEquals(201, SERVER.upload(path, "pennant.png", png).status());
    assertEquals(201, SERVER.upload(path, "pennant.png", png).status());
    assertEquals(1, SERVER.get(path).body().size(), "the same bytes are kept once");
    assertEquals(422, SERVER.upload(path, "cut.png", Arrays.copyOf(png, png.length / 2)).status());
    Answer words = SERVER.upload(path, "notes.txt", "not a picture".getBytes());
    assertTrue(words.detail().contains("notes.txt"), words.detail());
    byte[] huge = png.clone();
    huge[18] = (byte) 0x9c;
    huge[19] = 0x40;
    huge[22] = (byte) 0x9c;
    huge[23] = 0x40;
    assertEquals(422, SERVER.upload(path, "huge.png", huge).status());
    Answer large = SERVER.upload(path, "large.png", new byte[66 << 20]);
    assertEquals(413, large.status());
    assertTrue(large.detail().contains("MB"), large.detail());
    assertEquals(422, SERVER.upload(path, "../up.png", png).status());
    assertEquals(1, SERVER.get(path).body().size());
  }

  private static byte[] pennant() throws IOException {
    BufferedImage image = new BufferedImage(30, 20, BufferedImage.TYPE_INT_ARGB);
    for (int i = 0; i < 600; i++) {
      image.setRGB(i % 30, i / 30, i * 0x01010307);
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  @Test
  void anotherFrameMovesTheOverlayWithoutSaving() {
    Answer moved =
        SERVER.post(
            "/api/reframed",
            "{\"overlay\":%s,\"frame\":%s}"
                .formatted(TestOverlays.lowerThird("a"), TestOverlays.frame(640, 360)));
    assertEquals(48, moved.body().path("stack").get(0).path("runs").get(0).path("size").asDouble());
  }

  @Test
  void onlyOwnPagesOnThisMachineAreAnswered() throws IOException {
    assertEquals(
        403, SERVER.send(SERVER.to("/api/packages").header("Origin", "http://evil.test")).status());
    assertEquals(
        200,
        SERVER
            .send(SERVER.to("/api/packages").header("Origin", "http://127.0.0.1:" + SERVER.port()))
            .status());
    try (Socket socket = new Socket("127.0.0.1", SERVER.port())) {
      socket
          .getOutputStream()
          .write(
              "GET /api/packages HTTP/1.1\r\nHost: evil.test\r\nConnection: close\r\n\r\n"
                  .getBytes());
      String answer = new String(socket.getInputStream().readAllBytes());
      assertTrue(answer.startsWith("HTTP/1.1 403"), answer);
    }
    String policy =
        SERVER.get("/").raw().headers().firstValue("Content-Security-Policy").orElse("");
    assertTrue(policy.contains("default-src 'none'") && !policy.contains("http"), policy);
  }

  @Test
  void whatIsNotThereIsSaidToBeMissing() {
    for (String path :
        new String[] {"/api/overlays/99999", "/api/drawn/none.png", "/api/stills/99999.jpg"}) {
      Answer missing = SERVER.get(path);
      assertEquals(404, missing.status(), path);
    }
  }

  /** The front end's types are made from the description kept beside them. */
  @Test
  void theKeptDescriptionIsTheServersOwn() throws IOException {
    Path kept = Path.of("../web/src/api/openapi.json");
    Answer answer = SERVER.get("/api/openapi");
    assertEquals(200, answer.status(), answer::detail);
    JsonNode own = answer.body();
    if (Boolean.getBoolean("diaphan.keep-description")) {
      Files.writeString(
          kept, RunningServer.JSON.writerWithDefaultPrettyPrinter().writeValueAsString(own) + "\n");
    }
    assertTrue(
        own.equals(RunningServer.JSON.readTree(Files.readString(kept))),
        "The API has changed: run this test with -Ddiaphan.keep-description=true");
  }

  @ParameterizedTest
  @CsvSource({
    "GET, /api/nothing, 404, nothing at this address",
    "GET, /api/overlays/abc, 400, cannot be read",
    "PATCH, /api/packages, 405, cannot be done",
    "POST, /api/packages, 415, cannot be taken in",
  })
  void whatIsAskedAmissIsAnsweredInASentenceThatQuotesNoProgram(
      String method, String path, int status, String words) {
    Answer answer =
        SERVER.send(
            SERVER
                .to(path)
                .header("Content-Type", "text/x-other")
                .method(
                    method, HttpRequest.BodyPublishers.ofString(method.equals("POST") ? "a" : "")));
    assertEquals(status, answer.status());
    assertTrue(answer.detail().contains(words), answer.detail());
    assertTrue(answer.detail().endsWith("."), answer.detail());
    assertTrue(
        answer.raw().headers().firstValue("Content-Type").orElse("").contains("problem+json"));
  }
}
