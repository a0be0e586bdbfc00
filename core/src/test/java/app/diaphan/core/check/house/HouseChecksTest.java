package app.diaphan.core.check.house;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Finding;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseColour;
import app.diaphan.core.house.HouseFont;
import app.diaphan.core.house.HouseMark;
import app.diaphan.core.house.HousePicture;
import app.diaphan.core.house.MarkColours;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Colours;
import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.Kept;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.dress.Dress;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.PictureFit;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.render.Renderer;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is not the house's, what may not be done to its marks, and what puts each right. */
class HouseChecksTest {
  private static final Frame FRAME = Frame.of(1920, 1080);

  private static final Picture BUG =
      PictureReader.readFile(
              "bug.svg",
              "<svg xmlns='http://www.w3.org/2000/svg' width='60' height='80'><path d='M0 0H60V80H0z' fill='#a02020'/></svg>"
                  .getBytes(StandardCharsets.UTF_8))
          .picture();

  private static final House HOUSE = house(new MarkColours.OneOf(List.of("Sail")));

  private static House house(MarkColours colours) {
    return House.named("Saltlight")
        .withColours(
            List.of(
                new HouseColour(
                    "Sail", List.of(), "", Colour.parse("#fbf6ea"), Colour.parse("#ffffff")),
                HouseColour.of("Lamp", Colour.parse("#f0a93f"))))
        .withFonts(
            List.of(
                new HouseFont("Titles", List.of(), "Fraunces"),
                new HouseFont("Names", List.of(), "Work Sans")))
        .withMarks(
            List.of(
                new HouseMark(
                    "Bug",
                    List.of(),
                    new HousePicture("bug.svg", "0".repeat(64)),
                    0.25,
                    80,
                    colours)));
  }

  private static final Renderer RENDERER =
      new Renderer(
          ShippedFonts.shelf(),
          name -> name.equals("bug.svg") ? Optional.of(BUG) : Optional.empty(),
          Memory.NONE);

  private static List<Finding> check(House house, CheckKind kind, Overlay overlay) {
    return HouseChecks.of(
        RENDERER,
        overlay,
        new Brand(house, Map.of("bug.svg", "Bug"), ShippedFonts.shelf()),
        EnumSet.of(kind));
  }

  private static Overlay mended(CheckKind kind, Overlay overlay) {
    List<Finding> found = check(HOUSE, kind, overlay);
    assertEquals(1, found.size(), found.toString());
    Overlay mended =
        HouseChecks.mended(
            RENDERER,
            overlay,
            new Brand(HOUSE, Map.of("bug.svg", "Bug"), ShippedFonts.shelf()),
            kind,
            found.getFirst().piece());
    assertEquals(List.of(), check(HOUSE, kind, mended), "it is right now");
    return mended;
  }

  private static Overlay overlay(Piece... pieces) {
    return Samples.overlay(FRAME, pieces);
  }

  private static Place at(double right, double down) {
    return Place.at(PinPoint.TOP_LEFT, Area.FRAME, right, down);
  }

  private static PicturePiece bug(Place place, double width, double height) {
    return new PicturePiece(
        "bug",
        "Bug",
        true,
        false,
        place,
        "bug.svg",
        1,
        CutOut.NONE,
        Tint.NONE,
        Crop.NOTHING,
        PictureFit.CONTAIN,
        width,
        height,
        Look.PLAIN);
  }

  private static PlatePiece plate(String colour, String line) {
    return Samples.plate(
        new PlateShape.Rectangle(),
        at(100, 100),
        200,
        100,
        Samples.flat(colour),
        Samples.outline(4, Outline.Side.OUTSIDE, line));
  }

  @Test
  void facesAndLinesHaveColoursOfTheHouse() {
    assertEquals(
        List.of(), check(HOUSE, CheckKind.HOUSE_COLOUR, overlay(plate("#f0a93f80", "#ffffff"))));
    Finding found =
        check(HOUSE, CheckKind.HOUSE_COLOUR, overlay(plate("#f2a63e80", "#fbf6ea"))).getFirst();
    assertEquals("Take Lamp", found.mend());
    assertTrue(found.sentence().contains("#f2a63e"), found.sentence());
    Overlay mended = mended(CheckKind.HOUSE_COLOUR, overlay(plate("#f2a63e80", "#f8f0e0")));
    assertEquals(
        List.of("#f0a93f80 Lamp", "#fbf6ea Sail"),
        Colours.of(mended.stack().getFirst()).stream().map(Colour::toString).toList());
    assertEquals(
        List.of(),
        check(House.named("Empty"), CheckKind.HOUSE_COLOUR, overlay(plate("#123456", "#654321"))));
  }

