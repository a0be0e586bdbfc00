package app.diaphan.core.overlay;

import java.util.List;

/** A piece that has a face and an edge of its own. */
public sealed interface FacedPiece extends Piece permits TextPiece, PlatePiece, PicturePiece {
  /** Thins the inside of the piece and leaves its finishes, 0–1. */
  double faceOpacity();

  /** What is done to its edge, in the order in which equal kinds lie, lowest first. */
  List<Finish> finishes();
}
