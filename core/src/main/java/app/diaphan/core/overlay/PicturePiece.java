package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import java.util.List;

/**
 * A picture of the package in a box of a width and height in display units.
 *
 * @param picture the picture's name in the package
 * @param crop what is left out of it before it is fitted
 */
public record PicturePiece(
    String id,
    String name,
    boolean shown,
    boolean locked,
    Place place,
    String picture,
    Crop crop,
    PictureFit fit,
    double width,
    double height,
    double faceOpacity,
    double overallOpacity,
    List<Finish> finishes)
    implements FacedPiece {

  public PicturePiece {
    PieceRules.check(id, name, place, overallOpacity);
    PieceRules.checkFace(name, faceOpacity, finishes);
    Require.present(picture, "The picture of \"" + name + "\"");
    Require.present(crop, "The crop of \"" + name + "\"");
    Require.present(fit, "The fit of \"" + name + "\"");
    PieceRules.checkSize(name, width, height);
    finishes = List.copyOf(finishes);
  }

  @Override
  public PicturePiece withId(String other) {
    return new PicturePiece(
        other,
        name,
        shown,
        locked,
        place,
        picture,
        crop,
        fit,
        width,
        height,
        faceOpacity,
        overallOpacity,
        finishes);
  }

  @Override
  public PicturePiece withPlace(Place other) {
    return new PicturePiece(
        id,
        name,
        shown,
        locked,
        other,
        picture,
        crop,
        fit,
        width,
        height,
        faceOpacity,
        overallOpacity,
        finishes);
  }

  public PicturePiece withSize(double otherWidth, double otherHeight) {
    return new PicturePiece(
        id,
        name,
        shown,
        locked,
        place,
        picture,
        crop,
        fit,
        otherWidth,
        otherHeight,
        faceOpacity,
        overallOpacity,
        finishes);
  }

  public PicturePiece withPicture(String other) {
    return new PicturePiece(
        id,
        name,
        shown,
        locked,
        place,
        other,
        crop,
        fit,
        width,
        height,
        faceOpacity,
        overallOpacity,
        finishes);
  }

  @Override
  public PicturePiece withOverallOpacity(double other) {
    return new PicturePiece(
        id,
        name,
        shown,
        locked,
        place,
        picture,
        crop,
        fit,
        width,
        height,
        faceOpacity,
        other,
        finishes);
  }
}
