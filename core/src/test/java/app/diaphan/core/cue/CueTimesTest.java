package app.diaphan.core.cue;

import static app.diaphan.core.cue.CueSamples.CLIP;
import static app.diaphan.core.cue.CueSamples.PAL;
import static app.diaphan.core.cue.CueSamples.cue;
import static app.diaphan.core.cue.CueSamples.id;
import static app.diaphan.core.cue.CueSamples.list;
import static app.diaphan.core.cue.CueSamples.marker;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.cue.Dealing.By;
import app.diaphan.core.cue.Dealing.Lasting;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.cue.move.Pose;
import app.diaphan.core.cue.move.Side;
import app.diaphan.core.cue.time.CueTime;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameRate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class CueTimesTest {
  private static final TimeBase DROP = new TimeBase(new FrameRate(30000, 1001), true);

  private static String said(Runnable what) {
    return assertThrows(InvalidInput.class, what::run).getMessage();
  }

  @Test
  void whatIsNoTimeIsShownOne() {
    assertEquals(
        "\"soon\" is no time; write it as 00:00:12:05 or 12.2 s.",
        said(() -> CueTime.point("soon", PAL)));
    assertEquals(
        "\"soon\" is no length; write it as 5 s or 125 frames.",
        said(() -> CueTime.length("soon", PAL)));
    assertEquals(
        "\"0 frames\" is shorter than one picture; give a longer length.",
        said(() -> CueTime.length("0 frames", PAL)));
    assertEquals(1, CueTime.length("1 frame", PAL));
    assertEquals(
        "\":\" is no timecode; write hours, minutes, seconds and frames as 00:00:12:05.",
        said(() -> CueTime.point(":", PAL)));
    assertEquals(
        "\":\" is no timecode; write hours, minutes, seconds and frames as 00:00:12;05.",
        said(() -> CueTime.length(":", DROP)));
  }

  @Test
  void theSameTimecodeIsFoundAtAnotherNumbering() {
    assertEquals(15_005, CueTime.same("00:10:00:05", PAL));
    // Frame 29 is none of 25; the last one is taken.
    assertEquals(15_024, CueTime.same("00:10:00:29", PAL));
    // Where numbers are left out, the next one there is.
    assertEquals("00:01:00;02", DROP.timecode(CueTime.same("00:01:00:00", DROP)));
    assertEquals("00:01:00;02", DROP.timecode(CueTime.same("00:01:00:01", DROP)));
    assertEquals("00:01:00;07", DROP.timecode(CueTime.same("00:01:00:07", DROP)));
    assertThrows(InvalidInput.class, () -> CueTime.same("24:00:01:00", PAL));
  }

  @Test
  void theDaysEndIsATimeAndNothingIsBehindIt() {
    assertEquals("24:00:00:00", PAL.timecode(PAL.day()));
    assertEquals(PAL.day(), PAL.picture("24:00:00:00"));
    for (String behind : List.of("24:00:00:01", "24:00:01:00", "24:01:00:00", "25:00:00:00")) {
      assertThrows(InvalidInput.class, () -> PAL.picture(behind), behind);
    }
    assertThrows(InvalidInput.class, () -> PAL.timecode(PAL.day() + 1));
    assertThrows(InvalidInput.class, () -> PAL.timecode(-1));
  }

  @Test
  void aClipLiesWithinADayAndLastsAPicture() {
    long day = PAL.day();
    assertEquals(day, new CueClip("", 16, 16, PAL, day - 1, 1).end());
    assertThrows(InvalidInput.class, () -> new CueClip("", 16, 16, PAL, day - 1, 2));
    assertThrows(InvalidInput.class, () -> new CueClip("", 16, 16, PAL, 0, 0));
    assertThrows(InvalidInput.class, () -> new CueClip("", 16, 16, PAL, -1, 5));
  }

  @Test
  void aListNumberedOtherwiseKeepsItsTimes() {
    CueClip hour = new CueClip("", 1920, 1080, PAL, 90_000, 1500);
    CueList list =
        new CueList(
            "Hour",
            hour,
            15,
            List.of(new Marker("m", 90_050, 25)),
            List.of(cue(1, 90_100, 50, 1, new Move.Fade(25), Move.CUT)));
    CueList fifty = list.numbered(TimeBase.of(new FrameRate(50, 1)));
    assertEquals(180_000, fifty.clip().start());
    assertEquals(3000, fifty.clip().length());
    assertEquals(new Marker("m", 180_100, 50), fifty.markers().getFirst());
    Cue cue = fifty.cues().getFirst();
    assertEquals(List.of(180_200L, 100L), List.of(cue.from(), cue.length()));
    assertEquals(new Move.Fade(50), cue.coming());
    assertEquals(Move.CUT, cue.going());
  }

  @Test
  void cuesAreInOrderWhateverOrderTheyComeIn() {
    CueList list = list(cue(4, 50, 10, 2), cue(7, 50, 10, 1), cue(9, 0, 10, 1));
    assertEquals(List.of(9, 7, 4), list.cues().stream().map(Cue::id).toList());
    assertEquals(List.of(1, 2), list.lanes());
    assertEquals(10, list.nextId());
    assertEquals(1, list().nextId());
    List<Marker> most =
        IntStream.range(0, Marker.MOST).mapToObj(at -> marker("m", Marker.MOST - at)).toList();
    CueList full = new CueList("Full", CLIP, 15, most, List.of());
    assertEquals(1, full.markers().getFirst().at());
    List<Marker> tooMany = new ArrayList<>(most);
    tooMany.add(marker("m", 0));
    assertThrows(InvalidInput.class, () -> new CueList("Full", CLIP, 15, tooMany, List.of()));
  }

  @Test
  void movesTakeTheRoomThereIs() {
    Move fade = new Move.Fade(12);
    assertEquals(fade, fade.within(12));
    assertEquals(new Move.Fade(11), fade.within(11));
    assertEquals(new Move.Fade(1), fade.within(1));
    assertEquals(Move.CUT, fade.within(0));
    assertEquals(Move.CUT, Move.CUT.within(0));
    for (int frames : new int[] {0, Move.MOST_FRAMES + 1}) {
      assertThrows(InvalidInput.class, () -> new Move.Fade(frames));
      assertThrows(InvalidInput.class, () -> new Move.Grow(frames));
      assertThrows(InvalidInput.class, () -> new Move.Slide(Side.LEFT, frames));
    }
    assertEquals(
        new Pose(0.25, 0.5, 0.75, 0.4),
        new Pose(0.5, 0.3, 0.25, 0.5).and(new Pose(0.5, 0.2, 0.5, 0.8)));
  }

  @Test
  void onlyWhatWasDeliveredOnceIsThere() {
    assertEquals(
        List.of(CueStill.Standing.DELIVERED, CueStill.Standing.OUTDATED),
        Arrays.stream(CueStill.Standing.values())
            .filter(
                standing -> CueSamples.still(id(1), Frame.of(1920, 1080), standing, "Bo").there())
            .toList());
  }

  @Test
  void theLastMarkersStillLastsToTheClipsEndOrAPicture() {
    List<Dealing.Card> cards = List.of(new Dealing.Card(id(1), "Bo"));
    Dealing untilNext =
        new Dealing(
            By.ORDER, new Lasting.UntilNext(), 1, new Move.Fade(12), new Move.Fade(12), Fit.OWN);
    Cue last = untilNext.deal(cards, List.of(marker("a", 1480)), CLIP, 1).cues().getFirst();
    assertEquals(20, last.length());
    assertEquals(new Move.Fade(10), last.coming());
    assertEquals(new Move.Fade(10), last.going());
    for (long at : new long[] {1500, 1600}) {
      Dealing.Dealt behind = untilNext.deal(cards, List.of(marker("a", at)), CLIP, 1);
      assertEquals(1, behind.cues().getFirst().length());
      assertEquals(
          List.of("1 marker lies outside the clip, which goes from 00:00:00:00 to 00:01:00:00."),
          behind.notes());
    }
    assertEquals(List.of(), untilNext.deal(cards, List.of(marker("a", 0)), CLIP, 1).notes());
  }

  @Test
  void theLongestNameInAMarkersWordsIsMeant() {
    List<Dealing.Card> cards =
        List.of(
            new Dealing.Card(id(1), "Bo"),
            new Dealing.Card(id(2), "Bo Tarn of Lantern Reach"),
            new Dealing.Card(id(3), "Bo Tarn"),
            new Dealing.Card(id(4), "--"));
    Dealing byWords = new Dealing(By.WORDS, new Lasting.Fixed(5), 1, Move.CUT, Move.CUT, Fit.OWN);
    Dealing.Dealt dealt =
        byWords.deal(
            cards,
            List.of(
                marker("enter Bo Tarn of Lantern Reach!", 0),
                marker("Bot, Bo", 10),
                marker("?!", 20)),
            CLIP,
            1);
    assertEquals(List.of(2L, 1L, 4L), dealt.cues().stream().map(cue -> cue.still().row()).toList());
  }
}
