package app.diaphan.core.targets;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * How files are named: words that are taken as they are, and tokens in braces. With the overlay
 * "Race Day Two" and a frame of 1080 lines, {@code {overlay}_{frame}} becomes {@code
 * race-day-two_1920x1080}. What is no token is the name of a column, which only rows of a roster
 * have.
 */
public record NamePattern(String text) {
  private static final Pattern TOKEN = Pattern.compile("\\{([^{}]*)}");
  private static final int LONGEST = 200;

  public NamePattern {
    Require.present(text, "The pattern of file names");
    if (text.isBlank() || text.length() > LONGEST) {
      throw new InvalidInput("The pattern of file names has 1 to 200 characters.");
    }
    if (TOKEN.matcher(text).replaceAll("").matches(".*[{}].*")) {
      throw new InvalidInput(
          Sentence.of(
              "The pattern \"%s\" has a brace without its other half; write tokens as {overlay}.",
              text));
    }
  }

  public static NamePattern parse(String text) {
    return new NamePattern(text);
  }

  /**
   * The name of a file, without its extension; not yet looked at for what it may not hold.
   *
   * @throws InvalidInput if it holds the name of a column that is not there
   */
  public String name(NameValues values) {
    return TOKEN
        .matcher(text)
        .replaceAll(found -> Matcher.quoteReplacement(value(found.group(1), values)));
  }

  private static String value(String word, NameValues values) {
    return token(word)
        .map(values::of)
        .or(() -> values.row().cell(word))
        .orElseThrow(() -> new InvalidInput(unknown(word)));
  }

  /** The names of columns in it. */
  public List<String> columns() {
    List<String> names = new ArrayList<>();
    Matcher matcher = TOKEN.matcher(text);
    while (matcher.find()) {
      if (token(matcher.group(1)).isEmpty()) {
        names.add(matcher.group(1));
      }
    }
    return names;
  }

  /** Whether a token is in it. */
  public boolean has(NameToken token) {
    return TOKEN
        .matcher(text)
        .results()
        .anyMatch(found -> token(found.group(1)).filter(token::equals).isPresent());
  }

  /**
   * @return the pattern
   * @throws InvalidInput if it holds the name of a column
   */
  NamePattern withoutColumns() {
    columns().stream()
        .findFirst()
        .ifPresent(
            name -> {
              throw new InvalidInput(unknown(name));
            });
    return this;
  }

  private static Optional<NameToken> token(String word) {
    return Arrays.stream(NameToken.values())
        .filter(token -> token.name().equals(word.toUpperCase(Locale.ROOT)))
        .findFirst();
  }

  private static String unknown(String word) {
    return Sentence.of(
        "The pattern of file names has {%s}, which stands for nothing; there are %s.",
        word,
        Arrays.stream(NameToken.values())
            .map(NameToken::written)
            .collect(Collectors.joining(", ")));
  }

  @Override
  public String toString() {
    return text;
  }
}
