package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.paint.PictureFit;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.SlotRules;
import java.util.List;

/**
 * A picture of the package in a box of a width and height in display units.
 *
 * @param picture the picture's name in the package
 * @param page which page of it is shown, from 1; files without pages have one
 * @param cutOut how it is given an alpha
 * @param tint the colours it is shown in
 * @param crop what is left out of it before it is fitted
 * @param slots what rows of a roster fill in
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
    Look look,
    List<Slot> slots)
    implements SizedPiece {

  public PicturePiece {
    PieceRules.check(id, name, place, look);
    Require.present(picture, "The picture of \"" + name + "\"");
    Require.between(1, 10_000, page, "The page of \"" + name + "\"");
    Require.present(cutOut, "The cut-out of \"" + name + "\"");
    Require.present(tint, "The tint of \"" + name + "\"");
    Require.present(crop, "The crop of \"" + name + "\"");
    Require.present(fit, "The fit of \"" + name + "\"");
    PieceRules.checkSize(name, width, height);
    slots = SlotRules.checked(name, slots);
  }

  /** A piece with nothing left open. */
  public PicturePiece(
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
      Look look) {
    this(
        id, name, shown, locked, place, picture, page, cutOut, tint, crop, fit, width, height, look,
        List.of());
  }

  @Override
  public String kind() {
    return "picture";
  }

  @Override
  public PicturePiece withId(String other) {
    return new PicturePiece(
        other, name, shown, locked, place, picture, page, cutOut, tint, crop, fit, width, height,
        look, slots);
  }

  @Override
  public PicturePiece withName(String other) {
    return new PicturePiece(
        id, other, shown, locked, place, picture, page, cutOut, tint, crop, fit, width, height,
        look, slots);
  }

  @Override
  public PicturePiece withShown(boolean other) {
    return new PicturePiece(
        id, name, other, locked, place, picture, page, cutOut, tint, crop, fit, width, height, look,
        slots);
  }

  @Override
  public PicturePiece withPlace(Place other) {
    return new PicturePiece(
        id, name, shown, locked, other, picture, page, cutOut, tint, crop, fit, width, height, look,
        slots);
  }

  @Override
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
        look,
        slots);
  }

  public PicturePiece withPicture(String other) {
    return new PicturePiece(
        id, name, shown, locked, place, other, page, cutOut, tint, crop, fit, width, height, look,
        slots);
  }

  public PicturePiece withCutOut(CutOut other) {
    return new PicturePiece(
        id, name, shown, locked, place, picture, page, other, tint, crop, fit, width, height, look,
        slots);
  }

  public PicturePiece withCrop(Crop other) {
    return new PicturePiece(
        id, name, shown, locked, place, picture, page, cutOut, tint, other, fit, width, height,
        look, slots);
  }

  public PicturePiece withFit(PictureFit other) {
    return new PicturePiece(
        id, name, shown, locked, place, picture, page, cutOut, tint, crop, other, width, height,
        look, slots);
  }

  public PicturePiece withTint(Tint other) {
    return new PicturePiece(
        id, name, shown, locked, place, picture, page, cutOut, other, crop, fit, width, height,
        look, slots);
  }

  @Override
  public PicturePiece withLook(Look other) {
    return new PicturePiece(
        id, name, shown, locked, place, picture, page, cutOut, tint, crop, fit, width, height,
        other, slots);
  }

  @Override
  public PicturePiece withSlots(List<Slot> other) {
    return new PicturePiece(
        id, name, shown, locked, place, picture, page, cutOut, tint, crop, fit, width, height, look,
        other);
  }
}
