package app.diaphan.core.render;

import app.diaphan.core.raster.Plane;
import java.util.List;

/** The inside of a painted piece. */
sealed interface Body {
  /** What the piece covers, however thin it is there. */
  Plane shape();

  /** Finishes that lie on it and keep within its shape, lowest first. */
  List<Layer> atop();

  /** Paint let through by a coverage, which is the shape. */
  record Faced(Face face, List<Layer> atop) implements Body {
    @Override
    public Plane shape() {
      return face.coverage();
    }
  }

  /**
   * Pixels that are ready: a group as one, or a softened piece.
   *
   * @param opacity of the pixels, 0–1
   */
  record Ready(Pixels pixels, Plane shape, List<Layer> atop, float opacity) implements Body {}
}
