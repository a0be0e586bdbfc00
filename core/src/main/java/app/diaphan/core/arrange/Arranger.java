package app.diaphan.core.arrange;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.copy.Copies;
import app.diaphan.core.overlay.reframe.Reframed;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;

/** Does arrangements to overlays. The overlay given stays what it is. */
public final class Arranger {
  private final Renderer renderer;

  /**
   * @param renderer measures and places the pieces
   */
  public Arranger(Renderer renderer) {
    this.renderer = renderer;
  }

  /**
   * @param chosen ids in the order in which they were chosen
   * @throws InvalidInput if a piece is not there or the arrangement makes no sense for them
   */
  public Arranged arrange(Overlay overlay, List<String> chosen, Arrangement arrangement) {
    // What is pasted does not ask what is chosen.
    boolean asks = !(arrangement instanceof Arrangement.Pasted);
    List<String> ids = asks ? outermost(overlay, chosen) : List.of();
    if (asks && ids.isEmpty()) {
      throw new InvalidInput("No piece is chosen; choose one first.");
    }
    return switch (arrangement) {
      case Arrangement.Pasted pasted -> pasted(overlay, pasted);
      case Arrangement.Ordered(Arrangement.Step step) -> {
        Overlay ordered = overlay;
        Set<String> set = new LinkedHashSet<>(ids);
        Set<String> done = new HashSet<>();
        for (String id : ids) {
          // Once for each stack that holds one of them.
          if (!done.contains(id)) {
            Pieces.beside(overlay.stack(), id).forEach(piece -> done.add(piece.id()));
            ordered = Pieces.rearranged(ordered, id, stack -> Ordering.of(stack, set, step));
          }
        }
        yield new Arranged(ordered, chosen);
      }
      case Arrangement.Restacked restacked ->
          new Restacking(overlay, renderer, restacked).restacked(ids);
      case Arrangement.Grouped(String name) -> new Grouping(overlay, renderer).grouped(ids, name);
      case Arrangement.Ungrouped() ->
          apart(overlay, ids, (now, id) -> new Grouping(now, renderer).ungrouped(id));
      case Arrangement.Split() ->
          apart(overlay, ids, (now, id) -> new Splitting(now, renderer).split(id));
      case Arrangement.LetGo() ->
          copies(overlay, ids, (copy, of) -> copy.withCopyOf(CopyOf.NOTHING));
      case Arrangement.LikeOriginal() -> copies(overlay, ids, Copies::asTaken);
      case Arrangement.Trimmed() -> trimmed(overlay, ids);
      case Arrangement.Removed() -> removed(overlay, ids);
      case Arrangement.Duplicated(double right, double down) ->
          duplicated(overlay, ids, right, down);
      case Arrangement.Rehung rehung -> rehung(overlay, ids, rehung);
      case Arrangement.Offset offset -> offset(overlay, unlocked(overlay, ids), offset);
      case Arrangement.OfPlaces places ->
          new Arranged(
              Placing.apply(overlay, renderer, placements(overlay, unlocked(overlay, ids), places)),
              chosen);
    };
  }

  private Map<String, Placement> placements(
      Overlay overlay, List<String> ids, Arrangement.OfPlaces places) {
    PlacedPieces onFrame = PlacedPieces.of(overlay, renderer);
    Transforming transforming = new Transforming(onFrame, ids);
    Boxes boxes = new Boxes(onFrame, ids, overlay.frame());
    return switch (places) {
      case Arrangement.Moved(double right, double down) -> transforming.moved(right, down);
      case Arrangement.Sized sized -> transforming.sized(sized);
      case Arrangement.Turned turned -> transforming.turned(turned);
      case Arrangement.Mirrored(Arrangement.Direction direction) ->
          transforming.mirrored(direction);
      case Arrangement.Aligned(Arrangement.Edge edge, Arrangement.Against against) ->
          boxes.aligned(edge, against);
      case Arrangement.Spaced(Arrangement.Direction direction, Arrangement.Against against) ->
          boxes.spaced(direction, against);
      case Arrangement.WholePixels() -> new WholeModules(onFrame, overlay.frame()).placements(ids);
      case Arrangement.SameSize(boolean width, boolean height) -> boxes.sameSize(width, height);
    };
  }

  /** The chosen pieces without those that lie in a chosen group. */
  private static List<String> outermost(Overlay overlay, List<String> chosen) {
    Set<String> inside = new HashSet<>();
    for (String id : chosen) {
      if (Pieces.get(overlay, id) instanceof GroupPiece group) {
        Pieces.all(group.stack()).forEach(piece -> inside.add(piece.id()));
      }
    }
    return chosen.stream().distinct().filter(id -> !inside.contains(id)).toList();
  }

