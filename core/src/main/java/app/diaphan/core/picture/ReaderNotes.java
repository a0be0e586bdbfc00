package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;

/** Sentences that several readers say. */
final class ReaderNotes {
  static final String MIXING =
      "Parts of it mix with what lies behind them, which a still with alpha cannot carry; they are shown plainly.";

  static final String ANIMATED = "It is animated; the first of its pictures is taken.";

  static final String LAB =
      "Its colours are written as CIE L*a*b*; they may come out a few steps off. Export it as RGB for exact ones.";

  static final String FLOATS =
      "Its numbers are fractions: 0 is taken as black and 1 as white, and what lies beyond is cut off.";

  static final String LEVELS =
      "Its black and white are levels of video (16 to 235), which are taken as they are; it may come out a little flat.";

  private ReaderNotes() {}

  /** One picture within a vector picture that there is no room for; all else still has room. */
  static InvalidInput tooLarge(String name, OutOfMemoryError e) {
    return new InvalidInput(
        Sentence.of(
            "A part of \"%s\" that is drawn on pixels, such as a filter or a mask, is too large for the memory there is; make it smaller.",
            name),
        e);
  }
}
