package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What one can begin with. */
class BeginningTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();
  private static final String UPRIGHT =
      """
      {"frame":{"width":1080,"height":1920,"pixelAspect":"1/1","scan":"PROGRESSIVE",
       "safeAreas":{"name":"Own","actionX":4,"actionY":6,"titleX":4,"titleY":6},
       "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
       "dotsPerInch":72,"videoHeight":1920},"packageId":%d}""";

  private static JsonNode starters(long packageId) {
    Answer answer = SERVER.post("/api/starters", UPRIGHT.formatted(packageId));
    assertEquals(200, answer.status(), () -> answer.body().toString());
    return answer.body();
  }

  @Test
  void startersComeWithTheirPicturesOnTheFrameThatIsAskedFor() throws IOException {
    JsonNode starters = starters(0);
    assertEquals(12, starters.size());
    for (JsonNode starter : starters) {
      BufferedImage picture =
          ImageIO.read(
              new ByteArrayInputStream(
                  SERVER.get(starter.path("picture").asString()).raw().body()));
      assertEquals(180, picture.getWidth());
      assertEquals(320, picture.getHeight());
      assertEquals(1920, starter.path("overlay").path("frame").path("height").asInt());
      assertTrue(!starter.path("about").asString().isEmpty());
    }
  }

  @Test
  void startersTakeThePackagesFamilies() {
    long id = SERVER.post("/api/packages", "{\"name\":\"Serif\"}").body().path("id").asLong();
    assertTrue(!starters(id).toString().contains("Fraunces"));
    SERVER.post(
        "/api/packages/" + id + "/overlays",
        TestOverlays.lowerThird("Ysolde").replace("Work Sans", "Fraunces"));
    String card = starters(id).get(3).path("overlay").toString();
    assertTrue(card.contains("Fraunces") && !card.contains("Work Sans"), card);
  }

  @Test
  void startersTakeThePackagesColours() {
    long id = SERVER.post("/api/packages", "{\"name\":\"Saltlight\"}").body().path("id").asLong();
    TestHouses.keep(SERVER, id, TestHouses.ofColours(TestHouses.colour("Buoy", "#ff5a36")));
    assertTrue(starters(id).toString().contains("#ff5a36"));
    assertTrue(!starters(0).toString().contains("#ff5a36"));
    assertEquals(404, SERVER.post("/api/starters", UPRIGHT.formatted(999_999)).status());
  }

  @Test
  void aKeptOverlayIsOfferedFirstOnAnyFrameAndStaysAsItWasKept() throws IOException {
    long id = SERVER.post("/api/packages", "{\"name\":\"Tern Holm\"}").body().path("id").asLong();
    JsonNode saved =
        SERVER
            .post("/api/packages/" + id + "/overlays", TestOverlays.lowerThird("Tam", 1920, 1080))
            .body();
    long overlay = saved.path("id").asLong();
    String keep = "/api/overlays/" + overlay + "/starters";
    assertEquals("Lower third", SERVER.post(keep, "{}").body().path("name").asString());
    assertEquals("Lower third 2", SERVER.post(keep, "{}").body().path("name").asString());
    SERVER.put(
        "/api/overlays/" + overlay,
        "{\"basedOn\":1,\"overlay\":%s}".formatted(TestOverlays.lowerThird("Ysolde", 1920, 1080)));
    SERVER.delete("/api/overlays/" + overlay);

    JsonNode starters = starters(id);
    assertEquals(14, starters.size());
    JsonNode first = starters.get(0);
    assertEquals("Lower third", first.path("overlay").path("name").asString());
    assertTrue(first.toString().contains("Tam") && !first.toString().contains("Ysolde"));
    assertEquals(1080, first.path("overlay").path("frame").path("width").asInt());
    BufferedImage picture =
        ImageIO.read(
            new ByteArrayInputStream(SERVER.get(first.path("picture").asString()).raw().body()));
    assertEquals(320, picture.getHeight());
    assertEquals(12, starters(0).size(), "other packages do not see it");

    String own = "/api/starters/" + first.path("own").asLong();
    assertEquals(204, SERVER.delete(own).status());
    assertEquals(13, starters(id).size());
    Answer gone = SERVER.delete(own);
    assertEquals(404, gone.status());
    assertTrue(gone.body().path("detail").asString().contains("starter"), gone.body().toString());
  }

  @Test
  void aPictureThatAStarterShowsStays() throws IOException {
    long id = SERVER.post("/api/packages", "{\"name\":\"Greywick\"}").body().path("id").asLong();
    byte[] mark =
        Files.readAllBytes(Path.of("../demo/lantern-reach-regatta/pictures/greywick.svg"));
    long picture =
        SERVER
            .upload("/api/packages/" + id + "/pictures", "greywick.svg", mark)
            .body()
            .path("id")
            .asLong();
    long overlay =
        SERVER
            .post("/api/packages/" + id + "/overlays", TestOverlays.pennant("Tam"))
            .body()
            .path("id")
            .asLong();
    assertEquals(201, SERVER.post("/api/overlays/" + overlay + "/starters", "{}").status());
    SERVER.delete("/api/overlays/" + overlay);
    Answer refused = SERVER.delete("/api/pictures/" + picture);
    assertEquals(422, refused.status());
    assertTrue(
        refused.body().path("detail").asString().contains("is shown by the starter "),
        refused.body().toString());
  }

  @Test
  void withoutADemoNoneIsOffered() {
    assertEquals(false, SERVER.get("/api/demo").body().path("offered").asBoolean());
    Answer refused = SERVER.post("/api/demo", "{}");
    assertEquals(404, refused.status());
    assertEquals("There is no demo here.", refused.body().path("detail").asString());
  }
}
