package app.diaphan.core.font.file;

import app.diaphan.core.Sentence;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words that names of fonts say their weight with (OpenType, "usWeightClass"). */
final class WeightWords {
  /** Longer ones first, since they hold shorter ones. */
  private static final Map<String, Integer> WORDS = new LinkedHashMap<>();

  static {
    for (String more : new String[] {"extra", "ultra"}) {
      WORDS.put(more + "light", 200);
      WORDS.put(more + "bold", 800);
      WORDS.put(more + "black", 950);
    }
    WORDS.put("semibold", 600);
    WORDS.put("demibold", 600);
    WORDS.put("demi", 600);
    WORDS.put("hairline", 100);
    WORDS.put("thin", 100);
    WORDS.put("light", 300);
    WORDS.put("regular", 400);
    WORDS.put("medium", 500);
    WORDS.put("bold", 700);
    WORDS.put("heavy", 900);
    WORDS.put("black", 900);
  }

  private static final String[] BY_HUNDREDS = {
    "Thin", "ExtraLight", "Light", "Regular", "Medium", "SemiBold", "Bold", "ExtraBold", "Black"
  };

  private static final String ANY =
      String.join("|", WORDS.keySet()).replaceAll("(extra|ultra|semi|demi)(?=[a-z])", "$1[ -]?");

  private static final Pattern WORD = Pattern.compile("(?i)\\b(" + ANY + ")\\b");

  private static final Pattern LAST = Pattern.compile("(?i)\\s(" + ANY + ")$");

  /** What a style is called that is neither slanted nor narrow nor of another weight. */
  private static final Pattern PLAIN = Pattern.compile("(?i)\\b(regular|normal|roman|book)\\b");

  private WeightWords() {}

  /** A family's name without the weight at its end. */
  static String familyWithout(String family) {
    return LAST.matcher(family).replaceFirst("").strip();
  }

  /** What a style is besides its weight: empty, or such as "Condensed Italic". */
  static String styleWithout(String style) {
    String rest = PLAIN.matcher(WORD.matcher(style).replaceAll(" ")).replaceAll(" ");
    return rest.replaceAll("\\s+", " ").strip();
  }

  /** What names say of the weight in their own word; the word for the number if they do not. */
  static String said(String name, int weight) {
    Matcher found = WORD.matcher(name);
    String said = "";
    while (found.find()) {
      String word = found.group().replaceAll("[ -]", "");
      int number = WORDS.get(word.toLowerCase(Locale.ROOT));
      if (said.isEmpty() || number != 400) {
        said = word;
      }
    }
    return said.isEmpty() ? of(weight) : said;
  }

  static String of(int weight) {
    String word = BY_HUNDREDS[Math.clamp(Math.round(weight / 100f), 1, 9) - 1];
    return weight % 100 == 0 ? word : Sentence.of("%s %d", word, weight);
  }
}
