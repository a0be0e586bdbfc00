package app.diaphan.core.photograph;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.overlay.PinPoint;
import java.util.List;

/** The point of a photograph that a mark hangs from. */
public sealed interface Corner {
  /** The same on all photographs. */
  record At(PinPoint pin) implements Corner {}

  /**
   * Where the mark stands out best, so where the photograph is quietest.
   *
   * @param allowed to choose from; of equals the first is taken
   */
  record Quietest(List<PinPoint> allowed) implements Corner {
    public Quietest {
      allowed = List.copyOf(allowed);
      if (allowed.isEmpty()) {
        throw new InvalidInput("Allow the mark at least one corner.");
      }
    }
  }

  Corner BOTTOM_RIGHT = new At(PinPoint.BOTTOM_RIGHT);

  /** All four corners, those first that a mark is expected in. */
  Corner QUIETEST =
      new Quietest(
          List.of(
              PinPoint.BOTTOM_RIGHT, PinPoint.BOTTOM_LEFT, PinPoint.TOP_RIGHT, PinPoint.TOP_LEFT));

  /** Those that a photograph may be marked at. */
  default List<PinPoint> allowed() {
    return switch (this) {
      case At(PinPoint pin) -> List.of(pin);
      case Quietest(List<PinPoint> allowed) -> allowed;
    };
  }
}
