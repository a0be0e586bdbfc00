package app.diaphan.core.overlay;

import app.diaphan.core.frame.Frame;
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
    return new Overlay(
        overlay.name(), frame, overlay.stack().stream().map(reframed::piece).toList());
  }

  private Piece piece(Piece piece) {
    return switch (piece) {
      case TextPiece text ->
          new TextPiece(
              text.id(),
              text.name(),
              text.shown(),
              place(text.place()),
              text.words(),
              style(text.style()),
              text.paint(),
              text.faceOpacity(),
              text.overallOpacity(),
              finishes(text.finishes()));
      case PlatePiece plate ->
          new PlatePiece(
              plate.id(),
              plate.name(),
              plate.shown(),
              place(plate.place()),
              shape(plate.shape()),
              length(plate.width()),
              length(plate.height()),
              plate.paint(),
              plate.faceOpacity(),
              plate.overallOpacity(),
              finishes(plate.finishes()));
      case PicturePiece picture ->
          new PicturePiece(
              picture.id(),
              picture.name(),
              picture.shown(),
              place(picture.place()),
              picture.picture(),
              length(picture.width()),
              length(picture.height()),
              picture.faceOpacity(),
              picture.overallOpacity(),
              finishes(picture.finishes()));
    };
  }

  private Place place(Place place) {
    return new Place(
        place.point(), place.area(), length(place.right()), length(place.down()), place.turn());
  }

  private TextStyle style(TextStyle style) {
    return new TextStyle(
        style.family(),
        style.weight(),
        length(style.size()),
        style.tracking(),
        style.leading(),
        style.alignment());
  }

  private PlateShape shape(PlateShape shape) {
    return switch (shape) {
      case PlateShape.RoundedRectangle(double radius) ->
          new PlateShape.RoundedRectangle(length(radius));
      case PlateShape.Rectangle same -> same;
      case PlateShape.Ellipse same -> same;
    };
  }

  private List<Finish> finishes(List<Finish> finishes) {
    return finishes.stream().map(this::finish).toList();
  }

  private Finish finish(Finish finish) {
    return switch (finish) {
      case Finish.Shadow shadow ->
          new Finish.Shadow(
              shadow.on(),
              shadow.angle(),
              length(shadow.distance()),
              length(shadow.reach()),
              shadow.firmness(),
              shadow.colour(),
              shadow.opacity(),
              shadow.underFace());
      case Finish.Outline outline ->
          new Finish.Outline(
              outline.on(),
              length(outline.width()),
              outline.side(),
              outline.colour(),
              outline.opacity(),
              outline.underFace());
    };
  }

  /** Kept to a thousandth, so that going there and back does not pile up digits. */
  private double length(double units) {
    return Math.rint(units * scale * 1000) / 1000;
  }
}
