package app.diaphan.core.overlay;

import java.util.List;
import java.util.function.UnaryOperator;

/** A piece that says words, in which columns of a roster may be named. */
public sealed interface WordedPiece extends FacedPiece permits TextPiece, CodePiece {
  /** All its words. */
  String words();

  /** Its words in the stretches in which they are kept, in order; a name stands within one. */
  List<String> stretches();

  /** With each of the stretches exchanged. */
  WordedPiece withStretches(UnaryOperator<String> other);
}
