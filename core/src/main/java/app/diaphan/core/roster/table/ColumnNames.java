package app.diaphan.core.roster.table;

import app.diaphan.core.Names;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.slot.SlotRules;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** The names of columns: how they are told from rows, made different, and compared. */
public final class ColumnNames {
  /** Numbers, colours, dates and names of files are in cells, not over them. */
  private static final Pattern VALUE =
      Pattern.compile("[-+]?[\\d.,:/ ]*\\d[\\d.,:/ %-]*|#[0-9a-fA-F]{3,8}|.*\\.[A-Za-z]{3,4}");

  private ColumnNames() {}

  /** The same for names that differ in case and spaces only. */
  public static String key(String name) {
    return name.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
  }

  /**
   * Whether a first row looks like names.
   *
   * @param asked the names that a design asks for; one of them settles it
   * @param list whether the table is a plain list, whose first line is most likely a row too
   */
  static boolean head(List<String> first, List<String> asked, boolean list) {
    Set<String> askedKeys = new HashSet<>();
    asked.forEach(name -> askedKeys.add(key(name)));
    boolean names = true;
    for (String cell : first) {
      if (askedKeys.contains(key(cell))) {
        return true;
      }
      names &=
          !cell.isBlank()
              && cell.length() <= SlotRules.LONGEST_NAME
              && cell.indexOf('\n') < 0
              && !VALUE.matcher(cell).matches();
    }
    return names && !list;
  }

  /**
   * Names that can be a design's: each once, none blank, none too long or with braces.
   *
   * @param notes to which sentences are added for names that had to be changed
   */
  static List<String> distinct(List<String> given, List<String> notes) {
    List<String> names = new ArrayList<>();
    Set<String> keys = new HashSet<>();
    for (int i = 0; i < given.size(); i++) {
      String plain =
          Names.shortened(
                  given.get(i).replaceAll("[{}\\p{Cntrl}\\p{Cf}]+", " ").strip(),
                  SlotRules.LONGEST_NAME - 4)
              .strip();
      String stem = plain.isEmpty() ? "column " + (i + 1) : plain;
      String name = stem;
      for (int n = 2; !keys.add(key(name)); n++) {
        name = stem + " " + n;
      }
      if (!name.equals(stem)) {
        notes.add(
            Sentence.of("Two columns are called \"%s\"; one is now called \"%s\".", stem, name));
      }
      names.add(name);
    }
    return names;
  }
}
