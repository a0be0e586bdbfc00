package app.diaphan.e2e;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;

/** Plain overlays for what hands do. */
final class Shapes {
  private Shapes() {}

  static Overlay empty(Overlay any) {
    return any.withStack(List.of()).withForTargets(List.of());
  }

  /** Two plates in the middle of the frame: a round one, 400 across, before a square of 420. */
  static Overlay roundOverSquare(Overlay any) {
    return empty(any)
        .withStack(
            List.of(
                plate("round", "Round", new PlateShape.Ellipse(), 400, "#e8a33d"),
                plate("square", "Square", new PlateShape.Rectangle(), 420, "#124b5c")));
  }

  private static PlatePiece plate(
      String id, String name, PlateShape shape, double side, String colour) {
    return new PlatePiece(
        id,
        name,
        true,
        false,
        Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0),
        shape,
        side,
        side,
        Backing.NOTHING,
        new Paint.Flat(Colour.parse(colour)),
        Look.PLAIN);
  }
}
