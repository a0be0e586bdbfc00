package app.diaphan.core.render;

import app.diaphan.core.memory.InUse;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureShelf;
import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** Painted pieces by all that decides how they look. */
final class PaintedPieces {
  /** Bytes from which on a piece may be too large to be remembered. */
  private static final long LARGE = 4 << 20;

  /** What some drawing still holds costs nothing to have again. */
  private final InUse<Key, PaintedPiece> inUse = new InUse<>();

  private final Remembered<Key, PaintedPiece> remembered;

  /**
   * Pictures and fonts stand for what the piece only names; its size may come from what it backs.
   */
  private record Key(
      Piece piece,
      List<String> madeOf,
      double width,
      double height,
      AffineTransform toPixels,
      Canvas canvas,
      List<Key> inside) {
    static Key of(PlacedPiece placed, Piece piece, Canvas canvas, PictureShelf pictures) {
      Stream<String> finishes =
          new BoxPaints(placed, pictures).pictures(piece.look()).stream().map(Picture::identity);
      return new Key(
          piece,
          Stream.concat(placed.content().madeOf().stream(), finishes).toList(),
          placed.width(),
          placed.height(),
          placed.toPixels(),
          canvas,
          placed.inside().stream()
              .map(inner -> of(inner, inner.piece(), canvas, pictures))
              .toList());
    }
  }

  PaintedPieces(Memory memory) {
    remembered = memory.kind(Memory::bytesOf, PaintedPiece::weight);
  }

  /**
   * @param piece as it is to be painted, with the finishes that its group gives it
   * @param pictures of the package
   */
  PaintedPiece of(
      PlacedPiece placed,
      Piece piece,
      Canvas canvas,
      PictureShelf pictures,
      Supplier<PaintedPiece> painting) {
    Key key = Key.of(placed, piece, canvas, pictures);
    return inUse.known(key).orElseGet(() -> remembered.of(key, () -> painted(key, painting)));
  }

  private PaintedPiece painted(Key key, Supplier<PaintedPiece> painting) {
    PaintedPiece piece = painting.get();
    if (piece.weight() >= LARGE) {
      inUse.put(key, piece);
    }
    return piece;
  }
}
