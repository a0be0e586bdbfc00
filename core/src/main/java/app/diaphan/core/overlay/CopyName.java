package app.diaphan.core.overlay;

import app.diaphan.core.Names;
import java.util.Collection;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a copy is called: as what it was made of, with the first free number behind it. */
public final class CopyName {
  private static final Pattern NUMBERED = Pattern.compile("(.*\\S) (\\d{1,6})");

  private CopyName() {}

  /**
   * @param taken names that the copy cannot have; those of the one that is copied too
   */
  public static String of(String name, Collection<String> taken) {
    Matcher numbered = NUMBERED.matcher(name);
    boolean copied = numbered.matches();
    String stem = copied ? numbered.group(1) : name;
    int number = copied ? Integer.parseInt(numbered.group(2)) + 1 : 2;
    while (true) {
      String end = " " + number++;
      String free = Names.shortened(stem, Overlay.LONGEST_NAME - end.length()) + end;
      if (!taken.contains(free)) {
        return free;
      }
    }
  }
}
