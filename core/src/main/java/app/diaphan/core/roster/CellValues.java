package app.diaphan.core.roster;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.house.FinishSet;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseColour;
import app.diaphan.core.overlay.dress.Dress;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What the words in a cell mean: pictures, colours, yes and no, finish sets. */
final class CellValues {
  private static final Set<String> YES = Set.of("yes", "y", "true", "1", "x", "on");
  private static final Set<String> NO = Set.of("no", "n", "false", "0", "-", "off", "");

  private final Collection<String> pictures;
  private final House house;
  private final Dress dress;

  /**
   * @param pictures the names of the package's pictures
   * @param house as the overlay sees it that is filled
   */
  CellValues(Collection<String> pictures, House house, Dress dress) {
    this.pictures = List.copyOf(pictures);
    this.house = house;
    this.dress = dress;
  }

  /**
   * What a cell means.
   *
   * @param value nothing if it cannot be understood
   * @param sentence why not
   * @param instead what it may have been meant to be
   */
  record Meaning<T>(Optional<T> value, String sentence, String instead) {
    static <T> Meaning<T> of(T value) {
      return new Meaning<>(Optional.of(value), "", "");
    }

    static <T> Meaning<T> none(String sentence, Optional<String> instead) {
      return new Meaning<>(
          Optional.empty(),
          instead.map(name -> sentence + " Take \"" + name + "\"?").orElse(sentence),
          instead.orElse(""));
    }
  }

  /** A picture by its file name; case and extension are forgiven. */
  Meaning<String> picture(String cell) {
    if (cell.contains("/") || cell.contains("\\")) {
      return Meaning.none(
          "\""
              + cell
              + "\" names a folder; the pictures of a roster are the package's, named without one.",
          NearName.same(cell.replaceAll(".*[/\\\\]", ""), pictures));
    }
    return NearName.same(cell, pictures)
        .map(Meaning::of)
        .orElseGet(
            () ->
                Meaning.none(
                    "There is no picture \"" + cell + "\".", NearName.near(cell, pictures)));
  }

  /** A colour as #rrggbb, with or without its sign, or by its name in the house. */
  Meaning<Colour> colour(String cell) {
    List<String> names = house.colours().stream().map(HouseColour::name).toList();
    Optional<String> named = NearName.same(cell, names);
    if (named.isPresent()) {
      HouseColour colour = house.colours().get(names.indexOf(named.get()));
      return Meaning.of(colour.in(dress).following(colour.name()));
    }
    String hex = cell.startsWith("#") ? cell.substring(1) : cell;
    if (hex.matches("[0-9a-fA-F]{3}")) {
      hex = hex.replaceAll("(.)", "$1$1");
    }
    try {
      return Meaning.of(Colour.parse("#" + hex));
    } catch (InvalidInput e) {
      return Meaning.none(
          "\"" + cell + "\" is no colour; write #rrggbb or the name of one of the house's colours.",
          NearName.near(cell, names));
    }
  }

  Meaning<Boolean> yesOrNo(String cell) {
    String word = cell.toLowerCase(Locale.ROOT);
    if (YES.contains(word)) {
      return Meaning.of(true);
    }
    return NO.contains(word)
        ? Meaning.of(false)
        : Meaning.none(
            "\"" + cell + "\" is neither yes nor no; write yes, no, x or nothing.",
            Optional.empty());
  }

  Meaning<FinishSet> finishes(String cell) {
    List<String> names = house.finishSets().stream().map(FinishSet::name).toList();
    return NearName.same(cell, names)
        .map(name -> Meaning.of(house.finishSets().get(names.indexOf(name))))
        .orElseGet(
            () ->
                Meaning.none(
                    "There is no finish set \"" + cell + "\".", NearName.near(cell, names)));
  }
}
