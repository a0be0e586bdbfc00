package app.diaphan.core.arrange;

import app.diaphan.core.frame.Area;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.CopyName;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PieceIds;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.copy.Copies;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Copies of pieces with ids of their own, and names where theirs are taken; what hangs from or
 * backs each other does so again.
 */
final class Copying {
  private final Map<String, String> ids = new HashMap<>();
  private final Map<String, String> names = new HashMap<>();

  private Copying() {}

  /**
   * @param pieces from front to back, with all that is in them
   * @param known ids that a copy may keep naming: the pieces beside where it will lie
   */
  static List<Piece> of(List<Piece> pieces, Overlay overlay, Set<String> known) {
    Copying copying = new Copying();
    Set<String> taken = new HashSet<>();
    Set<String> called = Pieces.all(overlay.stack()).map(Piece::name).collect(Collectors.toSet());
    Pieces.all(pieces)
        .forEach(
            piece -> {
              String id = Pieces.freeId(overlay, piece.kind(), taken);
              taken.add(id);
              copying.ids.put(piece.id(), id);
              String name =
                  called.contains(piece.name()) ? CopyName.of(piece.name(), called) : piece.name();
              called.add(name);
              copying.names.put(piece.id(), name);
            });
    // Of what was taken out of a copy since it was taken, too: it is told by ids of this copy.
    Copies.in(pieces)
        .flatMap(of -> of.parts().stream())
        .filter(part -> !copying.ids.containsKey(part.id()))
        .forEach(
            part -> {
              String id = Pieces.freeId(overlay, "piece", taken);
              taken.add(id);
              copying.ids.put(part.id(), id);
            });
    return pieces.stream().map(piece -> copying.copied(piece, known)).toList();
  }

  private Piece copied(Piece piece, Set<String> known) {
    Piece copy = piece.withId(ids.get(piece.id())).withName(names.get(piece.id()));
    if (copy.place().hook() instanceof Hook.OfPiece(String other)) {
      if (ids.containsKey(other)) {
        copy = copy.withPlace(copy.place().withHook(new Hook.OfPiece(ids.get(other))));
      } else if (!known.contains(other)) {
        copy = copy.withPlace(copy.place().withHook(new Hook.OfFrame(Area.FRAME)));
      }
    }
    if (copy instanceof PlatePiece plate) {
      Backing backing = plate.backing();
      copy =
          plate.withBacking(
              backing.withPieces(
                  backing.pieces().stream()
                      .filter(id -> ids.containsKey(id) || known.contains(id))
                      .map(id -> ids.getOrDefault(id, id))
                      .toList()));
    }
    if (copy instanceof GroupPiece group) {
      // What is in a group can only name what is in it too.
      copy =
          group
              .withStack(group.stack().stream().map(inner -> copied(inner, ids.keySet())).toList())
              .withCopyOf(PieceIds.exchanged(group.copyOf(), id -> ids.getOrDefault(id, id)));
    }
    return copy;
  }

  /** The piece as it can lie on a frame: one that lay in a group comes to the frame's middle. */
  static Piece onFrame(Piece piece) {
    return piece.place().hook() instanceof Hook.OfGroup
        ? piece.withPlace(
            new Place(
                new Hook.OfFrame(Area.FRAME),
                PinPoint.CENTRE,
                PinPoint.CENTRE,
                0,
                0,
                piece.place().turn(),
                piece.place().mirrored()))
        : piece;
  }
}
