package app.diaphan.core.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Sentence;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;

/** Names that a file can have on every computer it may be handed to. */
public final class FileName {
  private static final int MOST_BYTES = 200;
  private static final Set<String> RESERVED =
      Set.of(
          "con", "prn", "aux", "nul", "com1", "com2", "com3", "com4", "com5", "com6", "com7",
          "com8", "com9", "lpt1", "lpt2", "lpt3", "lpt4", "lpt5", "lpt6", "lpt7", "lpt8", "lpt9");

  private FileName() {}

  /**
   * Checks a name without its extension.
   *
   * @return the name
   * @throws InvalidInput with what is wrong and what to do
   */
  public static String check(String name) {
    if (name == null || name.isBlank()) {
      throw new InvalidInput("The file has no name; give it one.");
    }
    for (int i = 0; i < name.length(); i++) {
      char c = name.charAt(i);
      if ("/\\:*?\"<>|".indexOf(c) >= 0) {
        throw new InvalidInput(
            Sentence.of(
                "The file name \"%s\" holds %s, which names a folder or is not allowed on every computer. Leave it out.",
                shortened(name), c));
      }
    }
    Names.checkSeen(name, "The file name");
    if (name.startsWith(".") || name.endsWith(".") || !name.strip().equals(name)) {
      throw new InvalidInput(
          Sentence.of(
              "The file name \"%s\" starts or ends with a dot or a space; take that away.",
              shortened(name)));
    }
    int dot = name.indexOf('.');
    String stem = (dot < 0 ? name : name.substring(0, dot)).toLowerCase(Locale.ROOT);
    if (RESERVED.contains(stem)) {
      throw new InvalidInput(
          Sentence.of("The file name \"%s\" is reserved on some computers; choose another.", name));
    }
    int bytes = name.getBytes(StandardCharsets.UTF_8).length;
    if (bytes > MOST_BYTES) {
      throw new InvalidInput(
          Sentence.of(
              "The file name has %d characters (%d bytes); keep it under %d bytes.",
              name.length(), bytes, MOST_BYTES));
    }
    return name;
  }

  /** A safe name made from any words, without signs that have to be quoted somewhere. */
  public static String from(String words) {
    String safe =
        words
            .strip()
            .replaceAll("['’‘\\p{Cf}]", "")
            .replaceAll("[/\\\\:*?\"<>|,;!&$%()\\p{Cntrl}]+", " ")
            .strip()
            .replaceAll("\\s+", "-")
            .replaceAll("^[.-]+|[.-]+$", "")
            .toLowerCase(Locale.ROOT);
    String cut = Names.shortened(safe, 60).replaceAll("[.-]+$", "");
    try {
      return check(cut);
    } catch (InvalidInput e) {
      return cut.isEmpty() ? "overlay" : "overlay-" + cut;
    }
  }

  private static String shortened(String name) {
    return name.length() <= 60 ? name : Names.shortened(name, 60) + "…";
  }

  /**
   * A name that is not taken: this one, or with the first free number before its ending.
   *
   * @param taken whether a name is
   */
  public static String free(String name, Predicate<String> taken) {
    int dot = name.lastIndexOf('.');
    String end = dot < 0 ? "" : name.substring(dot);
    String stem = name.substring(0, name.length() - end.length());
    String free = name;
    for (int i = 2; taken.test(free); i++) {
      free = stem + " (" + i + ")" + end;
    }
    return free;
  }
}
