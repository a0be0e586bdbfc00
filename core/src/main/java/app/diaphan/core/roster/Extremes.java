package app.diaphan.core.roster;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.WordedPiece;
import app.diaphan.core.overlay.slot.WordSlots;
import java.lang.Character.UnicodeScript;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * Finds the rows that decide whether a design is right: the longest and the shortest words, other
 * scripts, the lightest and the darkest colour, the picture that is not there.
 */
public final class Extremes {
  /** Rows whose words are set to find the widest; counting letters alone is often wrong. */
  private static final int MEASURED = 12;

  private final Columns columns;
  private final CellValues values;
  private final List<Row> rows;
  private final ToDoubleFunction<TextPiece> width;
  private final List<Extreme> found = new ArrayList<>();

  private Extremes(
      Columns columns, CellValues values, List<Row> rows, ToDoubleFunction<TextPiece> width) {
    this.columns = columns;
    this.values = values;
    this.rows = rows;
    this.width = width;
  }

  /**
   * @param width of words that have all the room they need
   * @return each reason once, rows that are left out passed over
   */
  public static List<Extreme> of(
      Overlay overlay, Filling filling, List<Row> rows, ToDoubleFunction<TextPiece> width) {
    Extremes extremes = new Extremes(filling.columns(), filling.values(overlay), rows, width);
    Pieces.all(overlay.stack())
        .filter(TextPiece.class::isInstance)
        .map(TextPiece.class::cast)
        .forEach(extremes::ofWords);
    Pieces.all(overlay.stack())
        .filter(CodePiece.class::isInstance)
        .map(CodePiece.class::cast)
        .forEach(extremes::ofCode);
    for (AskedColumn asked : OpenSlots.of(overlay)) {
      switch (asked.feeds()) {
        case COLOUR -> extremes.ofColours(asked.name());
        case PICTURE -> extremes.ofPictures(asked.name());
        case WORDS, SHOWN, FINISHES -> {}
      }
    }
    return List.copyOf(extremes.found);
  }

  private IntStream kept() {
    return IntStream.range(0, rows.size()).filter(row -> !rows.get(row).leftOut());
  }

  private void ofWords(TextPiece text) {
    List<String> asked = columns(text);
    if (asked.isEmpty()) {
      return;
    }
    String label = String.join(" · ", asked);
    List<Integer> filled = kept().filter(row -> !words(row, asked).isBlank()).boxed().toList();
    Comparator<Integer> byLetters = Comparator.comparingInt(row -> words(row, asked).length());
    Comparator<Integer> byWidth =
        Comparator.comparingDouble(row -> width.applyAsDouble((TextPiece) filled(text, row)));
    filled.stream()
        .sorted(byLetters.reversed())
        .limit(MEASURED)
        .max(byWidth)
        .ifPresent(row -> found.add(new Extreme(row, "longest " + label)));
    filled.stream()
        .sorted(byLetters)
        .limit(MEASURED)
        .min(byWidth)
        .ifPresent(row -> found.add(new Extreme(row, "shortest " + label)));
    kept()
        .filter(row -> words(row, asked).isBlank())
        .findFirst()
        .ifPresent(row -> found.add(new Extreme(row, "no " + label)));
    ofScripts(filled, asked, label);
  }

  /** What says most has the smallest modules. */
  private void ofCode(CodePiece code) {
    if (columns(code).isEmpty()) {
      return;
    }
    kept()
        .boxed()
        .max(Comparator.comparingInt(row -> bytes(filled(code, row))))
        .ifPresent(row -> found.add(new Extreme(row, "fullest \"" + code.name() + "\"")));
  }

  private static int bytes(WordedPiece piece) {
    return piece.words().getBytes(StandardCharsets.UTF_8).length;
  }

  private static List<String> columns(WordedPiece piece) {
    return piece.stretches().stream()
        .flatMap(words -> WordSlots.columns(words).stream())
        .distinct()
        .toList();
  }

  private void ofScripts(List<Integer> filled, List<String> asked, String label) {
    Map<UnicodeScript, Integer> counts = new EnumMap<>(UnicodeScript.class);
    Map<UnicodeScript, Integer> first = new EnumMap<>(UnicodeScript.class);
    for (int row : filled) {
      for (UnicodeScript script : scripts(words(row, asked))) {
        counts.merge(script, 1, Integer::sum);
        first.putIfAbsent(script, row);
      }
    }
    Optional<UnicodeScript> usual =
        counts.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
    first.forEach(
        (script, row) -> {
          if (script != usual.orElseThrow()) {
            found.add(new Extreme(row, label + " in " + named(script)));
          }
        });
  }

  private static Set<UnicodeScript> scripts(String words) {
    Set<UnicodeScript> scripts = new HashSet<>();
    words
        .codePoints()
        .filter(Character::isLetter)
        .mapToObj(UnicodeScript::of)
        .filter(script -> script != UnicodeScript.COMMON && script != UnicodeScript.INHERITED)
        .forEach(scripts::add);
    return scripts;
  }

  /** "Arabic", "Canadian aboriginal". */
  private static String named(UnicodeScript script) {
    String name = script.name().replace('_', ' ');
    return name.charAt(0) + name.substring(1).toLowerCase(Locale.ROOT);
  }

  private void ofColours(String asked) {
    columns.place(asked).ifPresent(place -> ofColours(asked, place));
  }

  private void ofColours(String asked, int place) {
    List<Integer> coloured = kept().filter(row -> colour(row, place).isPresent()).boxed().toList();
    Comparator<Integer> byLight =
        Comparator.comparingDouble(row -> lightness(colour(row, place).orElseThrow()));
    coloured.stream()
        .max(byLight)
        .ifPresent(row -> found.add(new Extreme(row, "lightest " + asked)));
    coloured.stream()
        .min(byLight)
        .ifPresent(row -> found.add(new Extreme(row, "darkest " + asked)));
  }

  private Optional<Colour> colour(int row, int place) {
    String cell = rows.get(row).cell(place);
    return cell.isBlank() ? Optional.empty() : values.colour(cell).value();
  }

  /** Relative luminance of gamma-encoded values; near enough to put colours in order. */
  private static double lightness(Colour colour) {
    return 0.2126 * colour.red() + 0.7152 * colour.green() + 0.0722 * colour.blue();
  }

  private void ofPictures(String asked) {
    columns
        .place(asked)
        .ifPresent(
            place -> {
              kept()
                  .filter(
                      row ->
                          !rows.get(row).cell(place).isBlank()
                              && values.picture(rows.get(row).cell(place)).value().isEmpty())
                  .findFirst()
                  .ifPresent(row -> found.add(new Extreme(row, asked + " that is missing")));
              kept()
                  .filter(row -> rows.get(row).cell(place).isBlank())
                  .findFirst()
                  .ifPresent(row -> found.add(new Extreme(row, "no " + asked)));
            });
  }

  private String words(int row, List<String> asked) {
    StringBuilder words = new StringBuilder();
    asked.forEach(
        name -> columns.place(name).ifPresent(at -> words.append(rows.get(row).cell(at))));
    return words.toString();
  }

  private WordedPiece filled(WordedPiece piece, int row) {
    return piece.withStretches(
        words ->
            WordSlots.filled(
                words, name -> columns.place(name).map(rows.get(row)::cell).orElse("")));
  }
}