  @Test
  void shadowsAndWhatIsKeptAreLeftInPeace() {
    PlatePiece plain =
        Samples.plate(
            new PlateShape.Rectangle(),
            at(100, 100),
            200,
            100,
            Samples.flat("#f0a93f"),
            new Halo(true, 8, 0.2, Colour.parse("#010203"), 1, UnderFace.AUTOMATIC));
    assertEquals(List.of(), check(HOUSE, CheckKind.HOUSE_COLOUR, overlay(plain)));
    Overlay kept =
        overlay(plate("#aa3311 Lamp", "#fbf6ea"))
            .withKept(
                List.of(
                    new Kept.KeptColour("Lamp", Colour.parse("#aa3311"), Colour.parse("#aa3311"))));
    assertEquals(List.of(), check(HOUSE, CheckKind.HOUSE_COLOUR, kept));
  }

  @Test
  void theDressDecidesWhatIsTaken() {
    Overlay dark = overlay(plate("#f0a93f", "#f8f0e0")).withDress(Dress.DARK);
    assertEquals(
        "#ffffff Sail",
        Colours.of(mended(CheckKind.HOUSE_COLOUR, dark).stack().getFirst()).getLast().toString());
  }

  @Test
  void wordsAreSetInFontsOfTheHouse() {
    TextPiece text = Samples.text("words", "Words", at(50, 50), 60, Samples.flat("#fbf6ea"));
    Overlay serif = overlay(text.withRuns(List.of(Run.of("Words", "Source Serif 4", 400, 60))));
    assertEquals("Set it in Fraunces", check(HOUSE, CheckKind.HOUSE_FONT, serif).getFirst().mend());
    Run run =
        ((TextPiece) mended(CheckKind.HOUSE_FONT, serif).stack().getFirst()).runs().getFirst();
    assertEquals("Fraunces", run.family());
    assertEquals("Titles", run.follows());
    assertEquals(
        List.of(),
        check(
            HOUSE,
            CheckKind.HOUSE_FONT,
            overlay(text.withRuns(List.of(Run.of("كلمة", "Noto Sans Arabic", 400, 60))))),
        "other scripts are nobody's");
  }

  @Test
  void aMarkIsAsLargeAsItHasToBeOnEveryFrame() {
    assertEquals(List.of(), check(HOUSE, CheckKind.MARK_SIZE, overlay(bug(at(300, 300), 60, 80))));
    PicturePiece mended =
        (PicturePiece)
            mended(CheckKind.MARK_SIZE, overlay(bug(at(300, 300), 90, 60))).stack().getFirst();
    assertEquals(80, mended.height(), 1e-9);
    Overlay small = Samples.overlay(Frame.of(960, 540), bug(at(300, 300), 30, 40));
    assertEquals(List.of(), check(HOUSE, CheckKind.MARK_SIZE, small));
    Overlay tooSmall = Samples.overlay(Frame.of(3840, 2160), bug(at(300, 300), 90, 120));
    assertTrue(
        check(HOUSE, CheckKind.MARK_SIZE, tooSmall).getFirst().sentence().contains("60 px high"));
  }

  @Test
  void aMarkKeepsItsProportions() {
    assertEquals(
        List.of(), check(HOUSE, CheckKind.MARK_STRETCHED, overlay(bug(at(300, 300), 400, 80))));
    PicturePiece mended =
        (PicturePiece)
            mended(
                    CheckKind.MARK_STRETCHED,
                    overlay(bug(at(300, 300), 100, 80).withFit(PictureFit.STRETCH)))
                .stack()
                .getFirst();
    assertEquals(60, mended.width(), 1e-9);
    assertEquals(80, mended.height(), 1e-9);
  }

  @Test
  void aMarkIsInColoursThatItMayHave() {
    PicturePiece bug = bug(at(300, 300), 60, 80);
    Overlay sail = overlay(bug.withTint(new Tint.OneColour(Colour.parse("#fbf6ea80"))));
    Overlay lamp = overlay(bug.withTint(new Tint.OneColour(Colour.parse("#f0a93f Lamp"))));
    assertEquals(List.of(), check(HOUSE, CheckKind.MARK_COLOUR, sail));
    assertEquals(
        Tint.NONE, ((PicturePiece) mended(CheckKind.MARK_COLOUR, lamp).stack().getFirst()).tint());
    assertEquals(List.of(), check(house(new MarkColours.Any()), CheckKind.MARK_COLOUR, lamp));
    assertEquals(1, check(house(new MarkColours.OwnOnly()), CheckKind.MARK_COLOUR, sail).size());
  }

