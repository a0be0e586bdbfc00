package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.SlotRules;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * Pieces that are pinned, moved, scaled, turned and thinned as one. They are laid out around a
 * fixed point in units of their own; the group's box is the smallest one around theirs, so that a
 * group pinned by its bottom left grows up and to the right with the words in it.
 *
 * @param scale size of the group's own units in those of what holds it
 * @param finishing what its finishes and face opacity are those of
 * @param stack its pieces from front to back
 * @param slots what rows of a roster fill in
 * @param copyOf what it is a copy of
 */
@RecordBuilder
public record GroupPiece(
    String id,
    String name,
    boolean shown,
    boolean locked,
    Place place,
    double scale,
    Look look,
    Finishing finishing,
    List<Piece> stack,
    List<Slot> slots,
    CopyOf copyOf)
    implements Piece {

  /** What the finishes of a group go round. */
  public enum Finishing {
    /** The shape that all its pieces make together. */
    AS_ONE,
    /** Each of its pieces by itself, over the finishes it has of its own. */
    EACH_PART
  }

  public GroupPiece {
    PieceRules.check(id, name, place, look);
    Require.between(0.001, 1000, scale, "The scale of \"" + name + "\"");
    Require.present(finishing, "What the finishes of \"" + name + "\" go round");
    Require.present(stack, "The stack of \"" + name + "\"");
    stack = List.copyOf(stack);
    slots = SlotRules.checked(name, slots);
    Require.present(copyOf, "What \"" + name + "\" is a copy of");
  }

  /** A group with nothing left open, which is no copy. */
  public GroupPiece(
      String id,
      String name,
      boolean shown,
      boolean locked,
      Place place,
      double scale,
      Look look,
      Finishing finishing,
      List<Piece> stack) {
    this(id, name, shown, locked, place, scale, look, finishing, stack, List.of());
  }

  /** A group that is no copy. */
  public GroupPiece(
      String id,
      String name,
      boolean shown,
      boolean locked,
      Place place,
      double scale,
      Look look,
      Finishing finishing,
      List<Piece> stack,
      List<Slot> slots) {
    this(id, name, shown, locked, place, scale, look, finishing, stack, slots, CopyOf.NOTHING);
  }

  @Override
  public String kind() {
    return "group";
  }

  @Override
  public GroupPiece withId(String other) {
    return GroupPieceBuilder.builder(this).id(other).build();
  }

  @Override
  public GroupPiece withName(String other) {
    return GroupPieceBuilder.builder(this).name(other).build();
  }

  @Override
  public GroupPiece withShown(boolean other) {
    return GroupPieceBuilder.builder(this).shown(other).build();
  }

  @Override
  public GroupPiece withPlace(Place other) {
    return GroupPieceBuilder.builder(this).place(other).build();
  }

  public GroupPiece withScale(double other) {
    return GroupPieceBuilder.builder(this).scale(other).build();
  }

  public GroupPiece withStack(List<Piece> other) {
    return GroupPieceBuilder.builder(this).stack(other).build();
  }

  @Override
  public GroupPiece withLook(Look other) {
    return GroupPieceBuilder.builder(this).look(other).build();
  }

  @Override
  public GroupPiece withSlots(List<Slot> other) {
    return GroupPieceBuilder.builder(this).slots(other).build();
  }

  public GroupPiece withFinishing(Finishing other) {
    return GroupPieceBuilder.builder(this).finishing(other).build();
  }

  public GroupPiece withCopyOf(CopyOf other) {
    return GroupPieceBuilder.builder(this).copyOf(other).build();
  }
}
