package app.diaphan.core.targets;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * How a target's files are named: words that are taken as they are, and tokens in braces. With the
 * overlay "Race Day Two" and a frame of 1080 lines, {@code {overlay}_{frame}} becomes {@code
 * race-day-two_1920x1080}.
 */
public record NamePattern(String text) {
  private static final Pattern TOKEN = Pattern.compile("\\{([^{}]*)}");
  private static final int LONGEST = 200;

  public NamePattern {
    Require.present(text, "The pattern of file names");
    if (text.isBlank() || text.length() > LONGEST) {
      throw new InvalidInput("The pattern of file names has 1 to 200 characters.");
    }
    Matcher matcher = TOKEN.matcher(text);
    while (matcher.find()) {
      token(matcher.group(1));
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

  /** The name of a file, without its extension; not yet looked at for what it may not hold. */
  public String name(NameValues values) {
    return TOKEN
        .matcher(text)
        .replaceAll(found -> Matcher.quoteReplacement(values.of(token(found.group(1)))));
  }

  private static NameToken token(String word) {
    for (NameToken token : NameToken.values()) {
      if (token.name().equals(word.toUpperCase(Locale.ROOT))) {
        return token;
      }
    }
    throw new InvalidInput(
        Sentence.of(
            "The pattern of file names has {%s}, which stands for nothing; there are %s.",
            word,
            Arrays.stream(NameToken.values())
                .map(NameToken::written)
                .collect(Collectors.joining(", "))));
  }

  @Override
  public String toString() {
    return text;
  }
}
