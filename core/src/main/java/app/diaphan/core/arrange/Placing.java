package app.diaphan.core.arrange;

import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.SizedPiece;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Brings pieces to where they are wished to lie, keeping their pins. Pieces are set one after the
 * other, each after those that decide its place, so that one that hangs from another ends where it
 * should even when both move.
 */
final class Placing {
  private Placing() {}

  static Overlay apply(Overlay overlay, Renderer renderer, Map<String, Placement> placements) {
    Overlay now = overlay;
    Map<String, Placement> own = byOwnPlace(overlay, renderer, placements);
    for (String id : inOrder(overlay, own.keySet())) {
      Placement placement = own.get(id);
      Overlay resized = resized(now, id, placement);
      PlacedPieces onFrame = PlacedPieces.of(resized, renderer);
      Overlay placed =
          Pieces.replaced(resized, id, piece -> piece.withPlace(place(piece, onFrame, placement)));
      now = Anchoring.keep(now, placed, List.of(id), renderer);
    }
    return now;
  }

  /** A backing plate has no place of its own: what it backs moves in its stead. */
  private static Map<String, Placement> byOwnPlace(
      Overlay overlay, Renderer renderer, Map<String, Placement> placements) {
    Map<String, Placement> result = new LinkedHashMap<>();
    PlacedPieces onFrame = PlacedPieces.of(overlay, renderer);
    placements.forEach(
        (id, placement) -> {
          Point2D from = onFrame.centre(id);
          double right = placement.centre().getX() - from.getX();
          double down = placement.centre().getY() - from.getY();
          for (String mover : movers(overlay, id)) {
            if (mover.equals(id)) {
              result.put(id, placement);
            } else if (!placements.containsKey(mover) && !Pieces.get(overlay, mover).locked()) {
              result.put(mover, Placement.moved(onFrame.centre(mover), right, down));
            }
          }
        });
    return result;
  }

  /** The pieces to move so that this one moves: itself, or what it backs, however indirectly. */
  static List<String> movers(Overlay overlay, String id) {
    Piece piece = Pieces.get(overlay, id);
    if (piece instanceof PlatePiece plate && plate.backing().any()) {
      List<String> backed =
          plate.backing().pieces().stream()
              .filter(other -> Pieces.find(overlay.stack(), other).isPresent())
              .flatMap(other -> movers(overlay, other).stream())
              .distinct()
              .toList();
      if (!backed.isEmpty()) {
        return backed;
      }
    }
    return List.of(id);
  }

  private static List<String> inOrder(Overlay overlay, Set<String> ids) {
    List<String> order = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    ids.forEach(id -> visit(overlay, id, seen, order));
    order.retainAll(ids);
    return order;
  }

  private static void visit(Overlay overlay, String id, Set<String> seen, List<String> order) {
    if (seen.add(id)) {
      Pieces.find(overlay.stack(), id)
          .ifPresent(
              piece -> Pieces.leansOn(piece).forEach(other -> visit(overlay, other, seen, order)));
      order.add(id);
    }
  }

  private static Place place(Piece piece, PlacedPieces onFrame, Placement placement) {
    Place place = piece.place();
    double holderSide = Math.signum(onFrame.holderToFrame(piece.id()).getDeterminant());
    boolean mirrored = place.mirrored() != placement.flip();
    double turn = placement.flip() ? -place.turn() : place.turn();
    return at(
        place.turned(tidyTurn(turn + holderSide * placement.turn()), mirrored),
        onFrame.piece(piece.id()),
        onFrame.inHolder(piece.id(), placement.centre()));
  }

  /** The place with the offset that brings the middle of a box of this size to a point. */
  static Place at(Place place, PlacedPiece placed, Point2D centreInHolder) {
    return at(place, placed.hook(), placed.width(), placed.height(), centreInHolder);
  }

  static Place at(Place place, Point2D hook, double width, double height, Point2D centreInHolder) {
    PinPoint own = place.own();
    return place.withOffset(
        tidy(centreInHolder.getX() + (own.across() - 0.5) * width - hook.getX()),
        tidy(centreInHolder.getY() + (own.down() - 0.5) * height - hook.getY()));
  }

  private static Overlay resized(Overlay overlay, String id, Placement placement) {
    return placement.across() == 1 && placement.down() == 1
        ? overlay
        : Pieces.replaced(
            overlay, id, piece -> resized(piece, placement.across(), placement.down()));
  }

  private static Piece resized(Piece piece, double across, double down) {
    return switch (piece) {
      case TextPiece text when text.box() instanceof TextBox.Given given ->
          text.withBox(
              given.withSize(length(given.width() * across), length(given.height() * down)));
      case TextPiece text ->
          text.withRuns(
              text.runs().stream()
                  .map(run -> run.withSize(Math.clamp(tidy(run.size() * down), 1, 8000)))
                  .toList());
      case SizedPiece sized ->
          sized.withSize(length(sized.width() * across), length(sized.height() * down));
      case GroupPiece group -> group.withScale(Math.clamp(group.scale() * down, 0.001, 1000));
    };
  }

  private static double length(double units) {
    return Math.clamp(tidy(units), 1, 100_000);
  }

  /** To a thousandth, so that documents stay readable. */
  static double tidy(double units) {
    return Math.rint(units * 1000) / 1000 + 0.0;
  }

  /** From −180 to less than 180 degrees. */
  static double tidyTurn(double degrees) {
    double turn = (degrees % 360 + 540) % 360 - 180;
    return tidy(turn);
  }
}
