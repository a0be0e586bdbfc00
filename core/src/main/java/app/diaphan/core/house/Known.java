package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What a house knows by a name, which can be given another one: what follows it finds it still. */
public interface Known {
  /** Characters. */
  int LONGEST_NAME = 60;

  /** Names that are remembered of one thing. */
  int MOST_FORMER = 40;

  String name();

  /** Names that it had before, the newest first. */
  List<String> formerly();

  /** By its name; by one that it had before if none has it now. */
  static <T extends Known> Optional<T> find(List<T> all, String name) {
    return all.stream()
        .filter(one -> one.name().equals(name))
        .findFirst()
        .or(() -> all.stream().filter(one -> one.formerly().contains(name)).findFirst());
  }

  /** The former names of a thing, with the one that it has in a later state of its house. */
  static <T extends Known> List<String> withName(T one, List<T> all, List<T> later) {
    return later.stream()
        .filter(after -> after.formerly().contains(one.name()))
        .map(Known::name)
        .filter(name -> all.stream().noneMatch(other -> other.name().equals(name)))
        .filter(name -> !one.formerly().contains(name))
        .findFirst()
        .map(
            name ->
                Stream.concat(Stream.of(name), one.formerly().stream()).limit(MOST_FORMER).toList())
        .orElse(one.formerly());
  }

  /**
   * @param what how sentences name it, such as "colour"
   * @throws InvalidInput if names are missing or too long
   */
  static List<String> checkedNames(String name, List<String> formerly, String what) {
    Names.check(name, LONGEST_NAME, Sentence.of("The name of a house's %s", what));
    Require.present(formerly, Sentence.of("The former names of the %s \"%s\"", what, name));
    if (formerly.size() > MOST_FORMER) {
      throw new InvalidInput(
          Sentence.of(
              "The %s \"%s\" has %d former names; %d are remembered.",
              what, name, formerly.size(), MOST_FORMER));
    }
    formerly.forEach(
        former -> Names.check(former, LONGEST_NAME, Sentence.of("A former name of \"%s\"", name)));
    return List.copyOf(formerly);
  }

  /**
   * @param what as above, but for many
   * @throws InvalidInput if there are too many, or two that nobody could tell apart by name
   */
  static <T extends Known> List<T> checked(List<T> all, int most, String what) {
    Require.present(all, Sentence.of("The %s of the house", what));
    if (all.size() > most) {
      throw new InvalidInput(
          Sentence.of("A house keeps at most %d %s; take one away first.", most, what));
    }
    for (int i = 0; i < all.size(); i++) {
      String name = all.get(i).name();
      for (T other : all.subList(0, i)) {
        if (other.name().toLowerCase(Locale.ROOT).equals(name.toLowerCase(Locale.ROOT))) {
          throw new InvalidInput(
              Sentence.of(
                  "The house has two %s named \"%s\"; give one of them another name.", what, name));
        }
      }
    }
    return List.copyOf(all);
  }
}
