package app.diaphan.core.overlay;

import app.diaphan.core.Require;

/**
 * A painted shape.
 *
 * @param width in display units; that of its own, when it hugs nothing
 * @param height in the same units
 * @param hug the pieces it lies around; its place and size are theirs as long as they are there
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
    Hug hug,
    Paint paint,
    Look look)
    implements FacedPiece {

  public PlatePiece {
    PieceRules.check(id, name, place, look);
    Require.present(shape, "The shape of \"" + name + "\"");
    PieceRules.checkSize(name, width, height);
    Require.present(hug, "What \"" + name + "\" hugs");
    Require.present(paint, "The paint of \"" + name + "\"");
  }

  @Override
  public PlatePiece withId(String other) {
    return new PlatePiece(
        other, name, shown, locked, place, shape, width, height, hug, paint, look);
  }

  @Override
  public PlatePiece withShown(boolean other) {
    return new PlatePiece(id, name, other, locked, place, shape, width, height, hug, paint, look);
  }

  @Override
  public PlatePiece withPlace(Place other) {
    return new PlatePiece(id, name, shown, locked, other, shape, width, height, hug, paint, look);
  }

  public PlatePiece withSize(double otherWidth, double otherHeight) {
    return new PlatePiece(
        id, name, shown, locked, place, shape, otherWidth, otherHeight, hug, paint, look);
  }

  public PlatePiece withHug(Hug other) {
    return new PlatePiece(id, name, shown, locked, place, shape, width, height, other, paint, look);
  }

  @Override
  public PlatePiece withLook(Look other) {
    return new PlatePiece(id, name, shown, locked, place, shape, width, height, hug, paint, other);
  }

  public PlatePiece withPaint(Paint other) {
    return new PlatePiece(id, name, shown, locked, place, shape, width, height, hug, other, look);
  }
}
