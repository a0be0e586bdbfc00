package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.bundle.BundleStore;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What overlays are judged over, and the looks that the core puts together. */
class BackdropApiTest {
  private static final Path DEMO = Path.of("../demo/lantern-reach-regatta");

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  @TempDir Path folder;
  private long id;

  @BeforeEach
  void load() throws IOException {
    id = SERVER.bean(BundleStore.class).add(BundleReader.read(DEMO)).id();
  }

  private static byte[] jpeg(Color colour) throws IOException {
    BufferedImage image = new BufferedImage(64, 36, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(colour);
    g.fillRect(0, 0, 64, 36);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }

  @Test
  void ownStillsAreAddedAfterTheOthersAndTakenAway() throws IOException {
    String stills = "/api/packages/" + id + "/stills";
    assertEquals(32, SERVER.get(stills).body().size());
    Answer first = SERVER.upload(stills + "?clip=harbour-wall", "a.jpg", jpeg(Color.RED));
    assertEquals(201, first.status(), first::detail);
    assertEquals(1, first.body().path("position").asInt());
    Answer second = SERVER.upload(stills + "?clip=harbour-wall", "b.jpg", jpeg(Color.BLUE));
    assertEquals(2, second.body().path("position").asInt());
    byte[] shown =
        SERVER.get("/api/stills/" + second.body().path("id").asLong() + ".jpg").raw().body();
    assertArrayEquals(jpeg(Color.BLUE), shown);
    // They go out with the package.
    byte[] zip = SERVER.get("/api/packages/" + id + "/bundle.zip").raw().body();
    assertEquals(
        2,
        BundleReader.readZip(Files.write(folder.resolve("bundle.zip"), zip))
            .clips()
            .get("harbour-wall")
            .size());
    SERVER.delete("/api/stills/" + first.body().path("id").asLong());
    assertEquals(33, SERVER.get(stills).body().size());
  }

  @Test
  void whatIsNoJpegOrHasNoUsableNameIsRefused() throws IOException {
    String stills = "/api/packages/" + id + "/stills";
    Answer png = SERVER.upload(stills + "?clip=quay", "a.png", TestOverlays.photograph());
    assertEquals(422, png.status());
    assertTrue(png.detail().contains("JPEG"), png.detail());
    assertEquals(422, SERVER.upload(stills + "?clip=..%2Fup", "a.jpg", jpeg(Color.RED)).status());
    assertEquals(422, SERVER.upload(stills + "?clip=quay", "a.jpg", new byte[9]).status());
    assertEquals(32, SERVER.get(stills).body().size());
  }

  @Test
  void clipsAreGivenInPartsAsPlayersAskForThem() throws Exception {
    JsonNode clips = SERVER.get("/api/packages/" + id + "/clips").body();
    assertEquals(4, clips.size());
    assertEquals("crowd-at-the-rail", clips.get(0).path("name").asString());
    String path = "/api/clips/" + clips.get(0).path("id").asLong() + ".webm";
    byte[] whole = SERVER.get(path).raw().body();
    assertArrayEquals(
        Files.readAllBytes(DEMO.resolve("backdrops/crowd-at-the-rail/clip.webm")), whole);
    Answer part = SERVER.send(SERVER.to(path).header("Range", "bytes=100-199"));
    assertEquals(206, part.status());
    assertEquals(100, part.raw().body().length);
    assertEquals("video/webm", part.raw().headers().firstValue("Content-Type").orElseThrow());
  }

  private BufferedImage look(String kind, String beneath) throws IOException {
    Answer looked =
        SERVER.post(
            "/api/packages/" + id + "/proof-looks",
            "{\"overlay\":%s,\"kind\":\"%s\",\"still\":0,\"beneath\":\"%s\"}"
                .formatted(TestOverlays.lowerThird("Ysolde"), kind, beneath));
    assertEquals(200, looked.status(), looked::detail);
    byte[] png = SERVER.get(looked.body().path("picture").asString()).raw().body();
    return ImageIO.read(new ByteArrayInputStream(png));
  }

  @Test
  void coloursAreShownWithoutTheirAlphaAndAsVideoCarriesThem() throws IOException {
    BufferedImage colours = look("COLOUR_ALONE", "#ffffff");
    assertEquals(320, colours.getWidth());
    assertEquals(0xff000000, colours.getRGB(300, 5), "nothing is drawn there");
    assertEquals(0xff124b5c, colours.getRGB(120, 165), "the plate in full");
    BufferedImage video = look("AS_VIDEO", "#c03020");
    Color beneath = new Color(video.getRGB(300, 5));
    assertEquals(0xc0, beneath.getRed(), 3);
    assertEquals(0x20, beneath.getBlue(), 3);
  }

  @Test
  void anOverlayIsTakenAsLayersOrRefusedAsShapes() {
    long overlay =
        SERVER
            .post("/api/packages/" + id + "/overlays", TestOverlays.lowerThird("Ysolde"))
            .body()
            .path("id")
            .asLong();
    Answer layers = SERVER.get("/api/overlays/" + overlay + "/layers.ora");
    assertEquals(200, layers.status());
    assertEquals('P', layers.raw().body()[0]);
    Answer refused = SERVER.get("/api/overlays/" + overlay + "/drawing.svg");
    assertEquals(422, refused.status());
    assertTrue(refused.detail().contains("shadow"), refused.detail());
  }
}
