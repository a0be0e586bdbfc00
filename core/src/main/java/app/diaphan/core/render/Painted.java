package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import java.util.List;

/** Something ready to be put together row by row. */
sealed interface Painted permits PaintedPiece, Painted.Group {
  /** Outside these every pixel of it is clear. */
  Bounds bounds();

  /**
   * Pieces that are thinned as one.
   *
   * @param opacity less than 1; a group that is not thinned is no more than its pieces
   */
  record Group(List<Painted> backToFront, float opacity, Bounds bounds) implements Painted {
    static Group of(List<Painted> backToFront, float opacity) {
      Bounds all = Bounds.EMPTY;
      if (opacity > 0) {
        for (Painted painted : backToFront) {
          all = all.and(painted.bounds());
        }
      }
      return new Group(List.copyOf(backToFront), opacity, all);
    }
  }
}
