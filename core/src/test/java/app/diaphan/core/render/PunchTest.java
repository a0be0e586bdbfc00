package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.GroupPiece.Finishing;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Inset;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Soften;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Pieces that cut through what lies behind them. */
class PunchTest {
  private static final Frame FRAME = Frame.of(200, 120);
  private final Renderer renderer = Samples.renderer();

  private static Piece box(String id, double width, double height) {
    return Samples.box(id, Samples.centre(), width, height);
  }

  private static Piece inGroup(String id, double width, double height) {
    return Samples.box(id, Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0), width, height);
  }

  private static Piece punching(Piece piece, Punch punch) {
    return piece.withLook(piece.look().withPunch(punch));
  }

  private static GroupPiece group(Look look, Finishing finishing, Piece... frontToBack) {
    return new GroupPiece(
        "g",
        "Plate and words",
        true,
        false,
        Samples.centre(),
        1,
        look,
        finishing,
        List.of(frontToBack));
  }

  private float[] drawn(Piece... frontToBack) {
    return renderer.render(Samples.overlay(FRAME, frontToBack), Canvas.of(FRAME)).pixels();
  }

  private static float alpha(float[] pixels, int x, int y) {
    return pixels[4 * (y * 200 + x) + 3];
  }

  @ParameterizedTest
  @CsvSource({"1,1", "0.7,1", "1,0.4", "0.5,0.5", "0,1"})
  void aPunchLeavesTheRest(double face, double overall) {
    Look look = Look.PLAIN.withPunch(Punch.GROUP).withFaceOpacity(face).withOverallOpacity(overall);
    float[] pixels = drawn(box("hole", 40, 40).withLook(look), box("plate", 120, 80));
    assertEquals(1 - face * overall, alpha(pixels, 100, 60), 1e-6);
    assertEquals(1, alpha(pixels, 70, 60), 1e-6, "beside the cut");
    assertEquals(0, alpha(pixels, 10, 60), 1e-6, "beside the plate");
  }

  @Test
  void theEdgeOfACutIsAsSoftAsThatOfItsShape() {
    Piece disc =
        Samples.plate(
            new PlateShape.Ellipse(), Samples.centre(), 61.3, 61.3, Samples.flat("#ffffff"));
    float[] shape = drawn(disc);
    float[] cut = drawn(punching(disc, Punch.GROUP), box("behind", 120, 90));
    for (int y = 20; y < 100; y++) {
      for (int x = 50; x < 150; x++) {
        assertEquals(1 - alpha(shape, x, y), alpha(cut, x, y), 1e-6);
      }
    }
  }

  /** Coverage alone would leave c(1 − c) of the plate in a pixel of which both cover c. */
  @ParameterizedTest
  @EnumSource(
      value = Punch.class,
      names = {"GROUP", "EVERYTHING"})
  void aPunchOfThePlatesOwnShapeLeavesNothingOfIt(Punch punch) {
    Piece plate = ownDisc("plate");
    float[] pixels = drawn(punching(ownDisc("hole"), punch), plate);
    for (int i = 0; i < pixels.length; i++) {
      assertEquals(0, pixels[i], 0, "value " + i);
    }
    float[] behind = drawn(box("behind", 120, 90));
    float[] cut = drawn(ownDisc("hole"), plate, box("behind", 120, 90));
    float[] opened = drawn(punching(ownDisc("hole"), punch), plate, box("behind", 120, 90));
    for (int y = 16; y < 104; y++) {
      for (int x = 42; x < 158; x++) {
        float covered = alpha(drawnDisc, x, y);
        assertEquals((1 - covered) * alpha(behind, x, y), alpha(opened, x, y), 1e-6);
        assertEquals(1, alpha(cut, x, y), 1e-6);
      }
    }
  }

  private final float[] drawnDisc = drawn(ownDisc("disc"));

  private static Piece ownDisc(String id) {
    return Samples.plate(
            new PlateShape.Ellipse(), Samples.centre(), 61.3, 44.7, Samples.flat("#c86432"))
        .withId(id);
  }

  /**
   * The outline lies around the letters, whose punch takes none of it away, not even at the edge.
   */
  @Test
  void theOutlineAroundWhatIsCutStaysWhole() {
    Look outlined =
        Look.PLAIN.withFinishes(List.of(Samples.outline(6, Outline.Side.OUTSIDE, "#0000ff")));
    Piece plate = ownDisc("plate").withLook(outlined);
    float[] pixels = drawn(punching(ownDisc("hole"), Punch.GROUP), plate);
    Piece ring = ownDisc("ring").withLook(outlined.withPunch(Punch.NONE).withFaceOpacity(0));
    float[] expected = drawn(ring);
    for (int i = 0; i < pixels.length; i++) {
      assertEquals(expected[i], pixels[i], 1e-5, "value " + i);
    }
  }

  @Test
  void aGradientCutsAsFarAsItIsSolid() {
    Paint fading =
        new Paint.Linear(
            90,
            List.of(
                new Paint.Stop(0, Colour.parse("#ffffff00")),
                new Paint.Stop(1, Colour.parse("#ffffffff"))));
    Piece hole = Samples.plate(new PlateShape.Rectangle(), Samples.centre(), 60, 100, fading);
    float[] cut = drawn(punching(hole, Punch.GROUP), box("behind", 120, 110));
    float[] itself = drawn(hole);
    for (int y = 12; y < 108; y++) {
      assertEquals(1 - alpha(itself, 100, y), alpha(cut, 100, y), 1e-5);
    }
    assertTrue(alpha(cut, 100, 100) < alpha(cut, 100, 20));
  }

  @Test
  void anInsetLiesAlongTheCutAndAnOutlineAroundIt() {
    Finish inset = new Inset(true, 0, 0, 8, 1, Colour.parse("#ff0000"), 1);
    Finish outline = Samples.outline(6, Outline.Side.OUTSIDE, "#0000ff");
    Look look = Look.PLAIN.withPunch(Punch.GROUP).withFinishes(List.of(inset, outline));
    float[] pixels = drawn(box("hole", 60.5, 60).withLook(look), box("plate", 160, 100));
    assertEquals(0, alpha(pixels, 100, 60), 1e-6, "the middle is open");
    assertEquals(1, alpha(pixels, 75, 60), 1e-5, "the inset is solid in the cut");
    assertEquals(1, pixels[4 * (60 * 200 + 75)], 1e-5);
    assertEquals(0, pixels[4 * (60 * 200 + 75) + 1], 1e-5);
    assertEquals(1, pixels[4 * (60 * 200 + 66) + 2], 1e-5, "the outline lies on the plate");
    assertEquals(0, pixels[4 * (60 * 200 + 66)], 1e-5);
    // The cut's side runs through this pixel: inset and outline share it without a gap.
    assertEquals(1, alpha(pixels, 69, 60), 1e-5);
  }

  @Test
  void withoutASoftEdgeNothingIsLeftAndWithOneTheCutFades() {
    Look look =
        Look.PLAIN
            .withPunch(Punch.GROUP)
            .withFinishes(List.of(new Soften(true, 16, Soften.Side.BOTH)));
    float[] pixels = drawn(box("hole", 100, 200).withLook(look), box("plate", 190, 110));
    assertEquals(0.5, (alpha(pixels, 149, 60) + alpha(pixels, 150, 60)) / 2, 0.01);
    assertEquals(0, alpha(pixels, 100, 60), 1e-3);
    assertEquals(1, alpha(pixels, 185, 60), 1e-3);
  }

  @ParameterizedTest
  @EnumSource(
      value = Punch.class,
      names = {"GROUP", "EVERYTHING"})
  void aPunchStaysInItsGroupOrCutsEverything(Punch punch) {
    Piece hole = punching(inGroup("hole", 20, 20), punch);
    Piece plate = inGroup("plate", 60, 60);
    Piece behind = box("behind", 180, 40);
    double left = punch == Punch.GROUP ? 1 : 0;
    for (Look look :
        List.of(
            Look.PLAIN,
            Look.PLAIN.withOverallOpacity(0.5),
            Look.PLAIN.withFinishes(
                List.of(Samples.outline(4, Outline.Side.OUTSIDE, "#ff0000"))))) {
      float[] pixels = drawn(group(look, Finishing.AS_ONE, hole, plate), behind);
      double opacity = look.overallOpacity();
      assertEquals(1 - (1 - left) * opacity, alpha(pixels, 100, 60), 1e-5, look.toString());
      assertEquals(1, alpha(pixels, 120, 60), 1e-5, "beside the cut");
      // Only the group's plate reaches up here.
      assertEquals(opacity, alpha(pixels, 100, 35), 1e-5);
    }
  }

  @Test
  void aGroupPunchesWithAllThatIsInIt() {
    GroupPiece words =
        group(
            Look.PLAIN.withPunch(Punch.EVERYTHING),
            Finishing.AS_ONE,
            inGroup("a", 20, 60),
            inGroup("b", 60, 20));
    float[] pixels = drawn(words, box("plate", 120, 100));
    assertEquals(0, alpha(pixels, 100, 40), 1e-6);
    assertEquals(0, alpha(pixels, 80, 60), 1e-6);
    assertEquals(1, alpha(pixels, 80, 40), 1e-6);
  }

  @Test
  void piecesInFrontOfAPunchAreNotCut() {
    float[] pixels =
        drawn(box("front", 10, 10), punching(box("hole", 40, 40), Punch.GROUP), box("p", 90, 90));
    assertEquals(1, alpha(pixels, 100, 60), 1e-6);
    assertEquals(0, alpha(pixels, 115, 60), 1e-6);
  }

  @Test
  void aPunchWithNothingBehindIsSaid() {
    Piece hole = punching(box("hole", 40, 40), Punch.GROUP);
    Rendering alone = renderer.render(Samples.overlay(FRAME, hole), Canvas.of(FRAME));
    assertTrue(alone.drawn().empty());
    assertEquals(1, alone.troubles().size());
    assertEquals("hole", alone.troubles().getFirst().piece());
    assertTrue(alone.troubles().getFirst().sentence().contains("nothing behind"));
    assertEquals(
        List.of(),
        renderer
            .render(Samples.overlay(FRAME, hole, box("plate", 60, 60)), Canvas.of(FRAME))
            .troubles());
    // In a group of its own there is nothing, but all that lies behind the group may be cut.
    for (Punch punch : List.of(Punch.GROUP, Punch.EVERYTHING)) {
      GroupPiece group =
          group(Look.PLAIN, Finishing.AS_ONE, punching(inGroup("hole", 20, 20), punch));
      assertEquals(
          punch == Punch.GROUP ? 1 : 0,
          renderer
              .render(Samples.overlay(FRAME, group, box("plate", 60, 60)), Canvas.of(FRAME))
              .troubles()
              .size());
    }
  }
}
