package app.diaphan.core.cue;

import static app.diaphan.core.cue.CueSamples.CLIP;
import static app.diaphan.core.cue.CueSamples.cue;
import static app.diaphan.core.cue.CueSamples.id;
import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.Digest;
import app.diaphan.core.Samples;
import app.diaphan.core.cue.handover.HandOver;
import app.diaphan.core.cue.handover.HandOverFolder;
import app.diaphan.core.cue.handover.HandedStill;
import app.diaphan.core.cue.handover.TimeLines;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.cue.move.Side;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.screening.AlphaReading;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a hand-over says in words, read as the editor reads it. */
class HandOverWordsTest {
  private static final CueList LIST =
      new CueList(
          "Skippers at the quay",
          CLIP,
          15,
          List.of(),
          List.of(
              cue(1, 25, 125, 1, new Move.Slide(Side.LEFT, 10), new Move.Grow(5)),
              cue(2, 200, 100, 1).fitted(Fit.FILL),
              cue(3, 0, 250, 3).scrolling(120)));

  private static final Function<StillId, HandedStill> HANDED =
      id ->
          new HandedStill(
              id.row() == 2 ? " " : "Bo --> & <" + id.row() + ">",
              id.row() + ".png",
              "stills/" + id.row() + ".png");

  @TempDir Path folder;

  private HandOver.Still still(StillId id, CueStill.Standing standing) throws IOException {
    Path file = folder.resolve("delivered").resolve(id.row() + ".png");
    Files.createDirectories(file.getParent());
    ImageIO.write(new BufferedImage(192, 108, BufferedImage.TYPE_INT_ARGB), "png", file.toFile());
    CueStill known =
        new CueStill(
            id,
            id.row() + ".png",
            "Skipper " + id.row(),
            Frame.of(1920, 1080),
            0,
            0,
            192,
            108,
            List.of(),
            standing);
    return new HandOver.Still(known, file, Digest.of(file), AlphaReading.STRAIGHT);
  }

  private HandOver handOver(CueList list, CueStill.Standing standing) throws IOException {
    Map<StillId, CueStill> known = new HashMap<>();
    Map<StillId, HandOver.Still> stills = new HashMap<>();
    for (Cue cue : list.cues()) {
      stills.put(cue.still(), still(cue.still(), standing));
      known.put(cue.still(), stills.get(cue.still()).known());
    }
    return new HandOver(list, known, stills);
  }

  private List<String> readme(CueList list, CueStill.Standing standing) throws IOException {
    Path to = folder.resolve("to");
    HandOverFolder.write(handOver(list, standing), to, Samples.renderer());
    return Files.readString(to.resolve("README.txt")).lines().toList();
  }

  @Test
  void theReadmeSaysWhatIsThereAndWhatIsToBeSetByHand() throws IOException {
    List<String> lines = readme(LIST, CueStill.Standing.DELIVERED);
    assertEquals(
        List.of(
            "Skippers at the quay",
            "",
            "3 cues on 2 lanes, for a video of 1920 × 1080 at 25 pictures a second,",
            "whose first picture is 00:00:00:00 (\"quay at dusk\").",
            "",
            "stills/            the pictures, with alpha: lay them over the video",
            "contact-sheet.pdf  every cue's picture with its times, to look at or print",
            "cues.otio          the time line as OpenTimelineIO",
            "cues.edl           the same as an edit list (CMX 3600)",
            "cues-lane-3.edl    the same as an edit list (CMX 3600), of a lane above",
            "cues.csv           the same as a table",
            "cues.vtt           the names at their times as WebVTT",
            "cues.srt           the names at their times as SubRip"),
        lines.subList(0, 13));
    int byHand = lines.indexOf("Edit lists have no word for these; set them by hand:");
    assertEquals(
        List.of(
            "- 00:00:00:00 Skipper 3: scrolls upward at 120.0 lines a second",
            "- 00:00:01:00 Skipper 1: comes by a slide from the left of 10, goes by shrinking in 5",
            "- 00:00:08:00 Skipper 2: is scaled to the clip",
            ""),
        lines.subList(byHand + 1, byHand + 5));
    assertEquals(
        List.of(
            "Cues",
            "",
            "00:00:00:00  00:00:10:00  lane 3  Skipper 3  (stills/3.png)",
            "00:00:01:00  00:00:06:00  lane 1  Skipper 1  (stills/1.png)",
            "00:00:08:00  00:00:12:00  lane 1  Skipper 2  (stills/2.png)"),
        lines.subList(lines.indexOf("Cues"), lines.size()));
  }

  @Test
  void theReadmeOfAPlainListSaysNoMoreThanThat() throws IOException {
    CueClip unnamed = new CueClip("", 1920, 1080, CueSamples.PAL, 0, 1500);
    CueList plain =
        new CueList(
            "Plain",
            unnamed,
            15,
            List.of(),
            List.of(cue(1, 0, 50, 1, new Move.Fade(5), new Move.Fade(5))));
    List<String> lines = readme(plain, CueStill.Standing.DELIVERED);
    assertEquals(
        "1 cue on 1 lane, for a video of 1920 × 1080 at 25 pictures a second,", lines.get(2));
    assertEquals("whose first picture is 00:00:00:00.", lines.get(3));
    assertEquals(-1, lines.indexOf("Edit lists have no word for these; set them by hand:"));
    assertEquals(-1, lines.indexOf("What you may wonder at:"));
  }

