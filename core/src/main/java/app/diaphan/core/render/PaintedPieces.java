package app.diaphan.core.render;

import app.diaphan.core.overlay.FacedPiece;
import app.diaphan.core.picture.Picture;
import java.awt.geom.AffineTransform;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Painted pieces by all that decides how they look; those not used for longest go first. */
final class PaintedPieces {
  private final long memory;
  private final Map<Key, PaintedPiece> pieces = new LinkedHashMap<>(16, 0.75f, true);
  private long used;

  /** The pictures stand for what the piece only names; its size may come from what it hugs. */
  private record Key(
      FacedPiece piece,
      List<Picture> pictures,
      double width,
      double height,
      AffineTransform toPixels,
      Canvas canvas) {}

  PaintedPieces(long memory) {
    this.memory = memory;
  }

  PaintedPiece of(PlacedPiece placed, FacedPiece piece, Canvas canvas) {
    Key key =
        new Key(
            piece,
            placed.content().pictures(),
            placed.width(),
            placed.height(),
            placed.toPixels(),
            canvas);
    synchronized (pieces) {
      PaintedPiece known = pieces.get(key);
      if (known != null) {
        return known;
      }
    }
    PaintedPiece painted = PiecePainter.paint(placed, piece, canvas);
    if (painted.weight() <= memory) {
      remember(key, painted);
    }
    return painted;
  }

  private void remember(Key key, PaintedPiece painted) {
    synchronized (pieces) {
      if (pieces.put(key, painted) == null) {
        used += painted.weight();
      }
      Iterator<PaintedPiece> eldest = pieces.values().iterator();
      while (used > memory && eldest.hasNext()) {
        used -= eldest.next().weight();
        eldest.remove();
      }
    }
  }
}
