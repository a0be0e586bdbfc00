package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.Pieces;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What holds for the originals of a house together. */
final class Library {
  private static final int MOST = 200;
  private static final int MOST_PIECES = 1500;

  private final List<HouseOriginal> all;

  private Library(List<HouseOriginal> all) {
    this.all = all;
  }

  /**
   * @throws InvalidInput if there are too many, two have one name, or one follows itself by way of
   *     the copies in it
   */
  static List<HouseOriginal> checked(List<HouseOriginal> originals) {
    List<HouseOriginal> all = Known.checked(originals, MOST, "originals");
    long pieces = all.stream().flatMap(one -> Pieces.all(one.group().stack())).count();
    if (pieces > MOST_PIECES) {
      throw new InvalidInput(
          Sentence.of(
              "The originals of the house have %d pieces together; %d is the most. Take one away first.",
              pieces, MOST_PIECES));
    }
    Library library = new Library(all);
    all.forEach(one -> library.checkNoCircle(one, List.of()));
    return all;
  }

  private void checkNoCircle(HouseOriginal one, List<String> way) {
    if (way.contains(one.name())) {
      throw new InvalidInput(
          way.size() == 1
              ? Sentence.of(
                  "The original \"%s\" would hold a copy of itself; let that copy go first, or keep the pieces under another name.",
                  one.name())
              : Sentence.of(
                  "The original \"%s\" would follow itself by way of \"%s\"; let the copy that is in one of them go first.",
                  one.name(), way.getLast()));
    }
    List<String> further = new ArrayList<>(way);
    further.add(one.name());
    for (String name : one.follows()) {
      Optional<HouseOriginal> other = Known.find(all, name);
      other.ifPresent(found -> checkNoCircle(found, further));
    }
  }
}
