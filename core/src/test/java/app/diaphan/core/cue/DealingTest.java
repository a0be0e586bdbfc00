package app.diaphan.core.cue;

import static app.diaphan.core.cue.CueSamples.CLIP;
import static app.diaphan.core.cue.CueSamples.id;
import static app.diaphan.core.cue.CueSamples.marker;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.cue.Dealing.By;
import app.diaphan.core.cue.Dealing.Lasting;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.frame.FrameRate;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class DealingTest {
  private static final Move FADE = new Move.Fade(12);
  private static final List<Dealing.Card> CARDS =
      List.of(
          new Dealing.Card(id(1), "Ysolde Farrow-Quill"),
          new Dealing.Card(id(2), "Tam Orrin"),
          new Dealing.Card(id(3), "Bo"));
  private static final List<Marker> MARKERS =
      List.of(marker("two", 500), new Marker("one", 100, 75), marker("three", 900));

  private static Dealing.Dealt deal(By by, Lasting lasting, List<Marker> markers) {
    return new Dealing(by, lasting, 2, FADE, Move.CUT, Fit.OWN).deal(CARDS, markers, CLIP, 7);
  }

  private static List<List<Long>> times(Dealing.Dealt dealt) {
    return dealt.cues().stream()
        .map(cue -> List.of(cue.still().row(), cue.from(), cue.length()))
        .toList();
  }

  @Test
  void rowsGoToMarkersInOrderAndLastToTheNext() {
    Dealing.Dealt dealt = deal(By.ORDER, new Lasting.UntilNext(), MARKERS);
    assertEquals(
        List.of(List.of(1L, 100L, 400L), List.of(2L, 500L, 400L), List.of(3L, 900L, 600L)),
        times(dealt));
    assertEquals(List.of(7, 8, 9), dealt.cues().stream().map(Cue::id).toList());
    assertTrue(dealt.cues().stream().allMatch(cue -> cue.lane() == 2 && cue.coming() == FADE));
    assertEquals(List.of(), dealt.notes());
  }

  @Test
  void theyLastAsLongAsWantedOrAsTheirMarkers() {
    assertEquals(
        List.of(125L, 125L, 125L),
        deal(By.ORDER, new Lasting.Fixed(125), MARKERS).cues().stream().map(Cue::length).toList());
    assertEquals(
        List.of(75L, 125L, 125L),
        deal(By.ORDER, new Lasting.OfMarker(125), MARKERS).cues().stream()
            .map(Cue::length)
            .toList());
  }

  @Test
  void whatIsLeftOverOnEitherSideIsTold() {
    List<Marker> many = IntStream.range(0, 5000).mapToObj(i -> marker("m" + i, i)).toList();
    Dealing.Dealt dealt = deal(By.ORDER, new Lasting.Fixed(1), many);
    assertEquals(3, dealt.cues().size());
    assertEquals(
        List.of("There are 5000 markers for 3 stills; the last 4997 stay without, from \"m3\" on."),
        dealt.notes());
    assertEquals(
        List.of("There are 3 stills for 1 marker; the last 2 stay without, from \"Tam Orrin\" on."),
        deal(By.ORDER, new Lasting.Fixed(1), List.of(marker("only", 4))).notes());
  }

  @Test
  void wordsFindTheirRow() {
    Dealing.Dealt dealt =
        deal(
            By.WORDS,
            new Lasting.Fixed(50),
            List.of(
                marker("TAM ORRIN: we were lucky", 0),
                marker("ysolde farrow quill", 100),
                marker("Robots and boats", 200),
                marker("Tam Orrin", 300)));
    assertEquals(
        List.of(List.of(2L, 0L, 50L), List.of(1L, 100L, 50L), List.of(2L, 300L, 50L)),
        times(dealt));
    assertEquals(
        List.of(
            "1 marker names no still: \"Robots and boats\".",
            "1 still is named by no marker: \"Bo\"."),
        dealt.notes());
  }

  @Test
  void markersOutsideTheClipAreDealtAndTold() {
    Dealing.Dealt dealt =
        deal(By.ORDER, new Lasting.UntilNext(), List.of(marker("in", 10), marker("out", 9000)));
    assertEquals(List.of(List.of(1L, 10L, 8990L), List.of(2L, 9000L, 1L)), times(dealt));
    assertTrue(
        dealt
            .notes()
            .contains(
                "1 marker lies outside the clip, which goes from 00:00:00:00 to 00:01:00:00."));
  }

  @Test
  void movesAreNoLongerThanHalfOfWhatTheyMove() {
    Dealing.Dealt dealt =
        deal(By.ORDER, new Lasting.Fixed(10), List.of(marker("short", 10), marker("next", 40)));
    assertEquals(new Move.Fade(5), dealt.cues().getFirst().coming());
    assertEquals(
        Move.CUT, deal(By.ORDER, new Lasting.Fixed(1), MARKERS).cues().getFirst().coming());
  }

  /** Everything stays where it is in time, and the clip begins at the same timecode. */
  @Test
  void picturesCanBeNumberedOtherwise() {
    CueClip clip = new CueClip("", 1920, 1080, CueSamples.PAL, 900_000, 1500);
    CueList list =
        new CueList(
            "Ten o'clock",
            clip,
            15,
            List.of(marker("m", 900_250)),
            List.of(CueSamples.cue(1, 900_100, 50, 1, FADE, Move.CUT)));
    TimeBase drop = new TimeBase(new FrameRate(30000, 1001), true);
    CueList numbered = list.numbered(drop);
    assertEquals("10:00:00;00", drop.timecode(numbered.clip().start()));
    Cue cue = numbered.cues().getFirst();
    assertEquals("10:00:04;00", drop.timecode(cue.from()));
    assertEquals(60, cue.length());
    assertEquals(new Move.Fade(14), cue.coming());
    assertEquals("10:00:10;00", drop.timecode(numbered.markers().getFirst().at()));
  }
}
