package app.diaphan.core.font;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;

/** Names of four characters that OpenType gives to axes, features and tables. */
final class Tags {
  private Tags() {}

  /**
   * @throws InvalidInput if it has not four printable ASCII characters
   */
  static void check(String tag, String what) {
    if (tag == null || !tag.matches("[\\x20-\\x7e]{4}")) {
      throw new InvalidInput(
          Sentence.of("%s is named by four plain characters, such as \"wdth\".", what));
    }
  }
}
