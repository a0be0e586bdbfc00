package app.diaphan.core.render;

import java.awt.geom.AffineTransform;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;

/** Painted pieces by all that decides how they look; those not used for longest go first. */
final class PaintedPieces {
  private final long memory;
  private final Map<Key, PaintedPiece> pieces = new LinkedHashMap<>(16, 0.75f, true);
  private long used;

  /** The content stands for fonts and pictures, which the piece only names. */
  private record Key(Object piece, Object picture, AffineTransform toPixels, Canvas canvas) {}

  PaintedPieces(long memory) {
    this.memory = memory;
  }

  PaintedPiece of(PlacedPiece placed, Canvas canvas) {
    Object picture = placed.content() instanceof Content.Pictured pictured ? pictured : "";
    Key key = new Key(placed.piece(), picture, placed.toPixels(), canvas);
    synchronized (pieces) {
      PaintedPiece known = pieces.get(key);
      if (known != null) {
        return known;
      }
    }
    PaintedPiece painted = PiecePainter.paint(placed, canvas);
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
