package app.diaphan.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.frame.Scan;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.cutout.CutEdge;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.retarget.ForTarget;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.targets.IfThere;
import app.diaphan.core.targets.NamePattern;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.TargetFrame;
import app.diaphan.core.targets.TargetList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Each check with an overlay that trips it and one that just does not. */
class ProofChecksTest {
  private static final Frame FRAME = Frame.of(960, 540);
  private static final Place INNER = Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0);
  private static final Paint WHITE = Samples.flat("#ffffff");
  private static final List<Still> DARK = List.of(flat("Quay at dusk, still 1", 0.05f));
  private static final List<Still> BRIGHT =
      List.of(flat("Quay at dusk, still 1", 0.05f), flat("White sails, still 3", 0.95f));

  private static Still flat(String name, float tone) {
    return new Still(name, new RasterPicture(1, 1, new float[] {tone, tone, tone, 1}, false));
  }

  /** An even ground with a dark disc, with or without a speck beside it. */
  private static RasterPicture disc(boolean speck) {
    float[] pixels = new float[4 * 80 * 80];
    for (int i = 0; i < 6400; i++) {
      int x = i % 80;
      int y = i / 80;
      boolean dark = Math.hypot(x - 40, y - 40) < 20 || speck && x > 70 && x < 73 && y == 8;
      for (int c = 0; c < 3; c++) {
        pixels[4 * i + c] = dark ? 0.1f : 1;
      }
      pixels[4 * i + 3] = 1;
    }
    return new RasterPicture(80, 80, pixels, false);
  }

  /** A solid disc on clear ground, with or without a speck beside it. */
  private static RasterPicture island(boolean speck) {
    float[] pixels = disc(speck).pixels().clone();
    for (int i = 0; i < pixels.length; i += 4) {
      float alpha = pixels[i] < 0.5f ? 1 : 0;
      for (int c = 0; c < 3; c++) {
        pixels[i + c] *= alpha;
      }
      pixels[i + 3] = alpha;
    }
    return new RasterPicture(80, 80, pixels, true);
  }

  /** No two pixels of its border are alike. */
  private static RasterPicture photograph() {
    float[] pixels = new float[4 * 80 * 80];
    for (int i = 0; i < 6400; i++) {
      pixels[4 * i] = i % 80 / 80f;
      pixels[4 * i + 1] = (float) (0.5 + 0.5 * Math.sin(i / 7.0));
      pixels[4 * i + 2] = i / 80 % 13 / 13f;
      pixels[4 * i + 3] = 1;
    }
    return new RasterPicture(80, 80, pixels, false);
  }

  private static final Map<String, Picture> PICTURES =
      Map.of(
          "disc.jpg",
          disc(false),
          "speck.jpg",
          disc(true),
          "photo.jpg",
          photograph(),
          "dusty.png",
          island(true),
          "clean.png",
          island(false));

  private static final CutOut BY_COLOUR =
      new CutOut.ByColour(
          new CutOut.GroundColour.OfBorder(),
          0.06,
          2,
          CutOut.GroundReach.FROM_BORDER,
          CutOut.SoftParts.SOLID,
          CutEdge.AS_FOUND);

  private static List<Finding> check(CheckKind kind, Overlay overlay, List<Still> stills) {
    return check(kind, overlay, stills, TargetList.AS_DESIGNED);
  }

  private static List<Finding> check(
      CheckKind kind, Overlay overlay, List<Still> stills, TargetList targets) {
    Renderer renderer =
        new Renderer(
            ShippedFonts.shelf(), name -> Optional.ofNullable(PICTURES.get(name)), Memory.NONE);
    return ProofChecks.of(renderer, overlay, stills, targets, EnumSet.of(kind));
  }

  private static List<Finding> check(CheckKind kind, Piece... pieces) {
    return check(kind, Samples.overlay(FRAME, pieces), DARK);
  }

  private static void passes(CheckKind kind, Piece... pieces) {
    assertEquals(List.of(), check(kind, pieces));
  }

  private static Finding found(CheckKind kind, Piece... pieces) {
    List<Finding> all = check(kind, pieces);
    assertEquals(1, all.size(), all.toString());
    assertEquals(kind, all.getFirst().kind());
    assertFalse(all.getFirst().sentence().isBlank());
    return all.getFirst();
  }

  private static Piece words(Place place, double size) {
    return Samples.text("t", "Osier Point", place, size, WHITE);
  }

  private static Place at(PinPoint point, Area area, double right, double down) {
    return Place.at(point, area, right, down);
  }

  private static Piece thinned(Piece piece, double opacity) {
    return piece.withLook(piece.look().withFaceOpacity(opacity));
  }

  @Test
  void wordsReachOutOfTitleSafeOrJustNot() {
    passes(CheckKind.TITLE_SAFE, words(at(PinPoint.BOTTOM_LEFT, Area.TITLE_SAFE, 2, 0), 40));
    Finding found =
        found(CheckKind.TITLE_SAFE, words(at(PinPoint.BOTTOM_LEFT, Area.TITLE_SAFE, -12, 0), 40));
    assertEquals("t", found.piece());
    assertTrue(found.fails());
    assertTrue(found.sentence().matches(".*reaches (8|9|10|11) px out.*"), found.sentence());
    Place under = at(PinPoint.BOTTOM_LEFT, Area.TITLE_SAFE, -12, 0);
    assertTrue(
        found(CheckKind.TITLE_SAFE, Samples.code("osier", under, 90)).sentence().contains("12 px"));
    // A plate may lie across everything.
    passes(
        CheckKind.TITLE_SAFE, Samples.box("b", at(PinPoint.TOP_LEFT, Area.FRAME, 0, 0), 960, 90));
  }

  @Test
  void aMarkIsCutByTheFrameOrJustNot() {
    Place corner = at(PinPoint.TOP_RIGHT, Area.FRAME, 0, 0);
    passes(CheckKind.CUT_BY_FRAME, Samples.picture("disc.jpg", corner, 80, 80));
    Place over = at(PinPoint.TOP_RIGHT, Area.FRAME, 5, 0);
    Finding found = found(CheckKind.CUT_BY_FRAME, Samples.picture("disc.jpg", over, 80, 80));
    assertTrue(found.sentence().contains("5 px"), found.sentence());
    // As large as a ground it is meant to bleed.
    passes(CheckKind.CUT_BY_FRAME, Samples.picture("photo.jpg", over, 900, 500));
  }

  @Test
  void wordsAreTooSmallForTheFrameOrJustNot() {
    passes(CheckKind.SMALL_WORDS, words(Samples.centre(), 13.2)); // Capitals of 9.2 px.
    Finding found = found(CheckKind.SMALL_WORDS, words(Samples.centre(), 12.2));
    assertTrue(found.sentence().contains("9 px"), found.sentence());
    Frame mark = Frame.of(800, 800);
    Piece large = Samples.text("t", "S", Samples.centre(), 70, WHITE);
    Piece small = Samples.text("t", "S", Samples.centre(), 50, WHITE);
    assertEquals(List.of(), check(CheckKind.SMALL_WORDS, Samples.overlay(mark, large), DARK));
    assertEquals(1, check(CheckKind.SMALL_WORDS, Samples.overlay(mark, small), DARK).size());
    // In a group that shrinks them they are as small as they come out.
    Piece group = Samples.group("g", Samples.centre(), 0.25, words(INNER, 40));
    assertEquals("t", found(CheckKind.SMALL_WORDS, group).piece());
  }

  private static TargetList target(TargetFrame frame, FileKind kind) {
    return new TargetList(
        List.of(
            new NamedTarget("Air", frame, kind, NamePattern.parse("{overlay}"), IfThere.REPLACE)));
  }

  /** From mid-grey to a grey so many levels lighter, across a plate of 400 px. */
  private static Overlay ramp(int levels) {
    Paint paint =
        new Paint.Linear(
            0,
            0,
            1,
            List.of(
                new Paint.Stop(0, new Colour(100, 100, 100, 255)),
                new Paint.Stop(1, new Colour(100 + levels, 100 + levels, 100 + levels, 255))));
    return Samples.overlay(
        FRAME, Samples.plate(new PlateShape.Rectangle(), Samples.centre(), 400, 80, paint));
  }

  @Test
  void softRampsShowBandsWithoutDitherOrJustNot() {
    TargetList plain = target(TargetFrame.OF_OVERLAY, FileKind.png().withDither(false));
    List<Finding> found = check(CheckKind.BANDING, ramp(25), DARK, plain);
    assertEquals(1, found.size(), found.toString());
    assertTrue(found.getFirst().sentence().contains("16 px"), found.getFirst().sentence());
    assertEquals(List.of(), check(CheckKind.BANDING, ramp(60), DARK, plain), "steps of 7 px");
    assertEquals(List.of(), check(CheckKind.BANDING, ramp(0), DARK, plain), "one colour");
    assertEquals(List.of(), check(CheckKind.BANDING, ramp(25), DARK), "it is dithered");
    TargetList deep = target(TargetFrame.OF_OVERLAY, FileKind.tiff().withDither(false));
    assertEquals(List.of(), check(CheckKind.BANDING, ramp(25), DARK, deep), "it has 16 bits");
  }

  /** Half of a white plate lies on half of a thin black one, whose straight colours mix wrongly. */
  @Test
  void edgesThatHalvingSpoilsAreToldWithWhereTheyAre() {
    Piece thin =
        Samples.plate(
                new PlateShape.Rectangle(), Samples.centre(), 401, 201, Samples.flat("#000000"))
            .withId("thin")
            .withLook(Look.PLAIN.withFaceOpacity(0.3));
    PlatePiece solid = Samples.plate(new PlateShape.Rectangle(), Samples.centre(), 101, 51, WHITE);
    List<Finding> found = check(CheckKind.HALVED_EDGES, Samples.overlay(FRAME, solid, thin), DARK);
    assertEquals(1, found.size(), found.toString());
    assertFalse(found.getFirst().fails());
    assertEquals(solid.id(), found.getFirst().piece());
    TargetList premultiplied =
        target(TargetFrame.OF_OVERLAY, FileKind.tiff().with(Carried.PREMULTIPLIED));
    assertEquals(
        List.of(),
        check(CheckKind.HALVED_EDGES, Samples.overlay(FRAME, solid, thin), DARK, premultiplied));
    assertEquals(
        List.of(), check(CheckKind.HALVED_EDGES, Samples.overlay(FRAME, solid), DARK), "clean");
  }

  @Test
  void anOverlayGoesOutOnItsOwnFrameOrIsToldOf() {
    Overlay overlay = ramp(60);
    assertEquals(List.of(), check(CheckKind.NO_TARGET, overlay, DARK));
    TargetList larger = target(new TargetFrame.SameForAll(Frame.of(1920, 1080)), FileKind.png());
    List<Finding> told = check(CheckKind.NO_TARGET, overlay, DARK, larger);
    assertFalse(told.getFirst().fails());
    assertTrue(told.getFirst().sentence().contains("960 × 540"), told.getFirst().sentence());
    Overlay nowhere =
        overlay.withForTargets(List.of(new ForTarget("As designed", false, List.of())));
    assertTrue(check(CheckKind.NO_TARGET, nowhere, DARK).getFirst().fails());
  }

  @Test
  void specksOfAPicturesOwnAlphaAreFound() {
    assertTrue(
        found(CheckKind.SPECKS, Samples.picture("dusty.png", Samples.centre(), 80, 80))
            .sentence()
            .contains("1 speck"));
    passes(CheckKind.SPECKS, Samples.picture("clean.png", Samples.centre(), 80, 80));
  }

  @Test
  void whiteWordsAreLegibleOverDarkAndNotOverWhite() {
    Overlay overlay = Samples.overlay(FRAME, words(Samples.centre(), 60));
    assertEquals(List.of(), check(CheckKind.LEGIBILITY, overlay, DARK));
    List<Finding> bright = check(CheckKind.LEGIBILITY, overlay, BRIGHT);
    assertEquals(1, bright.size());
    assertTrue(bright.getFirst().sentence().contains("White sails, still 3"));
    assertTrue(bright.getFirst().sentence().contains("1.1 : 1"), bright.getFirst().sentence());
    // Without stills, flat tones stand in.
    assertEquals(1, check(CheckKind.LEGIBILITY, overlay, List.of()).size());
    Piece haloed =
        words(Samples.centre(), 60)
            .withLook(
                Look.PLAIN.withFinishes(
                    List.of(new Halo(true, 16, 0.5, Colour.BLACK, 1, UnderFace.AUTOMATIC))));
    assertEquals(List.of(), check(CheckKind.LEGIBILITY, Samples.overlay(FRAME, haloed), BRIGHT));
  }

  @Test
  void contrastIsMeasuredAtTheThresholdItself() {
    // Over black, greys of 3.2 : 1 pass and of 2.8 : 1 do not: L = 0.05 c − 0.05.
    Piece above = Samples.text("t", "Osier", Samples.centre(), 60, Samples.flat("#5b5b5b"));
    Piece below = Samples.text("t", "Osier", Samples.centre(), 60, Samples.flat("#545454"));
    List<Still> black = List.of(flat("black", 0));
    assertEquals(List.of(), check(CheckKind.LEGIBILITY, Samples.overlay(FRAME, above), black));
    assertEquals(1, check(CheckKind.LEGIBILITY, Samples.overlay(FRAME, below), black).size());
  }

  @Test
  void aWatermarkIsMeantToBeFaintAlsoByItsGroup() {
    Piece faint = thinned(words(Samples.centre(), 60), 0.3);
    assertEquals(List.of(), check(CheckKind.LEGIBILITY, Samples.overlay(FRAME, faint), BRIGHT));
    Piece group = thinned(Samples.group("g", Samples.centre(), 1, words(INNER, 60)), 0.2);
    assertEquals(List.of(), check(CheckKind.LEGIBILITY, Samples.overlay(FRAME, group), BRIGHT));
  }

  @Test
  void aLineOfOneRowFlickersOnlyWhereFieldsAreShownApart() {
    Frame interlaced =
        FrameCatalogue.choices().stream()
            .map(choice -> choice.frame())
            .filter(frame -> frame.scan() == Scan.INTERLACED)
            .findFirst()
            .orElseThrow();
    Place middle = at(PinPoint.TOP_LEFT, Area.FRAME, 100, 100);
    Overlay thin = Samples.overlay(interlaced, Samples.box("b", middle, 300, 1));
    assertEquals("b", check(CheckKind.THIN_LINES, thin, DARK).getFirst().piece());
    Overlay two = Samples.overlay(interlaced, Samples.box("b", middle, 300, 2));
    assertEquals(List.of(), check(CheckKind.THIN_LINES, two, DARK));
    passes(CheckKind.THIN_LINES, Samples.box("b", middle, 300, 1));
  }

  @Test
  void strongColourInThinLettersIsSmeared() {
    Piece red = Samples.text("t", "Greywick", Samples.centre(), 22, Samples.flat("#ff0000"));
    assertTrue(found(CheckKind.SMEARED_COLOURS, red).sentence().contains("smeared"));
    passes(
        CheckKind.SMEARED_COLOURS,
        Samples.text("t", "Greywick", Samples.centre(), 120, Samples.flat("#ff0000")));
    passes(CheckKind.SMEARED_COLOURS, words(Samples.centre(), 22));
  }

  @Test
  void picturesAreShownLargerThanTheyAreOrJustNot() {
    passes(CheckKind.LOW_RESOLUTION, Samples.picture("disc.jpg", Samples.centre(), 82, 82));
    Finding found =
        found(CheckKind.LOW_RESOLUTION, Samples.picture("disc.jpg", Samples.centre(), 120, 120));
    assertTrue(found.sentence().contains("150 %"), found.sentence());
  }

  @Test
  void anEvenGroundIsForgottenUnlessItIsCutOut() {
    PicturePiece disc = Samples.picture("disc.jpg", Samples.centre(), 80, 80);
    assertEquals("p", found(CheckKind.FORGOTTEN_GROUND, disc).piece());
    passes(CheckKind.FORGOTTEN_GROUND, disc.withCutOut(BY_COLOUR));
    passes(CheckKind.FORGOTTEN_GROUND, Samples.picture("photo.jpg", Samples.centre(), 80, 80));
  }

  @Test
  void anOverlayThatIsSolidThroughoutHidesTheVideo() {
    Place corner = at(PinPoint.TOP_LEFT, Area.FRAME, 0, 0);
    Finding found = found(CheckKind.FORGOTTEN_GROUND, Samples.box("b", corner, 960, 540));
    assertEquals("", found.piece());
    passes(CheckKind.FORGOTTEN_GROUND, Samples.box("b", corner, 960, 539));
  }

  @Test
  void specksThatACutOutLeavesAreCounted() {
    PicturePiece speck =
        Samples.picture("speck.jpg", Samples.centre(), 80, 80).withCutOut(BY_COLOUR);
    assertTrue(found(CheckKind.SPECKS, speck).sentence().contains("1 speck of"));
    passes(
        CheckKind.SPECKS,
        Samples.picture("disc.jpg", Samples.centre(), 80, 80).withCutOut(BY_COLOUR));
  }

  @Test
  void piecesAreTooFaintTooSmallOrOffTheFrame() {
    passes(CheckKind.NEARLY_INVISIBLE, thinned(Samples.box("b", Samples.centre(), 50, 50), 0.06));
    found(CheckKind.NEARLY_INVISIBLE, thinned(Samples.box("b", Samples.centre(), 50, 50), 0.04));
    found(CheckKind.NEARLY_INVISIBLE, Samples.box("b", Samples.centre(), 1, 1));
    found(
        CheckKind.NEARLY_INVISIBLE,
        Samples.box("b", at(PinPoint.TOP_LEFT, Area.FRAME, -300, 0), 50, 50));
  }

  @Test
  void missingPicturesAndLettersAreToldAndHiddenPiecesOnlyMentioned() {
    assertTrue(
        found(CheckKind.DRAWING, Samples.picture("gone.png", Samples.centre(), 80, 80))
            .sentence()
            .contains("gone.png"));
    passes(CheckKind.DRAWING, words(Samples.centre(), 40));
    Piece hidden = Samples.group("g", Samples.centre(), 1, words(INNER, 40));
    passes(CheckKind.HIDDEN, hidden);
  }

  @Test
  void whatHasToBePutRightComesFirst() {
    Overlay overlay =
        Samples.overlay(FRAME, words(at(PinPoint.TOP_LEFT, Area.FRAME, -30, -30), 40));
    Renderer renderer = Samples.renderer();
    List<Finding> all =
        ProofChecks.of(
            renderer, overlay, DARK, TargetList.AS_DESIGNED, EnumSet.allOf(CheckKind.class));
    assertTrue(all.size() >= 2);
    assertTrue(all.getFirst().fails());
    assertEquals(
        List.of(),
        ProofChecks.of(
            renderer, overlay, DARK, TargetList.AS_DESIGNED, EnumSet.noneOf(CheckKind.class)));
  }
}
