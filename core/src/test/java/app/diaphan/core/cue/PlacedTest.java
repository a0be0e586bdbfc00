package app.diaphan.core.cue;

import static app.diaphan.core.cue.CueSamples.CLIP;
import static app.diaphan.core.cue.CueSamples.cue;
import static app.diaphan.core.cue.CueSamples.id;
import static app.diaphan.core.cue.CueSamples.still;
import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.cue.move.Move;
import app.diaphan.core.cue.move.Side;
import app.diaphan.core.frame.Frame;
import java.util.List;
import org.junit.jupiter.api.Test;

class PlacedTest {
  private static final CueStill STILL = still(id(1), "Bo");

  private static Placed at(Move coming, Move going, long picture) {
    return Placed.at(cue(1, 100, 50, 1, coming, going), STILL, CLIP, picture);
  }

  @Test
  void aFadeOfTwelveShowsTwelvePicturesOnItsWay() {
    Move fade = new Move.Fade(12);
    assertEquals(1 / 13.0, at(fade, Move.CUT, 100).opacity(), 1e-9);
    assertEquals(12 / 13.0, at(fade, Move.CUT, 111).opacity(), 1e-9);
    assertEquals(1, at(fade, Move.CUT, 112).opacity());
    assertEquals(1, at(Move.CUT, fade, 137).opacity());
    assertEquals(12 / 13.0, at(Move.CUT, fade, 138).opacity(), 1e-9);
    assertEquals(1 / 13.0, at(Move.CUT, fade, 149).opacity(), 1e-9);
  }

  @Test
  void aSlideComesFromItsSideAndIsHalfWayInItsMiddle() {
    // Eleven pictures: the sixth is half-way.
    for (Side side : Side.values()) {
      Placed half = at(new Move.Slide(side, 11), Move.CUT, 105);
      double across = side == Side.LEFT ? -960 : side == Side.RIGHT ? 960 : 0;
      double down = side == Side.ABOVE ? -540 : side == Side.BELOW ? 540 : 0;
      assertEquals(across, half.left(), 1e-6);
      assertEquals(down, half.top(), 1e-6);
      assertEquals(1, half.opacity());
    }
  }

  @Test
  void growingKeepsTheMiddle() {
    Placed half = at(new Move.Grow(11), Move.CUT, 105);
    assertEquals(0.5, half.opacity(), 1e-9);
    assertEquals(0.8 * 1920, half.width(), 1e-6);
    assertEquals(960, half.left() + half.width() / 2, 1e-6);
    assertEquals(540, half.top() + half.height() / 2, 1e-6);
  }

  @Test
  void aScrollComesInFromBelowAtItsSpeed() {
    Cue cue = cue(1, 100, 500, 1).scrolling(250);
    assertEquals(1080, Placed.at(cue, STILL, CLIP, 100).top());
    assertEquals(1070, Placed.at(cue, STILL, CLIP, 101).top());
    assertEquals(1080 - 2500, Placed.at(cue, STILL, CLIP, 350).top());
  }

  @Test
  void trimmedFilesLieWhereTheyLieOnTheirFrame() {
    CueStill trimmed =
        new CueStill(
            id(1),
            "bug.png",
            "Bug",
            Frame.of(3840, 2160),
            3000,
            200,
            400,
            100,
            List.of(),
            CueStill.Standing.DELIVERED);
    assertEquals(new Placed(1500, 100, 200, 50, 1), Placed.resting(trimmed, Fit.FILL, CLIP));
    assertEquals(
        new Placed(3000 - 960, 200 - 540, 400, 100, 1), Placed.resting(trimmed, Fit.OWN, CLIP));
  }

  @Test
  void whatGoesBeforeItHasComeDoesBoth() {
    Cue cue = cue(1, 100, 10, 1, new Move.Fade(8), new Move.Fade(8));
    assertEquals(5 / 9.0 * 6 / 9.0, Placed.at(cue, STILL, CLIP, 104).opacity(), 1e-9);
  }
}
