package app.diaphan.core.overlay;

/** A piece with a width and a height that it says itself, in display units. */
public sealed interface SizedPiece extends FacedPiece permits PlatePiece, PicturePiece, CodePiece {
  double width();

  double height();

  /** Whether its sides are always alike, so that one follows the other. */
  default boolean square() {
    return false;
  }

  SizedPiece withSize(double otherWidth, double otherHeight);
}
