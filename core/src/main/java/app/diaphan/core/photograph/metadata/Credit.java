package app.diaphan.core.photograph.metadata;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;

/**
 * Whose a photograph is, as its file is to say. What is empty stays as the file says it.
 *
 * @param copyright a notice such as "© 2026 Saltlight"
 * @param creator who took it
 * @param line to be printed with it
 */
public record Credit(String copyright, String creator, String line) {
  public static final Credit AS_IT_IS = new Credit("", "", "");

  private static final int LONGEST = 2000;

  public Credit {
    copyright = checked(copyright, "The copyright notice");
    creator = checked(creator, "The creator's name");
    line = checked(line, "The credit line");
  }

  private static String checked(String words, String what) {
    Require.present(words, what);
    if (words.length() > LONGEST || words.codePoints().anyMatch(Character::isISOControl)) {
      throw new InvalidInput(
          Sentence.of(
              "%s is one line of %d characters at most; it has %d.",
              what, LONGEST, words.length()));
    }
    return words.strip();
  }

  /** Whether nothing is to be changed. */
  public boolean empty() {
    return copyright.isEmpty() && creator.isEmpty() && line.isEmpty();
  }
}
