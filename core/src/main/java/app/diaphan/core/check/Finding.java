package app.diaphan.core.check;

/**
 * Something that the proof found.
 *
 * @param fails whether it has to be put right; else it is only to be known
 * @param piece the id of the piece; empty for the whole overlay
 * @param sentence where it is and how bad
 * @param remedy what to do about it
 * @param mend what puts it right at one press; empty for nothing that does
 */
public record Finding(
    CheckKind kind, boolean fails, String piece, String sentence, String remedy, String mend) {
  /** What is put right by hand. */
  public Finding(CheckKind kind, boolean fails, String piece, String sentence, String remedy) {
    this(kind, fails, piece, sentence, remedy, "");
  }
}
