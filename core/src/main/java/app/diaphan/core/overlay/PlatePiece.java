package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import java.util.List;

/** A painted shape; width and height in display units. */
public record PlatePiece(
    String id,
    String name,
    boolean shown,
    Place place,
    PlateShape shape,
    double width,
    double height,
    Paint paint,
    double faceOpacity,
    double overallOpacity,
    List<Finish> finishes)
    implements Piece {

  public PlatePiece {
    PieceRules.check(id, name, place, faceOpacity, overallOpacity, finishes);
    Require.present(shape, "The shape of \"" + name + "\"");
    Require.between(0.1, PieceRules.LARGEST, width, "The width of \"" + name + "\"");
    Require.between(0.1, PieceRules.LARGEST, height, "The height of \"" + name + "\"");
    Require.present(paint, "The paint of \"" + name + "\"");
    finishes = List.copyOf(finishes);
  }
}
