package app.diaphan.core.cue;

import static app.diaphan.core.cue.CueSamples.CLIP;
import static app.diaphan.core.cue.CueSamples.PAL;
import static app.diaphan.core.cue.CueSamples.cue;
import static app.diaphan.core.cue.CueSamples.list;
import static app.diaphan.core.cue.CueSamples.still;
import static app.diaphan.core.cue.CueSamples.stills;
import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.cue.check.CueChecks;
import app.diaphan.core.cue.check.CueFound;
import app.diaphan.core.cue.check.CueFound.Kind;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.PixelAspect;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is just in order and what is not any more, and what is said of it. */
class CueLimitsTest {
  private static List<CueFound> found(CueList list, Function<StillId, CueStill> stills) {
    return CueChecks.of(list, stills);
  }

  private static List<String> sentences(CueList list, Function<StillId, CueStill> stills) {
    return found(list, stills).stream().map(CueFound::sentence).toList();
  }

  private static CueFound only(CueList list, Function<StillId, CueStill> stills) {
    List<CueFound> found = found(list, stills);
    assertEquals(1, found.size(), found.toString());
    return found.getFirst();
  }

  private static Function<StillId, CueStill> sized(int width, int height, String... lines) {
    return id -> still(id, Frame.of(width, height), CueStill.Standing.DELIVERED, lines);
  }

  /** A card of so many lines for a video of 1080. */
  private static Function<StillId, CueStill> card(int height, String... lines) {
    Frame hd = Frame.of(1920, 1080);
    Frame card =
        new Frame(
            1920,
            height,
            hd.pixelAspect(),
            hd.scan(),
            hd.safeAreas(),
            hd.ownMargin(),
            Frame.COMMON_DOTS,
            1080);
    return id -> still(id, card, CueStill.Standing.DELIVERED, lines);
  }

  @Test
  void whatPreventsComesFirstThenTheOrderOfTheCues() {
    Function<StillId, CueStill> stills =
        id ->
            still(
                id,
                Frame.of(1280, 720),
                id.row() == 5 ? CueStill.Standing.NOT_DELIVERED : CueStill.Standing.OUTDATED,
                "Bo");
    List<CueFound> found =
        found(list(cue(9, 0, 50, 1), cue(5, 100, 50, 1), cue(2, 200, 50, 1)), stills);
    assertEquals(List.of(5, 9, 9, 2, 2), found.stream().map(CueFound::cue).toList());
    assertEquals(
        List.of(Kind.NOT_THERE, Kind.OUTDATED, Kind.OTHER_SIZE, Kind.OUTDATED, Kind.OTHER_SIZE),
        found.stream().map(CueFound::kind).toList());
  }

  @Test
  void aLaneIsFreeIfNothingOnItIsSeenMeanwhile() {
    // Those on lane 2 end where it begins and begin where it ends.
    CueFound overlap =
        only(
            list(cue(1, 100, 100, 1), cue(2, 150, 100, 1), cue(3, 100, 50, 2), cue(4, 250, 50, 2)),
            stills("Bo"));
    assertEquals(2, overlap.mends().getLast().cue().lane());
    assertEquals(50, overlap.mends().getFirst().cue().length());
  }

  @Test
  void theLastLaneIsTakenAndThenNoneIsLeft() {
    List<Cue> full = new ArrayList<>();
    for (int lane = 1; lane < Cue.MOST_LANES; lane++) {
      full.add(cue(lane, 100, 100, lane));
    }
    full.add(cue(50, 100, 100, 1));
    CueFound last = only(list(full.toArray(Cue[]::new)), stills("Bo"));
    assertEquals(Cue.MOST_LANES, last.mends().getFirst().cue().lane());
    full.add(cue(60, 100, 100, Cue.MOST_LANES));
    assertEquals(List.of(), only(list(full.toArray(Cue[]::new)), stills("Bo")).mends());
  }

