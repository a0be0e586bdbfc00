package app.diaphan.core.render;

import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;

/** Turns a group whose pieces are finished, thinned or punched as one into a painted piece. */
final class GroupPainter {
  /**
   * What is within the group, from back to front.
   *
   * @param whole the pieces as they are
   * @param bare the pieces without their finishes; empty if none has any that are seen
   * @param finishes the pieces' finishes alone, those hidden that lie behind another's face
   * @param finer the pieces with what makes their shapes only, on a canvas with so many pixels for
   *     each of the group's, both ways
   */
  record Inside(
      List<Painted> whole,
      List<Painted> bare,
      List<Painted> finishes,
      IntFunction<List<Painted>> finer) {
    Plane shape(Bounds canvas) {
      return together(whole, canvas);
    }

    Plane finerShape(int times, Bounds canvas) {
      return together(finer.apply(times), canvas.finer(times));
    }

    private static Plane together(List<Painted> pieces, Bounds canvas) {
      return Shapes.together(pieces, around(pieces, canvas));
    }

    static Bounds around(List<Painted> pieces, Bounds canvas) {
      Bounds bounds = Bounds.EMPTY;
      for (Painted painted : pieces) {
        bounds = bounds.and(painted.bounds());
      }
      return bounds.within(canvas);
    }
  }

  private GroupPainter() {}

  static PaintedPiece paint(
      PlacedPiece placed, GroupPiece group, Inside inside, Canvas canvas, PictureShelf pictures) {
    Bounds bounds = Inside.around(inside.whole(), canvas.bounds());
    Look look = group.look();
    BoxPaints paints = new BoxPaints(placed, pictures);
    Plane shape = inside.shape(canvas.bounds());
    Optional<Plane> cutBehind = Shapes.cutBehind(inside.whole(), bounds);
    // Finishes have the units that the group's pieces have.
    double unit = placed.unit(canvas) * group.scale();
    Silhouette silhouette =
        PixelSilhouette.of(
            shape,
            unit * canvas.scaleX(),
            unit * canvas.scaleY(),
            canvas.bounds(),
            times -> inside.finerShape(times, canvas.bounds()));
    float face = (float) look.faceOpacity();
    if (look.punch() == Punch.NONE && !inside.bare().isEmpty()) {
      // Thinning the face of a group thins its pieces' faces, not what is done to their edges.
      Pixels finishes = Pixels.of(inside.finishes(), bounds);
      Pixels thinned = finishes.over(Pixels.of(inside.bare(), bounds), face);
      Body body = new Body.Ready(thinned, shape, List.of(), 1);
      return FinishesPainter.of(look, silhouette, paints, body, Optional.empty(), cutBehind);
    }
    Pixels pixels = Pixels.of(inside.whole(), bounds);
    if (look.punch() == Punch.NONE) {
      Body body = new Body.Ready(pixels, shape, List.of(), face);
      return FinishesPainter.of(look, silhouette, paints, body, Optional.empty(), cutBehind);
    }
    Plane amount = pixels.alpha();
    for (int i = 0; i < amount.values().length; i++) {
      amount.values()[i] *= face;
    }
    Body body = new Body.Ready(pixels, shape, List.of(), 0);
    return FinishesPainter.of(look, silhouette, paints, body, Optional.of(amount), cutBehind);
  }
}
