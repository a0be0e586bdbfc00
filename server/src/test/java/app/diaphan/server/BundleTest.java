package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.server.RunningServer.Answer;
import app.diaphan.server.bundle.Bundle;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.bundle.BundleWriter;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

class BundleTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();
  @TempDir static Path folder;
  private static final Path DEMO = Path.of("../demo/lantern-reach-regatta");
  private static final String CONTENTS =
      """
      {"format":"diaphan-package","version":11,"name":"Tern Holm",
       "house":{"colours":[],"ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
                "finishSets":[]},
       "targets":[%s],"checksLeftOut":["HIDDEN"],
       "overlays":["a.json"],"starters":[],"rosters":[],"clips":[]}"""
          .formatted(TestOverlays.target("Air", 320, 180, "PNG", "EIGHT", "{overlay}"));

  @Test
  void theDemoBundleGoesInAndComesOutWithoutLoss() throws IOException {
    Bundle demo = BundleReader.read(DEMO);
    assertTrue(demo.overlays().size() >= 3);
    assertEquals(4, demo.clips().size());
    demo.clips().values().forEach(stills -> assertTrue(stills.size() >= 8));
    Answer in = SERVER.upload("/api/packages/bundle", "demo.zip", zipped(demo));
    assertEquals(201, in.status(), () -> in.body().toString());
    byte[] out =
        SERVER.get("/api/packages/" + in.body().path("id").asLong() + "/bundle.zip").raw().body();
    Bundle back = readZip(out);
    assertEquals(demo.name(), back.name());
    assertEquals(
        java.util.List.copyOf(demo.overlays().values()),
        java.util.List.copyOf(back.overlays().values()));
    assertEquals(demo.pictures().keySet(), back.pictures().keySet());
    demo.pictures()
        .forEach(
            (name, part) -> assertArrayEquals(part.bytes(), back.pictures().get(name).bytes()));
    assertEquals(demo.targets(), back.targets());
    assertEquals(demo.checksLeftOut(), back.checksLeftOut());
    assertEquals(demo.films().keySet(), back.films().keySet());
    demo.clips()
        .forEach((clip, stills) -> assertEquals(stills.size(), back.clips().get(clip).size()));
  }

  @Test
  void keptStartersTravelWithTheirPackage() throws IOException {
    Answer in = SERVER.upload("/api/packages/bundle", "demo.zip", zipped(BundleReader.read(DEMO)));
    long demo = in.body().path("id").asLong();
    for (JsonNode saved : SERVER.get("/api/packages/" + demo + "/overlays").body()) {
      String keep = "/api/overlays/" + saved.path("id").asLong() + "/starters";
      assertEquals(201, SERVER.post(keep, "{}").status());
    }
    byte[] out = SERVER.get("/api/packages/" + demo + "/bundle.zip").raw().body();
    Bundle bundle = readZip(out);
    assertEquals(List.copyOf(bundle.overlays().values()), List.copyOf(bundle.starters().values()));
    Answer again = SERVER.upload("/api/packages/bundle", "demo.zip", out);
    byte[] twice =
        SERVER
            .get("/api/packages/" + again.body().path("id").asLong() + "/bundle.zip")
            .raw()
            .body();
    assertEquals(bundle.starters(), readZip(twice).starters());
  }

  /** One picture may have 64 MB; a package of several is larger than that. */
  @Test
  void aPackageOfManyMegabytesGoesOutAndComesInAgain() throws IOException {
    long id = SERVER.post("/api/packages", "{\"name\":\"Heavy\"}").body().path("id").asLong();
    Random random = new Random(5);
    for (int i = 0; i < 3; i++) {
      Answer kept =
          SERVER.upload("/api/packages/" + id + "/pictures", "noise-" + i + ".png", noise(random));
      assertEquals(201, kept.status(), kept::detail);
    }
    byte[] out = SERVER.get("/api/packages/" + id + "/bundle.zip").raw().body();
    assertTrue(out.length > 70 << 20, out.length + " bytes");
    Answer again = SERVER.upload("/api/packages/bundle", "heavy.zip", out);
    assertEquals(201, again.status(), again::detail);
    Bundle before = readZip(out);
    byte[] twice =
        SERVER
            .get("/api/packages/" + again.body().path("id").asLong() + "/bundle.zip")
            .raw()
            .body();
    assertEquals(3, before.pictures().size());
    assertArrayEquals(out, twice);
    // Nothing is left of what lay on the disk meanwhile.
    Path temporary = SERVER.bean(TemporaryFiles.class).own();
    try (Stream<Path> left = Files.walk(temporary)) {
      assertEquals(List.of(), left.filter(Files::isRegularFile).toList());
    }
    assertEquals(413, SERVER.upload("/api/packages/" + id + "/pictures", "a.png", out).status());
  }

  private static byte[] noise(Random random) throws IOException {
    BufferedImage image = new BufferedImage(2900, 2900, BufferedImage.TYPE_3BYTE_BGR);
    random.nextBytes(((DataBufferByte) image.getRaster().getDataBuffer()).getData());
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(image, "png", png);
    return png.toByteArray();
  }

  private static Bundle readZip(byte[] zip) throws IOException {
    return BundleReader.readZip(Files.write(folder.resolve("bundle.zip"), zip));
  }

  private static byte[] zipped(Bundle bundle) throws IOException {
    ByteArrayOutputStream zip = new ByteArrayOutputStream();
    BundleWriter.writeZip(bundle, zip);
    return zip.toByteArray();
  }

  @Test
  void theDemoFollowsThePublishedSchema() throws IOException {
    String text = Files.readString(Path.of("../docs/bundle.schema.json"));
    Schema schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(text);
    for (String overlay : BundleReader.read(DEMO).overlays().keySet()) {
      var errors =
          schema.validate(
              Files.readString(DEMO.resolve("overlays").resolve(overlay)),
              com.networknt.schema.InputFormat.JSON);
      assertTrue(errors.isEmpty(), () -> overlay + ": " + errors.stream().limit(4).toList());
    }
    var wrong =
        schema.validate(
            TestOverlays.lowerThird("a").replace("\"shown\"", "\"glow\""),
            com.networknt.schema.InputFormat.JSON);
    assertTrue(!wrong.isEmpty(), "the schema refuses unknown fields");
  }

  @Test
  void badBundlesAreRefusedInASentenceAndNothingIsKept() throws IOException {
    int before = SERVER.get("/api/packages").body().size();
    String overlay = TestOverlays.lowerThird("a");
    refused(
        "glow", CONTENTS.replace("\"clips\"", "\"glow\":1,\"clips\""), "overlays/a.json", overlay);
    refused(
        "version 12",
        CONTENTS.replace("\"version\":11,", "\"version\":12,"),
        "overlays/a.json",
        overlay);
    refused("../up.json", CONTENTS, "../up.json", overlay);
    refused("outside", CONTENTS, "/etc/up.json", overlay);
    refused("a.json", CONTENTS, "overlays/b.json", overlay);
    refused(
        "sheen",
        CONTENTS,
        "overlays/a.json",
        overlay.replace("\"shown\"", "\"sheen\":1,\"shown\""));
    refused("JSON", CONTENTS, "overlays/a.json", "{ not json");
    refused("package.json", "", "overlays/a.json", overlay);
    assertEquals(422, SERVER.upload("/api/packages/bundle", "x.zip", new byte[50]).status());
    assertEquals(before, SERVER.get("/api/packages").body().size());
  }

  private static void refused(String naming, String contents, String file, String overlay)
      throws IOException {
    Map<String, String> files = new LinkedHashMap<>();
    if (!contents.isEmpty()) {
      files.put("package.json", contents);
    }
    files.put(file, overlay);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (var entry : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(entry.getKey()));
        zip.write(entry.getValue().getBytes());
      }
    }
    InvalidInput refused = assertThrows(InvalidInput.class, () -> readZip(out.toByteArray()));
    assertTrue(refused.getMessage().contains(naming), refused.getMessage());
    assertEquals(422, SERVER.upload("/api/packages/bundle", "x.zip", out.toByteArray()).status());
  }
}
