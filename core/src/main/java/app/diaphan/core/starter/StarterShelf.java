package app.diaphan.core.starter;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.overlay.TextAlignment;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting.Capitals;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;

/**
 * Twelve overlays to begin with, drawn for a frame in the colours and the families of a package.
 */
public final class StarterShelf {
  private final Frame frame;
  private final Draft draft;
  private final Paint ground;
  private final Paint accent;
  private final Palette palette;

  private StarterShelf(Frame frame, Palette palette, Lettering lettering) {
    this.frame = frame;
    this.palette = palette;
    draft = new Draft(frame, lettering);
    ground = new Paint.Flat(palette.ground());
    accent = new Paint.Flat(palette.accent());
  }

  /** In a house's colours and a package's families. */
  public static List<Starter> of(Frame frame, House house, Lettering lettering) {
    StarterShelf shelf = new StarterShelf(frame, Palette.of(house), lettering);
    return List.of(
        shelf.lowerThirdOnAPlate(),
        shelf.lowerThirdWithARule(),
        shelf.cornerBug(),
        shelf.titleCard(),
        shelf.quotation(),
        shelf.scrollCard(),
        shelf.stencil(),
        shelf.channelMark(),
        shelf.watermark(),
        shelf.cornerWedge(),
        shelf.callToAction(),
        shelf.scorePlate());
  }

  private Starter starter(String name, String about, Piece... frontToBack) {
    return new Starter(about, new Overlay(name, frame, List.of(frontToBack)));
  }

  private Starter lowerThirdOnAPlate() {
    TextPiece name =
        draft.text(
            "Name",
            "First Last",
            draft.safe(PinPoint.BOTTOM_LEFT, 44, -84),
            Lettering.Role.HEADLINE,
            650,
            62);
    TextPiece role =
        draft
            .text(
                "Role",
                "What they do",
                draft.from("name", PinPoint.BOTTOM_LEFT, PinPoint.TOP_LEFT, 2, 0),
                Lettering.Role.LABEL,
                500,
                38)
            .withPaint(accent);
    PlatePiece plate =
        draft
            .behind(
                "Plate",
                new PlateShape.SlantedBar(0, draft.length(40), 0),
                Draft.across(palette.ground(), 0.96, 0.8),
                44,
                20,
                "name",
                "role")
            .withLook(Draft.with(draft.shadow()));
    return starter(
        "Lower third, plate", "Who is speaking; the plate grows with the name", name, role, plate);
  }

  private Starter lowerThirdWithARule() {
    TextPiece role =
        draft
            .text(
                "Role",
                "What they do",
                draft.from("rule", PinPoint.BOTTOM_LEFT, PinPoint.TOP_LEFT, 0, 8),
                Lettering.Role.LABEL,
                500,
                40)
            .withLook(Draft.with(draft.halo()));
    PlatePiece rule =
        draft.plate(
            "Rule",
            new PlateShape.Rule(false),
            draft.from("name", PinPoint.BOTTOM_LEFT, PinPoint.TOP_LEFT, 0, 6),
            420,
            5,
            accent);
    TextPiece name =
        draft
            .text(
                "Name",
                "First Last",
                draft.safe(PinPoint.BOTTOM_LEFT, 0, -84),
                Lettering.Role.HEADLINE,
                600,
                64)
            .withLook(Draft.with(draft.halo()));
    return starter("Lower third, rule", "Who is speaking, without a plate", name, rule, role);
  }

  private Starter cornerBug() {
    TextPiece sign =
        Draft.tracked(
            draft.text(
                "Sign",
                "SIGN",
                draft.safe(PinPoint.TOP_RIGHT, -22, 14),
                Lettering.Role.LABEL,
                700,
                44),
            120);
    PlatePiece plate =
        draft.behind(
            "Plate",
            new PlateShape.RoundedRectangle(draft.length(12)),
            new Paint.Flat(Draft.thinned(palette.ground(), 0.75)),
            22,
            8,
            "sign");
    return starter(
        "Corner bug",
        "Whose picture it is, in a corner all the time",
        sign.withLook(Look.PLAIN.withOverallOpacity(0.9)),
        plate);
  }

