package app.diaphan.core.overlay;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.Samples;
import app.diaphan.core.frame.Frame;
import java.util.List;
import org.junit.jupiter.api.Test;

class DifferencesTest {
  private static final Frame FRAME = Frame.of(400, 200);
  private static final Piece ONE = Samples.box("one", Samples.centre(), 40, 20);
  private static final Piece TWO = Samples.box("two", Samples.centre(), 60, 30);
  private static final Overlay BOTH = Samples.overlay(FRAME, ONE, TWO);

  @Test
  void whatIsTheSameSaysNothing() {
    assertEquals(List.of(), Differences.between(BOTH, BOTH));
  }

  @Test
  void piecesAreAddedChangedAndTakenAway() {
    Overlay after =
        Samples.overlay(
            FRAME,
            ONE.withPlace(ONE.place().withOffset(5, 0)),
            Samples.box("three", Samples.centre(), 10, 10));
    assertEquals(
        List.of(
            "\"%s\" was changed.".formatted(ONE.name()),
            "\"%s\" was added.".formatted(after.stack().getLast().name()),
            "\"%s\" was taken away.".formatted(TWO.name())),
        Differences.between(BOTH, after));
  }

  @Test
  void anotherOrderNameOrFrameIsTold() {
    assertEquals(
        List.of("Pieces lie in another order."),
        Differences.between(BOTH, Samples.overlay(FRAME, TWO, ONE)));
    Overlay renamed = new Overlay("Card", Frame.of(800, 400), BOTH.stack());
    assertEquals(
        List.of(
            "It was named \"%s\".".formatted(BOTH.name()),
            "Its frame was 400 × 200 and is 800 × 400."),
        Differences.between(BOTH, renamed));
  }

  @Test
  void aChangeWithinAGroupIsToldOfThePieceAlone() {
    Place inner = Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0);
    Piece one = ONE.withPlace(inner);
    Piece two = TWO.withPlace(inner);
    Piece group = Samples.group("g", Samples.centre(), 1, one, two);
    Piece changed = Samples.group("g", Samples.centre(), 1, one.withShown(false), two);
    assertEquals(
        List.of("\"%s\" was changed.".formatted(one.name())),
        Differences.between(Samples.overlay(FRAME, group), Samples.overlay(FRAME, changed)));
  }
}
