package app.diaphan.core.arrange;

import app.diaphan.core.frame.Area;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.render.PlacedPiece;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Set;

/**
 * Cuts pieces loose from others that go away: what hung from them hangs from the frame or the group
 * instead, and a plate that backed only them keeps the size it had. Nothing moves.
 */
final class Loosening {
  private final PlacedPieces onFrame;
  private final Overlay overlay;

  Loosening(PlacedPieces onFrame, Overlay overlay) {
    this.onFrame = onFrame;
    this.overlay = overlay;
  }

  Overlay from(Set<String> gone) {
    return overlay.withStack(
        Pieces.mapped(
            overlay.stack(), piece -> gone.contains(piece.id()) ? piece : loosened(piece, gone)));
  }

  private Piece loosened(Piece piece, Set<String> gone) {
    Piece result = piece;
    if (piece instanceof PlatePiece plate
        && plate.backing().pieces().stream().anyMatch(gone::contains)) {
      List<String> left =
          plate.backing().pieces().stream().filter(id -> !gone.contains(id)).toList();
      result =
          left.isEmpty() ? asItLies(plate) : plate.withBacking(plate.backing().withPieces(left));
    }
    if (result.place().hook() instanceof Hook.OfPiece(String other) && gone.contains(other)) {
      result = result.withPlace(hungFromHolder(result));
    }
    return result;
  }

  /** The plate with the size and place that backing gave it. */
  private PlatePiece asItLies(PlatePiece plate) {
    PlacedPiece placed = onFrame.piece(plate.id());
    AffineTransform t = placed.toHolder();
    boolean mirrored = t.getDeterminant() < 0;
    double turn = Math.toDegrees(Math.atan2(t.getShearY(), t.getScaleX()));
    Place place = plate.place().turned(Placing.tidyTurn(mirrored ? turn - 180 : turn), mirrored);
    return plate
        .withBacking(plate.backing().withPieces(List.of()))
        .withSize(Placing.tidy(placed.width()), Placing.tidy(placed.height()))
        .withPlace(Placing.at(place, placed, centreInHolder(placed)));
  }

  private Place hungFromHolder(Piece piece) {
    PlacedPiece placed = onFrame.piece(piece.id());
    Place place = piece.place();
    boolean inGroup = overlay.stack().stream().noneMatch(p -> p.id().equals(piece.id()));
    Hook hook = inGroup ? new Hook.OfGroup() : new Hook.OfFrame(Area.FRAME);
    Point2D point =
        inGroup ? new Point2D.Double() : place.point().of(overlay.frame().area(Area.FRAME));
    return Placing.at(
        place.withHook(hook), point, placed.width(), placed.height(), centreInHolder(placed));
  }

  static Point2D centreInHolder(PlacedPiece placed) {
    Rectangle2D box = new Rectangle2D.Double(0, 0, placed.width(), placed.height());
    return placed
        .toHolder()
        .transform(new Point2D.Double(box.getCenterX(), box.getCenterY()), null);
  }
}
