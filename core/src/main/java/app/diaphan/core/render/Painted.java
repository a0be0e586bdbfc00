package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import java.util.List;

/** Something ready to be put together row by row. */
sealed interface Painted permits PaintedPiece, Painted.Group {
  /** Outside these it changes no pixel. */
  Bounds bounds();

  /** Outside these it adds no colour; what it cuts away may lie farther out. */
  Bounds inked();

  /** Whether it takes away from what lies behind its group. */
  boolean cutsEverything();

  /**
   * Pieces that are put together before they come over what lies behind: because they are thinned
   * as one, or because one of them cuts no further than the others.
   *
   * @param opacity 0–1
   */
  record Group(
      List<Painted> backToFront, float opacity, Bounds bounds, Bounds inked, boolean cutsEverything)
      implements Painted {
    static Group of(List<Painted> backToFront, float opacity) {
      Bounds all = Bounds.EMPTY;
      Bounds inked = Bounds.EMPTY;
      boolean cuts = false;
      if (opacity > 0) {
        for (Painted painted : backToFront) {
          all = all.and(painted.bounds());
          inked = inked.and(painted.inked());
          cuts |= painted.cutsEverything();
        }
      }
      return new Group(List.copyOf(backToFront), opacity, all, inked, cuts);
    }
  }
}