  @Test
  void aCueMayBeginWithTheClipAndEndWithIt() {
    CueClip hour = new CueClip("", 1920, 1080, PAL, 90_000, 1500);
    Function<Cue, CueList> of = cue -> new CueList("Hour", hour, 15, List.of(), List.of(cue));
    assertEquals(List.of(), sentences(of.apply(cue(1, 90_000, 1500, 1)), stills("Bo")));
    CueFound longer = only(of.apply(cue(1, 90_000, 1510, 1)), stills("Bo"));
    assertEquals(false, longer.prevents());
    assertEquals(1500, longer.mends().getFirst().cue().length());
    CueFound late = only(of.apply(cue(1, 91_500, 50, 1)), stills("Bo"));
    assertEquals(List.of(Kind.OUTSIDE_CLIP, false), List.of(late.kind(), late.prevents()));
    assertEquals(true, only(of.apply(cue(1, 89_999, 50, 1)), stills("Bo")).prevents());
  }

  @Test
  void whatReachesOverTheDaysEndPrevents() {
    long day = PAL.day();
    CueClip night = new CueClip("", 1920, 1080, PAL, day - 100, 100);
    Function<Cue, CueList> of = cue -> new CueList("Night", night, 15, List.of(), List.of(cue));
    assertEquals(List.of(), sentences(of.apply(cue(1, day - 50, 50, 1)), stills("Bo")));
    CueFound over = only(of.apply(cue(1, day - 50, 51, 1)), stills("Bo"));
    assertEquals(true, over.prevents());
    assertEquals(
        "\"Skipper 1\" lasts 0.0 s longer than the clip, which ends at 24:00:00:00.",
        over.sentence());
    CueClip evening = new CueClip("", 1920, 1080, PAL, day - 100, 50);
    CueList upToTheEnd =
        new CueList("Evening", evening, 15, List.of(), List.of(cue(1, day - 40, 40, 1)));
    assertEquals(false, only(upToTheEnd, stills("Bo")).prevents());
    CueList behind =
        new CueList("Evening", evening, 15, List.of(), List.of(cue(1, day - 50, 50, 1)));
    assertEquals(false, only(behind, stills("Bo")).prevents());
    CueList beyond =
        new CueList("Evening", evening, 15, List.of(), List.of(cue(1, day - 50, 51, 1)));
    assertEquals(true, only(beyond, stills("Bo")).prevents());
  }

  @Test
  void movesMayFillACue() {
    assertEquals(
        List.of(),
        sentences(list(cue(1, 0, 24, 1, new Move.Fade(12), new Move.Fade(12))), stills("")));
    CueFound found = only(list(cue(1, 0, 23, 1, new Move.Fade(12), new Move.Fade(12))), stills(""));
    assertEquals("\"Skipper 1\" comes and goes in 24 frames, but lasts 23.", found.sentence());
    assertEquals(
        List.of("Shorten how it comes and goes", "Let it last 48 frames"),
        found.mends().stream().map(CueFound.Mend::words).toList());
    assertEquals(48, found.mends().getLast().cue().length());
  }

  @Test
  void wordsMayTakeJustTheTimeAtRest() {
    assertEquals(List.of(), sentences(list(cue(1, 0, 100, 1)), stills("a".repeat(60))));
    CueFound found = only(list(cue(1, 0, 99, 1)), stills("a".repeat(60)));
    assertEquals(101, found.mends().getFirst().cue().length());
    assertEquals("Let it last 4.0 s", found.mends().getFirst().words());
  }

  @Test
  void whatScrollsSaysHowLongALineIsSeen() {
    String line = "b".repeat(30); // 2 s; (1080 − 60) lines at 1020 a second take one.
    List<CueFound> found =
        found(list(cue(1, 0, 1000, 1).scrolling(1020)), card(3240, "Bo", line, ""));
    assertEquals(1, found.size());
    assertEquals(
        "At 1020 lines a second the line \""
            + line
            + "\" is on screen for 1.0 s; its 30 characters take 2.0 s to read.",
        found.getFirst().sentence());
    // 1020 / 2 s / 1.02 is 500 lines a second; 4320 lines take 8.64 s.
    assertEquals(
        "Scroll at 500 lines a second, 8.6 s", found.getFirst().mends().getFirst().words());
    assertEquals(216, found.getFirst().mends().getFirst().cue().length());
    CueFound odd = found(list(cue(1, 0, 1000, 1).scrolling(1020.5)), card(3240, line)).getFirst();
    assertEquals("At 1020.5 lines", odd.sentence().substring(0, 15));
  }

