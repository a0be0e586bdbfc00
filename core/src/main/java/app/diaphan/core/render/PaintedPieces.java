package app.diaphan.core.render;

import app.diaphan.core.overlay.Piece;
import app.diaphan.core.picture.Picture;
import java.awt.geom.AffineTransform;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/** Painted pieces by all that decides how they look; those not used for longest go first. */
final class PaintedPieces {
  private final long memory;
  private final Map<Key, PaintedPiece> pieces = new LinkedHashMap<>(16, 0.75f, true);
  private long used;

  /** The pictures stand for what the piece only names; its size may come from what it hugs. */
  private record Key(
      Piece piece,
      List<Picture> pictures,
      double width,
      double height,
      AffineTransform toPixels,
      Canvas canvas,
      List<Key> inside) {
    static Key of(PlacedPiece placed, Piece piece, Canvas canvas) {
      return new Key(
          piece,
          placed.content().pictures(),
          placed.width(),
          placed.height(),
          placed.toPixels(),
          canvas,
          placed.inside().stream().map(inner -> of(inner, inner.piece(), canvas)).toList());
    }
  }

  PaintedPieces(long memory) {
    this.memory = memory;
  }

  /**
   * @param piece as it is to be painted, with the finishes that its group gives it
   */
  PaintedPiece of(PlacedPiece placed, Piece piece, Canvas canvas, Supplier<PaintedPiece> painting) {
    Key key = Key.of(placed, piece, canvas);
    synchronized (pieces) {
      PaintedPiece known = pieces.get(key);
      if (known != null) {
        return known;
      }
    }
    PaintedPiece painted = painting.get();
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
