package app.diaphan.core.font.file;

import app.diaphan.core.Sentence;

/** Why a font is not taken in, as the end of a sentence that begins with the file. */
final class UnsuitableFont extends RuntimeException {
  private static final long serialVersionUID = 1L;

  UnsuitableFont(String why) {
    super(why);
  }

  static UnsuitableFont tooLarge(int most) {
    return new UnsuitableFont(
        Sentence.of("has more than %d MB; give one with fewer letters", most >> 20));
  }
}
