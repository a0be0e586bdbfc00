package app.diaphan.core;

import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Colour;
import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.Finish;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Hug;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Paint;
import app.diaphan.core.overlay.PictureFit;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextAlignment;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.type.ShippedFonts;
import java.util.List;

/** Overlays of the Lantern Reach Regatta for tests. */
public final class Samples {
  public static final Frame HD = Frame.of(1920, 1080);

  private Samples() {}

  public static Renderer renderer() {
    return new Renderer(ShippedFonts.shelf(), PictureShelf.EMPTY, 0);
  }

  public static Overlay overlay(Frame frame, Piece... frontToBack) {
    return new Overlay("Skipper", frame, List.of(frontToBack));
  }

  public static Paint flat(String colour) {
    return new Paint.Flat(Colour.parse(colour));
  }

  public static PlatePiece plate(
      PlateShape shape, Place place, double width, double height, Paint paint, Finish... finishes) {
    return new PlatePiece(
        "plate",
        "Plate",
        true,
        false,
        place,
        shape,
        width,
        height,
        Hug.NOTHING,
        paint,
        1,
        1,
        List.of(finishes));
  }

  public static PlatePiece faced(PlatePiece plate, double face, double overall) {
    return new PlatePiece(
        plate.id(),
        plate.name(),
        true,
        false,
        plate.place(),
        plate.shape(),
        plate.width(),
        plate.height(),
        plate.hug(),
        plate.paint(),
        face,
        overall,
        plate.finishes());
  }

  public static TextPiece text(String id, String words, Place place, double size, Paint paint) {
    return new TextPiece(
        id,
        id,
        true,
        false,
        place,
        List.of(Run.of(words, "Work Sans", 600, size)),
        TextSetting.plain(TextAlignment.LEFT),
        new TextBox.Free(),
        paint,
        1,
        1,
        List.of());
  }

  public static PicturePiece picture(String file, Place place, double width, double height) {
    return new PicturePiece(
        "p",
        "Pennant",
        true,
        false,
        place,
        file,
        Crop.NOTHING,
        PictureFit.STRETCH,
        width,
        height,
        1,
        1,
        List.of());
  }

  public static GroupPiece group(String id, Place place, double scale, Piece... frontToBack) {
    return new GroupPiece(id, id, true, false, place, scale, 1, List.of(frontToBack));
  }

  /** A white rectangle of a name. */
  public static PlatePiece box(String id, Place place, double width, double height) {
    return plate(new PlateShape.Rectangle(), place, width, height, flat("#ffffff")).withId(id);
  }

  public static Place from(Hook hook, PinPoint point, double right, double down) {
    return new Place(hook, point, point, right, down, 0, false);
  }

  public static Place centre() {
    return Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0);
  }

  public static Finish.Shadow shadow(double angle, double distance, double reach, double firmness) {
    return new Finish.Shadow(
        true,
        angle,
        distance,
        reach,
        firmness,
        Colour.parse("#102030"),
        0.7,
        Finish.UnderFace.AUTOMATIC);
  }

  public static Finish.Outline outline(double width, Finish.Side side, String colour) {
    return new Finish.Outline(
        true, width, side, Colour.parse(colour), 1, Finish.UnderFace.AUTOMATIC);
  }

  /** Words on a see-through gradient plate with shadow and outline. */
  public static Overlay lowerThird(Frame frame) {
    Place plate = Place.at(PinPoint.BOTTOM_LEFT, Area.TITLE_SAFE, 0, 0);
    Paint gradient =
        new Paint.Linear(
            0,
            List.of(
                new Paint.Stop(0, Colour.parse("#12394ff0")),
                new Paint.Stop(0.7, Colour.parse("#1d6a78d0")),
                new Paint.Stop(1, Colour.parse("#1d6a7800"))));
    return overlay(
        frame,
        text(
            "name",
            "Ysolde Farrow-Quill",
            Place.at(PinPoint.BOTTOM_LEFT, Area.TITLE_SAFE, 32, -70),
            58,
            flat("#f6f1e4")),
        text(
            "boat",
            "Second Lantern · Osier Point",
            Place.at(PinPoint.BOTTOM_LEFT, Area.TITLE_SAFE, 32, -20),
            32,
            flat("#ffd9a0")),
        plate(
            new PlateShape.RoundedRectangle(18),
            plate,
            880,
            170,
            gradient,
            shadow(90, 6, 24, 0.2),
            outline(3, Finish.Side.INSIDE, "#ffd9a0")));
  }
}
