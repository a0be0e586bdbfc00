package app.diaphan.core.roster;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.FilledPiece;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.slot.Slot;
import java.util.ArrayList;
import java.util.List;

/**
 * Gives one of a piece's colours another value. Where the piece has no such colour, since its
 * design was changed after the slot was made, nothing happens. A colour that is thinned stays as
 * thin, unless the other one says how thin it is.
 */
final class Recoloured {
  private Recoloured() {}

  static Piece of(Piece piece, Slot.ColourPlace place, int index, Colour colour) {
    return switch (place) {
      case PAINT -> withPaint(piece, paint -> flat(paint, colour));
      case STOP -> withPaint(piece, paint -> stop(paint, index, colour));
      case TINT ->
          piece instanceof PicturePiece picture
              ? picture.withTint(tint(picture.tint(), index, colour))
              : piece;
      case FINISH -> withFinish(piece, index, colour);
    };
  }

  private interface Painting {
    Paint of(Paint paint);
  }

  private static Piece withPaint(Piece piece, Painting other) {
    return switch (piece) {
      case FilledPiece filled -> filled.withPaint(other.of(filled.paint()));
      case PicturePiece picture -> picture;
      case GroupPiece group -> group;
    };
  }

  private static Paint flat(Paint paint, Colour colour) {
    return switch (paint) {
      case Paint.Flat(Colour was) -> new Paint.Flat(asThin(was, colour));
      case Paint.Patterned patterned -> patterned.withInk(asThin(patterned.ink(), colour));
      case Paint.Linear _, Paint.Radial _, Paint.Conic _, Paint.Texture _, Paint.Pictured _ ->
          new Paint.Flat(colour);
    };
  }

  private static Paint stop(Paint paint, int index, Colour colour) {
    return switch (paint) {
      case Paint.Linear linear ->
          new Paint.Linear(
              linear.angle(), linear.start(), linear.end(), stops(linear.stops(), index, colour));
      case Paint.Radial radial ->
          new Paint.Radial(
              radial.x(),
              radial.y(),
              radial.radius(),
              radial.stretched(),
              stops(radial.stops(), index, colour));
      case Paint.Conic conic ->
          new Paint.Conic(conic.x(), conic.y(), conic.angle(), stops(conic.stops(), index, colour));
      case Paint.Flat _, Paint.Texture _, Paint.Pictured _, Paint.Patterned _ -> paint;
    };
  }

  private static List<Paint.Stop> stops(List<Paint.Stop> stops, int index, Colour colour) {
    List<Paint.Stop> other = new ArrayList<>(stops);
    if (index < stops.size()) {
      Paint.Stop was = stops.get(index);
      other.set(index, new Paint.Stop(was.position(), asThin(was.colour(), colour)));
    }
    return other;
  }

  private static Tint tint(Tint tint, int index, Colour colour) {
    return switch (tint) {
      case Tint.OneColour(Colour was) -> new Tint.OneColour(asThin(was, colour));
      case Tint.OwnColours _, Tint.Adjusted _ -> new Tint.OneColour(colour);
      case Tint.Gradient(double angle, List<Paint.Stop> stops) ->
          new Tint.Gradient(angle, stops(stops, index, colour));
      case Tint.Replaced(List<Tint.Replacement> colours) -> {
        List<Tint.Replacement> other = new ArrayList<>(colours);
        if (index < other.size()) {
          other.set(index, new Tint.Replacement(other.get(index).from(), colour));
        }
        yield new Tint.Replaced(other);
      }
    };
  }

  private static Piece withFinish(Piece piece, int index, Colour colour) {
    List<Finish> finishes = new ArrayList<>(piece.look().finishes());
    if (index >= finishes.size()) {
      return piece;
    }
    finishes.set(index, finish(finishes.get(index), colour));
    return piece.withLook(piece.look().withFinishes(finishes));
  }

  private static Finish finish(Finish finish, Colour colour) {
    return finish instanceof Outline outline
        ? outline.withPaint(flat(outline.paint(), colour))
        : finish.led(was -> asThin(was, colour));
  }

  private static Colour asThin(Colour was, Colour colour) {
    return colour.alpha() < 255 ? colour : colour.withAlpha(was.alpha());
  }
}
