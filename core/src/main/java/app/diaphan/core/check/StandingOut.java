package app.diaphan.core.check;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import app.diaphan.core.targets.TargetList;
import java.util.List;
import java.util.OptionalDouble;

/** How well the words of an overlay stand out, to tell better from worse. */
public final class StandingOut {
  private StandingOut() {}

  /**
   * @param rendering of the overlay at any size; small ones tell it roughly
   * @param stills what it may lie over; flat white, grey and black stand in for none
   * @return of the words that stand out least over the still that suits them least, 1–21; nothing
   *     for an overlay without words that are there to be read
   */
  public static OptionalDouble worst(
      Renderer renderer, Overlay overlay, Rendering rendering, List<Still> stills) {
    Proofed proofed =
        new Proofed(
            renderer,
            overlay,
            rendering,
            stills.isEmpty() ? FlatStills.ALL : stills,
            TargetList.AS_DESIGNED);
    return proofed
        .shown()
        .flatMap(placed -> LegibilityCheck.worst(proofed, placed).stream())
        .mapToDouble(LegibilityCheck.Worst::ratio)
        .min();
  }
}
