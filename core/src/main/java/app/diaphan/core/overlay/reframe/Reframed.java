package app.diaphan.core.overlay.reframe;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.FilledPiece;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.SizedPiece;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import java.util.List;

/**
 * Moves an overlay to another master frame: every piece keeps its pin, and lengths follow the
 * frames' shorter display sides, so that the overlay looks on the new frame as it would when
 * delivered for it.
 */
public final class Reframed {
  private final double scale;

  private Reframed(double scale) {
    this.scale = scale;
  }

  public static Overlay of(Overlay overlay, Frame frame) {
    Reframed reframed = new Reframed(frame.shortSide() / overlay.frame().shortSide());
    return overlay
        .withFrame(frame.withMarginOf(overlay.frame()))
        .withStack(overlay.stack().stream().map(reframed::piece).toList())
        .withForTargets(
            overlay.forTargets().stream().map(there -> there.scaled(reframed.scale)).toList());
  }

  /** One piece with all its lengths and its offset so many times as long. */
  public static Piece scaled(Piece piece, double by) {
    return new Reframed(by).piece(piece);
  }

  private Piece piece(Piece piece) {
    if (piece instanceof GroupPiece group) {
      return group(group).withPlace(place(group.place()));
    }
    Piece scaled = piece.withPlace(place(piece.place())).withLook(piece.look().scaled(scale));
    if (scaled instanceof SizedPiece sized) {
      scaled = sized.withSize(length(sized.width()), length(sized.height()));
    }
    if (scaled instanceof FilledPiece filled) {
      scaled = filled.withPaint(filled.paint().scaled(scale));
    }
    return switch (scaled) {
      case TextPiece text ->
          text.withRuns(text.runs().stream().map(run -> run.withSize(length(run.size()))).toList())
              .withBox(box(text.box()));
      case PlatePiece plate ->
          plate.withShape(shape(plate.shape())).withBacking(backing(plate.backing()));
      case SizedPiece whole -> whole;
      case GroupPiece whole -> whole;
    };
  }

  /**
   * Lengths in a group are for the frame, as those beside it are; so what follows a finish set
   * there is as strong as anywhere. A copy is made of its original's lengths, and scaled. So is
   * what is drawn so much larger than it says that it could not be said smaller.
   */
  private GroupPiece group(GroupPiece group) {
    return switch (group.copyOf()) {
      case CopyOf.OfOriginal of -> group.withScale(group.scale() * scale);
      case CopyOf.Nothing nothing -> {
        try {
          yield group
              .withStack(group.stack().stream().map(this::piece).toList())
              .withLook(group.look().scaled(scale));
        } catch (InvalidInput beyondWhatAPieceCanSay) {
          yield group.withScale(group.scale() * scale);
        }
      }
    };
  }

  private Place place(Place place) {
    return place.withOffset(length(place.right()), length(place.down()));
  }

  private TextBox box(TextBox box) {
    return switch (box) {
      case TextBox.Free same -> same;
      case TextBox.Given given -> given.withSize(length(given.width()), length(given.height()));
    };
  }

  private Backing backing(Backing backing) {
    return new Backing(
        backing.pieces(),
        length(backing.left()),
        length(backing.top()),
        length(backing.right()),
        length(backing.bottom()));
  }

  private PlateShape shape(PlateShape shape) {
    return switch (shape) {
      case PlateShape.Rectangle same -> same;
      case PlateShape.Ellipse same -> same;
      case PlateShape.Rule same -> same;
      case PlateShape.RoundedRectangle(double tl, double tr, double br, double bl) ->
          new PlateShape.RoundedRectangle(length(tl), length(tr), length(br), length(bl));
      case PlateShape.RegularPolygon(int corners, double rounding) ->
          new PlateShape.RegularPolygon(corners, length(rounding));
      case PlateShape.Star(int points, double depth, double rounding) ->
          new PlateShape.Star(points, depth, length(rounding));
      case PlateShape.Triangle(double apex, double rounding) ->
          new PlateShape.Triangle(apex, length(rounding));
      case PlateShape.Chevron(double point, double rounding) ->
          new PlateShape.Chevron(length(point), length(rounding));
      case PlateShape.SlantedBar(double left, double right, double rounding) ->
          new PlateShape.SlantedBar(length(left), length(right), length(rounding));
      case PlateShape.Wedge(PlateShape.Corner corner, double rounding) ->
          new PlateShape.Wedge(corner, length(rounding));
      case PlateShape.Drawn same -> same;
      case PlateShape.FreePolygon(List<PlateShape.Vertex> points, double rounding) ->
          new PlateShape.FreePolygon(points, length(rounding));
    };
  }

  /** Kept to a thousandth, so that going there and back does not pile up digits. */
  private double length(double units) {
    return Math.rint(units * scale * 1000) / 1000;
  }
}
