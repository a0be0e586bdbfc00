package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Fonts of a house's own through real requests: taken in, set in, passed on, missed, replaced. */
class FontApiTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  /** What they are stands beside them. */
  private static final Path FONTS = Path.of("../core/src/test/resources/fonts");

  private static final String VARIABLE = "Anybody.woff2";
  private static final String BLOCKS = "LanternBlocks.otf";

  private long id;

  @BeforeEach
  void packageWithAHouse() {
    id = newPackage();
    keep(
        RunningServer.JSON.readTree(
            TestHouses.ofColours("").replace("Regatta", "House " + UUID.randomUUID())));
  }

  private static long newPackage() {
    return SERVER.post("/api/packages", "{\"name\":\"Regatta\"}").body().path("id").asLong();
  }

  private static byte[] file(String name) {
    try {
      return Files.readAllBytes(FONTS.resolve(name));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private JsonNode followed() {
    return SERVER.get("/api/packages/" + id + "/house").body();
  }

  private void keep(JsonNode house, Object... keptOut) {
    Answer kept = TestHouses.keep(SERVER, id, house.toString(), keptOut);
    assertEquals(200, kept.status(), () -> kept.body().toString());
  }

  private Answer upload(String name, byte[] bytes) {
    return SERVER.upload("/api/packages/" + id + "/house/fonts", name, bytes);
  }

  /** The house with a file taken in and put into it. */
  private ObjectNode with(String name, byte[] bytes) {
    Answer taken = upload(name, bytes);
    assertEquals(201, taken.status(), () -> taken.body().toString());
    ObjectNode house = (ObjectNode) followed().path("house");
    List<JsonNode> files = new ArrayList<>();
    house.path("fontFiles").forEach(files::add);
    files.removeIf(one -> one.path("file").asString().equals(name));
    files.add(taken.body());
    house.putArray("fontFiles").addAll(files);
    return house;
  }

  private long overlayIn(String family) {
    String document =
        TestOverlays.lowerThird("A", 320, 180).replace("\"Work Sans\"", "\"" + family + "\"");
    Answer added = SERVER.post("/api/packages/" + id + "/overlays", document);
    assertEquals(201, added.status(), () -> added.body().toString());
    return added.body().path("id").asLong();
  }

  private List<String> families() {
    List<String> families = new ArrayList<>();
    SERVER
        .get("/api/packages/" + id + "/fonts")
        .body()
        .forEach(one -> families.add(one.path("name").asString()));
    return families;
  }

  private String troubles(long overlay) {
    JsonNode document = SERVER.get("/api/overlays/" + overlay).body().path("overlay");
    return SERVER
        .post(
            "/api/packages/" + id + "/drawings",
            "{\"overlay\":%s,\"scale\":1,\"editing\":\"\",\"row\":0}".formatted(document))
        .body()
        .path("troubles")
        .toString();
  }

  @Test
  void aFontIsTakenInOfferedAndSampled() throws IOException {
    keep(with(VARIABLE, file(VARIABLE)));
    assertEquals("Anybody", families().getFirst(), "the house's own come first");
    assertTrue(families().contains("Work Sans"));
    JsonNode offered = SERVER.get("/api/packages/" + id + "/fonts").body().get(0);
    assertEquals(9, offered.path("weights").size());
    assertEquals(900, offered.path("stepless").path("most").asInt());
    assertEquals("wdth", offered.path("axes").get(0).path("tag").asString());
    assertEquals(1, offered.path("axes").size(), "the weight is no other axis");
    assertFalse(offered.path("identity").asString().isEmpty());
    byte[] sample =
        SERVER
            .get(
                "/api/packages/" + id + "/fonts/sample.png?family=Anybody&weight=900&words=Anybody")
            .raw()
            .body();
    BufferedImage picture = ImageIO.read(new ByteArrayInputStream(sample));
    assertEquals(440, picture.getWidth());
    assertEquals(
        422,
        SERVER
            .get(
                "/api/packages/"
                    + newPackage()
                    + "/fonts/sample.png?family=Anybody&weight=4&words=a")
            .status(),
        "another package does not have it");
  }

  @Test
  void whatIsNoFontIsRefusedWithASentence() {
    Answer picture =
        upload("logo.ttf", "\u0089PNG\r\n\u001a\n".getBytes(StandardCharsets.ISO_8859_1));
    assertEquals(422, picture.status());
    assertTrue(picture.detail().contains("take it in as a mark"), picture.detail());
    Answer huge = upload("huge.ttf", new byte[60 << 20]);
    assertEquals(422, huge.status());
    assertTrue(huge.detail().contains("has more than 32 MB"), huge.detail());
    Answer long1000 = upload("a".repeat(1000) + ".otf", file(BLOCKS));
    assertEquals(422, long1000.status());
    id = newPackage();
    Answer homeless = upload(BLOCKS, file(BLOCKS));
    assertEquals(422, homeless.status());
    assertTrue(homeless.detail().contains("follows no house yet"), homeless.detail());
  }

  @Test
  void whatIsSaidOfAFontHasToBeTrue() {
    ObjectNode house = with(BLOCKS, file(BLOCKS));
    ObjectNode said = (ObjectNode) house.path("fontFiles").get(0);
    said.put("embedding", "INSTALLABLE");
    Answer lied = TestHouses.keep(SERVER, id, house.toString());
    assertEquals(422, lied.status());
    assertTrue(lied.detail().contains("is said to be what it is not"), lied.detail());
    said.put("embedding", "RESTRICTED").put("content", "0".repeat(64));
    Answer strange = TestHouses.keep(SERVER, id, house.toString());
    assertEquals(422, strange.status());
    assertTrue(strange.detail().contains("choose the file again"), strange.detail());
  }

  private TreeSet<String> exported() throws IOException {
    TreeSet<String> names = new TreeSet<>();
    byte[] zip = SERVER.get("/api/packages/" + id + "/bundle.zip").raw().body();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        names.add(entry.getName());
      }
    }
    return names;
  }

  @Test
  void whatMayNotBePassedOnStaysUnlessItIsWanted() throws IOException {
    keep(with(VARIABLE, file(VARIABLE)));
    keep(with(BLOCKS, file(BLOCKS)));
    assertTrue(exported().contains("fonts/" + VARIABLE));
    assertFalse(exported().contains("fonts/" + BLOCKS), "its maker does not allow it");
    ObjectNode house = (ObjectNode) followed().path("house");
    house.path("fontFiles").forEach(one -> ((ObjectNode) one).put("goesAlong", true));
    keep(house);
    assertTrue(exported().contains("fonts/" + BLOCKS), "but the designer knows what was agreed");
  }

  @Test
  void aFontThatDidNotComeAlongIsMissedUntilItIsBroughtBack() throws IOException {
    keep(with(BLOCKS, file(BLOCKS)));
    overlayIn("Lantern Blocks");
    byte[] bundle = SERVER.get("/api/packages/" + id + "/bundle.zip").raw().body();
    // As on another machine: nothing of the font is left here.
    Answer taken = SERVER.upload("/api/packages/bundle", "Regatta.zip", withOtherFont(bundle));
    assertEquals(201, taken.status(), () -> taken.body().toString());
    id = taken.body().path("id").asLong();
    assertEquals("[\"" + BLOCKS + "\"]", followed().path("missingFonts").toString());
    ObjectNode waiting = (ObjectNode) followed().path("house");
    ((ObjectNode) waiting.path("fontFiles").get(0)).put("goesAlong", true);
    keep(waiting); // What can be said of it without its bytes.
    assertFalse(families().contains("Lantern Blocks"));
    long there = SERVER.get("/api/packages/" + id + "/overlays").body().get(0).path("id").asLong();
    assertTrue(
        troubles(there).contains("The font \\\"Lantern Blocks\\\" of \\\"Name\\\" is not here"),
        troubles(there));
    keep(with(BLOCKS, file(BLOCKS)));
    assertEquals("[]", followed().path("missingFonts").toString());
    assertFalse(troubles(there).contains("is not here"), troubles(there));
  }

  /** Says that the font has other bytes, which are nowhere. */
  private static byte[] withOtherFont(byte[] bundle) throws IOException {
    var out = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(bundle));
        var zip = new ZipOutputStream(out)) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        byte[] bytes = in.readAllBytes();
        if (entry.getName().equals("package.json")) {
          JsonNode contents = RunningServer.JSON.readTree(bytes);
          ((ObjectNode) contents.path("house").path("fontFiles").get(0))
              .put("content", "f".repeat(64));
          bytes = contents.toString().getBytes(StandardCharsets.UTF_8);
        }
        zip.putNextEntry(new ZipEntry(entry.getName()));
        zip.write(bytes);
        zip.closeEntry();
      }
    }
    return out.toByteArray();
  }

  @Test
  void aChangeOfAFontsFileTouchesWhatIsSetInIt() {
    keep(with(BLOCKS, file(BLOCKS)));
    long in = overlayIn("Lantern Blocks");
    overlayIn("Work Sans");
    ObjectNode without = (ObjectNode) followed().path("house");
    without.putArray("fontFiles");
    JsonNode touched =
        SERVER
            .post(
                "/api/packages/" + id + "/house/touched",
                "{\"basedOn\":%s,\"house\":%s}".formatted(followed().path("revision"), without))
            .body();
    assertEquals(1, touched.size(), touched::toString);
    assertEquals(in, touched.get(0).path("id").asLong());
    JsonNode look =
        SERVER
            .post(
                "/api/packages/" + id + "/house/looks",
                "{\"house\":%s,\"overlay\":%d,\"row\":0}".formatted(without, in))
            .body();
    assertNotEquals(
        Arrays.hashCode(SERVER.get(look.path("before").asString()).raw().body()),
        Arrays.hashCode(SERVER.get(look.path("after").asString()).raw().body()));
    Answer away = TestHouses.keep(SERVER, id, without.toString(), in);
    assertEquals(422, away.status());
    assertTrue(away.detail().contains("cannot be kept away from that"), away.detail());
    assertTrue(families().contains("Lantern Blocks"), "nothing was changed");
    keep(without);
    assertFalse(families().contains("Lantern Blocks"));
    assertEquals(200, SERVER.post("/api/packages/" + id + "/house/undone", "{}").status());
    assertTrue(families().contains("Lantern Blocks"), "and taken back");
    assertFalse(troubles(in).contains("is not here"), troubles(in));
  }

  /** Whatever is changed in a font: it is taken in or refused, and the server goes on. */
  @Test
  void damagedFontsHurtNothing() {
    Random random = new Random(11);
    int refused = 0;
    for (int i = 0; i < 60; i++) {
      String name = i % 2 == 0 ? BLOCKS : VARIABLE;
      byte[] damaged = file(name);
      int within = i % 3 == 0 ? 300 : damaged.length;
      for (int n = 0; n <= i % 6; n++) {
        damaged[random.nextInt(within)] = (byte) random.nextInt(256);
      }
      if (i % 9 == 0) {
        damaged = Arrays.copyOf(damaged, random.nextInt(damaged.length));
      }
      Answer answer = upload(i + name, damaged);
      assertTrue(answer.status() == 201 || answer.status() == 422, answer.status() + " at " + i);
      if (answer.status() == 422) {
        refused++;
        assertTrue(answer.detail().startsWith("The font \""), answer.detail());
      }
    }
    assertTrue(refused > 10, refused + " of 60 were refused");
    assertEquals(201, upload(BLOCKS, file(BLOCKS)).status(), "a good one has its turn at once");
  }
}
