package app.diaphan.core.overlay.copy;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PieceIds;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Groups that follow an original. */
public final class Copies {
  private Copies() {}

  /**
   * A group as it lies there, as a copy of an original that is alike to it.
   *
   * @param original its name
   * @param lines the shorter side of the frame that the original was made on, in display units
   * @param ids those that its pieces have in the original, by their own
   */
  public static GroupPiece asCopy(
      String original, double lines, GroupPiece group, Map<String, String> ids) {
    return group.withCopyOf(following(original, lines, group.withCopyOf(CopyOf.NOTHING), ids::get));
  }

  /** The same for an original itself, to be laid on an overlay. */
  public static GroupPiece asCopy(String original, double lines, GroupPiece group) {
    return group.withCopyOf(following(original, lines, group.withCopyOf(CopyOf.NOTHING), id -> id));
  }

  private static CopyOf following(
      String original, double lines, GroupPiece taken, UnaryOperator<String> originals) {
    return new CopyOf.OfOriginal(
        original,
        lines,
        taken,
        Pieces.all(List.of(taken))
            .map(piece -> new CopyOf.Part(piece.id(), originals.apply(piece.id())))
            .toList());
  }

  private static String free(Piece piece, Set<String> taken) {
    String id = Pieces.freeId(piece.kind(), taken);
    taken.add(id);
    return id;
  }

  /**
   * A copy as its original is now, with what it has of its own.
   *
   * @param of what the group is a copy of
   * @param original the name that it has now
   * @param now the original, under its own ids
   * @param taken ids that are had already; those of new pieces are added
   * @return the copy itself if it could not hold all that came of it
   */
  public static GroupPiece brought(
      GroupPiece copy,
      CopyOf.OfOriginal of,
      String original,
      double lines,
      GroupPiece now,
      Set<String> taken) {
    Map<String, String> ids = idsHere(copy, of, now, taken);
    Map<String, String> originals = new HashMap<>();
    ids.forEach((id, here) -> originals.put(here, id));
    GroupPiece is = (GroupPiece) PieceIds.exchanged(now, id -> ids.getOrDefault(id, id));
    CopyOf following = following(original, lines, is.withCopyOf(CopyOf.NOTHING), originals::get);
    if (following.equals(of)) {
      return copy;
    }
    // Lengths of another original are in other units.
    double by = lines / of.lines();
    GroupPiece merged = new CopyMerge(of.taken(), copy, is).merged();
    return isSound(merged)
        ? merged.withCopyOf(following).withScale(Math.clamp(merged.scale() / by, 0.001, 1000))
        : copy;
  }

  /** What the copy has of its own and what is new can hang from each other in a circle. */
  private static boolean isSound(GroupPiece merged) {
    try {
      new Overlay(
          "A copy",
          Frame.of(1920, 1080),
          List.of(merged.withPlace(Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0))));
      return true;
    } catch (InvalidInput circle) {
      return false;
    }
  }

  /** The ids that the pieces of an original have in a copy. */
  private static Map<String, String> idsHere(
      GroupPiece copy, CopyOf.OfOriginal of, GroupPiece now, Set<String> taken) {
    Map<String, String> known = new HashMap<>();
    of.parts().forEach(part -> known.put(part.original(), part.id()));
    // Those of what was taken out of the copy are had as well.
    taken.addAll(known.values());
    Map<String, String> ids = new HashMap<>();
    ids.put(now.id(), copy.id());
    Pieces.all(now.stack())
        .forEach(
            piece ->
                ids.put(
                    piece.id(),
                    Optional.ofNullable(known.get(piece.id()))
                        .orElseGet(() -> free(piece, taken))));
    return ids;
  }

  /** What a copy has otherwise than its original, where it lies and how large aside. */
  public static List<OwnThing> own(GroupPiece copy, CopyOf.OfOriginal of) {
    CopyMerge same = new CopyMerge(of.taken(), copy, of.taken());
    same.merged();
    return same.own();
  }

  /** A copy with nothing of its own, where it lies. */
  public static GroupPiece asTaken(GroupPiece copy, CopyOf.OfOriginal of) {
    return of.taken()
        .withId(copy.id())
        .withName(copy.name())
        .withShown(copy.shown())
        .withPlace(copy.place())
        .withScale(copy.scale())
        .withStack(Pieces.mapped(of.taken().stack(), piece -> asCopyIn(copy, piece)))
        .withCopyOf(of);
  }

  /** What was taken does not say of what the groups in it are copies; the copy does. */
  private static Piece asCopyIn(GroupPiece copy, Piece piece) {
    return piece instanceof GroupPiece inner
            && Pieces.find(copy.stack(), piece.id()).orElse(inner) instanceof GroupPiece here
        ? inner.withCopyOf(here.copyOf())
        : piece;
  }

  /** The groups among pieces that are copies of originals, those in other groups too. */
  public static Stream<CopyOf.OfOriginal> in(List<Piece> pieces) {
    return Pieces.all(pieces)
        .filter(GroupPiece.class::isInstance)
        .map(piece -> ((GroupPiece) piece).copyOf())
        .filter(CopyOf.OfOriginal.class::isInstance)
        .map(CopyOf.OfOriginal.class::cast);
  }
}
