package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import app.diaphan.server.RunningServer.Answer;
import app.diaphan.server.bundle.Bundle;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.bundle.BundleWriter;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.program.TemporaryFiles;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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
      {"format":"diaphan-package","version":16,"name":"Tern Holm",
       "house":{"name":"Tern Holm","colours":[],"fonts":[],"fontFiles":[],"marks":[],"textures":[],
                "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
                "finishSets":[],"targets":[],"originals":[]},
       "targets":[%s],"checksLeftOut":["HIDDEN"],
       "overlays":["a.json"],"starters":[],"rosters":[],"cueLists":[],"following":{},"clips":[]}"""
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
    assertEquals(Set.of("Anybody.woff2"), back.houseFonts().keySet());
    assertArrayEquals(
        demo.houseFonts().get("Anybody.woff2").bytes(),
        back.houseFonts().get("Anybody.woff2").bytes());
    assertEquals(demo.targets(), back.targets());
    assertEquals(demo.checksLeftOut(), back.checksLeftOut());
    assertEquals(demo.films().keySet(), back.films().keySet());
    demo.clips()
        .forEach((clip, stills) -> assertEquals(stills.size(), back.clips().get(clip).size()));
  }

  @Test
  void aBundleOfBeforeThereWereOwnFontsIsReadAsItWas() throws IOException {
    String overlay =
        TestOverlays.lowerThird("Ysolde")
            .replace("\"axes\":[],", "")
            .replaceAll("\"letterforms\":\\{[^}]*},", "");
    assertFalse(overlay.contains("letterforms") || overlay.contains("axes"));
    Path old = folder.resolve("fourteenth");
    Files.createDirectories(old.resolve("overlays"));
    Files.writeString(
        old.resolve("package.json"),
        CONTENTS
            .replace("\"version\":16", "\"version\":14")
            .replace("\"fontFiles\":[],", "")
            .replace(",\"originals\":[]", ""));
    Files.writeString(old.resolve("overlays/a.json"), overlay);
    Bundle read = BundleReader.read(old);
    assertEquals(
        DocumentJson.read(TestOverlays.lowerThird("Ysolde"), Overlay.class, "It"),
        read.overlays().get("a.json"));
    assertEquals(List.of(), read.house().fontFiles());
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

  private static final SchemaRegistry SCHEMAS =
      SchemaRegistry.withDefaultDialect(
          SpecificationVersion.DRAFT_2020_12,
          builder ->
              builder.schemas(
                  Map.of("urn:diaphan:bundle:16:overlay", document("bundle.schema.json"))));

  private static String document(String name) {
    try {
      return Files.readString(Path.of("../docs").resolve(name));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void assertValid(String schema, String json, String what) {
    var errors =
        SCHEMAS.getSchema(document(schema)).validate(json, com.networknt.schema.InputFormat.JSON);
    assertTrue(errors.isEmpty(), () -> what + ": " + errors.stream().limit(4).toList());
  }

  @Test
  void everyJsonOfTheDemoFollowsThePublishedSchemas() throws IOException {
    assertValid(
        "package.schema.json", Files.readString(DEMO.resolve("package.json")), "package.json");
    assertValid(
        "package.schema.json",
        Files.readString(DEMO.resolveSibling("winter-house").resolve("package.json")),
        "the house for the winter");
    for (String folder : List.of("overlays", "rosters", "cues")) {
      String schema =
          Map.of(
                  "overlays", "bundle.schema.json",
                  "rosters", "roster.schema.json",
                  "cues", "cues.schema.json")
              .get(folder);
      try (Stream<Path> files = Files.list(DEMO.resolve(folder))) {
        for (Path file : files.filter(one -> one.toString().endsWith(".json")).toList()) {
          assertValid(schema, Files.readString(file), file.toString());
        }
      }
    }
    for (String title :
        List.of(
            "bundle.schema.json",
            "package.schema.json",
            "roster.schema.json",
            "cues.schema.json")) {
      assertTrue(document(title).contains("bundle version 16\","), title);
    }
  }

  @Test
  void theSchemasRefuseUnknownFields() throws IOException {
    for (var wrong :
        Map.of(
                "bundle.schema.json", TestOverlays.lowerThird("a").replace("\"shown\"", "\"glow\""),
                "package.schema.json", CONTENTS.replace("\"clips\"", "\"glow\":1,\"clips\""))
            .entrySet()) {
      var errors =
          SCHEMAS
              .getSchema(document(wrong.getKey()))
              .validate(wrong.getValue(), com.networknt.schema.InputFormat.JSON);
      assertTrue(!errors.isEmpty(), wrong.getKey());
    }
  }

  /** Written by somebody who has the documents alone. */
  @Test
  void theBundleOfTheDocumentsIsOne() throws IOException {
    Path bundle = Files.createDirectories(folder.resolve("from-the-documents"));
    Matcher examples =
        Pattern.compile("`([^`]+\\.json)`:\\n\\n```json\\n(.*?)```", Pattern.DOTALL)
            .matcher(document("bundle.md"));
    while (examples.find()) {
      Path file = bundle.resolve(examples.group(1));
      Files.createDirectories(file.getParent());
      Files.writeString(file, examples.group(2));
      assertValid(
          file.getFileName().toString().equals("package.json")
              ? "package.schema.json"
              : "bundle.schema.json",
          examples.group(2),
          examples.group(1));
    }
    Bundle read = BundleReader.read(bundle);
    assertEquals("Lantern Reach Regatta", read.name());
    Overlay overlay = read.overlays().get("slack-water.json");
    Rendering drawn =
        new Renderer(ShippedFonts.shelf(), PictureShelf.EMPTY, Memory.NONE)
            .render(overlay, Canvas.of(overlay.frame()));
    assertEquals(List.of(), drawn.troubles());
    // Words 60 above title-safe, which ends 54 above the frame; below them the plate and its
    // shadow.
    assertEquals(1080 - 54 - 60 + 18 + 22, drawn.drawn().bottom(), 22, drawn.drawn().toString());
    assertTrue(drawn.drawn().width() > 300, drawn.drawn().toString());
  }

  @Test
  void badBundlesAreRefusedInASentenceAndNothingIsKept() throws IOException {
    int before = SERVER.get("/api/packages").body().size();
    String overlay = TestOverlays.lowerThird("a");
    refused(
        "glow", CONTENTS.replace("\"clips\"", "\"glow\":1,\"clips\""), "overlays/a.json", overlay);
    refused(
        "version 17",
        CONTENTS.replace("\"version\":16,", "\"version\":17,"),
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
