package app.diaphan.core.photograph;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.house.House;
import app.diaphan.core.house.Unnamed;
import app.diaphan.core.overlay.Overlay;
import java.util.Optional;
import java.util.function.LongFunction;

/**
 * What a mark is drawn from.
 *
 * @param overlay as it is drawn
 * @param other its other dress; if there is none, light and dark are exchanged for it
 */
public record Dresses(Overlay overlay, Optional<Overlay> other) {
  /**
   * @param overlays gives overlays by their numbers; light and dark are exchanged instead of one
   *     that is gone
   * @throws InvalidInput if the house has no such finishes
   */
  public static Dresses of(
      Overlay own, OtherDress other, House house, LongFunction<Optional<Overlay>> overlays) {
    return new Dresses(
        own,
        switch (other) {
          case OtherDress.Exchanged() -> Optional.empty();
          case OtherDress.OfHouse() -> Optional.of(house.inOtherDress(own));
          case OtherDress.InFinishes(String set) -> Optional.of(house.inFinishes(own, set));
          case OtherDress.AnotherOverlay(long overlay) -> overlays.apply(overlay);
        });
  }

  /** The same to look at, following no house. */
  public Dresses unnamed() {
    return new Dresses(Unnamed.of(overlay), other.map(Unnamed::of));
  }
}
