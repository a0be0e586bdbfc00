package app.diaphan.core.check;

import app.diaphan.core.render.Rendering;
import java.util.List;
import java.util.OptionalDouble;

/** How well the words of an overlay stand out, to tell better from worse. */
public final class StandingOut {
  private StandingOut() {}

  /**
   * @param rendering at any size; small ones tell it roughly
   * @param stills what it may lie over; flat white, grey and black stand in for none
   * @return of the words that stand out least over the still that suits them least, 1–21; nothing
   *     for an overlay without words
   */
  public static OptionalDouble worst(Rendering rendering, List<Still> stills) {
    List<Still> over = stills.isEmpty() ? FlatStills.ALL : stills;
    return Proofed.shown(rendering.placed())
        .flatMap(placed -> LegibilityCheck.worst(rendering, placed, over).stream())
        .mapToDouble(LegibilityCheck.Worst::ratio)
        .min();
  }
}
