package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One of several parts of a run: every so-manieth thing from its own on.
 *
 * @param number from 1
 * @param of how many parts there are
 */
record Part(int number, int of) {
  static final Part WHOLE = new Part(1, 1);

  private static final Pattern WRITTEN = Pattern.compile("(\\d{1,6})/(\\d{1,6})");

  /**
   * @param words such as 3/8; null for the whole
   * @throws InvalidInput if there is no such part
   */
  static Part parse(String words) {
    if (words == null) {
      return WHOLE;
    }
    Matcher shares = WRITTEN.matcher(words);
    if (!shares.matches()) {
      throw new InvalidInput(Sentence.of("The part \"%s\" cannot be read; write 3/8.", words));
    }
    Part part = new Part(Integer.parseInt(shares.group(1)), Integer.parseInt(shares.group(2)));
    if (part.number < 1 || part.number > part.of) {
      throw new InvalidInput(
          Sentence.of("There is no part %s; parts go from 1 to the number of parts.", words));
    }
    return part;
  }

  /**
   * @param place from 0
   */
  boolean takes(int place) {
    return place % of == number - 1;
  }
}
