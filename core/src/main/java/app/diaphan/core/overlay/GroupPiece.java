package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.SlotRules;
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
 */
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
    List<Slot> slots)
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
  }

  /** A piece with nothing left open. */
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

  @Override
  public GroupPiece withId(String other) {
    return new GroupPiece(other, name, shown, locked, place, scale, look, finishing, stack, slots);
  }

  @Override
  public GroupPiece withName(String other) {
    return new GroupPiece(id, other, shown, locked, place, scale, look, finishing, stack, slots);
  }

  @Override
  public GroupPiece withShown(boolean other) {
    return new GroupPiece(id, name, other, locked, place, scale, look, finishing, stack, slots);
  }

  @Override
  public GroupPiece withPlace(Place other) {
    return new GroupPiece(id, name, shown, locked, other, scale, look, finishing, stack, slots);
  }

  public GroupPiece withScale(double other) {
    return new GroupPiece(id, name, shown, locked, place, other, look, finishing, stack, slots);
  }

  public GroupPiece withStack(List<Piece> other) {
    return new GroupPiece(id, name, shown, locked, place, scale, look, finishing, other, slots);
  }

  @Override
  public GroupPiece withLook(Look other) {
    return new GroupPiece(id, name, shown, locked, place, scale, other, finishing, stack, slots);
  }

  @Override
  public GroupPiece withSlots(List<Slot> other) {
    return new GroupPiece(id, name, shown, locked, place, scale, look, finishing, stack, other);
  }
}
