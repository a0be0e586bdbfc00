package app.diaphan.core.starter;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Letterforms;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextAlignment;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;
import java.util.Locale;

/** Makes pieces for one frame; lengths are given for a frame whose shorter side is 1080. */
final class Draft {
  private static final double LINES = 1080;

  private final Frame frame;
  private final double unit;
  private final Lettering lettering;

  Draft(Frame frame, Lettering lettering) {
    this.frame = frame;
    this.lettering = lettering;
    unit = frame.shortSide() / LINES;
  }

  /** A length on this frame. */
  double length(double of1080) {
    return Math.rint(of1080 * unit * 100) / 100;
  }

  /** Hangs by the same point from a point of title-safe. */
  Place safe(PinPoint point, double right, double down) {
    return Place.at(point, Area.TITLE_SAFE, length(right), length(down));
  }

  Place frame(PinPoint point) {
    return Place.at(point, Area.FRAME, 0, 0);
  }

  /** Hangs from another piece. */
  Place from(String piece, PinPoint point, PinPoint own, double right, double down) {
    return new Place(new Hook.OfPiece(piece), point, own, length(right), length(down), 0, false);
  }

  TextPiece text(
      String name, String words, Place place, Lettering.Role role, int weight, double size) {
    double fitted = length(size * lettering.fitting(role, words, weight));
    Run run =
        new Run(
            words,
            lettering.family(role, words, weight),
            weight,
            List.of(),
            Math.max(1, fitted),
            0,
            new Run.Ink.Shared(),
            "");
    return new TextPiece(
        idOf(name),
        name,
        true,
        false,
        place,
        List.of(run),
        TextSetting.plain(TextAlignment.LEFT),
        new TextBox.Free(),
        new Paint.Flat(Colour.WHITE),
        Look.PLAIN);
  }

  static TextPiece centred(TextPiece text) {
    return set(text, TextAlignment.CENTRE, TextSetting.Capitals.AS_TYPED, 1.2);
  }

  static TextPiece set(
      TextPiece text, TextAlignment alignment, TextSetting.Capitals capitals, double leading) {
    TextSetting setting =
        new TextSetting(
            TextSetting.SizedBy.FONT_SIZE,
            leading,
            0,
            capitals,
            Letterforms.USUAL,
            alignment,
            false);
    return new TextPiece(
        text.id(),
        text.name(),
        text.shown(),
        text.locked(),
        text.place(),
        text.runs(),
        setting,
        text.box(),
        text.paint(),
        text.look());
  }

  static TextPiece tracked(TextPiece text, double thousandths) {
    return text.withRuns(List.of(text.runs().getFirst().withTracking(thousandths)));
  }

  PlatePiece plate(
      String name, PlateShape shape, Place place, double width, double height, Paint paint) {
    return new PlatePiece(
        idOf(name),
        name,
        true,
        false,
        place,
        shape,
        length(width),
        length(height),
        Backing.NOTHING,
        paint,
        Look.PLAIN);
  }

  /** A plate that lies around pieces and grows with them. */
  PlatePiece behind(
      String name, PlateShape shape, Paint paint, double across, double down, String... pieces) {
    PlatePiece plate = plate(name, shape, frame(PinPoint.CENTRE), 100, 100, paint);
    return new PlatePiece(
        plate.id(),
        name,
        true,
        false,
        plate.place(),
        shape,
        plate.width(),
        plate.height(),
        new Backing(List.of(pieces), length(across), length(down), length(across), length(down)),
        paint,
        Look.PLAIN);
  }

  /** A plate as large as the frame. */
  PlatePiece over(String name, Paint paint) {
    return plate(name, new PlateShape.Rectangle(), frame(PinPoint.CENTRE), 100, 100, paint)
        .withSize(frame.displayWidth(), frame.displayHeight());
  }

  Shadow shadow() {
    return new Shadow(true, 60, length(5), length(18), 0.1, Colour.BLACK, 0.5, UnderFace.AUTOMATIC);
  }

  /** So that words are read without a plate. */
  Halo halo() {
    return new Halo(true, length(18), 0.35, Colour.BLACK, 0.75, UnderFace.AUTOMATIC);
  }

  Outline outline(double width, Colour colour) {
    return new Outline(
        true,
        length(width),
        Outline.Side.OUTSIDE,
        Outline.Corners.ROUND,
        new Paint.Flat(colour),
        1,
        UnderFace.AUTOMATIC);
  }

  static Look with(Finish... finishes) {
    return Look.PLAIN.withFinishes(List.of(finishes));
  }

  /** Thinner towards the right, so that the plate is no flat block. */
  static Paint across(Colour colour, double from, double to) {
    return new Paint.Linear(
        0,
        List.of(new Paint.Stop(0, thinned(colour, from)), new Paint.Stop(1, thinned(colour, to))));
  }

  static Colour thinned(Colour colour, double share) {
    return colour.withAlpha((int) Math.rint(255 * share));
  }

  private static String idOf(String name) {
    return name.toLowerCase(Locale.ROOT).replace(' ', '-');
  }
}