  @Test
  void whatIsToBeWonderedAtIsSaid() throws IOException {
    CueList one = new CueList("One", CLIP, 15, List.of(), List.of(cue(1, 0, 50, 1)));
    String note = "\"Skipper 1\" was changed since 1.png was delivered; deliver it again.";
    assertEquals(List.of(note), handOver(one, CueStill.Standing.OUTDATED).notes());
    List<String> lines = readme(one, CueStill.Standing.OUTDATED);
    assertEquals("- " + note, lines.get(lines.indexOf("What you may wonder at:") + 1));
  }

  @Test
  void theTableHasARowACue() {
    assertEquals(
        List.of(
            "\ufeffcue,lane,in,out,length,frames,name,file,coming,going,scroll,size",
            "1,3,00:00:00:00,00:00:10:00,00:00:10:00,250,Bo --> & <3>,stills/3.png,a cut,a cut,120.0 lines a second,its own",
            "2,1,00:00:01:00,00:00:06:00,00:00:05:00,125,Bo --> & <1>,stills/1.png,a slide from the left of 10,shrinking in 5,,its own",
            "3,1,00:00:08:00,00:00:12:00,00:00:04:00,100,\" \",stills/2.png,a cut,a cut,,scaled to the clip"),
        TimeLines.of(LIST, HANDED).get("cues.csv").lines().toList());
  }

  @Test
  void namesAreSubtitlesThatLookLikeNoTimes() {
    assertEquals(
        List.of(
            "WEBVTT",
            "",
            "00:00:00.000 --> 00:00:10.000",
            "Bo → &amp; &lt;3&gt;",
            "",
            "00:00:01.000 --> 00:00:06.000",
            "Bo → &amp; &lt;1&gt;",
            "",
            "00:00:08.000 --> 00:00:12.000",
            "-"),
        TimeLines.of(LIST, HANDED).get("cues.vtt").lines().toList());
    assertEquals(
        List.of(
            "1",
            "00:00:00,000 --> 00:00:10,000",
            "Bo → & <3>",
            "",
            "2",
            "00:00:01,000 --> 00:00:06,000",
            "Bo → & <1>",
            "",
            "3",
            "00:00:08,000 --> 00:00:12,000",
            "-",
            ""),
        TimeLines.of(LIST, HANDED).get("cues.srt").lines().toList());
  }

  @Test
  void editListsTellInCommentsWhatTheyHaveNoWordFor() {
    Map<String, String> files = TimeLines.of(LIST, HANDED);
    List<String> lower = files.get("cues.edl").lines().toList();
    assertEquals(
        List.of(
            "* LABEL: Bo --> & <1>",
            "* COMING BY: a slide from the left of 10",
            "* GOING BY: shrinking in 5"),
        lower.subList(5, 8));
    assertEquals("* SIZE: scaled to the clip", lower.getLast());
    assertEquals(
        "* SCROLLING: upward, 120.0 lines a second",
        files.get("cues-lane-3.edl").lines().toList().getLast());
  }

  @Test
  void aTimeLineTellsThemBesideItsClips() {
    JsonNode root = new JsonMapper().readTree(TimeLines.of(LIST, HANDED).get("cues.otio"));
    JsonNode tracks = root.path("tracks").path("children");
    JsonNode scrolling = tracks.path(1).path("children").path(1).path("metadata");
    assertEquals(
        "upward, 120.0 lines a second",
        scrolling.path(scrolling.propertyNames().iterator().next()).path("scrolling").asString());
    JsonNode first = tracks.path(0).path("children");
    JsonNode sliding = first.path(1).path("metadata");
    String creator = sliding.propertyNames().iterator().next();
    assertEquals(true, sliding.path(creator).path("scrolling").isMissingNode());
    assertEquals("a slide from the left of 10", sliding.path(creator).path("coming").asString());
    // A gap before, between and behind, each as long as nothing is seen.
    assertEquals(
        List.of(25.0, 125.0, 50.0, 100.0, 1200.0),
        first
            .valueStream()
            .map(item -> item.path("source_range").path("duration").path("value").asDouble())
            .toList());
  }

  @Test
  void aFadeAtTheEndOfAClipIsFollowedByNothing() {
    CueList list =
        CueSamples.list(
            cue(1, 0, 100, 1), cue(2, 100, 1400, 1, new Move.Fade(4), new Move.Fade(6)));
    JsonNode root = new JsonMapper().readTree(TimeLines.of(list, HANDED).get("cues.otio"));
    JsonNode children = root.path("tracks").path("children").path(0).path("children");
    assertEquals(
        List.of("Gap.1", "Clip.2", "Gap.1", "Transition.1", "Clip.2", "Transition.1", "Gap.1"),
        children.valueStream().map(child -> child.path("OTIO_SCHEMA").asString()).toList());
    CueList plain = CueSamples.list(cue(1, 10, 90, 1), cue(2, 100, 1400, 1));
    JsonNode flat = new JsonMapper().readTree(TimeLines.of(plain, HANDED).get("cues.otio"));
    assertEquals(
        List.of("Gap.1", "Clip.2", "Clip.2"),
        flat.path("tracks")
            .path("children")
            .path(0)
            .path("children")
            .valueStream()
            .map(child -> child.path("OTIO_SCHEMA").asString())
            .toList());
  }
}
