package app.diaphan.core.arrange;

import app.diaphan.core.overlay.CopyName;
import java.util.HashSet;
import java.util.Set;

/** What parts of a picture are called: as its file calls them, numbered where it does so twice. */
final class PartNames {
  private final Set<String> taken = new HashSet<>();
  private int parts;

  /**
   * @param given what the file calls it; empty if it does not
   */
  String next(String given) {
    parts++;
    if (given.isEmpty()) {
      return "Part " + parts;
    }
    String name = taken.contains(given) ? CopyName.of(given, taken) : given;
    taken.add(name);
    return name;
  }
}
