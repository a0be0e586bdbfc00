package app.diaphan.core.overlay;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.code.Correction;
import app.diaphan.core.code.Modules;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.reframe.Reframed;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.Rendering;
import app.diaphan.core.roster.AskedColumn;
import app.diaphan.core.roster.Columns;
import app.diaphan.core.roster.FilledRow;
import app.diaphan.core.roster.Filling;
import app.diaphan.core.roster.OpenSlots;
import app.diaphan.core.roster.Row;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What holds for codes to scan wherever pieces are told apart by what they have. */
class CodePieceTest {
  private static final Frame FRAME = Frame.of(400, 300);
  private static final CodePiece CODE =
      Samples.code("https://lantern-reach.example/{boat}", Samples.centre(), 120);

  private static CodePiece with(String words, int rim) {
    return new CodePiece(
        "code",
        "Code",
        true,
        false,
        Samples.centre(),
        words,
        Correction.M,
        120,
        rim,
        Colour.parse("#14181c"),
        Samples.flat("#ffffff"),
        Look.PLAIN,
        List.of());
  }

  @Test
  void aCodeHasItsBounds() {
    assertEquals("x".repeat(2953), with("x".repeat(2953), 20).words());
    assertThrows(InvalidInput.class, () -> with("x".repeat(2954), 4));
    assertThrows(InvalidInput.class, () -> with("x", 21));
    assertThrows(InvalidInput.class, () -> with("x", -1));
    assertThrows(InvalidInput.class, () -> CODE.withSize(0, 10));
  }

  @Test
  void bothItsColoursAreItsColours() {
    assertEquals(List.of(Colour.parse("#ffffff"), Colour.parse("#14181c")), Colours.of(CODE));
    CodePiece other = (CodePiece) Colours.mapped(CODE, colour -> colour.following("Osier green"));
    assertEquals("Osier green", other.ink().name());
    assertEquals(
        other.paint(), Samples.flat("#ffffff").recoloured(c -> c.following("Osier green")));
  }

  private static FilledRow filled(CodePiece code, String boat) {
    Columns columns = new Columns(List.of("boat"), Map.of());
    return new Filling(columns, Set.of(), House.named("Regatta"))
        .fill(Samples.overlay(FRAME, code), Row.of(List.of(boat)));
  }

  @Test
  void aRowFillsWhatItSays() {
    CodePiece heron = (CodePiece) filled(CODE, "heron").overlay().stack().getFirst();
    assertEquals("https://lantern-reach.example/heron", heron.words());
    assertEquals(
        List.of(new AskedColumn("boat", AskedColumn.Feeds.WORDS)),
        OpenSlots.of(Samples.overlay(FRAME, CODE)));
    assertTrue(OpenSlots.any(Samples.overlay(FRAME, CODE)));
    CodePiece open = (CodePiece) Filling.without(Samples.overlay(FRAME, CODE)).stack().getFirst();
    assertEquals(CODE.words(), open.words());
  }

  @Test
  void withoutWordsARowHidesItIfItIsToBeHidden() {
    CodePiece boat = Samples.code("{boat}", Samples.centre(), 120);
    assertTrue(filled(boat, "").overlay().stack().getFirst().shown());
    CodePiece hidden = boat.withSlots(List.of(new Slot.ShownWithWords()));
    assertEquals(false, filled(hidden, "").overlay().stack().getFirst().shown());
    assertTrue(filled(hidden, "heron").overlay().stack().getFirst().shown());
  }

  @Test
  void onAnotherFrameItIsAsLargeBesideTheFrame() {
    CodePiece twice =
        (CodePiece)
            Reframed.of(Samples.overlay(FRAME, CODE), Frame.of(800, 600)).stack().getFirst();
    assertEquals(240, twice.side());
    assertEquals(CODE.rim(), twice.rim());
    assertEquals(CODE.words(), twice.words());
  }

  @Test
  void whatCannotBeACodeIsSaidAndKeepsFromDelivery() {
    for (CodePiece code : List.of(with(" ", 4), with("é".repeat(1500), 4))) {
      Rendering rendering =
          Samples.renderer().render(Samples.overlay(FRAME, code), Canvas.of(FRAME));
      assertEquals(1, rendering.troubles().size());
      assertTrue(rendering.troubles().getFirst().prevents());
      assertTrue(
          rendering.troubles().getFirst().sentence().startsWith("\"Code\" cannot be drawn: "));
      assertEquals(new Content.Absent(), rendering.placed().getFirst().content());
    }
  }

  @Test
  void theRimIsAsManyModulesAsItSays() {
    for (int rim : new int[] {0, 1, 4, 20}) {
      CodePiece code = with("https://lantern-reach.example/", rim);
      int modules = Modules.of(code.words(), code.correction()).side();
      Content.Shaped shaped =
          (Content.Shaped)
              Samples.renderer()
                  .place(Samples.overlay(FRAME, code), Canvas.of(FRAME))
                  .getFirst()
                  .content();
      double each = 120.0 / (modules + 2 * rim);
      var dark = shaped.inked().getFirst().outline().getBounds2D();
      assertEquals(rim * each, dark.getX(), 1e-9);
      assertEquals(rim * each, dark.getY(), 1e-9);
      assertEquals(modules * each, dark.getWidth(), 1e-9);
      assertEquals(120, shaped.outline().getBounds2D().getWidth(), 1e-9);
    }
  }
}
