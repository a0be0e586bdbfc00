package app.diaphan.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Filter functions of style sheets in steps of SVG 1.1 (W3C Filter Effects 1, section 6). */
final class SvgFilterFunction {
  private static final Pattern LENGTH =
      Pattern.compile("([+-]?\\d*\\.?\\d+(?:e[+-]?\\d+)?)(px|pt|pc|mm|cm|in)?");

  private static final Pattern WORD = Pattern.compile("[^\\s()]+(?:\\([^()]*\\))?");

  private SvgFilterFunction() {}

  /**
   * A step of a filter.
   *
   * @param within what it is made of, such as the functions of channels
   */
  record Step(String name, Map<String, String> attributes, List<Step> within) {
    Step(String name, Map<String, String> attributes) {
      this(name, attributes, List.of());
    }
  }

  /**
   * @param words between the function's brackets
   * @return none if it is no function, or its words are not known
   */
  static Optional<List<Step>> of(String function, String words) {
    return switch (function.toLowerCase(Locale.ROOT)) {
      case "blur" ->
          length(words.isEmpty() ? "0" : words)
              .map(σ -> List.of(new Step("feGaussianBlur", Map.of("stdDeviation", text(σ)))));
      case "drop-shadow" -> shadow(words);
      case "hue-rotate" ->
          degrees(words.isEmpty() ? "0" : words).map(angle -> matrix("hueRotate", text(angle)));
      case "saturate" -> amount(words).map(amount -> matrix("saturate", text(amount)));
      case "grayscale" -> share(words).map(share -> matrix("saturate", text(1 - share)));
      case "sepia" -> share(words).map(share -> matrix("matrix", sepia(share)));
      case "brightness" -> amount(words).map(amount -> transfer("linear", text(amount), "0"));
      case "contrast" ->
          amount(words).map(amount -> transfer("linear", text(amount), text(0.5 - amount / 2)));
      case "invert" -> share(words).map(share -> table("RGB", text(share) + " " + text(1 - share)));
      case "opacity" -> share(words).map(share -> table("A", "0 " + text(share)));
      default -> Optional.empty();
    };
  }

  private static String text(double number) {
    return Double.toString(number);
  }

  private static List<Step> matrix(String type, String values) {
    return List.of(new Step("feColorMatrix", Map.of("type", type, "values", values)));
  }

  private static String sepia(double share) {
    double rest = 1 - share;
    double[] row = {
      0.393 + 0.607 * rest,
      0.769 - 0.769 * rest,
      0.189 - 0.189 * rest,
      0.349 - 0.349 * rest,
      0.686 + 0.314 * rest,
      0.168 - 0.168 * rest,
      0.272 - 0.272 * rest,
      0.534 - 0.534 * rest,
      0.131 + 0.869 * rest
    };
    StringBuilder values = new StringBuilder();
    for (int c = 0; c < 3; c++) {
      for (int from = 0; from < 3; from++) {
        values.append(row[3 * c + from]).append(' ');
      }
      values.append("0 0 ");
    }
    return values.append("0 0 0 1 0").toString();
  }

  private static List<Step> transfer(String type, String slope, String intercept) {
    return channels("RGB", Map.of("type", type, "slope", slope, "intercept", intercept));
  }

  private static List<Step> table(String channels, String values) {
    return channels(channels, Map.of("type", "table", "tableValues", values));
  }

  private static List<Step> channels(String channels, Map<String, String> function) {
    List<Step> functions =
        channels.chars().mapToObj(c -> new Step("feFunc" + (char) c, function)).toList();
    return List.of(new Step("feComponentTransfer", Map.of(), functions));
  }

  /** A colour before or after two or three lengths; without one it is that of the words. */
  private static Optional<List<Step>> shadow(String words) {
    List<Double> lengths = new ArrayList<>();
    String colour = "currentColor";
    Matcher matcher = WORD.matcher(words);
    while (matcher.find()) {
      Optional<Double> length = length(matcher.group());
      length.ifPresent(lengths::add);
      if (length.isEmpty()) {
        colour = matcher.group();
      }
    }
    if (lengths.size() < 2) {
      return Optional.empty();
    }
    double σ = lengths.size() > 2 ? lengths.get(2) : 0;
    return Optional.of(
        List.of(
            new Step("feGaussianBlur", Map.of("in", "SourceAlpha", "stdDeviation", text(σ))),
            new Step(
                "feOffset",
                Map.of("dx", text(lengths.get(0)), "dy", text(lengths.get(1)), "result", "moved")),
            new Step("feFlood", Map.of("flood-color", colour)),
            new Step("feComposite", Map.of("in2", "moved", "operator", "in")),
            new Step(
                "feMerge",
                Map.of(),
                List.of(
                    new Step("feMergeNode", Map.of()),
                    new Step("feMergeNode", Map.of("in", "SourceGraphic"))))));
  }

  /** In pixels, which are the file's own units. */
  private static Optional<Double> length(String words) {
    Matcher matcher = LENGTH.matcher(words);
    if (!matcher.matches()) {
      return Optional.empty();
    }
    double number = Double.parseDouble(matcher.group(1));
    return Optional.of(
        switch (matcher.group(2) == null ? "px" : matcher.group(2)) {
          case "pt" -> number * 96 / 72;
          case "pc" -> number * 16;
          case "mm" -> number * 96 / 25.4;
          case "cm" -> number * 96 / 2.54;
          case "in" -> number * 96;
          default -> number;
        });
  }

  private static Optional<Double> degrees(String words) {
    Matcher matcher = Pattern.compile("([+-]?\\d*\\.?\\d+)(deg|rad|grad|turn)?").matcher(words);
    if (!matcher.matches()) {
      return Optional.empty();
    }
    double number = Double.parseDouble(matcher.group(1));
    return Optional.of(
        switch (matcher.group(2) == null ? "deg" : matcher.group(2)) {
          case "rad" -> Math.toDegrees(number);
          case "grad" -> number * 0.9;
          case "turn" -> number * 360;
          default -> number;
        });
  }

  /** A number or hundredths, 1 if nothing is told. */
  private static Optional<Double> amount(String words) {
    if (words.isEmpty()) {
      return Optional.of(1.0);
    }
    boolean hundredths = words.endsWith("%");
    try {
      double number =
          Double.parseDouble(hundredths ? words.substring(0, words.length() - 1) : words);
      return number < 0 ? Optional.empty() : Optional.of(hundredths ? number / 100 : number);
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }

  private static Optional<Double> share(String words) {
    return amount(words).map(amount -> Math.min(1, amount));
  }
}
