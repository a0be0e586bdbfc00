package app.diaphan.core.overlay;

/** A piece that has a face of its own. */
public sealed interface FacedPiece extends Piece permits TextPiece, PlatePiece, PicturePiece {}
