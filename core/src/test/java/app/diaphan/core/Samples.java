package app.diaphan.core;

import app.diaphan.core.code.Correction;
import app.diaphan.core.code.Modules;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
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
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.Inset;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Relief;
import app.diaphan.core.overlay.finish.Rim;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.core.overlay.finish.Soften;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.paint.PictureFit;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.render.Renderer;
import java.util.List;

/** Overlays of the Lantern Reach Regatta for tests. */
public final class Samples {
  public static final Frame HD = Frame.of(1920, 1080);

  private Samples() {}

  public static Renderer renderer() {
    return new Renderer(ShippedFonts.shelf(), PictureShelf.EMPTY, Memory.NONE);
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
        Backing.NOTHING,
        paint,
        Look.PLAIN.withFinishes(List.of(finishes)));
  }

  public static PlatePiece faced(PlatePiece plate, double face, double overall) {
    return plate.withLook(plate.look().withFaceOpacity(face).withOverallOpacity(overall));
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
        Look.PLAIN);
  }

  public static PicturePiece picture(String file, Place place, double width, double height) {
    return new PicturePiece(
        "p",
        "Pennant",
        true,
        false,
        place,
        file,
        1,
        CutOut.NONE,
        Tint.NONE,
        Crop.NOTHING,
        PictureFit.STRETCH,
        width,
        height,
        Look.PLAIN);
  }

  /** Dark on white with the rim of the standard. */
  public static CodePiece code(String words, Place place, double side) {
    return new CodePiece(
        "code",
        "Code",
        true,
        false,
        place,
        words,
        Correction.M,
        side,
        Modules.QUIET,
        Colour.parse("#14181c"),
        flat("#ffffff"),
        Look.PLAIN,
        List.of());
  }

  public static GroupPiece group(String id, Place place, double scale, Piece... frontToBack) {
    return new GroupPiece(
        id,
        id,
        true,
        false,
        place,
        scale,
        Look.PLAIN,
        GroupPiece.Finishing.AS_ONE,
        List.of(frontToBack));
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

  public static Shadow shadow(double angle, double distance, double reach, double firmness) {
    return new Shadow(
        true, angle, distance, reach, firmness, Colour.parse("#102030"), 0.7, UnderFace.AUTOMATIC);
  }

  public static Outline outline(double width, Outline.Side side, String colour) {
    return new Outline(
        true, width, side, Outline.Corners.ROUND, flat(colour), 1, UnderFace.AUTOMATIC);
  }

  /** One finish of each kind, in one colour. */
  public static List<Finish> everyFinish(String colour) {
    return everyFinish(true, colour);
  }

  public static List<Finish> everyFinish(boolean on, String colour) {
    Colour paint = Colour.parse(colour);
    return List.of(
        new Shadow(on, 60, 7, 12, 0.2, paint, 0.8, UnderFace.AUTOMATIC),
        new Halo(on, 14, 0.3, paint, 0.9, UnderFace.AUTOMATIC),
        new Outline(
            on,
            4,
            Outline.Side.CENTRED,
            Outline.Corners.MITRED,
            flat(colour),
            1,
            UnderFace.AUTOMATIC),
        new Inset(on, 60, 3, 8, 0.2, paint, 0.8),
        new Rim(on, 9, 0.2, paint, 0.7),
        new Relief(on, 6, Relief.Profile.ROUND, 1, -120, 40, false, paint, 0.9, paint, 0.7, 1),
        new Soften(on, 6, Soften.Side.BOTH));
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
            outline(3, Outline.Side.INSIDE, "#ffd9a0")));
  }
}
