package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.paint.Pattern;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.HashSet;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

/** Patterns and ornaments as they are offered. */
class ShippedTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  @ParameterizedTest
  @EnumSource(Pattern.class)
  void eachPatternIsShownInTwoColours(Pattern pattern) throws IOException {
    var answer = SERVER.get("/api/patterns/" + pattern + "/picture");
    assertEquals(200, answer.status());
    BufferedImage picture = ImageIO.read(new ByteArrayInputStream(answer.raw().body()));
    Set<Integer> colours = new HashSet<>();
    for (int y = 0; y < picture.getHeight(); y++) {
      for (int x = 0; x < picture.getWidth(); x++) {
        colours.add(picture.getRGB(x, y));
      }
    }
    assertTrue(colours.size() > 1, "colours: " + colours.size());
  }

  @Test
  void anUnknownPatternIsRefused() {
    assertTrue(SERVER.get("/api/patterns/MOSS/picture").status() / 100 == 4);
  }

  @Test
  void anOrnamentCanBePutOnAPlate() {
    JsonNode ornaments = SERVER.get("/api/ornaments").body();
    assertTrue(ornaments.size() >= 10);
    long id = SERVER.post("/api/packages", "{\"name\":\"Saltlight\"}").body().path("id").asLong();
    for (JsonNode ornament : ornaments) {
      String overlay =
          """
          {"name":"%s","frame":%s,"stack":[
           {"kind":"plate","id":"o","name":"Ornament","shown":true,"locked":false,
            "place":{"hook":{"kind":"frame","area":"FRAME"},"point":"CENTRE","own":"CENTRE",
                     "right":0,"down":0,"turn":0,"mirrored":false},
            "shape":{"kind":"drawn","path":"%s","evenOdd":false},"width":100,"height":60,
            "backing":{"pieces":[],"left":0,"top":0,"right":0,"bottom":0},
            "paint":{"kind":"pattern","pattern":"DOTS","width":12,"turn":0,"right":0,"down":0,
                     "ink":"#ffffff","ground":"#12495a"},
            "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},
            "slots":[]}],"forTargets":[],"dress":"LIGHT","kept":[]}"""
              .formatted(
                  ornament.path("name").asString(),
                  TestOverlays.frame(320, 180),
                  ornament.path("path").asString());
      var kept = SERVER.post("/api/packages/" + id + "/overlays", overlay);
      assertEquals(201, kept.status(), kept::detail);
    }
  }
}
