package app.diaphan.core.arrange;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Moving, sizing, turning and mirroring, as placements for each piece. */
final class Transforming {
  private final PlacedPieces onFrame;
  private final List<String> ids;

  Transforming(PlacedPieces onFrame, List<String> ids) {
    this.onFrame = onFrame;
    this.ids = ids;
  }

  Map<String, Placement> moved(double right, double down) {
    return each(id -> Placement.moved(onFrame.centre(id), right, down));
  }

  /**
   * One piece is drawn out along its own directions. Several keep their proportions, or their
   * places to each other would be lost with turned ones among them.
   */
  Map<String, Placement> sized(Arrangement.Sized sized) {
    if (ids.size() > 1) {
      double factor = Math.max(sized.across(), sized.down());
      return each(
          id -> {
            Point2D centre = onFrame.centre(id);
            return new Placement(
                new Point2D.Double(
                    sized.x() + (centre.getX() - sized.x()) * factor,
                    sized.y() + (centre.getY() - sized.y()) * factor),
                factor,
                factor,
                0,
                false);
          });
    }
    return each(
        id -> {
          Point2D centre = onFrame.centre(id);
          double turn = turnOnFrame(id);
          double right = centre.getX() - sized.x();
          double down = centre.getY() - sized.y();
          double across = (right * Math.cos(turn) + down * Math.sin(turn)) * sized.across();
          double along = (-right * Math.sin(turn) + down * Math.cos(turn)) * sized.down();
          return new Placement(
              new Point2D.Double(
                  sized.x() + across * Math.cos(turn) - along * Math.sin(turn),
                  sized.y() + across * Math.sin(turn) + along * Math.cos(turn)),
              sized.across(),
              sized.down(),
              0,
              false);
        });
  }

  /** The direction of a piece's width on the frame, in radians. */
  private double turnOnFrame(String id) {
    var transform = onFrame.holderToFrame(id);
    transform.concatenate(onFrame.piece(id).toHolder());
    return Math.atan2(transform.getShearY(), transform.getScaleX());
  }

  Map<String, Placement> turned(Arrangement.Turned turned) {
    double angle = Math.toRadians(turned.degrees());
    return each(
        id -> {
          double right = onFrame.centre(id).getX() - turned.x();
          double down = onFrame.centre(id).getY() - turned.y();
          return new Placement(
              new Point2D.Double(
                  turned.x() + right * Math.cos(angle) - down * Math.sin(angle),
                  turned.y() + right * Math.sin(angle) + down * Math.cos(angle)),
              1,
              1,
              turned.degrees(),
              false);
        });
  }

  Map<String, Placement> mirrored(Arrangement.Direction direction) {
    Rectangle2D all = Boxes.around(onFrame, ids);
    return each(
        id -> {
          Point2D centre = onFrame.centre(id);
          return switch (direction) {
            case ACROSS ->
                new Placement(
                    new Point2D.Double(2 * all.getCenterX() - centre.getX(), centre.getY()),
                    1,
                    1,
                    0,
                    true);
            // Upside down is left for right and half a turn.
            case DOWN ->
                new Placement(
                    new Point2D.Double(centre.getX(), 2 * all.getCenterY() - centre.getY()),
                    1,
                    1,
                    180,
                    true);
          };
        });
  }

  private Map<String, Placement> each(Function<String, Placement> placement) {
    Map<String, Placement> placements = new LinkedHashMap<>();
    ids.forEach(id -> placements.put(id, placement.apply(id)));
    return placements;
  }
}
