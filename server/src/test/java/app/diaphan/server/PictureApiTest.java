package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

class PictureApiTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final String SVG =
      """
      <svg xmlns="http://www.w3.org/2000/svg" width="60" height="30">
        <rect width="60" height="30" fill="#1d6a78"/><circle cx="30" cy="15" r="9" fill="#f3d27a"/>
        <rect x="2" y="2" width="4" height="4" fill="#f3d27a"/>
      </svg>""";

  private long packageId;
  private String path;

  @BeforeEach
  void newPackage() {
    packageId =
        SERVER.post("/api/packages", "{\"name\":\"Osier Point\"}").body().path("id").asLong();
    path = "/api/packages/" + packageId + "/pictures";
  }

  private static byte[] png(int type, Color colour) throws IOException {
    BufferedImage image = new BufferedImage(40, 20, type);
    Graphics2D g = image.createGraphics();
    g.setColor(colour);
    g.fillRect(0, 0, 40, 20);
    g.setColor(Color.RED);
    g.fillRect(10, 5, 10, 10);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  private JsonNode upload(String name, byte[] bytes) {
    Answer answer = SERVER.upload(path, name, bytes);
    assertEquals(201, answer.status(), answer::detail);
    return answer.body();
  }

  @Test
  void whatIsReadIsTold() throws IOException {
    JsonNode flat = upload("flat.png", png(BufferedImage.TYPE_INT_RGB, Color.WHITE)).path("facts");
    assertEquals("NONE", flat.path("alpha").asString());
    assertEquals(8, flat.path("bits").asInt());
    assertEquals(1, flat.path("flatBorder").asDouble(), 0.01);
    JsonNode solid = upload("solid.png", png(BufferedImage.TYPE_INT_ARGB, Color.WHITE));
    assertEquals("SOLID_THROUGHOUT", solid.path("facts").path("alpha").asString());
    JsonNode clear =
        upload("clear.png", png(BufferedImage.TYPE_INT_ARGB, new Color(0, true))).path("facts");
    assertEquals("USED", clear.path("alpha").asString());
    JsonNode vector = upload("mark.svg", SVG.getBytes(StandardCharsets.UTF_8));
    assertEquals("SVG", vector.path("format").asString());
    assertEquals(60, vector.path("width").asInt());
    assertEquals("#f3d27a", vector.path("facts").path("colours").get(0).asString());
    assertEquals("#1d6a78", vector.path("facts").path("colours").get(1).asString());
  }

  /** Kept as the PDF file that was made of it, so that the package can be opened anywhere. */
  @Test
  void anEpsFileIsTakenInAsPdfOrWhatIsMissingIsSaid() {
    String eps =
        """
        %!PS-Adobe-3.0 EPSF-3.0
        %%BoundingBox: 0 0 120 80
        0.8 0.1 0.1 setrgbcolor 20 20 40 40 rectfill
        showpage
        """;
    Answer answer = SERVER.upload(path, "heron.eps", eps.getBytes(StandardCharsets.UTF_8));
    if (answer.status() == 201) {
      assertEquals("PDF", answer.body().path("format").asString());
      assertEquals(120, answer.body().path("width").asDouble());
      assertEquals("#cc1a1a", answer.body().path("facts").path("colours").get(0).asString());
      Answer again = SERVER.upload(path, "heron.eps", eps.getBytes(StandardCharsets.UTF_8));
      assertEquals(answer.body().path("id").asLong(), again.body().path("id").asLong());
    } else {
      assertTrue(answer.detail().contains("Ghostscript"), answer::detail);
    }
  }

  @Test
  void theSameBytesAreOnePictureUnderWhateverName() throws IOException {
    byte[] bytes = png(BufferedImage.TYPE_INT_RGB, Color.WHITE);
    JsonNode first = upload("one.png", bytes);
    JsonNode second = upload("two.png", bytes);
    assertEquals(first.path("id").asLong(), second.path("id").asLong());
    assertEquals("one.png", second.path("name").asString());
    JsonNode other = upload("one.png", png(BufferedImage.TYPE_INT_RGB, Color.BLUE));
    assertEquals("one (2).png", other.path("name").asString());
    assertEquals(2, SERVER.get(path).body().size());
  }

  private String overlayShowing(String picture) {
    return """
        {"name":"Bug","frame":%s,"stack":[
         {"kind":"picture","id":"p","name":"Mark","shown":true,"locked":false,
         "place":{"hook":{"kind":"frame","area":"FRAME"},"point":"CENTRE","own":"CENTRE",
                  "right":0,"down":0,"turn":0,"mirrored":false},
         "picture":"%s","page":1,"cutOut":{"kind":"none"},"tint":{"kind":"own"},
         "crop":{"left":0,"top":0,"right":0,"bottom":0},"fit":"CONTAIN","width":160,"height":80,
         "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},"slots":[]}],
         "forTargets":[],"dress":"LIGHT","kept":[]}"""
        .formatted(TestOverlays.frame(320, 180), picture);
  }

  private int drawn(String overlay, int x, int y) throws IOException {
    Answer drawing =
        SERVER.post(
            "/api/packages/" + packageId + "/drawings",
            "{\"overlay\":%s,\"scale\":1,\"editing\":\"\",\"row\":0}".formatted(overlay));
    assertEquals(200, drawing.status(), drawing::detail);
    JsonNode composite = drawing.body().path("composite");
    BufferedImage image =
        ImageIO.read(
            new ByteArrayInputStream(
                SERVER.get(composite.path("picture").asString()).raw().body()));
    return image.getRGB(x - composite.path("left").asInt(), y - composite.path("top").asInt());
  }

  @Test
  void aPictureThatLinesOfAFinishSetShowIsKept() throws IOException {
    long id = upload("rope.png", png(BufferedImage.TYPE_INT_RGB, Color.GREEN)).path("id").asLong();
    String set =
        """
        {"name":"Roped","lines":1080,"finishes":[
         {"kind":"outline","on":true,"width":9,"side":"OUTSIDE","corners":"ROUND","opacity":1,
          "paint":{"kind":"texture","picture":"rope.png","width":20,"turn":0,"right":0,"down":0},
          "underFace":"AUTOMATIC"}]}""";
    Answer kept = TestHouses.keep(SERVER, packageId, TestHouses.ofSets(set));
    assertEquals(200, kept.status(), kept::detail);
    Answer refused = SERVER.delete("/api/pictures/" + id);
    assertEquals(422, refused.status());
    assertTrue(refused.detail().contains("the finish set Roped"), refused.detail());
  }

  @Test
  void aPictureIsReplacedWhereverItIsUsedAndNotTakenAwayWhileItIs() throws IOException {
    long id = upload("mark.png", png(BufferedImage.TYPE_INT_RGB, Color.GREEN)).path("id").asLong();
    String overlay = overlayShowing("mark.png");
    assertEquals(201, SERVER.post("/api/packages/" + packageId + "/overlays", overlay).status());
    assertEquals(0xff00ff00, drawn(overlay, 90, 60));
    JsonNode listed = SERVER.get(path).body().get(0);
    assertEquals("Bug", listed.path("usedBy").get(0).asString());
    Answer refused = SERVER.delete("/api/pictures/" + id);
    assertEquals(422, refused.status());
    assertTrue(refused.detail().contains("Bug"), refused.detail());

    Answer replaced =
        SERVER.upload(
            "PUT", "/api/pictures/" + id, "new.png", png(BufferedImage.TYPE_INT_RGB, Color.BLUE));
    assertEquals(200, replaced.status(), replaced::detail);
    assertEquals("mark.png", replaced.body().path("name").asString());
    assertEquals(0xff0000ff, drawn(overlay, 90, 60));
    Answer damaged = SERVER.upload("PUT", "/api/pictures/" + id, "new.png", new byte[40]);
    assertEquals(422, damaged.status());
    assertEquals(0xff0000ff, drawn(overlay, 90, 60));

    long unused = upload("other.svg", SVG.getBytes(StandardCharsets.UTF_8)).path("id").asLong();
    assertEquals(204, SERVER.delete("/api/pictures/" + unused).status());
    assertEquals(1, SERVER.get(path).body().size());
  }

  @Test
  void picturesAreShownSmall() throws IOException {
    long id = upload("mark.svg", SVG.getBytes(StandardCharsets.UTF_8)).path("id").asLong();
    BufferedImage small =
        ImageIO.read(
            new ByteArrayInputStream(
                SERVER.get("/api/pictures/" + id + "/small.png").raw().body()));
    assertEquals(192, small.getWidth());
    assertEquals(0xfff3d27a, small.getRGB(96, 64));
    assertEquals(0, small.getRGB(96, 3) >>> 24, "it is contained, on clear ground");
  }

  @Test
  void cutOutsAreLookedAtInEveryWay() throws IOException {
    upload("mark.png", png(BufferedImage.TYPE_INT_RGB, Color.WHITE));
    assertEquals(0xffff0000, look("RESULT", 1).getRGB(12, 10));
    assertEquals(0, look("RESULT", 1).getRGB(2, 2) >>> 24);
    assertEquals(0xffffffff, look("ALPHA", 1).getRGB(12, 10));
    assertEquals(0xff000000, look("ALPHA", 1).getRGB(2, 2));
    assertEquals(0xffffffff, look("GONE", 1).getRGB(2, 2));
    assertEquals(0, look("GONE", 1).getRGB(12, 10) >>> 24);
    assertEquals(0xffffffff, look("BEFORE", 1).getRGB(2, 2));
    assertEquals(20, look("RESULT", 0.5).getWidth());
    assertEquals(40, look("RESULT", 8).getWidth(), "larger than it is, it comes as it is");
    BufferedImage quick = look("RESULT", 0.5, true);
    assertEquals(20, quick.getWidth());
    assertEquals(0xffff0000, quick.getRGB(6, 5));
    assertEquals(0, quick.getRGB(1, 1) >>> 24);
  }

  @Test
  void howAPictureIsBestCutOutIsFoundInIt() throws IOException {
    upload("mark.png", png(BufferedImage.TYPE_INT_RGB, Color.WHITE));
    String address = "/api/packages/" + packageId + "/cut-outs/found";
    Answer found = SERVER.post(address, "{\"picture\":\"mark.png\"}");
    assertEquals(200, found.status(), found::detail);
    assertEquals("colour", found.body().path("kind").asString());
    assertEquals("border", found.body().path("ground").path("kind").asString());
    assertEquals("SOLID", found.body().path("softParts").asString());
    Answer missing = SERVER.post(address, "{\"picture\":\"gone.png\"}");
    assertEquals(422, missing.status());
    assertTrue(missing.detail().contains("gone.png"), missing.detail());
  }

  private BufferedImage look(String view, double scale) throws IOException {
    return look(view, scale, false);
  }

  private BufferedImage look(String view, double scale, boolean quick) throws IOException {
    Answer answer =
        SERVER.post(
            "/api/packages/" + packageId + "/cut-outs",
            """
            {"picture":"mark.png","view":"%s",
             "cutOut":{"kind":"colour","ground":{"kind":"border"},"tolerance":0.06,"softness":2,
                       "reach":"FROM_BORDER","softParts":"SOLID",
                       "edge":{"grow":0,"soften":0,"pinholes":0,"specks":0}},
             "part":{"left":0,"top":0,"width":100,"height":100,"scale":%s},"quick":%s}"""
                .formatted(view, scale, quick));
    assertEquals(200, answer.status(), answer::detail);
    assertEquals(0, answer.body().path("groundLeft").asDouble(), 0.01);
    return ImageIO.read(
        new ByteArrayInputStream(
            SERVER.get(answer.body().path("picture").asString()).raw().body()));
  }
}
