package app.diaphan.core.overlay.retarget;

import app.diaphan.core.Require;

/**
 * What is different about a piece at one target.
 *
 * @param piece the id of the piece
 * @param shown whether it is shown there, if it is shown at all
 * @param right how far it lies further right than by its pin, in display units of the master frame
 * @param down the same, downwards
 * @param scale so many times as large, from its own pinned point
 */
public record PieceChange(String piece, boolean shown, double right, double down, double scale) {
  private static final double FAR = 100_000;
  public static final double LEAST_SCALE = 0.05;
  public static final double MOST_SCALE = 20;

  public PieceChange {
    Require.present(piece, "The piece that a target changes");
    Require.between(-FAR, FAR, right, "The offset to the right at a target");
    Require.between(-FAR, FAR, down, "The offset downwards at a target");
    Require.between(LEAST_SCALE, MOST_SCALE, scale, "The scale at a target");
  }

  /** A piece as it is everywhere else. */
  public static PieceChange none(String piece) {
    return new PieceChange(piece, true, 0, 0, 1);
  }

  boolean changes() {
    return !equals(none(piece));
  }
}
