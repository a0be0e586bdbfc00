package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import app.diaphan.core.frame.Area;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Where a piece hangs: a point of its own box lies on a point of the chosen rectangle, moved by the
 * offset. A piece whose bottom left hangs from the bottom left of title-safe with 48 right and 32
 * up has its bottom left corner there; when it grows it grows up and to the right.
 *
 * @param hook the rectangle, or within a group the group itself
 * @param point of the rectangle; says nothing where the piece hangs from its group
 * @param own point of the piece's box, before it is turned
 * @param right offset to the right in display units of the master frame
 * @param down offset downwards in the same units
 * @param turn clockwise turn about the box's middle, in degrees
 * @param mirrored whether left and right of the piece are exchanged, before it is turned
 */
@RecordBuilder
public record Place(
    Hook hook,
    PinPoint point,
    PinPoint own,
    double right,
    double down,
    double turn,
    boolean mirrored)
    implements PlaceBuilder.With {
  private static final double FAR = 100_000;

  public Place {
    Require.present(hook, "What a piece hangs from");
    Require.present(point, "The pin's point");
    Require.present(own, "The piece's own point");
    Require.between(-FAR, FAR, right, "The offset to the right");
    Require.between(-FAR, FAR, down, "The offset downwards");
    Require.between(-3600, 3600, turn, "The turn in degrees");
  }

  /** The same point of the box on the same point of an area. */
  public static Place at(PinPoint point, Area area, double right, double down) {
    return new Place(new Hook.OfFrame(area), point, point, right, down, 0, false);
  }

  public Place withOffset(double otherRight, double otherDown) {
    return PlaceBuilder.builder(this).right(otherRight).down(otherDown).build();
  }

  public Place turned(double otherTurn, boolean otherMirrored) {
    return PlaceBuilder.builder(this).turn(otherTurn).mirrored(otherMirrored).build();
  }
}
