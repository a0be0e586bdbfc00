package app.diaphan.e2e;

import java.nio.file.Path;

/** What a designer does in a sheet, whether by mouse or by keys. */
interface Hands {
  /** Presses a button of this name. */
  void press(String button);

  /** Chooses one of several words. */
  void choose(String label, String word);

  /** Chooses from a list whose words are shown in their own letters. */
  void letters(String label, String word);

  /** Types a value and takes it. */
  void type(String label, String value);

  /** Types words into the chosen text. */
  void words(String words);

  /** Chooses a stretch of the words. */
  void stretch(int start, int end);

  /** Presses a button that asks for a file, and gives it one. */
  void file(String button, Path file);
}
