package app.diaphan.core.overlay.reframe;

import app.diaphan.core.file.FileKind;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.retarget.ForTarget;
import app.diaphan.core.overlay.retarget.PieceChange;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Makes the overlay that a target shows. Pieces are placed and sized anew and drawn from their
 * outlines, so nothing is resampled.
 */
public final class Retargeting {
  private Retargeting() {}

  public static Overlay of(Overlay overlay, String target) {
    return at(overlay, target).map(there -> changed(overlay, there.changes())).orElse(overlay);
  }

  /** The overlay with some of its pieces moved, scaled or hidden. */
  public static Overlay changed(Overlay overlay, List<PieceChange> changes) {
    if (changes.isEmpty()) {
      return overlay;
    }
    Map<String, PieceChange> byPiece =
        changes.stream().collect(Collectors.toMap(PieceChange::piece, change -> change));
    return overlay.withStack(
        Pieces.mapped(
            overlay.stack(),
            piece ->
                Optional.ofNullable(byPiece.get(piece.id()))
                    .map(change -> changed(piece, change))
                    .orElse(piece)));
  }

  public static boolean delivers(Overlay overlay, String target) {
    return at(overlay, target).map(ForTarget::delivered).orElse(true);
  }

  /** What kind of file the overlay is at a target whose other overlays are of another. */
  public static FileKind file(Overlay overlay, String target, FileKind ofTarget) {
    return at(overlay, target).map(there -> there.file().or(ofTarget)).orElse(ofTarget);
  }

  private static Optional<ForTarget> at(Overlay overlay, String target) {
    return overlay.forTargets().stream().filter(there -> there.target().equals(target)).findFirst();
  }

  private static Piece changed(Piece piece, PieceChange change) {
    Piece sized = change.scale() == 1 ? piece : Reframed.scaled(piece, change.scale());
    Piece placed =
        sized.withPlace(
            piece
                .place()
                .withOffset(
                    piece.place().right() + change.right(), piece.place().down() + change.down()));
    return placed.withShown(piece.shown() && change.shown());
  }
}
