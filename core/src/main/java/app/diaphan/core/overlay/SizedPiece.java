package app.diaphan.core.overlay;

/** A piece with a width and a height that it says itself, in display units. */
public sealed interface SizedPiece extends FacedPiece permits PlatePiece, PicturePiece {
  double width();

  double height();

  SizedPiece withSize(double otherWidth, double otherHeight);
}
