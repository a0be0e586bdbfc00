package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One mark on photographs, through real requests and real files. */
class PhotographApiTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  @TempDir Path folder;
  private long packageId;
  private long overlay;

  @BeforeEach
  void newPackage() {
    packageId = SERVER.post("/api/packages", "{\"name\":\"Regatta\"}").body().path("id").asLong();
    overlay =
        SERVER
            .post("/api/packages/" + packageId + "/overlays", TestOverlays.lowerThird("Ysolde"))
            .body()
            .path("id")
            .asLong();
  }

  private String path(String rest) {
    return "/api/packages/" + packageId + "/photographs" + rest;
  }

  private static byte[] photograph(Color colour, String format) throws IOException {
    BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(colour);
    g.fillRect(0, 0, 600, 400);
    g.dispose();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(image, format, bytes);
    return bytes.toByteArray();
  }

  private JsonNode settings(String folderPath) {
    ObjectNode settings = (ObjectNode) SERVER.get(path("")).body().path("settings");
    settings.put("overlay", overlay).put("folder", folderPath);
    Answer kept = SERVER.put(path("/settings"), settings.toString());
    assertEquals(200, kept.status(), () -> kept.body().toString());
    return kept.body();
  }

  private JsonNode run(String ids) throws InterruptedException {
    Answer begun = SERVER.post(path("/run"), "{\"photographs\":" + ids + "}");
    assertEquals(200, begun.status(), () -> begun.body().toString());
    return ended();
  }

  private JsonNode ended() throws InterruptedException {
    while (true) {
      JsonNode run = SERVER.get(path("/run")).body();
      if (!run.path("going").asBoolean()) {
        return run;
      }
      Thread.sleep(20);
    }
  }

  private static int pixel(Path file, int x, int y) throws IOException {
    return ImageIO.read(file.toFile()).getRGB(x, y) & 0xffffff;
  }

  @Test
  void droppedPhotographsAreMarkedIntoAFolderAndCanBeTakenAway() throws Exception {
    for (String name : List.of("quay.jpg", "sails.png")) {
      Color colour = name.startsWith("quay") ? new Color(0x101820) : new Color(0xf0f4f6);
      byte[] bytes = photograph(colour, name.endsWith("jpg") ? "jpg" : "png");
      assertEquals(201, SERVER.upload(path(""), name, bytes).status());
    }
    JsonNode list = settings(folder.resolve("out").toString());
    assertEquals(2, list.path("photographs").size());
    JsonNode look =
        SERVER
            .get(
                "/api/photographs/" + list.path("photographs").get(0).path("id").asLong() + "/look")
            .body();
    assertEquals(600, look.path("width").asInt());
    assertTrue(look.path("hung").path("contrast").asDouble() > 1, look::toString);
    JsonNode ended = run("[]");
    assertEquals("2 photographs were marked.", ended.path("sentence").asString());
    assertEquals(0xf0f4f6, pixel(folder.resolve("out/sails.png"), 5, 5));
    JsonNode line = SERVER.get(path("")).body().path("photographs").get(1);
    assertEquals("", line.path("outcome").path("problem").asString());
    List<String> names = new ArrayList<>();
    byte[] zip = SERVER.get(path("/files.zip")).raw().body();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        names.add(entry.getName());
      }
    }
    assertEquals(List.of("quay.jpg", "sails.png", "report.html"), names);
    String report = new String(SERVER.get(path("/report.html")).raw().body());
    assertTrue(report.contains("sails.png") && report.contains("bottom right"), report);
  }

  @Test
  void onADarkPhotographAMarkWearsTheHousesOtherDress() throws Exception {
    TestHouses.keep(
        SERVER,
        packageId,
        TestHouses.ofColours(TestHouses.colour("Buoy", "#102030", "#f0e0d0", "")));
    overlay =
        SERVER
            .post(
                "/api/packages/" + packageId + "/overlays",
                TestOverlays.lowerThird("Ysolde")
                    .replace("\"#ffffff\"", "\"#102030 Buoy\"")
                    .replace("\"#124b5c\"", "\"#00000000\""))
            .body()
            .path("id")
            .asLong();
    SERVER.upload(path(""), "night.png", photograph(new Color(0x101820), "png"));
    ObjectNode settings =
        (ObjectNode) settings(folder.resolve("out").toString()).path("settings").deepCopy();
    settings.putObject("otherDress").put("kind", "house");
    ObjectNode marking = (ObjectNode) settings.path("marking");
    marking.put("dress", "AUTO").putObject("size").put("kind", "share").put("share", 0.9);
    Answer kept = SERVER.put(path("/settings"), settings.toString());
    assertEquals(200, kept.status(), () -> kept.body().toString());
    run("[]");
    BufferedImage marked = ImageIO.read(folder.resolve("out/night.png").toFile());
    int worn = 0;
    for (int y = 0; y < marked.getHeight(); y++) {
      for (int x = 0; x < marked.getWidth(); x++) {
        worn += (marked.getRGB(x, y) & 0xffffff) == 0xf0e0d0 ? 1 : 0;
      }
    }
    assertTrue(worn > 100, "pixels in the colour for dark pictures: " + worn);
  }

  @Test
  void photographsOfAFolderStayThereAndAreMarkedBesideThem() throws Exception {
    Files.write(folder.resolve("b.jpg"), photograph(Color.GRAY, "jpg"));
    Files.write(folder.resolve("a.jpg"), photograph(Color.GRAY, "jpg"));
    Files.writeString(folder.resolve("notes.txt"), "Slack water at noon");
    String wanted =
        RunningServer.JSON.writeValueAsString(java.util.Map.of("path", folder.toString()));
    assertEquals(2, SERVER.post(path("/folder"), wanted).body().size());
    assertEquals(0, SERVER.post(path("/folder"), wanted).body().size());
    settings("");
    byte[] before = Files.readAllBytes(folder.resolve("a.jpg"));
    run("[]");
    org.junit.jupiter.api.Assertions.assertArrayEquals(
        before, Files.readAllBytes(folder.resolve("a.jpg")));
    assertTrue(Files.exists(folder.resolve("marked/a.jpg")));
    assertTrue(Files.exists(folder.resolve("marked/b.jpg")));
    assertEquals(
        "0 photographs were marked. 2 were there already.", run("[]").path("sentence").asString());
    Files.writeString(folder.resolve("marked/b.jpg"), "somebody else's");
    assertEquals(
        "One photograph was marked. 1 was there already.", run("[]").path("sentence").asString());
    long id = SERVER.get(path("")).body().path("photographs").get(0).path("id").asLong();
    SERVER.post(path("/removed"), "{\"photographs\":[" + id + "]}");
    assertTrue(Files.exists(folder.resolve("a.jpg")), "only what is ours is deleted");
    assertEquals(1, SERVER.get(path("")).body().path("photographs").size());
  }

  @Test
  void whatIsWrongWithOneIsSaidAndTheOthersAreDone() throws Exception {
    SERVER.upload(path(""), "cut.jpg", java.util.Arrays.copyOf(photograph(Color.RED, "jpg"), 300));
    SERVER.upload(path(""), "good.jpg", photograph(Color.GRAY, "jpg"));
    SERVER.upload(path(""), "good.jpg", photograph(Color.GREEN, "jpg"));
    settings(folder.toString());
    JsonNode ended = run("[]");
    assertEquals(
        "One photograph was marked. 2 could not be marked; each says why.",
        ended.path("sentence").asString());
    JsonNode lines = SERVER.get(path("")).body().path("photographs");
    assertTrue(lines.get(0).path("outcome").path("problem").asString().contains("cut.jpg"));
    assertTrue(lines.get(2).path("outcome").path("problem").asString().contains("same name"));
    lines = settings(folder.toString()).path("photographs");
    assertTrue(lines.get(2).path("outcome").isNull(), "set anew, it may go well");
    assertEquals("", lines.get(1).path("outcome").path("problem").asString());
    assertTrue(Files.exists(folder.resolve("good.jpg")));
    assertFalse(Files.exists(folder.resolve("cut.jpg")));
  }

  @Test
  void aRunThatWasCalledOffGoesOnAfterARestart() throws Exception {
    byte[] jpeg = photograph(Color.GRAY, "jpg");
    for (int i = 0; i < 60; i++) {
      Files.write(folder.resolve("p%02d.jpg".formatted(i)), jpeg);
    }
    String wanted =
        RunningServer.JSON.writeValueAsString(java.util.Map.of("path", folder.toString()));
    assertEquals(60, SERVER.post(path("/folder"), wanted).body().size());
    settings(folder.resolve("out").toString());
    assertEquals(200, SERVER.post(path("/run"), "{\"photographs\":[]}").status());
    assertTrue(SERVER.post(path("/run"), "{\"photographs\":[]}").detail().contains("being marked"));
    SERVER.delete("/api/packages/" + packageId + "/photographs/run");
    JsonNode first = ended();
    int done = first.path("done").asInt();
    assertTrue(done < 60, () -> first + " was not called off in time");
    assertTrue(first.path("sentence").asString().contains("called off with " + (60 - done)));
    SERVER.restart();
    JsonNode second = run("[]");
    assertEquals(60 - done, second.path("done").asInt());
    assertEquals(done, second.path("skipped").asInt());
    try (var files = Files.list(folder.resolve("out"))) {
      assertEquals(60, files.count());
    }
  }

  @Test
  void noRunWritesOverPhotographsOrResultsOfOthers() throws Exception {
    Path one = Files.createDirectory(folder.resolve("one"));
    Path other = Files.createDirectory(folder.resolve("other"));
    for (Path each : List.of(one, other)) {
      Files.write(each.resolve("a.jpg"), photograph(Color.GRAY, "jpg"));
      SERVER.post(
          path("/folder"),
          RunningServer.JSON.writeValueAsString(java.util.Map.of("path", each.toString())));
    }
    JsonNode list = settings(other.toString());
    byte[] before = Files.readAllBytes(other.resolve("a.jpg"));
    long first = list.path("photographs").get(0).path("id").asLong();
    run("[" + first + "]");
    org.junit.jupiter.api.Assertions.assertArrayEquals(
        before, Files.readAllBytes(other.resolve("a.jpg")));
    list = settings(folder.resolve("out").toString());
    run("[" + first + "]");
    byte[] result = Files.readAllBytes(folder.resolve("out/a.jpg"));
    run("[" + list.path("photographs").get(1).path("id").asLong() + "]");
    org.junit.jupiter.api.Assertions.assertArrayEquals(
        result, Files.readAllBytes(folder.resolve("out/a.jpg")));
  }

  @Test
  void onePhotographCanBeMarkedOtherwiseOrLeftOut() throws Exception {
    SERVER.upload(path(""), "a.jpg", photograph(Color.GRAY, "jpg"));
    SERVER.upload(path(""), "b.jpg", photograph(Color.GRAY, "jpg"));
    JsonNode list = settings(folder.toString());
    long first = list.path("photographs").get(0).path("id").asLong();
    long second = list.path("photographs").get(1).path("id").asLong();
    ObjectNode own = (ObjectNode) list.path("settings").path("marking").deepCopy();
    own.set("corner", RunningServer.JSON.readTree("{\"kind\":\"at\",\"pin\":\"TOP_LEFT\"}"));
    SERVER.put("/api/photographs/" + first + "/marking", own.toString());
    SERVER.put("/api/photographs/" + second + "/left-out", "{\"leftOut\":true}");
    JsonNode hung = SERVER.get("/api/photographs/" + first + "/look").body().path("hung");
    assertEquals("TOP_LEFT", hung.path("pin").asString());
    run("[]");
    assertTrue(Files.exists(folder.resolve("a.jpg")));
    assertFalse(Files.exists(folder.resolve("b.jpg")));
    assertEquals(200, SERVER.delete("/api/photographs/" + first + "/marking").status());
    hung = SERVER.get("/api/photographs/" + first + "/look").body().path("hung");
    assertEquals("BOTTOM_RIGHT", hung.path("pin").asString());
  }

  @Test
  void picturesForTheScreenAreUprightAndSmall() throws Exception {
    long id =
        SERVER.upload(path(""), "a.jpg", photograph(Color.GRAY, "jpg")).body().path("id").asLong();
    settings(folder.toString());
    byte[] jpeg = SERVER.get("/api/photographs/" + id + "/picture.jpg?longest=120").raw().body();
    assertEquals(120, ImageIO.read(new ByteArrayInputStream(jpeg)).getWidth());
    byte[] png =
        SERVER
            .get("/api/packages/" + packageId + "/mark.png?dress=LIGHT&side=80&opacity=0.5")
            .raw()
            .body();
    BufferedImage mark = ImageIO.read(new ByteArrayInputStream(png));
    assertEquals(80, Math.max(mark.getWidth(), mark.getHeight()), 1);
    assertTrue(mark.getColorModel().hasAlpha());
  }

  @Test
  void whatCannotBeIsSaid() throws Exception {
    Answer none = SERVER.post(path("/run"), "{\"photographs\":[]}");
    assertEquals("Choose an overlay to be the mark.", none.detail());
    settings("");
    assertTrue(
        SERVER.post(path("/run"), "{\"photographs\":[]}").detail().contains("no photographs"));
    assertTrue(
        SERVER
            .post(path("/folder"), "{\"path\":\"/nowhere/at/all\"}")
            .detail()
            .contains("no folder"));
    assertTrue(
        SERVER.post(path("/folder"), "{\"path\":\"photos\"}").detail().contains("whole path"));
    ObjectNode settings = (ObjectNode) SERVER.get(path("")).body().path("settings");
    settings.put("folder", "/usr/share/marks");
    assertTrue(SERVER.put(path("/settings"), settings.toString()).detail().contains("belongs"));
    settings.put("folder", SERVER.data().toString());
    assertTrue(
        SERVER.put(path("/settings"), settings.toString()).detail().contains("keeps its own data"));
  }
}
