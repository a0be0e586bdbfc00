package app.diaphan.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.arrange.Arrangement.Against;
import app.diaphan.core.arrange.Arrangement.Direction;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.render.Renderer;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Where pieces come to lie, by numbers worked out by hand. */
class ArrangementValuesTest {
  private static final Frame FRAME = Frame.of(400, 300);
  private static final double FAR = 200_000;

  private static final Map<String, Picture> PICTURES =
      Map.of(
          "shaded.svg",
          PictureReader.read(
              "shaded.svg",
              """
              <svg xmlns='http://www.w3.org/2000/svg' width='120' height='80'>
              <linearGradient id='l' gradientUnits='userSpaceOnUse' x1='20' y1='10' x2='80' y2='50'>
                <stop offset='0' stop-color='#1d6a78'/><stop offset='1' stop-color='#f3d27a'/>
              </linearGradient>
              <radialGradient id='r' gradientUnits='userSpaceOnUse' cx='30' cy='20' r='25'>
                <stop offset='0' stop-color='#ffffff'/><stop offset='1' stop-color='#b23a48'/>
              </radialGradient>
              <rect x='10' width='100' height='80' fill='url(#l)'/>
              <rect x='10' width='100' height='80' fill='url(#r)'/></svg>
              """
                  .getBytes(StandardCharsets.UTF_8)),
          "block.png",
          block());

  private final Renderer renderer =
      new Renderer(
          ShippedFonts.shelf(), name -> Optional.ofNullable(PICTURES.get(name)), Memory.NONE);
  private final Arranger arranger = new Arranger(renderer);

  /** 40 × 30 pixels, solid from 10 to 20 across and from 5 to 25 down. */
  private static RasterPicture block() {
    float[] pixels = new float[4 * 40 * 30];
    for (int y = 5; y < 25; y++) {
      Arrays.fill(pixels, 4 * (40 * y + 10), 4 * (40 * y + 20), 1);
    }
    return new RasterPicture(40, 30, pixels, true);
  }

  private static Place at(double x, double y) {
    return Place.at(PinPoint.TOP_LEFT, Area.FRAME, x, y);
  }

  private static Piece box(String id, double x, double y, double width, double height) {
    return Samples.box(id, at(x, y), width, height);
  }

  private static Piece locked(PlatePiece of) {
    return new PlatePiece(
        of.id(),
        of.name(),
        of.shown(),
        true,
        of.place(),
        of.shape(),
        of.width(),
        of.height(),
        of.backing(),
        of.paint(),
        of.look());
  }

  private Overlay arranged(Overlay overlay, Arrangement arrangement, String... chosen) {
    return arranger.arrange(overlay, List.of(chosen), arrangement).overlay();
  }

  private Rectangle2D boxOf(Overlay overlay, String id) {
    return PlacedPieces.of(overlay, renderer).box(id);
  }

  private void assertCentre(double x, double y, Overlay overlay, String id) {
    Point2D centre = PlacedPieces.of(overlay, renderer).centre(id);
    assertEquals(x, centre.getX(), 0.003, id);
    assertEquals(y, centre.getY(), 0.003, id);
  }

  /** Tried when a test runs, since they are refused where they are made. */
  static List<Supplier<Arrangement>> impossible() {
    return List.of(
        () -> new Arrangement.Moved(FAR, 0),
        () -> new Arrangement.Moved(0, -FAR),
        () -> new Arrangement.Offset(FAR, 0, 0),
        () -> new Arrangement.Offset(0, FAR, 0),
        () -> new Arrangement.Offset(0, 0, 3601),
        () -> new Arrangement.Sized(0, 1, 0, 0),
        () -> new Arrangement.Sized(1, 0, 0, 0),
        () -> new Arrangement.Sized(1, 1, FAR, 0),
        () -> new Arrangement.Sized(1, 1, 0, FAR),
        () -> new Arrangement.Turned(3601, 0, 0),
        () -> new Arrangement.Turned(0, FAR, 0),
        () -> new Arrangement.Turned(0, 0, FAR),
        () -> new Arrangement.Duplicated(FAR, 0),
        () -> new Arrangement.Duplicated(0, FAR),
        () -> new Arrangement.Pasted(List.of(), 0, 0, 0),
        () -> new Arrangement.Pasted(List.of(), 1080, FAR, 0),
        () -> new Arrangement.Pasted(List.of(), 1080, 0, FAR));
  }

  @ParameterizedTest
  @MethodSource("impossible")
  void whatLiesBeyondAllFramesIsRefused(Supplier<Arrangement> arrangement) {
    assertThrows(InvalidInput.class, arrangement::get);
  }

  @Test
  void piecesTurnTogetherRoundAPointBesideThem() {
    Overlay overlay = Samples.overlay(FRAME, box("a", 20, 20, 50, 30), box("b", 100, 60, 40, 20));
    Overlay turned = arranged(overlay, new Arrangement.Turned(90, 200, 100), "a", "b");
    assertCentre(265, -55, turned, "a");
    assertCentre(230, 20, turned, "b");
    assertEquals(30, boxOf(turned, "a").getWidth(), 0.003);
    Overlay slightly = arranged(overlay, new Arrangement.Turned(30, 200, 100), "a");
    double c = Math.sqrt(3) / 2;
    assertCentre(200 - 155 * c + 65 * 0.5, 100 - 155 * 0.5 - 65 * c, slightly, "a");
  }

