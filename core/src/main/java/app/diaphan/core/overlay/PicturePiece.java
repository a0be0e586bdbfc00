package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;

/**
 * A picture of the package in a box of a width and height in display units.
 *
 * @param picture the picture's name in the package
 * @param page which page of it is shown, from 1; files without pages have one
 * @param cutOut how it is given an alpha
 * @param tint the colours it is shown in
 * @param crop what is left out of it before it is fitted
 */
public record PicturePiece(
    String id,
    String name,
    boolean shown,
    boolean locked,
    Place place,
    String picture,
    int page,
    CutOut cutOut,
    Tint tint,
    Crop crop,
    PictureFit fit,
    double width,
    double height,
    Look look)
    implements FacedPiece {

  public PicturePiece {
    PieceRules.check(id, name, place, look);
    Require.present(picture, "The picture of \"" + name + "\"");
    Require.between(1, 10_000, page, "The page of \"" + name + "\"");
    Require.present(cutOut, "The cut-out of \"" + name + "\"");
    Require.present(tint, "The tint of \"" + name + "\"");
    Require.present(crop, "The crop of \"" + name + "\"");
    Require.present(fit, "The fit of \"" + name + "\"");
    PieceRules.checkSize(name, width, height);
  }

  @Override
  public PicturePiece withId(String other) {
    return new PicturePiece(
        other, name, shown, locked, place, picture, page, cutOut, tint, crop, fit, width, height,
        look);
  }

  @Override
  public PicturePiece withShown(boolean other) {
    return new PicturePiece(
        id, name, other, locked, place, picture, page, cutOut, tint, crop, fit, width, height,
        look);
  }

  @Override
  public PicturePiece withPlace(Place other) {
    return new PicturePiece(
        id, name, shown, locked, other, picture, page, cutOut, tint, crop, fit, width, height,
        look);
  }

  public PicturePiece withSize(double otherWidth, double otherHeight) {
    return new PicturePiece(
        id,
        name,
        shown,
        locked,
        place,
        picture,
        page,
        cutOut,
        tint,
        crop,
        fit,
        otherWidth,
        otherHeight,
        look);
  }

  public PicturePiece withPicture(String other) {
    return new PicturePiece(
        id, name, shown, locked, place, other, page, cutOut, tint, crop, fit, width, height, look);
  }

  public PicturePiece withCutOut(CutOut other) {
    return new PicturePiece(
        id, name, shown, locked, place, picture, page, other, tint, crop, fit, width, height, look);
  }

  public PicturePiece withCrop(Crop other) {
    return new PicturePiece(
        id, name, shown, locked, place, picture, page, cutOut, tint, other, fit, width, height,
        look);
  }

  public PicturePiece withTint(Tint other) {
    return new PicturePiece(
        id, name, shown, locked, place, picture, page, cutOut, other, crop, fit, width, height,
        look);
  }

  @Override
  public PicturePiece withLook(Look other) {
    return new PicturePiece(
        id, name, shown, locked, place, picture, page, cutOut, tint, crop, fit, width, height,
        other);
  }
}
