package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import app.diaphan.core.frame.Area;

/** What a piece hangs from. */
public sealed interface Hook {
  /** One of the frame's rectangles; for pieces that are in no group. */
  record OfFrame(Area area) implements Hook {
    public OfFrame {
      Require.present(area, "The area that a piece hangs from");
    }
  }

  /**
   * The box of another piece of the same stack or group.
   *
   * @param piece its id
   */
  record OfPiece(String piece) implements Hook {
    public OfPiece {
      Require.present(piece, "The piece that a piece hangs from");
    }
  }

  /** The fixed point that the pieces of a group are laid out around. */
  record OfGroup() implements Hook {}
}
