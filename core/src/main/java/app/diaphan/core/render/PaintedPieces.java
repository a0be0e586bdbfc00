package app.diaphan.core.render;

import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.picture.Picture;
import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.function.Supplier;

/** Painted pieces by all that decides how they look. */
final class PaintedPieces {
  private final Remembered<Key, PaintedPiece> remembered;

  /** The pictures stand for what the piece only names; its size may come from what it hugs. */
  private record Key(
      Piece piece,
      List<String> pictures,
      double width,
      double height,
      AffineTransform toPixels,
      Canvas canvas,
      List<Key> inside) {
    static Key of(PlacedPiece placed, Piece piece, Canvas canvas) {
      return new Key(
          piece,
          placed.content().pictures().stream().map(Picture::identity).toList(),
          placed.width(),
          placed.height(),
          placed.toPixels(),
          canvas,
          placed.inside().stream().map(inner -> of(inner, inner.piece(), canvas)).toList());
    }
  }

  PaintedPieces(Memory memory) {
    remembered = memory.kind(Memory::bytesOf, PaintedPiece::weight);
  }

  /**
   * @param piece as it is to be painted, with the finishes that its group gives it
   */
  PaintedPiece of(PlacedPiece placed, Piece piece, Canvas canvas, Supplier<PaintedPiece> painting) {
    return remembered.of(Key.of(placed, piece, canvas), painting);
  }
}
