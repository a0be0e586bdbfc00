package app.diaphan.core.overlay.slot;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Words with the names of columns in braces: <code>{name} · {boat}</code>. A brace that is meant as
 * a brace is doubled; a single one that names no column, since nothing can be called so, stays what
 * it is.
 */
public final class WordSlots {
  private static final Pattern PART =
      Pattern.compile("\\{\\{|}}|\\{([^{}\\p{Cntrl}]{1," + SlotRules.LONGEST_NAME + "})}");

  private WordSlots() {}

  /** The names in the words, in order, each as often as it stands there. */
  public static List<String> columns(String words) {
    List<String> names = new ArrayList<>();
    Matcher matcher = PART.matcher(words);
    while (matcher.find()) {
      if (name(matcher) != null) {
        names.add(name(matcher));
      }
    }
    return names;
  }

  /**
   * The words with what stands for each name.
   *
   * @param value of a column by its name as it stands in the words
   */
  public static String filled(String words, Function<String, String> value) {
    return PART.matcher(words).replaceAll(part -> Matcher.quoteReplacement(shown(part, value)));
  }

  /** The words as they are shown without a row: names stay in their braces. */
  public static String unfilled(String words) {
    return filled(words, name -> "{" + name + "}");
  }

  /** Words that show just this, whatever braces are in it. */
  public static String literal(String shown) {
    return shown.replace("{", "{{").replace("}", "}}");
  }

  private static String shown(MatchResult part, Function<String, String> value) {
    String name = name(part);
    return name == null ? brace(part.group()) : value.apply(name);
  }

  private static String brace(String part) {
    return switch (part) {
      case "{{" -> "{";
      case "}}" -> "}";
      default -> part;
    };
  }

  /** Nothing for doubled braces, and for braces around spaces. */
  private static @Nullable String name(MatchResult part) {
    String name = part.group(1);
    return name == null || name.isBlank() ? null : name.strip();
  }
}
