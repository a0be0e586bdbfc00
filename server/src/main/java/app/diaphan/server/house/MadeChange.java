package app.diaphan.server.house;

import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseChange;
import app.diaphan.core.overlay.Kept;
import java.util.List;
import java.util.Map;

/**
 * A change that was made, with all that is needed to take it back and to make it once more.
 *
 * @param housesBefore id of the house that was followed; 0 for none
 * @param housesAfter id of the one that is followed after it; 0 for none
 * @param keptOut ids of overlays that were kept away from it
 * @param kept what each of these overlays keeps because of it
 * @param copies pictures that were put aside for them
 * @param overwritten copies on overlays that going back does not bring back by itself
 */
record MadeChange(
    House before,
    House after,
    long housesBefore,
    long housesAfter,
    List<Long> keptOut,
    Map<Long, List<Kept>> kept,
    List<CopiedPicture> copies,
    Map<Long, List<HouseChange.Overwritten>> overwritten) {

  /** The same made once more, which other things came of. */
  MadeChange with(
      Map<Long, List<Kept>> otherKept,
      List<CopiedPicture> otherCopies,
      Map<Long, List<HouseChange.Overwritten>> otherOverwritten) {
    return new MadeChange(
        before,
        after,
        housesBefore,
        housesAfter,
        keptOut,
        otherKept,
        otherCopies,
        otherOverwritten);
  }

  /** A picture of a package as it was, under a name of its own. */
  record CopiedPicture(long packageId, String name, String copy) {}
}
