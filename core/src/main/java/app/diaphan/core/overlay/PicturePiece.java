package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import java.util.List;

/**
 * A picture of the package, stretched to a width and height in display units.
 *
 * @param picture the picture's name in the package
 */
public record PicturePiece(
    String id,
    String name,
    boolean shown,
    Place place,
    String picture,
    double width,
    double height,
    double faceOpacity,
    double overallOpacity,
    List<Finish> finishes)
    implements Piece {

  public PicturePiece {
    PieceRules.check(id, name, place, faceOpacity, overallOpacity, finishes);
    Require.present(picture, "The picture of \"" + name + "\"");
    Require.between(0.1, PieceRules.LARGEST, width, "The width of \"" + name + "\"");
    Require.between(0.1, PieceRules.LARGEST, height, "The height of \"" + name + "\"");
    finishes = List.copyOf(finishes);
  }
}
