package app.diaphan.core.arrange;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.code.Modules;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.CodePiece;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Codes whose modules are made of whole pixels have edges of two colours and none between, which is
 * what a camera reads best from afar.
 */
final class WholeModules {
  /** Share of a side that a turn may tilt another by and still be none. */
  private static final double NO_TURN = 1e-6;

  private final PlacedPieces onFrame;
  private final Frame frame;

  WholeModules(PlacedPieces onFrame, Frame frame) {
    this.onFrame = onFrame;
    this.frame = frame;
  }

  /**
   * Each code as near as can be to the size that it has and to where it lies.
   *
   * @throws InvalidInput if a piece is no code, is turned, or if the frame's pixels are not square
   */
  Map<String, Placement> placements(List<String> ids) {
    if (frame.displayWidth() != frame.width()) {
      throw new InvalidInput(
          "The pixels of this frame are not square, so no module can be made of whole ones both ways.");
    }
    Map<String, Placement> placements = new LinkedHashMap<>();
    for (String id : ids) {
      placements.put(id, placement(id));
    }
    return placements;
  }

  /** Whether level lines stay level or become upright ones. */
  private static boolean upright(AffineTransform toPixels) {
    double kept = Math.hypot(toPixels.getScaleX(), toPixels.getScaleY());
    double crossed = Math.hypot(toPixels.getShearX(), toPixels.getShearY());
    return Math.min(kept, crossed) < NO_TURN * Math.max(kept, crossed);
  }

  private Placement placement(String id) {
    if (!(onFrame.piece(id).piece() instanceof CodePiece code)) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is no code, so it has no modules.", onFrame.piece(id).piece().name()));
    }
    if (!upright(onFrame.piece(id).toPixels())) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is turned; its modules can be made of whole pixels when it stands upright.",
              code.name()));
    }
    int modules = Modules.of(code.words(), code.correction()).side() + 2 * code.rim();
    Rectangle2D box = onFrame.box(id);
    double each = Math.max(1, Math.rint(box.getWidth() / modules));
    double side = each * modules;
    double left = Math.rint(box.getCenterX() - side / 2);
    double top = Math.rint(box.getCenterY() - side / 2);
    double factor = side / box.getWidth();
    return new Placement(
        new Point2D.Double(left + side / 2, top + side / 2), factor, factor, 0, false);
  }
}
