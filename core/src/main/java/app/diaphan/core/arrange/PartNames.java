package app.diaphan.core.arrange;

import java.util.HashMap;
import java.util.Map;

/** What parts of a picture are called: as its file calls them, numbered where it does so twice. */
final class PartNames {
  private final Map<String, Integer> taken = new HashMap<>();
  private int parts;

  /**
   * @param given what the file calls it; empty if it does not
   */
  String next(String given) {
    parts++;
    if (given.isEmpty()) {
      return "Part " + parts;
    }
    int times = taken.merge(given, 1, Integer::sum);
    return times == 1 ? given : given + " " + times;
  }
}
