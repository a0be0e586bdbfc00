package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.FileName;

/**
 * A picture file that a house has.
 *
 * @param file its name, by which packages that take it know it
 * @param content the digest (SHA-256) of its bytes
 */
public record HousePicture(String file, String content) {
  public HousePicture {
    FileName.check(file);
    if (content == null || !content.matches("[0-9a-f]{64}")) {
      throw new InvalidInput(
          Sentence.of("What is in the house's picture \"%s\" is not said by a digest.", file));
    }
  }
}