  private Starter titleCard() {
    TextPiece title =
        Draft.centred(
            draft.text(
                "Title",
                "The Title",
                Place.at(PinPoint.CENTRE, Area.FRAME, 0, draft.length(-50)),
                Lettering.Role.HEADLINE,
                700,
                150));
    PlatePiece rule =
        draft.plate(
            "Rule",
            new PlateShape.Rule(true),
            draft.from("title", PinPoint.BOTTOM, PinPoint.TOP, 0, 14),
            260,
            8,
            accent);
    TextPiece line =
        Draft.centred(
            draft.text(
                "Second line",
                "and what it is about",
                draft.from("rule", PinPoint.BOTTOM, PinPoint.TOP, 0, 22),
                Lettering.Role.HEADLINE,
                400,
                50));
    PlatePiece veil = draft.over("Veil", new Paint.Flat(Draft.thinned(palette.ground(), 0.72)));
    return starter("Title card", "The title over a darkened picture", title, rule, line, veil);
  }

  private Starter quotation() {
    TextPiece words =
        Draft.set(
                draft.text(
                    "Words",
                    "A sentence that somebody said and that is worth reading twice.",
                    Place.at(PinPoint.CENTRE, Area.FRAME, 0, draft.length(-20)),
                    Lettering.Role.HEADLINE,
                    500,
                    58),
                TextAlignment.LEFT,
                Capitals.AS_TYPED,
                1.25)
            .withBox(
                new TextBox.Given(
                    draft.length(820),
                    draft.length(240),
                    TextBox.Upright.MIDDLE,
                    new TextBox.Fit.Wrap(TextBox.Fit.Wrap.NO_LIMIT)));
    TextPiece mark =
        draft
            .text(
                "Mark",
                "“",
                draft.from("words", PinPoint.TOP_LEFT, PinPoint.BOTTOM_LEFT, -6, 122),
                Lettering.Role.HEADLINE,
                700,
                180)
            .withPaint(accent);
    TextPiece who =
        draft
            .text(
                "Who",
                "Who said it",
                draft.from("words", PinPoint.BOTTOM_LEFT, PinPoint.TOP_LEFT, 0, 6),
                Lettering.Role.LABEL,
                500,
                42)
            .withPaint(accent);
    PlatePiece plate =
        draft.behind(
            "Plate",
            new PlateShape.RoundedRectangle(draft.length(14)),
            new Paint.Flat(Draft.thinned(palette.ground(), 0.9)),
            56,
            64,
            "words",
            "who");
    return starter(
        "Quotation", "What somebody said; lines break by themselves", mark, words, who, plate);
  }

  private Starter scrollCard() {
    TextPiece names =
        Draft.set(
                draft.text(
                    "Names",
                    "Written by\nFirst Last\n\nFilmed by\nFirst Last\n\nWith thanks to\neverybody",
                    draft.frame(PinPoint.CENTRE),
                    Lettering.Role.HEADLINE,
                    500,
                    52),
                TextAlignment.CENTRE,
                Capitals.AS_TYPED,
                1.35)
            .withLook(Draft.with(draft.shadow()));
    PlatePiece veil = draft.over("Veil", new Paint.Flat(Draft.thinned(palette.ground(), 0.8)));
    return starter("Scroll card", "Names that the editor lets run through", names, veil);
  }

  private Starter stencil() {
    TextPiece words =
        Draft.centred(
                draft.text(
                    "Words",
                    "THROUGH",
                    draft.frame(PinPoint.CENTRE),
                    Lettering.Role.LABEL,
                    700,
                    260))
            .withLook(Look.PLAIN.withPunch(Punch.EVERYTHING));
    PlatePiece sheet = draft.over("Sheet", ground);
    return starter("Stencil", "The video is seen through the letters only", words, sheet);
  }

