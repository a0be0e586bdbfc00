package app.diaphan.core.render;

import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.util.List;
import java.util.Optional;

/** Turns a group whose pieces are finished, thinned or punched as one into a painted piece. */
final class GroupPainter {
  private GroupPainter() {}

  static PaintedPiece paint(
      PlacedPiece placed,
      GroupPiece group,
      List<Painted> backToFront,
      Canvas canvas,
      PictureShelf pictures) {
    Bounds bounds = Bounds.EMPTY;
    for (Painted painted : backToFront) {
      bounds = bounds.and(painted.bounds());
    }
    bounds = bounds.within(canvas.bounds());
    Look look = group.look();
    BoxPaints paints = new BoxPaints(placed, pictures);
    Pixels pixels = Pixels.of(backToFront, bounds);
    Plane shape = Shapes.together(backToFront, bounds);
    Optional<Plane> cutBehind = Shapes.cutBehind(backToFront, bounds);
    // Finishes have the units that the group's pieces have.
    double unit = PiecePainter.unit(placed, canvas) * group.scale();
    Silhouette silhouette =
        PixelSilhouette.of(shape, unit * canvas.scaleX(), unit * canvas.scaleY(), canvas.bounds());
    float face = (float) look.faceOpacity();
    if (look.punch() == Punch.NONE) {
      Body body = new Body.Ready(pixels, shape, List.of(), face);
      return Finishing.of(look, silhouette, paints, body, Optional.empty(), cutBehind);
    }
    Plane amount = pixels.alpha();
    for (int i = 0; i < amount.values().length; i++) {
      amount.values()[i] *= face;
    }
    Body body = new Body.Ready(pixels, shape, List.of(), 0);
    return Finishing.of(look, silhouette, paints, body, Optional.of(amount), cutBehind);
  }
}
