package app.diaphan.core.arrange;

import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Keeps groups still while pieces in them are arranged. A group's box follows its pieces, so one
 * that is drawn outwards would push the others aside; the group's offset is changed instead.
 */
final class Anchoring {
  private Anchoring() {}

  /**
   * @param changed ids of the pieces that were arranged, as they were before
   */
  static Overlay keep(
      Overlay before, Overlay after, Collection<String> changed, Renderer renderer) {
    Overlay now = after;
    for (String group : groupsAround(before.stack(), changed)) {
      if (changed.contains(group)
          || !(Pieces.find(now.stack(), group).orElse(null) instanceof GroupPiece found)
          || found.stack().isEmpty()) {
        continue;
      }
      Point2D was = origin(PlacedPieces.of(before, renderer).piece(group));
      Point2D is = origin(PlacedPieces.of(now, renderer).piece(group));
      double right = was.getX() - is.getX();
      double down = was.getY() - is.getY();
      now =
          Pieces.replaced(
              now,
              group,
              piece ->
                  piece.withPlace(
                      piece
                          .place()
                          .withOffset(
                              Placing.tidy(piece.place().right() + right),
                              Placing.tidy(piece.place().down() + down))));
    }
    return now;
  }

  /** The groups that hold any of the pieces, the innermost first. */
  private static List<String> groupsAround(List<Piece> stack, Collection<String> ids) {
    Set<String> around = new LinkedHashSet<>();
    for (Piece piece : stack) {
      if (piece instanceof GroupPiece group) {
        around.addAll(groupsAround(group.stack(), ids));
        if (Pieces.all(group.stack()).anyMatch(inner -> ids.contains(inner.id()))) {
          around.add(group.id());
        }
      }
    }
    return new ArrayList<>(around);
  }

  /** The fixed point of a group in the units of what holds it. */
  private static Point2D origin(PlacedPiece group) {
    AffineTransform out = PlacedPieces.inverse(group.holderToPixels());
    out.concatenate(group.inside().getFirst().holderToPixels());
    return out.transform(new Point2D.Double(), null);
  }
}
