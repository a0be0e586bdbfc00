package app.diaphan.core.cue;

import static app.diaphan.core.cue.CueSamples.CLIP;
import static app.diaphan.core.cue.CueSamples.cue;
import static app.diaphan.core.cue.CueSamples.id;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.cue.handover.HandOver;
import app.diaphan.core.cue.handover.HandOverFolder;
import app.diaphan.core.cue.handover.HandedStill;
import app.diaphan.core.cue.handover.TimeLines;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.cue.move.Side;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.deliver.DeliveryFailed;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.frame.FrameRate;
import app.diaphan.core.screening.AlphaReading;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class HandOverTest {
  private static final Move FADE = new Move.Fade(12);
  private static final Function<StillId, HandedStill> HANDED =
      id ->
          new HandedStill(
              "Skipper & <" + id.row() + ">",
              "søl k " + id.row() + ".png",
              "stills/søl k " + id.row() + ".png");

  @TempDir Path folder;

  @Test
  void anEditListSaysFadesAsDissolvesFromAndToBlack() {
    CueList list =
        CueSamples.list(
            cue(1, 305, 125, 1, FADE, FADE),
            cue(2, 430, 50, 1),
            cue(3, 480, 50, 1, new Move.Slide(Side.LEFT, 10), Move.CUT));
    assertEquals(
        List.of(
            "TITLE: Skippers at the quay",
            "FCM: NON-DROP FRAME",
            "",
            "001  BL       V     C        00:00:00:00 00:00:00:00 00:00:12:05 00:00:12:05",
            "001  AX       V     D    012 00:00:00:00 00:00:04:13 00:00:12:05 00:00:16:18",
            "* TO CLIP NAME: stills/søl k 1.png",
            "* LABEL: Skipper & <1>",
            "002  AX       V     C        00:00:04:13 00:00:04:13 00:00:16:18 00:00:16:18",
            "002  BL       V     D    012 00:00:00:00 00:00:00:12 00:00:16:18 00:00:17:05",
            "* FROM CLIP NAME: stills/søl k 1.png",
            "003  AX       V     C        00:00:00:00 00:00:02:00 00:00:17:05 00:00:19:05",
            "* FROM CLIP NAME: stills/søl k 2.png",
            "* LABEL: Skipper & <2>",
            "004  AX       V     C        00:00:00:00 00:00:02:00 00:00:19:05 00:00:21:05",
            "* FROM CLIP NAME: stills/søl k 3.png",
            "* LABEL: Skipper & <3>",
            "* COMING BY: a slide from the left of 10"),
        TimeLines.of(list, HANDED).get("cues.edl").lines().toList());
  }

  @Test
  void aTimeLineLinksToTheStillsAndPlacesThem() {
    CueList list =
        new CueList(
            "Marked",
            CLIP,
            15,
            List.of(new Marker("rail", 305, 0)),
            List.of(cue(1, 305, 125, 1, FADE, FADE), cue(2, 10, 50, 2)));
    JsonNode root = new JsonMapper().readTree(TimeLines.of(list, HANDED).get("cues.otio"));
    JsonNode stack = root.path("tracks");
    JsonNode first = stack.path("children").path(0).path("children");
    List<String> schemas = new ArrayList<>();
    first.forEach(child -> schemas.add(child.path("OTIO_SCHEMA").asString()));
    assertEquals(List.of("Gap.1", "Transition.1", "Clip.2", "Transition.1", "Gap.1"), schemas);
    assertEquals(305, length(first.path(0)));
    assertEquals(12, first.path(1).path("out_offset").path("value").asDouble());
    assertEquals(125, length(first.path(2)));
    assertEquals(
        "stills/s%C3%B8l%20k%201.png",
        first.path(2).path("media_references").path("DEFAULT_MEDIA").path("target_url").asString());
    assertEquals(1500 - 430, length(first.path(4)));
    assertEquals(
        305,
        stack
            .path("markers")
            .path(0)
            .path("marked_range")
            .path("start_time")
            .path("value")
            .asDouble());
  }

  private static double length(JsonNode item) {
    return item.path("source_range").path("duration").path("value").asDouble();
  }

  /** Whatever a list says, all its files say the same; the writers are read back each time. */
  @Test
  void anyListCanBeWrittenAtEveryRate() {
    Random random = new Random(17);
    for (FrameRate rate : FrameCatalogue.rates()) {
      for (boolean drop :
          TimeBase.drops(rate) ? new boolean[] {true, false} : new boolean[] {false}) {
        TimeBase base = new TimeBase(rate, drop);
        long start = base.nearest(random.nextInt(2) * 36_000);
        CueClip clip = new CueClip("", 1280, 720, base, start, base.nearest(4000));
        List<Cue> cues = new ArrayList<>();
        for (int lane = 1; lane <= 3; lane++) {
          long at = start + random.nextInt(50);
          for (int i = 0; i < 40; i++) {
            long length = 1 + random.nextInt(2000);
            cues.add(
                new Cue(
                    cues.size() + 1,
                    id(cues.size() + 1),
                    at,
                    length,
                    lane,
                    move(random).within(length / 2),
                    move(random).within(length / 2),
                    i == 7 ? 120 : 0,
                    i == 8 ? Fit.FILL : Fit.OWN));
            at += length + (random.nextBoolean() ? 0 : random.nextInt(40));
          }
        }
        CueList list = new CueList("Any", clip, 15, List.of(new Marker("m", start + 5, 3)), cues);
        assertEquals(
            List.of(
                "cues.otio",
                "cues.edl",
                "cues-lane-2.edl",
                "cues-lane-3.edl",
                "cues.csv",
                "cues.vtt",
                "cues.srt"),
            List.copyOf(TimeLines.of(list, HANDED).keySet()));
      }
    }
  }

  private static Move move(Random random) {
    int frames = 1 + random.nextInt(30);
    return switch (random.nextInt(4)) {
      case 0 -> Move.CUT;
      case 1 -> new Move.Fade(frames);
      case 2 -> new Move.Slide(Side.BELOW, frames);
      default -> new Move.Grow(frames);
    };
  }

  @Test
  void longEditListsAreSplit() {
    List<Cue> cues = new ArrayList<>();
    for (int i = 0; i < 700; i++) {
      cues.add(cue(i + 1, i * 50L, 50, 1, FADE, FADE));
    }
    CueClip clip = new CueClip("", 1920, 1080, CueSamples.PAL, 0, 40_000);
    Map<String, String> files =
        TimeLines.of(new CueList("Long", clip, 15, List.of(), cues), HANDED);
    assertTrue(files.containsKey("cues-part-2.edl"), files.keySet().toString());
    assertFalse(files.get("cues.edl").contains("\n1000 "));
    assertTrue(files.get("cues-part-2.edl").contains("\n001 "));
  }

  private HandOver.Still still(StillId id, String name) throws IOException {
    Path file = folder.resolve("delivered").resolve(id.row() + ".png");
    Files.createDirectories(file.getParent());
    BufferedImage image = new BufferedImage(192, 108, BufferedImage.TYPE_INT_ARGB);
    for (int x = 20; x < 100; x++) {
      image.setRGB(x, 50, 0xffd8c38a);
    }
    ImageIO.write(image, "png", file.toFile());
    CueStill known =
        new CueStill(
            id,
            name,
            "Skipper " + id.row(),
            Frame.of(1920, 1080),
            0,
            0,
            192,
            108,
            List.of(),
            CueStill.Standing.DELIVERED);
    return new HandOver.Still(known, file, Digest.of(file), AlphaReading.STRAIGHT);
  }

  private HandOver handOver(CueList list, Map<StillId, HandOver.Still> stills) {
    Map<StillId, CueStill> known = new HashMap<>();
    stills.forEach((id, still) -> known.put(id, still.known()));
    return new HandOver(list, known, stills);
  }

  @Test
  void everythingIsInTheFolder() throws IOException {
    CueList list =
        CueSamples.list(
            cue(1, 305, 125, 1, FADE, new Move.Grow(5)),
            cue(2, 500, 100, 1),
            cue(1 + 2, 10, 50, 2));
    Map<StillId, HandOver.Still> stills = new HashMap<>();
    stills.put(id(1), still(id(1), "skipper.png"));
    stills.put(id(2), still(id(2), "Skipper.png"));
    stills.put(id(3), still(id(3), "other.png"));
    Path to = folder.resolve("handed over");
    Files.createDirectories(to.resolve("stills"));
    Files.writeString(to.resolve("stills/from-before.png"), "x");
    List<String> others = HandOverFolder.write(handOver(list, stills), to, Samples.renderer());
    assertEquals(List.of("from-before.png"), others);
    assertArrayEquals(
        Files.readAllBytes(stills.get(id(2)).file()),
        Files.readAllBytes(to.resolve("stills/Skipper-2.png")));
    String readme = Files.readString(to.resolve("README.txt"));
    assertTrue(readme.contains("goes by shrinking in 5"), readme);
    assertTrue(readme.contains("00:00:12:05  00:00:17:05  lane 1  Skipper 1"), readme);
    try (PDDocument sheet = Loader.loadPDF(to.resolve("contact-sheet.pdf").toFile())) {
      assertEquals(1, sheet.getNumberOfPages());
    }
    for (String name : handOver(list, stills).names()) {
      assertTrue(Files.size(to.resolve(name)) > 0, name);
    }
  }

  @Test
  void aStillThatWasChangedStopsItAndNothingHalfIsLeft() throws IOException {
    Map<StillId, HandOver.Still> stills = new HashMap<>();
    stills.put(id(1), still(id(1), "one.png"));
    HandOver handOver = handOver(CueSamples.list(cue(1, 0, 50, 1)), stills);
    Files.writeString(stills.get(id(1)).file(), "written over");
    Path to = folder.resolve("to");
    DeliveryFailed e =
        assertThrows(
            DeliveryFailed.class, () -> HandOverFolder.write(handOver, to, Samples.renderer()));
    assertEquals("one.png is not as it was delivered; deliver it again.", e.getMessage());
    try (var left = Files.walk(to)) {
      assertEquals(List.of(), left.filter(Files::isRegularFile).toList());
    }
  }

  @Test
  void whatIsNotInOrderIsNotHandedOver() throws IOException {
    Map<StillId, HandOver.Still> stills = new HashMap<>();
    stills.put(id(1), still(id(1), "one.png"));
    stills.put(id(2), still(id(2), "two.png"));
    CueList overlap = CueSamples.list(cue(1, 0, 50, 1), cue(2, 20, 50, 1));
    assertTrue(
        assertThrows(InvalidInput.class, () -> handOver(overlap, stills))
            .getMessage()
            .startsWith("The list cannot be handed over yet. \"Skipper 2\" begins at"));
    CueList empty = new CueList("Empty", CLIP, 15, List.of(), List.of());
    assertThrows(InvalidInput.class, () -> handOver(empty, stills));
  }
}
