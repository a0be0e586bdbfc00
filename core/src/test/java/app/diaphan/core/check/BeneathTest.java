package app.diaphan.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class BeneathTest {
  private static Piece plate(String id, Place place, double width, String colour) {
    return Samples.plate(new PlateShape.Rectangle(), place, width, 100, Samples.flat(colour))
        .withId(id);
  }

  private static Piece plate(String id, double left, double width, String colour) {
    return plate(id, Place.at(PinPoint.TOP_LEFT, Area.FRAME, left, 40), width, colour);
  }

  /** What lies behind a plate that is 200 wide and lies 100 from the left. */
  private static Optional<Colour> beneath(int scale, Piece... others) {
    Piece[] stack = new Piece[others.length + 2];
    stack[0] = plate("front", 0, 400, "#00ff00");
    stack[1] = plate("piece", 100, 200, "#ffffff80");
    System.arraycopy(others, 0, stack, 2, others.length);
    Overlay overlay = Samples.overlay(Frame.of(640 * scale, 360 * scale), stack);
    return Beneath.of(Samples.renderer(), overlay, "piece");
  }

  @Test
  void theMeanOfWhatLiesBehindIsTaken() {
    for (int scale : new int[] {1, 2}) {
      assertEquals(
          Optional.of(Colour.parse("#ff0000")), beneath(scale, plate("a", 100, 100, "#ff0000")));
      assertEquals(
          Optional.of(Colour.parse("#bf0040")),
          beneath(scale, plate("a", 60, 190, "#ff0000"), plate("b", 250, 150, "#0000ff")));
      // A thin one counts as much as it is solid.
      assertEquals(
          Optional.of(Colour.parse("#805500")),
          beneath(
              scale,
              plate("a", 0, 640, "#ff000080"),
              plate("b", 0, 640, "#00ff0000"),
              plate("c", 0, 640, "#00aa00")));
    }
  }

  @Test
  void hardlyAnythingIsNothing() {
    assertEquals(Optional.empty(), beneath(1));
    assertEquals(Optional.empty(), beneath(1, plate("a", 100, 19, "#ff0000")));
    assertEquals(Optional.of(Colour.parse("#ff0000")), beneath(1, plate("a", 100, 21, "#ff0000")));
    assertEquals(Optional.empty(), beneath(1, plate("a", 300, 300, "#ff0000")));
  }

  @Test
  void inAGroupItIsWhatLiesBehindThereAndBehindTheGroup() {
    Place inside = Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0);
    Piece group =
        Samples.group(
            "group",
            Place.at(PinPoint.TOP_LEFT, Area.FRAME, 100, 40),
            1,
            plate("over", inside, 200, "#00ff00"),
            plate("piece", inside, 200, "#ffffff"),
            plate("under", inside, 100, "#ff0000"));
    Piece behind = plate("behind", 0, 640, "#0000ff");
    Overlay overlay = Samples.overlay(Frame.of(640, 360), group, behind);
    assertEquals(
        Optional.of(Colour.parse("#800080")), Beneath.of(Samples.renderer(), overlay, "piece"));
    Overlay alone = Samples.overlay(Frame.of(640, 360), group.withShown(true));
    assertEquals(
        Optional.of(Colour.parse("#ff0000")), Beneath.of(Samples.renderer(), alone, "piece"));
    assertThrows(InvalidInput.class, () -> Beneath.of(Samples.renderer(), overlay, "nobody"));
  }
}
