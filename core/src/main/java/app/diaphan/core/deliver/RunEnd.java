package app.diaphan.core.deliver;

import app.diaphan.core.Sentence;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What came of a run: the ends of what it consisted of, counted. What has no end of its own was
 * broken off, so the counts always add up to what was planned.
 */
public record RunEnd(int delivered, int failed, int skipped, int brokenOff) {
  /**
   * @param planned how many overlays at how many targets, all counted
   * @param ends of those that came to one, no more than were planned
   */
  public static RunEnd of(int planned, Collection<FileEnd> ends) {
    Map<FileEnd, Integer> counts = new EnumMap<>(FileEnd.class);
    for (FileEnd end : FileEnd.values()) {
      counts.put(end, Collections.frequency(ends, end));
    }
    return new RunEnd(
        counts.get(FileEnd.DELIVERED),
        counts.get(FileEnd.FAILED),
        counts.get(FileEnd.SKIPPED),
        counts.get(FileEnd.BROKEN_OFF) + planned - ends.size());
  }

  public int planned() {
    return delivered + failed + skipped + brokenOff;
  }

  /** Sentences for the designer that count nothing which was not written. */
  public String inWords() {
    if (delivered == planned()) {
      return planned() == 1
          ? "It was delivered."
          : Sentence.of("All %d were delivered.", planned());
    }
    if (failed == planned()) {
      return planned() == 1
          ? "It could not be delivered."
          : Sentence.of("None of the %d could be delivered.", planned());
    }
    List<String> parts = new ArrayList<>();
    parts.add(Sentence.of("%s of %d %s delivered", count(delivered), planned(), was(delivered)));
    if (failed > 0) {
      parts.add(count(failed) + " could not be");
    }
    if (skipped > 0) {
      parts.add(
          Sentence.of(
              "%s %s left out, since the overlay was deleted", count(skipped), was(skipped)));
    }
    if (brokenOff > 0) {
      parts.add(Sentence.of("%s %s broken off or not begun", count(brokenOff), was(brokenOff)));
    }
    String words = String.join("; ", parts) + ".";
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  private static String count(int number) {
    return number == 0 ? "none" : Integer.toString(number);
  }

  private static String was(int number) {
    return number == 1 ? "was" : "were";
  }
}
