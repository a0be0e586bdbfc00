package app.diaphan.core.overlay;

import java.util.List;

/** One thing on an overlay. */
public sealed interface Piece permits TextPiece, PlatePiece, PicturePiece {
  /** Names the piece within its overlay for as long as it lives. */
  String id();

  /** What the designer calls it. */
  String name();

  /** Whether it is drawn at all. */
  boolean shown();

  Place place();

  /** Thins the inside of the piece and leaves its finishes, 0–1. */
  double faceOpacity();

  /** Thins everything of the piece, 0–1. */
  double overallOpacity();

  /** What is done to its edge, in the order in which equal kinds lie, lowest first. */
  List<Finish> finishes();
}