  @Test
  void severalKeepTheirProportionsWhenTheyAreSized() {
    Overlay overlay = Samples.overlay(FRAME, box("a", 20, 20, 50, 30), box("b", 100, 60, 40, 20));
    Overlay sized = arranged(overlay, new Arrangement.Sized(2, 1.5, 10, 20), "a", "b");
    assertCentre(80, 50, sized, "a");
    assertCentre(230, 120, sized, "b");
    assertEquals(100, boxOf(sized, "a").getWidth(), 0.003);
    assertEquals(60, boxOf(sized, "a").getHeight(), 0.003);
  }

  @Test
  void aTurnedPieceIsDrawnOutAlongItsOwnSides() {
    Piece turned = Samples.box("a", at(100, 100).turned(90, false), 60, 20);
    Overlay overlay = Samples.overlay(FRAME, turned);
    Point2D before = PlacedPieces.of(overlay, renderer).centre("a");
    Overlay sized =
        arranged(overlay, new Arrangement.Sized(2, 1, before.getX(), before.getY() - 30), "a");
    assertEquals(120, ((PlatePiece) Pieces.get(sized, "a")).width(), 0.003);
    // Its width lies down the frame; the end that stays is the upper one.
    assertCentre(before.getX(), before.getY() + 30, sized, "a");
  }

