package app.diaphan.server.check;

import app.diaphan.core.Sentence;
import java.util.Locale;

/** How stills are called in sentences. */
public final class StillNames {
  private StillNames() {}

  /**
   * "white-sails" and 3 as "White sails, still 3".
   *
   * @param position from 1
   */
  public static String of(String clip, int position) {
    String words = clip.replace('-', ' ');
    return Sentence.of(
        "%s%s, still %d",
        words.substring(0, 1).toUpperCase(Locale.ROOT), words.substring(1), position);
  }
}
