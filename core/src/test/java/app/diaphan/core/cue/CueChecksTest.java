package app.diaphan.core.cue;

import static app.diaphan.core.cue.CueSamples.CLIP;
import static app.diaphan.core.cue.CueSamples.cue;
import static app.diaphan.core.cue.CueSamples.list;
import static app.diaphan.core.cue.CueSamples.still;
import static app.diaphan.core.cue.CueSamples.stills;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.cue.check.CueChecks;
import app.diaphan.core.cue.check.CueFound;
import app.diaphan.core.cue.check.CueFound.Kind;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.frame.Frame;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class CueChecksTest {
  private static List<Kind> kinds(CueList list, Function<StillId, CueStill> stills) {
    return CueChecks.of(list, stills).stream().map(CueFound::kind).toList();
  }

  /** The list with a cue put in the place of the one of its number. */
  private static CueList mended(CueList list, CueFound.Mend mend) {
    List<Cue> cues = new ArrayList<>(list.cues());
    cues.replaceAll(cue -> cue.id() == mend.cue().id() ? mend.cue() : cue);
    return list.withCues(cues);
  }

  @Test
  void whatIsInOrderIsFoundNothingIn() {
    assertEquals(
        List.of(),
        CueChecks.of(
            list(cue(1, 0, 125, 1), cue(2, 125, 125, 1), cue(3, 60, 100, 2)), stills("Bo")));
  }

  @Test
  void twoCuesOnOneLaneAtOnceAreFoundAndEachMendMendsThem() {
    CueList list = list(cue(1, 0, 125, 1), cue(2, 100, 125, 1), cue(3, 90, 100, 2));
    List<CueFound> found = CueChecks.of(list, stills("Bo"));
    assertEquals(1, found.size());
    CueFound one = found.getFirst();
    assertEquals(Kind.OVERLAP, one.kind());
    assertTrue(one.prevents());
    assertEquals(
        "\"Skipper 2\" begins at 00:00:04:00, while \"Skipper 1\" is on lane 1 until 00:00:05:00.",
        one.sentence());
    assertEquals(
        List.of("End \"Skipper 1\" at 00:00:04:00", "Put \"Skipper 2\" on lane 3"),
        one.mends().stream().map(CueFound.Mend::words).toList());
    one.mends().forEach(mend -> assertEquals(List.of(), kinds(mended(list, mend), stills("Bo"))));
  }

  @Test
  void aLongCueIsFoundUnderAllThatBeginMeanwhile() {
    assertEquals(
        List.of(Kind.OVERLAP, Kind.OVERLAP),
        kinds(
            list(cue(1, 0, 1000, 1), cue(2, 100, 50, 1), cue(3, 200, 50, 1), cue(4, 1000, 50, 1)),
            stills("Bo")));
  }

  @Test
  void cuesThatBeginAtOnceAreParted() {
    CueList list = list(cue(1, 50, 100, 1), cue(2, 50, 100, 1));
    List<CueFound.Mend> mends = CueChecks.of(list, stills("Bo")).getFirst().mends();
    assertEquals(1, mends.size());
    assertEquals(List.of(), kinds(mended(list, mends.getFirst()), stills("Bo")));
  }

  @Test
  void wordsNeedTheirTimeAtRest() {
    // 60 characters at 15 a second take 4 s; 125 pictures less two fades of 12 are 4.04 s.
    String words = "a".repeat(60);
    Move fade = new Move.Fade(12);
    assertEquals(List.of(), kinds(list(cue(1, 0, 125, 1, fade, fade)), stills(words)));
    CueList shorter = list(cue(1, 0, 123, 1, fade, fade));
    CueFound found = CueChecks.of(shorter, stills(words)).getFirst();
    assertEquals(Kind.TOO_SHORT, found.kind());
    assertFalse(found.prevents());
    assertEquals(
        "\"Skipper 1\" is at rest for 4.0 s; its 60 characters take 4.0 s to read.",
        found.sentence());
    assertEquals(List.of(), kinds(mended(shorter, found.mends().getFirst()), stills(words)));
    CueList slower =
        new CueList("Slow readers", CLIP, 10, List.of(), List.of(cue(1, 0, 125, 1, fade, fade)));
    assertEquals(List.of(Kind.TOO_SHORT), kinds(slower, stills(words)));
  }

  @Test
  void whatIsNotThereAsItWasMadeIsTold() {
    List<Kind> kinds = new ArrayList<>();
    List<Boolean> prevents = new ArrayList<>();
    for (CueStill.Standing standing : CueStill.Standing.values()) {
      CueChecks.of(list(cue(1, 0, 100, 1)), id -> still(id, Frame.of(1920, 1080), standing, "Bo"))
          .forEach(
              found -> {
                kinds.add(found.kind());
                prevents.add(found.prevents());
              });
    }
    assertEquals(List.of(Kind.OUTDATED, Kind.NOT_THERE, Kind.NOT_THERE, Kind.NOT_THERE), kinds);
    assertEquals(List.of(false, true, true, true), prevents);
  }

  @Test
  void whatLiesOutsideTheClipIsTold() {
    CueList late = list(cue(1, 1450, 100, 1), cue(2, 1600, 100, 1));
    List<CueFound> found = CueChecks.of(late, stills("Bo"));
    assertEquals(
        List.of(
            "\"Skipper 1\" lasts 2.0 s longer than the clip, which ends at 00:01:00:00.",
            "\"Skipper 2\" begins outside the clip, which goes from 00:00:00:00 to 00:01:00:00."),
        found.stream().map(CueFound::sentence).toList());
    assertEquals(50, found.getFirst().mends().getFirst().cue().length());
    CueClip hour = new CueClip("", 1920, 1080, CueSamples.PAL, 90_000, 1500);
    CueList early = new CueList("Early", hour, 15, List.of(), List.of(cue(1, 100, 100, 1)));
    assertTrue(CueChecks.of(early, stills("Bo")).getFirst().prevents());
  }

  @Test
  void movesThatHaveNoRoomAreShortened() {
    CueList list = list(cue(1, 0, 20, 1, new Move.Fade(12), new Move.Grow(12)));
    List<CueFound> found = CueChecks.of(list, stills(""));
    assertEquals(List.of(Kind.MOVES_TOO_LONG), found.stream().map(CueFound::kind).toList());
    found
        .getFirst()
        .mends()
        .forEach(mend -> assertEquals(List.of(), kinds(mended(list, mend), stills(""))));
  }

  @Test
  void aLineThatScrollsByTooFastIsFoundAndMended() {
    Frame card =
        new Frame(
            1920,
            3240,
            CLIP_FRAME.pixelAspect(),
            CLIP_FRAME.scan(),
            CLIP_FRAME.safeAreas(),
            CLIP_FRAME.ownMargin(),
            72,
            1080);
    String longest = "b".repeat(45); // 3 s at 15 a second; (1080 − 60) / 3 = 340 lines a second.
    Function<StillId, CueStill> stills =
        id -> still(id, card, CueStill.Standing.DELIVERED, "short", longest);
    Cue fits = cue(1, 0, 1500, 1).scrolling(340);
    assertEquals(List.of(), kinds(list(fits), stills));
    CueList fast = list(cue(1, 0, 1500, 1).scrolling(345));
    CueFound found = CueChecks.of(fast, stills).getFirst();
    assertEquals(Kind.LINE_TOO_FAST, found.kind());
    assertTrue(found.sentence().contains(longest), found.sentence());
    Cue mended = found.mends().getFirst().cue();
    assertTrue(mended.scroll() < 340, "slower: " + mended.scroll());
    // From below the clip to above it: 1080 + 3240 lines.
    assertEquals(Math.ceil(4320 / mended.scroll() * 25), mended.length());
    CueList cut = list(cue(1, 0, 300, 1).scrolling(340));
    CueFound early = CueChecks.of(cut, stills).getFirst();
    assertEquals(Kind.SCROLL_CUT, early.kind());
    assertEquals(318, early.mends().getFirst().cue().length());
    assertEquals(List.of(Kind.STANDS_CUT), kinds(list(cue(1, 0, 1000, 1)), stills));
  }

  private static final Frame CLIP_FRAME = Frame.of(1920, 1080);

  @Test
  void stillsOfAnotherSizeAreTold() {
    Function<StillId, CueStill> small =
        id -> still(id, Frame.of(1280, 720), CueStill.Standing.DELIVERED, "Bo");
    CueList list = list(cue(1, 0, 100, 1));
    CueFound found = CueChecks.of(list, small).getFirst();
    assertEquals(
        "\"Skipper 1\" is made for 1280 × 720, which is smaller than the clip of 1920 × 1080.",
        found.sentence());
    CueFound filled = CueChecks.of(mended(list, found.mends().getFirst()), small).getFirst();
    assertTrue(filled.sentence().contains("enlarged to 150 %"), filled.sentence());
    Function<StillId, CueStill> large =
        id -> still(id, Frame.of(3840, 2160), CueStill.Standing.DELIVERED, "Bo");
    CueFound off = CueChecks.of(list, large).getFirst();
    assertEquals(List.of(), kinds(mended(list, off.mends().getFirst()), large));
  }
}