  @Test
  void nothingLiesInTheClearSpace() {
    PicturePiece bug = bug(at(300, 300), 60, 80);
    PlatePiece near = plate("#f0a93f", "#ffffff").withSize(150, 300);
    // From 100 to 250 on the left, where 280 is where the clear space begins.
    assertEquals(List.of(), check(HOUSE, CheckKind.MARK_CLEAR_SPACE, overlay(bug, near)));
    Overlay nearer = overlay(bug, near.withSize(190, 300));
    assertEquals(
        "Move the mark aside", check(HOUSE, CheckKind.MARK_CLEAR_SPACE, nearer).getFirst().mend());
    PicturePiece mended =
        (PicturePiece) Pieces.get(mended(CheckKind.MARK_CLEAR_SPACE, nearer), "bug");
    assertEquals(310, mended.place().right(), 1e-9);
    // A ground that lies behind all of it is none, one that ends within it is.
    PlatePiece ground = near.withSize(800, 800);
    assertEquals(List.of(), check(HOUSE, CheckKind.MARK_CLEAR_SPACE, overlay(bug, ground)));
    assertEquals(
        1,
        check(HOUSE, CheckKind.MARK_CLEAR_SPACE, overlay(ground, bug)).size(),
        "it lies over it");
    assertEquals(
        1, check(HOUSE, CheckKind.MARK_CLEAR_SPACE, overlay(bug, near.withSize(260, 800))).size());
  }

  @Test
  void whatHasNoMendSaysSo() {
    Overlay overlay = overlay(plate("#f0a93f", "#ffffff"));
    Brand brand = new Brand(HOUSE, Map.of(), ShippedFonts.shelf());
    assertThrows(
        InvalidInput.class,
        () -> HouseChecks.mended(RENDERER, overlay, brand, CheckKind.BANDING, "plate"));
    assertThrows(
        InvalidInput.class,
        () -> HouseChecks.mended(RENDERER, overlay, brand, CheckKind.HOUSE_COLOUR, "nobody"));
  }

  /** Of a mark 60 wide and 80 high, in whose clear space of 20 a plate lies. */
  private static List<Double> aside(Frame frame, Place mark, Place plate, double width) {
    Overlay overlay =
        Samples.overlay(
            frame, bug(mark, 60, 80), Samples.box("near", plate, width, 80).withName("Near"));
    List<Finding> found = check(HOUSE, CheckKind.MARK_CLEAR_SPACE, overlay);
    assertEquals(
        List.of("\"Near\" lies in the clear space of \"Bug\"."),
        found.stream().map(Finding::sentence).toList());
    if (found.getFirst().mend().isEmpty()) {
      assertEquals("Move the mark or what is beside it.", found.getFirst().remedy());
      return List.of();
    }
    assertEquals("", found.getFirst().remedy());
    PicturePiece moved =
        (PicturePiece)
            Pieces.get(
                HouseChecks.mended(
                    RENDERER,
                    overlay,
                    new Brand(HOUSE, Map.of("bug.svg", "Bug"), ShippedFonts.shelf()),
                    CheckKind.MARK_CLEAR_SPACE,
                    "bug"),
                "bug");
    return List.of(moved.place().right(), moved.place().down());
  }

  @Test
  void aMarkGoesTheShortestWayAside() {
    Place mark = at(300, 300);
    // The plate reaches 12 into what has to be clear, from each side.
    assertEquals(List.of(312.0, 300.0), aside(FRAME, mark, at(192, 300), 100));
    assertEquals(List.of(288.0, 300.0), aside(FRAME, mark, at(368, 300), 100));
    assertEquals(List.of(300.0, 312.0), aside(FRAME, mark, at(280, 212), 100));
    assertEquals(List.of(300.0, 288.0), aside(FRAME, mark, at(280, 388), 100));
    // Less than half a pixel is nothing, more is something.
    assertEquals(
        List.of(),
        check(
            HOUSE,
            CheckKind.MARK_CLEAR_SPACE,
            overlay(bug(mark, 60, 80), Samples.box("near", at(180.5, 300), 100, 80))));
    assertEquals(List.of(301.0, 300.0), aside(FRAME, mark, at(180.6, 300), 100));
  }

  @Test
  void aMarkStaysOnItsFrame() {
    // To the left there is no room, and above there is none at the top.
    assertEquals(List.of(4.0, 200.0), aside(FRAME, at(4, 300), at(38, 300), 100));
    assertEquals(List.of(4.0, 150.0), aside(FRAME, at(4, 50), at(38, 50), 100));
    // On a frame that is as high as the plate and hardly wider there is no place.
    assertEquals(List.of(), aside(Frame.of(150, 130), at(10, 25), at(60, 25), 80));
  }
}
