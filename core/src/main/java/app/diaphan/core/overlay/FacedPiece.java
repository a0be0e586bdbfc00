package app.diaphan.core.overlay;

/**
 * A piece that has a face of its own. What its kinds have in common is said by {@link FilledPiece},
 * {@link SizedPiece} and {@link WordedPiece}, so that whoever asks for that need not name the
 * kinds.
 */
public sealed interface FacedPiece extends Piece permits FilledPiece, SizedPiece, WordedPiece {}