  private Starter channelMark() {
    TextPiece letters =
        Draft.centred(
            draft.text(
                "Letters", "CM", draft.frame(PinPoint.CENTRE), Lettering.Role.HEADLINE, 800, 360));
    PlatePiece disc =
        draft
            .plate(
                "Disc",
                new PlateShape.Ellipse(),
                draft.frame(PinPoint.CENTRE),
                820,
                820,
                new Paint.Radial(
                    0.35,
                    0.3,
                    1.2,
                    false,
                    List.of(
                        new Paint.Stop(0, lighter(palette.ground())),
                        new Paint.Stop(1, palette.ground()))))
            .withLook(Draft.with(draft.outline(28, palette.accent())));
    return starter("Channel mark", "Shown small, so large letters", letters, disc);
  }

  private Starter watermark() {
    TextPiece words =
        Draft.tracked(
            draft.text(
                "Words",
                "PREVIEW",
                draft.frame(PinPoint.CENTRE).turned(-24, false),
                Lettering.Role.HEADLINE,
                700,
                150),
            60);
    return starter(
        "Watermark",
        "Faint, across the whole picture",
        words.withLook(
            Draft.with(draft.outline(2.5, Colour.BLACK))
                .withFaceOpacity(0.25)
                .withOverallOpacity(0.5)));
  }

  private Starter cornerWedge() {
    TextPiece words =
        Draft.centred(
            draft.text(
                "Words",
                "NEW",
                new Place(
                    new Hook.OfFrame(Area.TITLE_SAFE),
                    PinPoint.TOP_RIGHT,
                    PinPoint.CENTRE,
                    draft.length(-80),
                    draft.length(80),
                    45,
                    false),
                Lettering.Role.LABEL,
                700,
                84));
    PlatePiece wedge =
        draft.plate(
            "Wedge",
            new PlateShape.Wedge(PlateShape.Corner.TOP_RIGHT, 0),
            draft.frame(PinPoint.TOP_RIGHT),
            440,
            440,
            accent);
    return starter("Corner wedge", "A word across a corner", words.withPaint(ground), wedge);
  }

  private Starter callToAction() {
    TextPiece words =
        draft
            .text(
                "Words",
                "Watch the whole film →",
                draft.safe(PinPoint.BOTTOM, 0, -40),
                Lettering.Role.HEADLINE,
                650,
                50)
            .withPaint(ground);
    PlatePiece plate =
        draft
            .behind(
                "Plate", new PlateShape.RoundedRectangle(draft.length(60)), accent, 48, 22, "words")
            .withLook(Draft.with(draft.shadow()));
    return starter("Call to action", "What to do next", words, plate);
  }

  private Starter scorePlate() {
    TextPiece score =
        draft
            .text("Score", "0 – 0", draft.safe(PinPoint.TOP, 0, 22), Lettering.Role.LABEL, 700, 58)
            .withPaint(ground);
    TextPiece home =
        draft.text(
            "Home",
            "HOME",
            draft.from("score", PinPoint.LEFT, PinPoint.RIGHT, -52, 0),
            Lettering.Role.LABEL,
            600,
            48);
    TextPiece guest =
        draft.text(
            "Guest",
            "GUEST",
            draft.from("score", PinPoint.RIGHT, PinPoint.LEFT, 52, 0),
            Lettering.Role.LABEL,
            600,
            48);
    PlatePiece middle =
        draft.behind("Score plate", new PlateShape.Rectangle(), accent, 28, 10, "score");
    PlatePiece plate =
        draft.behind(
            "Plate",
            new PlateShape.RoundedRectangle(draft.length(8)),
            new Paint.Flat(Draft.thinned(palette.ground(), 0.92)),
            28,
            10,
            "home",
            "score",
            "guest");
    return starter(
        "Score plate", "Two sides and how they stand", home, score, guest, middle, plate);
  }

  private static Colour lighter(Colour colour) {
    return new Colour(third(colour.red()), third(colour.green()), third(colour.blue()), 255);
  }

  /** A third of the way to white. */
  private static int third(int channel) {
    return channel + (255 - channel) / 3;
  }
}
