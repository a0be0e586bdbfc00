package app.diaphan.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ContrastTest {
  private static final Frame FRAME = Frame.of(200, 100);

  @Test
  void ratiosAreThoseOfTheRecommendation() {
    assertEquals(21, Contrast.ratio(Colour.BLACK, Colour.WHITE), 1e-9);
    assertEquals(1, Contrast.ratio(Colour.WHITE, Colour.WHITE), 1e-9);
    // The grey that is just too light for small words on white.
    assertEquals(4.48, Contrast.ratio(Colour.parse("#777777"), Colour.WHITE), 0.005);
    assertEquals(4.54, Contrast.ratio(Colour.WHITE, Colour.parse("#767676")), 0.005);
  }

  private static Optional<Colour> beneath(Piece... frontToBack) {
    return Beneath.of(Samples.renderer(), Samples.overlay(FRAME, frontToBack), "front");
  }

  private static Piece front() {
    return Samples.box("front", Samples.centre(), 40, 40);
  }

  private static Piece behind(String id, String colour, double width) {
    return Samples.plate(
            new PlateShape.Rectangle(), Samples.centre(), width, 80, Samples.flat(colour))
        .withId(id);
  }

  @Test
  void onlyWhatLiesBehindCounts() {
    Piece cover = behind("cover", "#ff0000", 90);
    Piece ground = behind("ground", "#123456", 90);
    assertEquals(Optional.of(Colour.parse("#123456")), beneath(cover, front(), ground));
    assertEquals(Optional.empty(), beneath(cover, front()));
  }

  @Test
  void severalColoursAreAveragedByWhereThePieceIs() {
    // The plate covers the middle half of the piece; its colour alone is what is beneath.
    Colour half = beneath(front(), behind("a", "#808080", 20)).orElseThrow();
    assertEquals(Colour.parse("#808080"), half);
    Paint split =
        new Paint.Linear(
            0,
            List.of(
                new Paint.Stop(0, Colour.BLACK),
                new Paint.Stop(0.5, Colour.BLACK),
                new Paint.Stop(0.5, Colour.WHITE),
                new Paint.Stop(1, Colour.WHITE)));
    Piece both =
        Samples.plate(new PlateShape.Rectangle(), Samples.centre(), 80, 80, split).withId("both");
    assertEquals(128, beneath(front(), both).orElseThrow().red(), 1);
  }

  @Test
  void groupsAreLookedInto() {
    Piece inner =
        Samples.box("front", Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0), 20, 20);
    Piece plate =
        Samples.plate(
                new PlateShape.Rectangle(),
                Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0),
                60,
                60,
                Samples.flat("#224466"))
            .withId("plate");
    Overlay overlay = Samples.overlay(FRAME, Samples.group("g", Samples.centre(), 1, inner, plate));
    assertEquals(
        Optional.of(Colour.parse("#224466")), Beneath.of(Samples.renderer(), overlay, "front"));
    assertThrows(InvalidInput.class, () -> Beneath.of(Samples.renderer(), overlay, "gone"));
  }
}
