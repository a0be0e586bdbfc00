package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Finishes offered by their looks, and finish sets that pieces of a package follow. */
class FinishApiTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();
  private long packageId;

  @BeforeEach
  void newPackage() {
    packageId = SERVER.post("/api/packages", "{\"name\":\"Tern Holm\"}").body().path("id").asLong();
  }

  private static String set(String name, String colour) {
    return TestHouses.ofSets(
        """
        {"name":"%s","lines":180,"finishes":[
          {"kind":"halo","on":true,"reach":10,"firmness":1,"colour":"%s","opacity":1,
           "underFace":"AUTOMATIC"}]}"""
            .formatted(name, colour)
            .strip());
  }

  private JsonNode finishesOf(long overlay, int piece) {
    return SERVER
        .get("/api/overlays/" + overlay)
        .body()
        .path("overlay")
        .path("stack")
        .get(piece)
        .path("look")
        .path("finishes");
  }

  private BufferedImage picture(long overlay) throws IOException {
    byte[] png = SERVER.get("/api/overlays/" + overlay + "/picture.png?width=320").raw().body();
    return ImageIO.read(new ByteArrayInputStream(png));
  }

  @Test
  void aPieceIsShownWithEachKindOfFinish() throws IOException {
    Answer answer =
        SERVER.post(
            "/api/packages/" + packageId + "/finish-samples",
            "{\"overlay\":%s,\"piece\":\"name\"}"
                .formatted(TestOverlays.lowerThird("Ysolde Farrow-Quill")));
    assertEquals(200, answer.status(), () -> answer.body().toString());
    Set<String> kinds = new HashSet<>();
    Set<String> looks = new HashSet<>();
    for (JsonNode sample : answer.body()) {
      kinds.add(sample.path("finish").path("kind").asString());
      byte[] png = SERVER.get(sample.path("picture").asString()).raw().body();
      BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
      assertEquals(72, image.getWidth(), 1);
      assertEquals(48, image.getHeight(), 1);
      looks.add(Arrays.toString(image.getRaster().getPixels(0, 0, 70, 46, (int[]) null)));
    }
    assertEquals(Set.of("outline", "halo", "shadow", "inset", "rim", "relief", "soften"), kinds);
    assertEquals(7, looks.size(), "each looks its own way");
    assertEquals(
        422,
        SERVER
            .post(
                "/api/packages/" + packageId + "/finish-samples",
                "{\"overlay\":%s,\"piece\":\"gone\"}".formatted(TestOverlays.lowerThird("a")))
            .status());
  }

  @Test
  void whatFollowsASetChangesWithItOnEveryOverlayAndFrame() throws IOException {
    for (int lines : List.of(180, 360)) {
      assertEquals(200, TestHouses.keep(SERVER, packageId, set("Edge", "#ff0000")).status());
      ObjectNode overlay =
          (ObjectNode)
              RunningServer.JSON.readTree(TestOverlays.lowerThird("a", lines * 16 / 9, lines));
      ((ObjectNode) overlay.path("stack").get(1).path("look")).put("follows", "Edge");
      long id =
          SERVER
              .post("/api/packages/" + packageId + "/overlays", overlay.toString())
              .body()
              .path("id")
              .asLong();
      assertEquals("#ff0000", finishesOf(id, 1).get(0).path("colour").asString());
      assertEquals(lines / 18.0, finishesOf(id, 1).get(0).path("reach").asDouble());
      assertEquals(0, finishesOf(id, 0).size(), "what does not follow stays");
      BufferedImage red = picture(id);
      TestHouses.keep(SERVER, packageId, set("Edge", "#0000ff"));
      assertEquals("#0000ff", finishesOf(id, 1).get(0).path("colour").asString());
      BufferedImage blue = picture(id);
      int beside = red.getHeight() - 12;
      assertEquals(0xffff0000, red.getRGB(12, beside));
      assertEquals(0xff0000ff, blue.getRGB(12, beside));
      // Without the set the finishes are those that it had last.
      TestHouses.keep(SERVER, packageId, set("Another", "#00ff00"));
      assertEquals("#0000ff", finishesOf(id, 1).get(0).path("colour").asString());
    }
  }

  @Test
  void badFinishesAndSetsAreAnsweredInASentence() {
    String overlay = TestOverlays.lowerThird("a");
    for (String[] wrong :
        new String[][] {
          {"\"opacity\":0.5", "\"opacity\":1.5", "opacity"},
          {"\"reach\":8", "\"reach\":2000.5", "reach"},
          {"\"firmness\":0.1", "\"firmness\":-1", "firmness"},
          {"\"kind\":\"shadow\"", "\"kind\":\"glow\"", "glow"},
          {"\"underFace\":\"AUTOMATIC\"", "\"underFace\":null", "under the face"}
        }) {
      String changed = overlay.replace(wrong[0], wrong[1]);
      assertNotEquals(overlay, changed);
      Answer answer = SERVER.post("/api/packages/" + packageId + "/overlays", changed);
      assertTrue(answer.status() == 400 || answer.status() == 422, wrong[1]);
      assertTrue(
          answer.body().path("detail").asString().contains(wrong[2]),
          () -> answer.body().toString());
    }
    String twice =
        set("Edge", "#ff0000")
            .replaceFirst(
                "\\[\\{\"name\"", "[{\"name\":\"Edge\",\"lines\":180,\"finishes\":[]},{\"name\"");
    Answer answer = TestHouses.keep(SERVER, packageId, twice);
    assertTrue(
        answer.body().path("detail").asString().contains("same name"),
        () -> answer.body().toString());
  }
}