  private static List<String> unlocked(Overlay overlay, List<String> ids) {
    List<String> free =
        ids.stream()
            .filter(id -> !Pieces.get(overlay, id).locked())
            .filter(
                id ->
                    Placing.movers(overlay, id).stream()
                        .anyMatch(mover -> !Pieces.get(overlay, mover).locked()))
            .toList();
    if (free.isEmpty()) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is locked; unlock it to change its place.",
              Pieces.get(overlay, ids.getFirst()).name()));
    }
    return free;
  }

  private static Arranged copies(
      Overlay overlay,
      List<String> ids,
      BiFunction<GroupPiece, CopyOf.OfOriginal, Piece> otherwise) {
    Overlay now = overlay;
    for (String id : ids) {
      if (!(Pieces.get(overlay, id) instanceof GroupPiece group)
          || !(group.copyOf() instanceof CopyOf.OfOriginal of)) {
        throw new InvalidInput(
            Sentence.of(
                "\"%s\" is no copy of an original; choose one.", Pieces.get(overlay, id).name()));
      }
      now = Pieces.replaced(now, id, same -> otherwise.apply(group, of));
    }
    return new Arranged(now, ids);
  }

  private Arranged removed(Overlay overlay, List<String> ids) {
    Set<String> gone = new HashSet<>(ids);
    List<Piece> stack = Pieces.beside(overlay.stack(), ids.getFirst());
    int at = stack.stream().map(Piece::id).toList().indexOf(ids.getFirst());
    List<String> next =
        stack.stream().skip(at).map(Piece::id).filter(id -> !gone.contains(id)).limit(1).toList();
    Overlay loose = new Loosening(PlacedPieces.of(overlay, renderer), overlay).from(gone);
    Overlay left = loose.withStack(without(loose.stack(), gone));
    return new Arranged(Anchoring.keep(loose, left, gone, renderer), next);
  }

  /** Groups that are left without a piece go too. */
  private static List<Piece> without(List<Piece> stack, Set<String> gone) {
    List<Piece> left = new ArrayList<>();
    for (Piece piece : stack) {
      if (gone.contains(piece.id())) {
        continue;
      }
      if (piece instanceof GroupPiece group) {
        List<Piece> inside = without(group.stack(), gone);
        if (!inside.isEmpty() || group.stack().isEmpty()) {
          left.add(group.withStack(inside));
        }
      } else {
        left.add(piece);
      }
    }
    return left;
  }

  /** Takes pieces apart one after the other; all that comes of them is chosen then. */
  private static Arranged apart(
      Overlay overlay, List<String> ids, BiFunction<Overlay, String, Arranged> takingApart) {
    Overlay now = overlay;
    List<String> chosen = new ArrayList<>();
    for (String id : ids) {
      Arranged apart = takingApart.apply(now, id);
      now = apart.overlay();
      chosen.addAll(apart.chosen());
    }
    return new Arranged(now, chosen);
  }

  private Arranged trimmed(Overlay overlay, List<String> ids) {
    Overlay now = overlay;
    for (String id : ids) {
      now = Anchoring.keep(now, new Trimming(now, renderer).trimmed(id), List.of(id), renderer);
    }
    return new Arranged(now, ids);
  }

  private Arranged duplicated(Overlay overlay, List<String> ids, double right, double down) {
    Overlay now = overlay;
    Set<String> set = new HashSet<>(ids);
    List<String> chosen = new ArrayList<>();
    Set<String> done = new HashSet<>();
    for (String id : ids) {
      if (done.contains(id)) {
        continue;
      }
      List<Piece> stack = Pieces.beside(overlay.stack(), id);
      Set<String> known = stack.stream().map(Piece::id).collect(Collectors.toSet());
      List<Piece> originals = stack.stream().filter(p -> set.contains(p.id())).toList();
      originals.forEach(piece -> done.add(piece.id()));
      List<Piece> copies = Copying.of(originals, now, known);
      int at = stack.indexOf(originals.getFirst());
      now =
          Pieces.rearranged(
              now,
              id,
              pieces -> {
                List<Piece> next = new ArrayList<>(pieces);
                next.addAll(at, copies);
                return next;
              });
      copies.forEach(piece -> chosen.add(piece.id()));
    }
    return new Arranged(moved(now, chosen, right, down), chosen);
  }

  private Arranged pasted(Overlay overlay, Arrangement.Pasted pasted) {
    if (pasted.pieces().isEmpty()) {
      throw new InvalidInput("There is no piece to paste.");
    }
    double scale = overlay.frame().shortSide() / pasted.lines();
    List<Piece> fitting =
        pasted.pieces().stream()
            .map(Copying::onFrame)
            .map(piece -> Reframed.scaled(piece, scale))
            .toList();
    List<Piece> copies = Copying.of(fitting, overlay, Set.of());
    List<Piece> stack = new ArrayList<>(copies);
    stack.addAll(overlay.stack());
    List<String> chosen = copies.stream().map(Piece::id).toList();
    return new Arranged(
        moved(overlay.withStack(stack), chosen, pasted.right(), pasted.down()), chosen);
  }

  private Overlay moved(Overlay overlay, List<String> ids, double right, double down) {
    return right == 0 && down == 0
        ? overlay
        : Placing.apply(
            overlay,
            renderer,
            new Transforming(PlacedPieces.of(overlay, renderer), ids).moved(right, down));
  }

  private Arranged offset(Overlay overlay, List<String> ids, Arrangement.Offset offset) {
    Overlay now = overlay;
    for (String id : ids) {
      now =
          Pieces.replaced(
              now,
              id,
              piece ->
                  piece.withPlace(
                      piece
                          .place()
                          .withOffset(offset.right(), offset.down())
                          .turned(offset.turn(), piece.place().mirrored())));
    }
    return new Arranged(Anchoring.keep(overlay, now, ids, renderer), ids);
  }

  private Arranged rehung(Overlay overlay, List<String> ids, Arrangement.Rehung rehung) {
    Overlay now = overlay;
    for (String id : ids) {
      Overlay other =
          Pieces.replaced(
              now,
              id,
              piece ->
                  piece.withPlace(
                      new Place(
                          rehung.hook(),
                          rehung.point(),
                          rehung.own(),
                          piece.place().right(),
                          piece.place().down(),
                          piece.place().turn(),
                          piece.place().mirrored())));
      PlacedPiece before = PlacedPieces.of(now, renderer).piece(id);
      Point2D centre = Loosening.centreInHolder(before);
      PlacedPiece hung = PlacedPieces.of(other, renderer).piece(id);
      now =
          Anchoring.keep(
              now,
              Pieces.replaced(
                  other, id, piece -> piece.withPlace(Placing.at(piece.place(), hung, centre))),
              List.of(id),
              renderer);
    }
    return new Arranged(now, ids);
  }
}
