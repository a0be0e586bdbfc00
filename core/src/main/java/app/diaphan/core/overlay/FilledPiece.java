package app.diaphan.core.overlay;

import app.diaphan.core.overlay.paint.Paint;

/** A piece whose face a paint fills. */
public sealed interface FilledPiece extends FacedPiece permits TextPiece, PlatePiece, CodePiece {
  Paint paint();

  FilledPiece withPaint(Paint other);
}
