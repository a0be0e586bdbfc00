package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.paint.PictureFit;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.SlotRules;
import io.soabase.recordbuilder.core.RecordBuilder;
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
@RecordBuilder
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
    return PicturePieceBuilder.builder(this).id(other).build();
  }

  @Override
  public PicturePiece withName(String other) {
    return PicturePieceBuilder.builder(this).name(other).build();
  }

  @Override
  public PicturePiece withShown(boolean other) {
    return PicturePieceBuilder.builder(this).shown(other).build();
  }

  @Override
  public PicturePiece withPlace(Place other) {
    return PicturePieceBuilder.builder(this).place(other).build();
  }

  @Override
  public PicturePiece withSize(double otherWidth, double otherHeight) {
    return PicturePieceBuilder.builder(this).width(otherWidth).height(otherHeight).build();
  }

  public PicturePiece withPicture(String other) {
    return PicturePieceBuilder.builder(this).picture(other).build();
  }

  public PicturePiece withCutOut(CutOut other) {
    return PicturePieceBuilder.builder(this).cutOut(other).build();
  }

  public PicturePiece withCrop(Crop other) {
    return PicturePieceBuilder.builder(this).crop(other).build();
  }

  public PicturePiece withFit(PictureFit other) {
    return PicturePieceBuilder.builder(this).fit(other).build();
  }

  public PicturePiece withTint(Tint other) {
    return PicturePieceBuilder.builder(this).tint(other).build();
  }

  @Override
  public PicturePiece withLook(Look other) {
    return PicturePieceBuilder.builder(this).look(other).build();
  }

  @Override
  public PicturePiece withSlots(List<Slot> other) {
    return PicturePieceBuilder.builder(this).slots(other).build();
  }
}
