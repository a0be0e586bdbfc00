package app.diaphan.core.overlay.copy;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.Samples;
import app.diaphan.core.code.Correction;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.slot.Slot;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A code on a copy, property by property. */
class PieceMergeTest {
  private static final CodePiece TAKEN = Samples.code("taken", Samples.centre(), 100);

  /** With everything otherwise that can be. */
  private static final CodePiece NOW =
      new CodePiece(
          "code",
          "Code",
          false,
          false,
          Samples.centre().turned(10, false),
          "now",
          Correction.H,
          200,
          6,
          Colour.parse("#102030"),
          Samples.flat("#eeeeee"),
          Look.PLAIN.withFaceOpacity(0.5),
          List.of(new Slot.ShownBy("guest")));

  @Test
  void whatTheCopyHasAsItWasTakenComesFromTheOriginal() {
    PieceMerge merge = new PieceMerge();
    assertEquals(NOW, merge.merged(TAKEN, TAKEN, NOW));
    assertEquals(List.of(), merge.own());
  }

  @Test
  void whatTheCopyHasOtherwiseStays() {
    Paint paint = Samples.flat("#ffeedd");
    CodePiece copy =
        TAKEN
            .withStretches(words -> "mine")
            .withSize(120, 130)
            .withInk(Colour.parse("#000000"))
            .withPaint(paint)
            .withPlace(Samples.centre().turned(20, false))
            .withSlots(List.of(new Slot.ShownWithWords()));
    PieceMerge merge = new PieceMerge();
    CodePiece merged = (CodePiece) merge.merged(TAKEN, copy, NOW);
    assertEquals("mine", merged.words());
    assertEquals(120, merged.side());
    assertEquals(Colour.parse("#000000"), merged.ink());
    assertEquals(paint, merged.paint());
    assertEquals(copy.place(), merged.place());
    assertEquals(copy.slots(), merged.slots());
    assertEquals(NOW.correction(), merged.correction());
    assertEquals(NOW.rim(), merged.rim());
    assertEquals(NOW.look(), merged.look());
    assertEquals(
        List.of("its place", "its words", "its size", "its ink", "its paint", "what rows fill in"),
        merge.own());
  }
}
