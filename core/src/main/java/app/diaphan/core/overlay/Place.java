package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import app.diaphan.core.frame.Area;

/**
 * Where a piece hangs: the named point of its own box lies on the same point of the chosen area,
 * moved by the offset. A piece on the bottom left of title-safe with 48 right and 32 up has its
 * bottom left corner there; when it grows it grows up and to the right.
 *
 * @param right offset to the right in display units of the master frame
 * @param down offset downwards in the same units
 * @param turn clockwise turn about the box's middle, in degrees
 */
public record Place(PinPoint point, Area area, double right, double down, double turn) {
  private static final double FAR = 100_000;

  public Place {
    Require.present(point, "The pin's point");
    Require.present(area, "The pin's area");
    Require.between(-FAR, FAR, right, "The offset to the right");
    Require.between(-FAR, FAR, down, "The offset downwards");
    Require.between(-3600, 3600, turn, "The turn in degrees");
  }

  public static Place at(PinPoint point, Area area, double right, double down) {
    return new Place(point, area, right, down, 0);
  }
}