  @Test
  void piecesAreSpacedInTheOrderOfTheirMiddles() {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            box("wide", 0, 0, 100, 10),
            box("slim", 30, 20, 10, 10),
            box("c", 250, 0, 50, 10));
    Overlay spaced =
        arranged(
            overlay, new Arrangement.Spaced(Direction.ACROSS, Against.CHOSEN), "wide", "slim", "c");
    assertEquals(0, boxOf(spaced, "slim").getX(), 0.003);
    assertEquals(80, boxOf(spaced, "wide").getX(), 0.003);
    assertEquals(250, boxOf(spaced, "c").getX(), 0.003);
  }

  @Test
  void aPieceInAChosenGroupIsMovedOnce() {
    GroupPiece group =
        Samples.group(
            "g",
            at(40, 40),
            1,
            Samples.box("a", Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 0, 0), 20, 20));
    Overlay overlay = Samples.overlay(FRAME, group);
    Overlay moved = arranged(overlay, new Arrangement.Moved(30, 5), "g", "a");
    assertEquals(70, boxOf(moved, "a").getX(), 0.003);
    assertEquals(45, boxOf(moved, "a").getY(), 0.003);
    Overlay again = arranged(overlay, new Arrangement.Moved(30, 0), "g", "g");
    assertEquals(70, boxOf(again, "a").getX(), 0.003);
  }

  @Test
  void lockedPiecesStayAndTheOthersGo() {
    Overlay overlay =
        Samples.overlay(
            FRAME, locked(Samples.box("a", at(20, 20), 10, 10)), box("b", 60, 20, 10, 10));
    Overlay moved = arranged(overlay, new Arrangement.Moved(5, 0), "a", "b");
    assertEquals(20, boxOf(moved, "a").getX(), 0.003);
    assertEquals(65, boxOf(moved, "b").getX(), 0.003);
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> arranged(overlay, new Arrangement.Moved(5, 0), "a"));
    assertTrue(refused.getMessage().contains("locked"), refused.getMessage());
  }

  @Test
  void onlyCopiesFollowAnOriginal() {
    Overlay overlay =
        Samples.overlay(FRAME, box("b", 60, 20, 10, 10), Samples.group("g", at(0, 0), 1));
    for (String id : List.of("b", "g")) {
      for (Arrangement arrangement :
          List.of(new Arrangement.LetGo(), new Arrangement.LikeOriginal())) {
        InvalidInput refused =
            assertThrows(InvalidInput.class, () -> arranged(overlay, arrangement, id));
        assertTrue(refused.getMessage().contains("no copy"), refused.getMessage());
      }
    }
  }

  @Test
  void aGroupGoesWithItsLastPiece() {
    GroupPiece inner =
        Samples.group(
            "inner",
            Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 0, 0),
            1,
            Samples.box("a", Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 0, 0), 20, 20));
    GroupPiece outer =
        Samples.group(
            "outer",
            at(0, 0),
            1,
            inner,
            Samples.box("b", Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 0, 0), 9, 9));
    Overlay overlay = Samples.overlay(FRAME, outer, box("c", 5, 5, 5, 5));
    Overlay without = arranged(overlay, new Arrangement.Removed(), "a");
    assertEquals(List.of("outer", "b", "c"), Pieces.all(without.stack()).map(Piece::id).toList());
    Overlay neither = arranged(overlay, new Arrangement.Removed(), "a", "b");
    assertEquals(List.of("c"), Pieces.all(neither.stack()).map(Piece::id).toList());
  }

  @Test
  void gradientsOfAVectorPictureLieWhereTheyLay() {
    Overlay overlay = Samples.overlay(FRAME, Samples.picture("shaded.svg", at(30, 20), 240, 160));
    Arranged split = arranger.arrange(overlay, List.of("p"), new Arrangement.Split());
    GroupPiece group =
        assertInstanceOf(GroupPiece.class, Pieces.get(split.overlay(), split.chosen().getFirst()));
    Paint.Radial radial =
        assertInstanceOf(Paint.Radial.class, ((PlatePiece) group.stack().get(0)).paint());
    assertEquals(0.2, radial.x(), 1e-4);
    assertEquals(0.25, radial.y(), 1e-4);
    assertEquals(25 / (Math.hypot(100, 80) / 2), radial.radius(), 1e-4);
    Paint.Linear linear =
        assertInstanceOf(Paint.Linear.class, ((PlatePiece) group.stack().get(1)).paint());
    double length = Math.hypot(60, 40);
    double span = (60 * 100 + 40 * 80) / length;
    double start = (-40 * 60 - 30 * 40) / length / span + 0.5;
    assertEquals(Math.toDegrees(Math.atan2(40, 60)), linear.angle(), 1e-4);
    assertEquals(start, linear.start(), 1e-4);
    assertEquals(start + length / span, linear.end(), 1e-4);
  }

  @Test
  void aPictureIsTrimmedToItsSolidPixelsAndOneBeside() {
    PicturePiece whole = Samples.picture("block.png", at(100, 50), 80, 60);
    Overlay trimmed = arranged(Samples.overlay(FRAME, whole), new Arrangement.Trimmed(), "p");
    assertCrop(9 / 40.0, 4 / 30.0, 1 - 21 / 40.0, 1 - 26 / 30.0, trimmed);
    Rectangle2D box = boxOf(trimmed, "p");
    assertEquals(118, box.getX(), 0.01);
    assertEquals(58, box.getY(), 0.01);
    assertEquals(24, box.getWidth(), 0.01);
    assertEquals(44, box.getHeight(), 0.01);
  }

  @Test
  void whatWasCroppedAwayStaysAway() {
    PicturePiece cropped =
        Samples.picture("block.png", at(100, 50), 48, 42).withCrop(new Crop(0.3, 0.2, 0.1, 0.1));
    Overlay trimmed = arranged(Samples.overlay(FRAME, cropped), new Arrangement.Trimmed(), "p");
    assertCrop(0.3, 0.2, 1 - 21 / 40.0, 1 - 26 / 30.0, trimmed);
    assertEquals(18, boxOf(trimmed, "p").getWidth(), 0.01);
    assertEquals(40, boxOf(trimmed, "p").getHeight(), 0.01);
  }

  @Test
  void aCropThatCutsIntoThePictureIsKeptOnEverySide() {
    PicturePiece cropped =
        Samples.picture("block.png", at(100, 50), 12, 24).withCrop(new Crop(0.3, 0.2, 0.55, 0.4));
    Overlay trimmed = arranged(Samples.overlay(FRAME, cropped), new Arrangement.Trimmed(), "p");
    assertCrop(0.3, 0.2, 0.55, 0.4, trimmed);
    assertEquals(boxOf(Samples.overlay(FRAME, cropped), "p"), boxOf(trimmed, "p"));
  }

  @Test
  void picturesAndBoxesOfWordsAreSizedAlongBothSides() {
    TextPiece words =
        Samples.text("words", "Tide", at(40, 40), 20, Samples.flat("#ffffff"))
            .withBox(
                new TextBox.Given(100, 60, TextBox.Upright.MIDDLE, new TextBox.Fit.Shrink(0.7)));
    Overlay overlay =
        Samples.overlay(FRAME, words, Samples.picture("block.png", at(200, 50), 80, 60));
    Overlay sized = arranged(overlay, new Arrangement.Sized(2, 3, 40, 40), "words");
    TextBox.Given box =
        assertInstanceOf(TextBox.Given.class, ((TextPiece) Pieces.get(sized, "words")).box());
    assertEquals(200, box.width(), 0.003);
    assertEquals(180, box.height(), 0.003);
    assertEquals(20, ((TextPiece) Pieces.get(sized, "words")).runs().getFirst().size(), 0.003);
    Overlay larger = arranged(overlay, new Arrangement.Sized(2, 3, 200, 50), "p");
    assertEquals(160, boxOf(larger, "p").getWidth(), 0.003);
    assertEquals(180, boxOf(larger, "p").getHeight(), 0.003);
  }

  private static void assertCrop(
      double left, double top, double right, double bottom, Overlay overlay) {
    Crop crop = ((PicturePiece) Pieces.get(overlay, "p")).crop();
    assertEquals(left, crop.left(), 1e-6);
    assertEquals(top, crop.top(), 1e-6);
    assertEquals(right, crop.right(), 1e-6);
    assertEquals(bottom, crop.bottom(), 1e-6);
  }
}
