package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.frame.Area;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PieceIds;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.copy.Copies;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A group of an overlay that was made an original.
 *
 * @param overlay on which the group is a copy of it
 */
public record OriginalMade(HouseOriginal original, Overlay overlay) {

  /**
   * Makes an original of a group, or gives one that is there another state. Its pieces keep the ids
   * that copies know them by.
   *
   * @param group id of it
   * @param was the original of that name, if there is one
   * @param pictures that the group shows
   * @throws InvalidInput if the piece is no group, or the original would be none
   */
  public static OriginalMade of(
      Overlay overlay,
      String group,
      String name,
      Optional<HouseOriginal> was,
      List<OriginalPicture> pictures) {
    if (!(Pieces.get(overlay, group) instanceof GroupPiece found)) {
      throw new InvalidInput("Only a group can be made an original; group the pieces first.");
    }
    Optional<CopyOf.OfOriginal> followed =
        found.copyOf() instanceof CopyOf.OfOriginal of
                && was.filter(one -> knows(one, of.original())).isPresent()
            ? Optional.of(of)
            : Optional.empty();
    // The copy's size is its own; that of its original stays.
    double lines = followed.map(CopyOf.OfOriginal::lines).orElse(overlay.frame().shortSide());
    double scale =
        followed.flatMap(of -> was).map(one -> one.group().scale()).orElse(found.scale());
    Map<String, String> ids = originalIds(found, followed);
    GroupPiece made =
        (GroupPiece)
            PieceIds.exchanged(found.withCopyOf(CopyOf.NOTHING), id -> ids.getOrDefault(id, id));
    HouseOriginal original =
        new HouseOriginal(
            name,
            was.map(HouseOriginal::formerly).orElse(List.of()),
            lines,
            made.withName(name).withShown(true).withScale(scale).withPlace(lying(found.place())),
            pictures);
    return new OriginalMade(
        original, Pieces.replaced(overlay, group, piece -> Copies.asCopy(name, lines, found, ids)));
  }

  private static boolean knows(HouseOriginal original, String name) {
    return original.name().equals(name) || original.formerly().contains(name);
  }

  /** In the middle of the frame, as it is turned. */
  private static Place lying(Place place) {
    return new Place(
        new Hook.OfFrame(Area.FRAME),
        PinPoint.CENTRE,
        PinPoint.CENTRE,
        0,
        0,
        place.turn(),
        place.mirrored());
  }

  /** For each piece of a group the id that it has in the original. */
  private static Map<String, String> originalIds(
      GroupPiece group, Optional<CopyOf.OfOriginal> followed) {
    Map<String, String> ids = new HashMap<>();
    followed
        .map(CopyOf.OfOriginal::parts)
        .orElse(List.of())
        .forEach(part -> ids.put(part.id(), part.original()));
    Set<String> there =
        Pieces.all(List.of(group)).map(piece -> piece.id()).collect(Collectors.toSet());
    ids.keySet().retainAll(there);
    Set<String> taken = new HashSet<>(ids.values());
    for (String id : there.stream().sorted().toList()) {
      if (!ids.containsKey(id)) {
        String free = id;
        for (int i = 2; !taken.add(free); i++) {
          free = id + "-" + i;
        }
        ids.put(id, free);
      }
    }
    return ids;
  }
}
