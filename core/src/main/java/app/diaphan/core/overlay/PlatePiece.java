package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.SlotRules;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A painted shape.
 *
 * @param width in display units; that of its own, when it backs nothing
 * @param height in the same units
 * @param backing the pieces it lies around; its place and size are theirs as long as they are there
 * @param slots what rows of a roster fill in
 */
@RecordBuilder
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
    return PlatePieceBuilder.builder(this).id(other).build();
  }

  @Override
  public PlatePiece withName(String other) {
    return PlatePieceBuilder.builder(this).name(other).build();
  }

  @Override
  public PlatePiece withShown(boolean other) {
    return PlatePieceBuilder.builder(this).shown(other).build();
  }

  @Override
  public PlatePiece withPlace(Place other) {
    return PlatePieceBuilder.builder(this).place(other).build();
  }

  @Override
  public PlatePiece withSize(double otherWidth, double otherHeight) {
    return PlatePieceBuilder.builder(this).width(otherWidth).height(otherHeight).build();
  }

  public PlatePiece withShape(PlateShape other) {
    return PlatePieceBuilder.builder(this).shape(other).build();
  }

  public PlatePiece withBacking(Backing other) {
    return PlatePieceBuilder.builder(this).backing(other).build();
  }

  @Override
  public PlatePiece withLook(Look other) {
    return PlatePieceBuilder.builder(this).look(other).build();
  }

  @Override
  public PlatePiece withPaint(Paint other) {
    return PlatePieceBuilder.builder(this).paint(other).build();
  }

  @Override
  public PlatePiece withSlots(List<Slot> other) {
    return PlatePieceBuilder.builder(this).slots(other).build();
  }
}
