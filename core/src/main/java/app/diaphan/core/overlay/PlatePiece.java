package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.SlotRules;
import java.util.List;

/**
 * A painted shape.
 *
 * @param width in display units; that of its own, when it backs nothing
 * @param height in the same units
 * @param backing the pieces it lies around; its place and size are theirs as long as they are there
 * @param slots what rows of a roster fill in
 */
public record PlatePiece(
    String id,
    String name,
    boolean shown,
    boolean locked,
    Place place,
    PlateShape shape,
    double width,
    double height,
    Backing backing,
    Paint paint,
    Look look,
    List<Slot> slots)
    implements FilledPiece, SizedPiece {

  public PlatePiece {
    PieceRules.check(id, name, place, look);
    Require.present(shape, "The shape of \"" + name + "\"");
    PieceRules.checkSize(name, width, height);
    Require.present(backing, "What \"" + name + "\" backs");
    Require.present(paint, "The paint of \"" + name + "\"");
    slots = SlotRules.checked(name, slots);
  }

  /** A piece with nothing left open. */
  public PlatePiece(
      String id,
      String name,
      boolean shown,
      boolean locked,
      Place place,
      PlateShape shape,
      double width,
      double height,
      Backing backing,
      Paint paint,
      Look look) {
    this(id, name, shown, locked, place, shape, width, height, backing, paint, look, List.of());
  }

  @Override
  public String kind() {
    return "plate";
  }

  @Override
  public PlatePiece withId(String other) {
    return new PlatePiece(
        other, name, shown, locked, place, shape, width, height, backing, paint, look, slots);
  }

  @Override
  public PlatePiece withName(String other) {
    return new PlatePiece(
        id, other, shown, locked, place, shape, width, height, backing, paint, look, slots);
  }

  @Override
  public PlatePiece withShown(boolean other) {
    return new PlatePiece(
        id, name, other, locked, place, shape, width, height, backing, paint, look, slots);
  }

  @Override
  public PlatePiece withPlace(Place other) {
    return new PlatePiece(
        id, name, shown, locked, other, shape, width, height, backing, paint, look, slots);
  }

  @Override
  public PlatePiece withSize(double otherWidth, double otherHeight) {
    return new PlatePiece(
        id,
        name,
        shown,
        locked,
        place,
        shape,
        otherWidth,
        otherHeight,
        backing,
        paint,
        look,
        slots);
  }

  public PlatePiece withShape(PlateShape other) {
    return new PlatePiece(
        id, name, shown, locked, place, other, width, height, backing, paint, look, slots);
  }

  public PlatePiece withBacking(Backing other) {
    return new PlatePiece(
        id, name, shown, locked, place, shape, width, height, other, paint, look, slots);
  }

  @Override
  public PlatePiece withLook(Look other) {
    return new PlatePiece(
        id, name, shown, locked, place, shape, width, height, backing, paint, other, slots);
  }

  @Override
  public PlatePiece withPaint(Paint other) {
    return new PlatePiece(
        id, name, shown, locked, place, shape, width, height, backing, other, look, slots);
  }

  @Override
  public PlatePiece withSlots(List<Slot> other) {
    return new PlatePiece(
        id, name, shown, locked, place, shape, width, height, backing, paint, look, other);
  }
}
