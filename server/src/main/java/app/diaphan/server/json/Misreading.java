package app.diaphan.server.json;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Sentence;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/**
 * Says what is wrong with a document in words of its own: where, what, and what may stand there.
 */
public final class Misreading {
  private static final int LONGEST_QUOTE = 40;

  /** Lists are told by what is in them. */
  private static final Map<String, String> ONE_OF =
      Map.of(
          "stack",
          "piece",
          "runs",
          "run",
          "finishes",
          "finish",
          "stops",
          "stop",
          "targets",
          "target",
          "overlays",
          "overlay",
          "colours",
          "colour",
          "forTargets",
          "target");

  private static final Pattern MISSING = Pattern.compile("creator property '([^']+)'");

  private Misreading() {}

  /** The end of a sentence whose beginning says which document it was. */
  public static String inWords(Throwable e) {
    Optional<InvalidInput> invalid = invalid(e);
    if (invalid.isPresent()) {
      return "cannot be used: " + place(e) + invalid.get().getMessage();
    }
    return switch (e) {
      case StreamReadException syntax -> "is not valid JSON; look at " + line(syntax) + ".";
      case UnrecognizedPropertyException unknown ->
          Sentence.of(
              "has a field \"%s\" that this version of Diaphan does not know; take it out or use a newer version.",
              Names.shortened(unknown.getPropertyName(), LONGEST_QUOTE));
      case DatabindException mismatch -> "cannot be used: " + place(e) + what(mismatch);
      default -> "cannot be read as JSON.";
    };
  }

  /**
   * What is wrong with what the interface sent. What is said of the whole of it, such as a house,
   * says itself what it is about.
   */
  public static String ofRequest(Throwable e) {
    Optional<InvalidInput> invalid = invalid(e);
    boolean whole = e instanceof JacksonException known && known.getPath().size() <= 1;
    return whole && invalid.isPresent() ? invalid.get().getMessage() : "The request " + inWords(e);
  }

  private static Optional<InvalidInput> invalid(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof InvalidInput invalid) {
        return Optional.of(invalid);
      }
    }
    return Optional.empty();
  }

  private static String line(StreamReadException syntax) {
    TokenStreamLocation location = syntax.getLocation();
    return location == null || location.getLineNr() < 0
        ? "its beginning"
        : Sentence.of("line %d, column %d", location.getLineNr(), location.getColumnNr());
  }

  /** Such as "piece 3, run 1, size: "; empty for the whole document. */
  private static String place(Throwable e) {
    if (!(e instanceof JacksonException known) || known.getPath().isEmpty()) {
      return "";
    }
    StringBuilder place = new StringBuilder();
    String list = "";
    for (JacksonException.Reference step : known.getPath()) {
      String name = step.getPropertyName();
      if (name == null) {
        add(place, ONE_OF.getOrDefault(list, "number") + " " + (step.getIndex() + 1));
      } else if (!ONE_OF.containsKey(name)) {
        add(place, words(name));
      }
      list = name == null ? "" : name;
    }
    if (ONE_OF.containsKey(list)) {
      add(place, words(list));
    }
    return place + ": ";
  }

  private static void add(StringBuilder place, String step) {
    place.append(place.isEmpty() ? "" : ", ").append(step);
  }

  /** "overallOpacity" as "overall opacity". */
  private static String words(String name) {
    return name.replaceAll("(?<=[a-z])(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
  }

  private static String what(DatabindException e) {
    Matcher missing = MISSING.matcher(String.valueOf(e.getOriginalMessage()));
    if (missing.find()) {
      return Sentence.of("\"%s\" is missing.", missing.group(1));
    }
    return switch (e) {
      case InvalidNullException empty -> "it is null, but has to say something.";
      case InvalidTypeIdException kind when kind.getTypeId() == null -> "its kind is missing.";
      case InvalidTypeIdException kind ->
          Sentence.of(
              "the kind \"%s\" is not one that Diaphan knows.",
              Names.shortened(kind.getTypeId(), LONGEST_QUOTE));
      case MismatchedInputException mismatch -> "it has to be " + wanted(mismatch.getTargetType());
      default -> "its value is not one that can stand there.";
    };
  }

  private static String wanted(Class<?> type) {
    if (type == null) {
      return "another kind of value.";
    }
    if (type.isEnum()) {
      return Arrays.stream(type.getEnumConstants())
          .map(constant -> "\"" + ((Enum<?>) constant).name() + "\"")
          .collect(Collectors.joining(", ", "one of ", "."));
    }
    if (type == boolean.class || type == Boolean.class) {
      return "true or false.";
    }
    if (List.of(int.class, long.class, Integer.class, Long.class).contains(type)) {
      return "a whole number.";
    }
    if (type == double.class || type == float.class || Number.class.isAssignableFrom(type)) {
      return "a number.";
    }
    if (CharSequence.class.isAssignableFrom(type)) {
      return "words in quotes.";
    }
    return type.isArray() || Collection.class.isAssignableFrom(type)
        ? "a list, in square brackets."
        : "a group of fields, in braces.";
  }
}
