package app.diaphan.core.cue.marker;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;

/**
 * A moment of a video that somebody named.
 *
 * @param words its name, or the words that are said from it on; empty if it has none
 * @param at picture, counted from 00:00:00:00
 * @param length in pictures; 0 for a moment alone
 */
public record Marker(String words, long at, long length) {
  /** Longer words are cut. */
  public static final int LONGEST = 500;

  /** That are worked with at once. */
  public static final int MOST = 10_000;

  public Marker {
    Require.present(words, "The words of a marker");
    words = Names.shortened(words, LONGEST);
    if (at < 0 || length < 0) {
      throw new InvalidInput("A marker lies before 00:00:00:00 or has a negative length.");
    }
  }

  public long end() {
    return at + length;
  }
}