  @Test
  void aScrollMayEndAsItsLastLineLeaves() {
    assertEquals(List.of(), sentences(list(cue(1, 0, 216, 1).scrolling(500)), card(3240, "Bo")));
    assertEquals(
        List.of(
            "\"Skipper 1\" is cut off before it has scrolled out: that takes 8.6 s, it lasts 8.4 s."),
        sentences(list(cue(1, 0, 210, 1).scrolling(500)), card(3240, "Bo")));
  }

  @Test
  void aCardThatStandsIsToScrollOutWithinItsTime() {
    CueFound stands = only(list(cue(1, 0, 1000, 1)), card(3240, "Bo"));
    assertEquals(
        "\"Skipper 1\" is a card of 3240 lines: it is seen whole only while it scrolls.",
        stands.sentence());
    // 4320 lines in 40 s.
    assertEquals("Scroll at 108 lines a second", stands.mends().getFirst().words());
  }

  @Test
  void onlyWhatIsEnlargedIsSoft() {
    CueList filled = list(cue(1, 0, 100, 1).fitted(Fit.FILL));
    assertEquals(List.of(), sentences(filled, sized(3840, 2160)));
    assertEquals(List.of(), sentences(filled, sized(1920, 1440)));
    // As wide as the clip: scaled by its width to just its own size.
    assertEquals(List.of(), sentences(filled, sized(1920, 800)));
    assertEquals(
        List.of(
            "\"Skipper 1\" is made for 1280 × 720 and enlarged to 150 %: it is soft. Deliver it for 1920 × 1080."),
        sentences(filled, sized(1280, 720)));
  }

  @Test
  void anotherSizeIsSmallerIfItIsOnEitherSide() {
    String smaller = ", which is smaller than the clip of 1920 × 1080.";
    String cut = " and cut off by the clip of 1920 × 1080.";
    CueList own = list(cue(1, 0, 100, 1));
    assertEquals(
        List.of("\"Skipper 1\" is made for 1920 × 800" + smaller),
        sentences(own, sized(1920, 800)));
    assertEquals(
        List.of("\"Skipper 1\" is made for 1000 × 1080" + smaller),
        sentences(own, sized(1000, 1080)));
    assertEquals(
        List.of("\"Skipper 1\" is made for 2048 × 1080" + cut), sentences(own, sized(2048, 1080)));
    assertEquals(
        List.of("\"Skipper 1\" is made for 1920 × 1200" + cut), sentences(own, sized(1920, 1200)));
  }

  @Test
  void nothingIsAskedOfThePicturesThatAreNotThere() {
    assertEquals(
        List.of("\"Skipper 1\" was not delivered yet; deliver it."),
        sentences(
            list(cue(1, 0, 2, 1)),
            id ->
                still(
                    id,
                    Frame.of(1280, 720),
                    CueStill.Standing.NOT_DELIVERED,
                    IntStream.range(0, 9).mapToObj(i -> "many words").toArray(String[]::new))));
  }

  @Test
  void widePixelsAreMadeSquareOnlyWhereAStillIsBroughtToTheClipsSize() {
    Frame hd = Frame.of(1440, 1080);
    Frame wide =
        new Frame(
            1440,
            1080,
            new PixelAspect(4, 3),
            hd.scan(),
            hd.safeAreas(),
            hd.ownMargin(),
            Frame.COMMON_DOTS,
            1080);
    CueStill still =
        new CueStill(
            CueSamples.id(1),
            "wide.png",
            "Wide",
            wide,
            300,
            90,
            600,
            120,
            List.of(),
            CueStill.Standing.DELIVERED);
    CueClip half = new CueClip("", 960, 540, PAL, 0, 100);
    assertEquals(new Placed(240 + 300, 90, 600, 120, 1), Placed.resting(still, Fit.OWN, CLIP));
    assertEquals(new Placed(400, 90, 800, 120, 1), Placed.resting(still, Fit.FILL, CLIP));
    assertEquals(new Placed(200, 45, 400, 60, 1), Placed.resting(still, Fit.FILL, half));
    // A clip that is less high lets it be as high as itself, in its middle.
    CueClip flat = new CueClip("", 1920, 540, PAL, 0, 100);
    assertEquals(new Placed(480 + 200, 45, 400, 60, 1), Placed.resting(still, Fit.FILL, flat));
  }
}
