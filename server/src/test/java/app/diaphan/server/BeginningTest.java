package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
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
       "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0}},"packageId":%d}""";

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
  void startersTakeThePackagesColours() {
    long id = SERVER.post("/api/packages", "{\"name\":\"Saltlight\"}").body().path("id").asLong();
    SERVER.put(
        "/api/packages/" + id + "/house",
        """
        {"colours":[{"name":"Buoy","colour":"#ff5a36"}],"finishSets":[],
         "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0}}""");
    assertTrue(starters(id).toString().contains("#ff5a36"));
    assertTrue(!starters(0).toString().contains("#ff5a36"));
    assertEquals(404, SERVER.post("/api/starters", UPRIGHT.formatted(999_999)).status());
  }

  @Test
  void withoutADemoNoneIsOffered() {
    assertEquals(false, SERVER.get("/api/demo").body().path("offered").asBoolean());
    Answer refused = SERVER.post("/api/demo", "{}");
    assertEquals(404, refused.status());
    assertEquals("There is no demo here.", refused.body().path("detail").asString());
  }
}
