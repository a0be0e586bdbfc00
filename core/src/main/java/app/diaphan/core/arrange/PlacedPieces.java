package app.diaphan.core.arrange;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Where the pieces of an overlay lie on its own frame, in display units. */
final class PlacedPieces {
  private final Map<String, PlacedPiece> placed = new HashMap<>();
  private final AffineTransform toFrame;

  private PlacedPieces(List<PlacedPiece> pieces, Canvas canvas) {
    pieces.stream().flatMap(PlacedPiece::all).forEach(p -> placed.put(p.piece().id(), p));
    toFrame = inverse(canvas.toPixels());
  }

  static PlacedPieces of(Overlay overlay, Renderer renderer) {
    Canvas canvas = Canvas.of(overlay.frame());
    return new PlacedPieces(renderer.place(overlay, canvas), canvas);
  }

  PlacedPiece piece(String id) {
    return placed.get(id);
  }

  /** The smallest level rectangle around a piece. */
  Rectangle2D box(String id) {
    return toFrame.createTransformedShape(placed.get(id).bounds()).getBounds2D();
  }

  Point2D centre(String id) {
    PlacedPiece piece = placed.get(id);
    Point2D middle = new Point2D.Double(piece.width() / 2, piece.height() / 2);
    return toFrame.transform(piece.toPixels().transform(middle, null), null);
  }

  /** From the units of what holds a piece to the frame's. */
  AffineTransform holderToFrame(String id) {
    AffineTransform transform = new AffineTransform(toFrame);
    transform.concatenate(placed.get(id).holderToPixels());
    return transform;
  }

  /** A point of the frame in the units of what holds a piece. */
  Point2D inHolder(String id, Point2D point) {
    return inverse(holderToFrame(id)).transform(point, null);
  }

  static AffineTransform inverse(AffineTransform transform) {
    try {
      return transform.createInverse();
    } catch (NoninvertibleTransformException e) {
      throw new IllegalStateException("A stack without area cannot be arranged.", e);
    }
  }
}
