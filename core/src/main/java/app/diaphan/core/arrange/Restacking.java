package app.diaphan.core.arrange;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.frame.Area;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.reframe.Reframed;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Putting pieces elsewhere in the stack, into a group or out of one, without anything moving. */
final class Restacking {
  private final Overlay overlay;
  private final Renderer renderer;
  private final Arrangement.Restacked wanted;
  private final List<Piece> goal;

  Restacking(Overlay overlay, Renderer renderer, Arrangement.Restacked wanted) {
    this.overlay = overlay;
    this.renderer = renderer;
    this.wanted = wanted;
    Piece other = Pieces.get(overlay, wanted.other());
    if (wanted.spot() != Arrangement.Spot.INSIDE) {
      goal = Pieces.beside(overlay.stack(), other.id());
    } else if (other instanceof GroupPiece group && !group.stack().isEmpty()) {
      goal = group.stack();
    } else {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is no group with pieces in it, so nothing can be put into it.",
              other.name()));
    }
  }

  /**
   * What a chosen plate backs comes along, since it could not back anything in another group.
   *
   * @param chosen none of them within another
   * @throws InvalidInput if a group is to be put into itself
   */
  Arranged restacked(List<String> chosen) {
    Set<String> ids = new HashSet<>();
    for (String id : chosen) {
      List<Piece> stack = Pieces.beside(overlay.stack(), id);
      ids.addAll(stack == goal ? Set.of(id) : Grouping.withBacked(stack, List.of(id)));
    }
    for (String id : ids) {
      Piece piece = Pieces.get(overlay, id);
      if (Pieces.all(List.of(piece)).anyMatch(inner -> inner.id().equals(wanted.other()))) {
        throw new InvalidInput(
            Sentence.of(
                "\"%s\" cannot be put into or beside itself; choose another piece.", piece.name()));
      }
    }
    Set<String> coming =
        ids.stream()
            .filter(id -> goal.stream().noneMatch(piece -> piece.id().equals(id)))
            .collect(Collectors.toSet());
    Overlay loose = loosened(coming);
    List<Piece> moved =
        Pieces.all(overlay.stack())
            .map(Piece::id)
            .filter(ids::contains)
            .map(id -> coming.contains(id) ? carried(loose, id, coming) : Pieces.get(loose, id))
            .toList();
    Overlay left = loose.withStack(rebuilt(loose.stack(), ids, moved));
    // First the groups that pieces came from, then those that they went into.
    Overlay kept = Anchoring.keep(overlay, left, coming, renderer);
    if (!coming.isEmpty()) {
      kept = Anchoring.keep(overlay, kept, List.of(goal.getFirst().id()), renderer);
    }
    return new Arranged(kept, chosen);
  }

  /** With nothing left that names a piece which will lie in another stack. */
  private Overlay loosened(Set<String> coming) {
    Set<String> staying = new HashSet<>();
    coming.forEach(
        id -> Pieces.beside(overlay.stack(), id).forEach(piece -> staying.add(piece.id())));
    staying.removeAll(coming);
    PlacedPieces onFrame = PlacedPieces.of(overlay, renderer);
    Overlay without = new Loosening(onFrame, overlay).from(coming);
    return new Loosening(onFrame, without).from(staying);
  }

  /** The piece as it has to be to lie in the other stack just where it lies now. */
  private Piece carried(Overlay loose, String id, Set<String> coming) {
    PlacedPieces onFrame = PlacedPieces.of(loose, renderer);
    PlacedPiece placed = onFrame.piece(id);
    AffineTransform out = PlacedPieces.inverse(goalToPixels(onFrame));
    out.concatenate(placed.holderToPixels());
    double scale = Math.sqrt(Math.abs(out.getDeterminant()));
    Piece piece = Reframed.scaled(Pieces.get(loose, id), scale);
    Place place = piece.place();
    Point2D hook = new Point2D.Double();
    if (place.hook() instanceof Hook.OfPiece(String other) && coming.contains(other)) {
      hook = out.transform(placed.hook(), null);
    } else if (goal == overlay.stack()) {
      PinPoint point = place.point();
      place = place.withHook(new Hook.OfFrame(Area.FRAME));
      hook = point.of(overlay.frame().area(Area.FRAME));
    } else {
      place = place.withHook(new Hook.OfGroup());
    }
    AffineTransform whole = new AffineTransform(out);
    whole.concatenate(placed.toHolder());
    boolean mirrored = whole.getDeterminant() < 0;
    double turn = Math.toDegrees(Math.atan2(whole.getShearY(), whole.getScaleX()));
    return piece.withPlace(
        Placing.at(
            place.turned(Placing.tidyTurn(mirrored ? turn - 180 : turn), mirrored),
            hook,
            placed.width() * scale,
            placed.height() * scale,
            out.transform(Loosening.centreInHolder(placed), null)));
  }

  private AffineTransform goalToPixels(PlacedPieces onFrame) {
    return goal == overlay.stack()
        ? Canvas.of(overlay.frame()).toPixels()
        : onFrame.piece(goal.getFirst().id()).holderToPixels();
  }

  /** Groups that are left without a piece go. */
  private List<Piece> rebuilt(List<Piece> stack, Set<String> ids, List<Piece> moved) {
    List<Piece> next = new ArrayList<>();
    for (Piece piece : stack) {
      boolean here = piece.id().equals(wanted.other());
      if (here && wanted.spot() == Arrangement.Spot.IN_FRONT) {
        next.addAll(moved);
      }
      if (piece instanceof GroupPiece group && !ids.contains(piece.id())) {
        List<Piece> inside = new ArrayList<>(rebuilt(group.stack(), ids, moved));
        if (here && wanted.spot() == Arrangement.Spot.INSIDE) {
          inside.addAll(0, moved);
        }
        if (!inside.isEmpty()) {
          next.add(group.withStack(inside));
        }
      } else if (!ids.contains(piece.id())) {
        next.add(piece);
      }
      if (here && wanted.spot() == Arrangement.Spot.BEHIND) {
        next.addAll(moved);
      }
    }
    return next;
  }
}
