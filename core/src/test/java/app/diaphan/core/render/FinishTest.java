package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Punch;
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
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Each finish against its formula. */
class FinishTest {
  private static final Frame FRAME = Frame.of(200, 120);
  private static final Colour RED = Colour.parse("#ff0000");
  private static final Colour BLUE = Colour.parse("#0000ff");
  private final Renderer renderer = Samples.renderer();

  private static PlatePiece disc(double radius) {
    return Samples.plate(
        new PlateShape.Ellipse(),
        Samples.centre(),
        2 * radius,
        2 * radius,
        Samples.flat("#00ff00"));
  }

  /** Everything left of the middle. */
  private static PlatePiece leftHalf() {
    return Samples.plate(
        new PlateShape.Rectangle(),
        Place.at(PinPoint.RIGHT, Area.FRAME, -100, 0),
        400,
        900,
        Samples.flat("#00ff00"));
  }

  private static Look finished(double face, Finish... finishes) {
    return Look.PLAIN.withFinishes(List.of(finishes)).withFaceOpacity(face);
  }

  private float[] drawn(Piece... frontToBack) {
    return renderer.render(Samples.overlay(FRAME, frontToBack), Canvas.of(FRAME)).pixels();
  }

  private static float at(float[] pixels, int x, int y, int channel) {
    return pixels[4 * (y * 200 + x) + channel];
  }

  /** The cumulative distribution of the normal distribution (Abramowitz and Stegun 7.1.26). */
  private static double normal(double z) {
    double x = Math.abs(z) / Math.sqrt(2);
    double t = 1 / (1 + 0.3275911 * x);
    double erf =
        1
            - t
                * (0.254829592
                    + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))))
                * Math.exp(-x * x);
    return 0.5 * (1 + Math.copySign(erf, z));
  }

  @Test
  void theHaloOfAPointIsTheGaussian() {
    PlatePiece point = Samples.box("point", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 100, 60), 1, 1);
    float[] pixels =
        drawn(point.withLook(finished(0, new Halo(true, 12, 0, RED, 1, UnderFace.SHOWING))));
    double sigma = 6;
    double peak = 1 / (2 * Math.PI * sigma * sigma);
    for (int y = 40; y < 80; y++) {
      for (int x = 80; x < 120; x++) {
        double square = (x - 100.0) * (x - 100) + (y - 60.0) * (y - 60);
        assertEquals(
            peak * Math.exp(-square / (2 * sigma * sigma)), at(pixels, x, y, 3), 0.01 * peak);
      }
    }
  }

  @Test
  void aTightAndAWideHaloLieOverEachOther() {
    Halo wide = new Halo(true, 40, 0, RED, 0.5, UnderFace.AUTOMATIC);
    Halo tight = new Halo(true, 6, 0.5, BLUE, 0.8, UnderFace.AUTOMATIC);
    float[] both = drawn(disc(20).withLook(finished(1, wide, tight)));
    float[] one = drawn(disc(20).withLook(finished(1, wide)));
    float[] other = drawn(disc(20).withLook(finished(1, tight)));
    for (int x = 122; x < 190; x++) {
      double expected = 1 - (1 - at(one, x, 60, 3)) * (1 - at(other, x, 60, 3));
      assertEquals(expected, at(both, x, 60, 3), 1e-5);
    }
  }

  @Test
  void cornersOfAnOutlineAreRoundMitredOrBevelled() {
    PlatePiece plate = Samples.box("a", Samples.centre(), 60, 40);
    // The outline reaches 10 beyond the corner at (130, 80).
    double[] at130 = new double[3];
    for (Outline.Corners corners : Outline.Corners.values()) {
      Outline line =
          new Outline(
              true, 10, Outline.Side.OUTSIDE, corners, new Paint.Flat(RED), 1, UnderFace.AUTOMATIC);
      float[] pixels = drawn(plate.withLook(finished(1, line)));
      double area = 0;
      for (int y = 80; y < 100; y++) {
        for (int x = 130; x < 150; x++) {
          area += at(pixels, x, y, 3);
        }
      }
      at130[corners.ordinal()] = area;
    }
    assertEquals(Math.PI * 100 / 4, at130[Outline.Corners.ROUND.ordinal()], 0.1);
    assertEquals(100, at130[Outline.Corners.MITRED.ordinal()], 0.1);
    assertEquals(50, at130[Outline.Corners.BEVELLED.ordinal()], 0.1);
  }

  @ParameterizedTest
  @CsvSource({"0,0", "0,0.5", "0.6,0"})
  void theInsetOfAStraightEdgeIsTheErrorFunction(double face, double firmness) {
    Inset inset = new Inset(true, 180, 10, 24, firmness, RED, 0.8);
    float[] pixels = drawn(leftHalf().withLook(finished(face, inset)));
    double firm = 24 * firmness;
    double sigma = (24 - firm) / 2;
    for (int x = 30; x < 99; x++) {
      // Falling leftwards, the edge's shadow lies 10 further in, and the firm part as well.
      double ink = 0.8 * normal((x + 0.5 - (90 - firm)) / sigma);
      assertEquals(ink, at(pixels, x, 60, 0), 0.004, "red at " + x);
      assertEquals(face * (1 - ink) + ink, at(pixels, x, 60, 3), 0.004, "alpha at " + x);
    }
    assertEquals(0, at(pixels, 101, 60, 3), 1e-6, "it stays within the face");
  }

  @Test
  void aRimFallsWithTheDistanceFromTheEdge() {
    float[] pixels = drawn(disc(50).withLook(finished(0, new Rim(true, 30, 0.2, RED, 0.9))));
    for (int y = 12; y < 108; y++) {
      for (int x = 52; x < 148; x++) {
        double inside = 50 - Math.hypot(x + 0.5 - 100, y + 0.5 - 60);
        if (inside > 1) {
          double t = Math.clamp((inside - 6) / 24, 0, 1);
          assertEquals(0.9 * (1 - t * t * (3 - 2 * t)), at(pixels, x, y, 3), 0.01, x + ", " + y);
        }
      }
    }
  }

  static Stream<Relief> reliefs() {
    return Stream.of(Relief.Profile.values())
        .flatMap(
            profile ->
                Stream.of(false, true)
                    .map(
                        sunk ->
                            new Relief(
                                true, 30, profile, 0.8, -130, 35, sunk, RED, 1, BLUE, 1, 1)));
  }

  /** Every pixel, those of the edge and of the fold too, against the mean over its area. */
  @ParameterizedTest
  @MethodSource("reliefs")
  void theReliefOfADiscIsLitByLambertsLaw(Relief relief) {
    float[] pixels = drawn(disc(50).withLook(finished(0, relief)));
    double worst = 0;
    for (int y = 0; y < FRAME.height(); y++) {
      for (int x = 0; x < FRAME.width(); x++) {
        double light = 0;
        double shade = 0;
        for (int j = 0; j < FINER; j++) {
          for (int i = 0; i < FINER; i++) {
            double taken = taken(relief, x + (i + 0.5) / FINER - 100, y + (j + 0.5) / FINER - 60);
            light += Math.max(0, taken) / (FINER * FINER);
            shade += Math.max(0, -taken) / (FINER * FINER);
          }
        }
        worst = Math.max(worst, Math.abs(light - at(pixels, x, y, 0)));
        worst = Math.max(worst, Math.abs(shade - at(pixels, x, y, 2)));
      }
    }
    assertTrue(worst <= 2.0 / 255, "off by " + 255 * worst + "/255");
  }

  /**
   * Light and shade of strokes of a few pixels, as they are at twice and at four times the size.
   * Narrower and wider than the strokes are.
   */
  @ParameterizedTest
  @ValueSource(doubles = {2, 5, 12})
  void aReliefIsTheSameAtEverySize(double width) {
    Relief relief =
        new Relief(
            true, width, Relief.Profile.ROUND, 1.2, -120, 38, false, RED, 0.95, BLUE, 0.6, 1);
    GroupPiece mark =
        (GroupPiece)
            Samples.group(
                    "mark",
                    Samples.centre(),
                    1,
                    Samples.faced(
                            Samples.plate(
                                new PlateShape.Ellipse(),
                                Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 60, 0),
                                14,
                                20,
                                Samples.flat("#ffffff")),
                            1,
                            1)
                        .withId("hole")
                        .withLook(Look.PLAIN.withPunch(Punch.GROUP)),
                    Samples.box(
                        "lamp", Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 60, 0), 24, 40),
                    Samples.text(
                        "word",
                        "salt",
                        Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, -20, 0),
                        50,
                        Samples.flat("#ffffff")))
                .withLook(finished(0.16, relief));
    Overlay overlay = Samples.overlay(FRAME, mark);
    float[] small = renderer.render(overlay, Canvas.of(FRAME)).pixels();
    for (int times : new int[] {2, 4}) {
      float[] large =
          renderer
              .render(overlay, Canvas.of(Frame.of(times * FRAME.width(), times * FRAME.height())))
              .pixels();
      double sum = 0;
      int count = 0;
      for (int y = 0; y < FRAME.height(); y++) {
        for (int x = 0; x < FRAME.width(); x++) {
          for (int c = 0; c < 4; c++) {
            double mean = 0;
            for (int i = 0; i < times * times; i++) {
              int row = y * times + i / times;
              mean += large[4 * (row * times * FRAME.width() + x * times + i % times) + c];
            }
            double off = Math.abs(mean / (times * times) - at(small, x, y, c));
            assertTrue(off <= 8.0 / 255, "off by " + 255 * off + " at " + x + ", " + y);
            sum += off;
            count += at(small, x, y, 3) > 0 ? 1 : 0;
          }
        }
      }
      assertTrue(255 * sum / count <= 0.5, "off by " + 255 * sum / count + " in the mean");
    }
  }

  private static final int FINER = 24;

  /** How much more light than level ground a place of a disc of 50 px takes, −1 to 1. */
  private static double taken(Relief relief, double dx, double dy) {
    double azimuth = Math.toRadians(relief.angle());
    double height = Math.toRadians(relief.height());
    double radius = Math.hypot(dx, dy);
    double t = (50 - radius) / relief.width();
    if (t < 0 || t > 1) {
      return 0;
    }
    double slope =
        relief.depth()
            * switch (relief.profile()) {
              case FLAT_CUT -> 1;
              case SOFT -> 6 * t * (1 - t);
              case ROUND -> (1 - t) / Math.sqrt(1 - (1 - t) * (1 - t));
            };
    double outwards = (relief.sunk() ? -1 : 1) * slope / Math.hypot(slope, 1);
    double cosine =
        outwards
                * (dx / radius * Math.cos(height) * Math.cos(azimuth)
                    + dy / radius * Math.cos(height) * Math.sin(azimuth))
            + Math.sin(height) / Math.hypot(slope, 1);
    double level = Math.sin(height);
    return cosine > level ? (cosine - level) / (1 - level) : -(level - Math.max(0, cosine)) / level;
  }

  @Test
  void aPlateThatTheFrameCutsHasNoEdgeThere() {
    Piece bleeding =
        Samples.box("a", Samples.centre(), 400, 60)
            .withLook(
                finished(
                    0,
                    new Relief(
                        true, 20, Relief.Profile.FLAT_CUT, 1, 0, 30, false, RED, 1, BLUE, 1, 1),
                    new Rim(true, 10, 0, RED, 1)));
    float[] pixels = drawn(bleeding);
    assertEquals(0, at(pixels, 0, 60, 3), 1e-5);
    assertEquals(0, at(pixels, 199, 60, 3), 1e-5);
    assertTrue(at(pixels, 0, 31, 3) > 0.5, "its own edge is there up to the frame");
  }

  @ParameterizedTest
  @EnumSource(Soften.Side.class)
  void aSoftenedStraightEdgeFollowsTheErrorFunction(Soften.Side side) {
    float[] pixels = drawn(leftHalf().withLook(finished(1, new Soften(true, 20, side))));
    for (int x = 40; x < 160; x++) {
      double blurred = 1 - normal((x + 0.5 - 100) / 10);
      double expected =
          switch (side) {
            case BOTH -> blurred;
            case INSIDE -> Math.max(0, 2 * blurred - 1);
            case OUTSIDE -> Math.min(1, 2 * blurred);
          };
      assertEquals(expected, at(pixels, x, 60, 3), 0.006, "at " + x);
      assertEquals(expected, at(pixels, x, 60, 1), 0.006, "its colour goes along");
    }
    assertEquals(1, at(pixels, 0, 60, 3), 0.002, "no edge where the frame cuts");
  }

  @Test
  void shadowsStayOutsideASoftenedEdgeToo() {
    Shadow shadow = new Shadow(true, 0, 0, 0, 0, BLUE, 1, UnderFace.HELD_OUT);
    float[] pixels =
        drawn(disc(40).withLook(finished(0.3, shadow, new Soften(true, 10, Soften.Side.INSIDE))));
    assertEquals(0.3, at(pixels, 100, 60, 3), 1e-3);
    assertEquals(0, at(pixels, 100, 60, 2), 1e-3, "held out under the middle");
    // The hard shadow fills what the softening took away from the rim of the face.
    assertTrue(at(pixels, 138, 60, 2) > 0.5);
  }

  @Test
  void aFinishSwitchedOffOrWithoutReachDrawsNothing() {
    float[] plain = drawn(disc(40));
    for (Finish finish : Samples.everyFinish(false, "#ff0000")) {
      assertArrayEquals(plain, drawn(disc(40).withLook(finished(1, finish))));
    }
    assertArrayEquals(
        plain,
        drawn(
            disc(40)
                .withLook(
                    finished(
                        1,
                        new Soften(true, 0, Soften.Side.BOTH),
                        new Relief(
                            true, 0, Relief.Profile.SOFT, 1, 0, 45, false, RED, 1, BLUE, 1, 1),
                        Samples.outline(0, Outline.Side.CENTRED, "#ff0000")))));
  }

  @Test
  void theOrderInTheListMattersOnlyAmongEqualKinds() {
    List<Finish> finishes = new ArrayList<>(Samples.everyFinish("#ff0000"));
    float[] listed =
        drawn(disc(40).withLook(Look.PLAIN.withFinishes(finishes).withFaceOpacity(0.4)));
    Collections.reverse(finishes);
    assertArrayEquals(
        listed, drawn(disc(40).withLook(Look.PLAIN.withFinishes(finishes).withFaceOpacity(0.4))));
    Outline red = Samples.outline(6, Outline.Side.OUTSIDE, "#ff0000");
    Outline blue = Samples.outline(6, Outline.Side.OUTSIDE, "#0000ff");
    assertEquals(1, at(drawn(disc(40).withLook(finished(1, red, blue))), 143, 60, 2), 0.01);
    assertEquals(1, at(drawn(disc(40).withLook(finished(1, blue, red))), 143, 60, 0), 0.01);
  }

  @Test
  void eachFinishLooksAtHalfTheSizeAsItsMasterDoes() {
    Frame half = Frame.of(480, 270);
    for (Finish finish : Samples.everyFinish("#3060ff")) {
      Overlay overlay =
          Samples.overlay(
              half,
              Samples.text("words", "Quay 7&", Samples.centre(), 90, Samples.flat("#ffe0a0"))
                  .withLook(finished(0.4, finish)));
      float[] small = renderer.render(overlay, Canvas.of(half)).pixels();
      float[] large = renderer.render(overlay, Canvas.scaled(half, 2)).pixels();
      double sum = 0;
      long count = 0;
      for (int y = 0; y < 270; y++) {
        for (int x = 0; x < 480; x++) {
          for (int c = 0; c < 4; c++) {
            int at = 4 * (2 * y * 960 + 2 * x) + c;
            double mean = (large[at] + large[at + 4] + large[at + 3840] + large[at + 3844]) / 4.0;
            double one = small[4 * (y * 480 + x) + c];
            if (mean > 0 || one > 0) {
              sum += Math.abs(mean - one);
              count++;
            }
          }
        }
      }
      double difference = 255 * sum / count;
      assertTrue(difference <= 1, finish.getClass().getSimpleName() + " differs by " + difference);
    }
  }

  /**
   * A bar so narrow that its two slopes meet: which of them a place lies on must not depend on
   * where the pixels are.
   */
  @ParameterizedTest
  @ValueSource(doubles = {0, 31})
  void theRidgeOfAThinStrokeLiesWhereItLies(double turn) {
    Relief relief =
        new Relief(true, 10, Relief.Profile.ROUND, 1.2, -120, 38, false, RED, 1, BLUE, 1, 1);
    Frame frame = Frame.of(120, 120);
    Place turned =
        new Place(
            new Hook.OfFrame(Area.FRAME), PinPoint.CENTRE, PinPoint.CENTRE, 0.3, 0.2, turn, false);
    Overlay overlay =
        Samples.overlay(
            frame,
            Samples.plate(new PlateShape.Rectangle(), turned, 7.4, 90, Samples.flat("#808080"))
                .withLook(finished(1, relief)));
    float[] small = renderer.render(overlay, Canvas.of(frame)).pixels();
    float[] large = renderer.render(overlay, Canvas.scaled(frame, 4)).pixels();
    int off = 0;
    for (int y = 30; y < 90; y++) { // Without the ends of the bar.
      for (int x = 0; x < 120; x++) {
        double most = 0;
        for (int c = 0; c < 3; c++) {
          double sum = 0;
          for (int i = 0; i < 16; i++) {
            sum += large[4 * ((4 * y + i / 4) * 480 + 4 * x + i % 4) + c];
          }
          most = Math.max(most, Math.abs(sum / 16 - small[4 * (y * 120 + x) + c]));
        }
        off += most > 20.0 / 255 ? 1 : 0;
      }
    }
    assertTrue(off < 25, off + " of 500 pixels are off");
  }

  @Test
  void aGroupIsFinishedAsOneOrPartByPart() {
    Piece left = Samples.box("l", inGroup(0, 0), 40, 40);
    Piece right = Samples.box("r", inGroup(40, 0), 40, 40);
    Rim rim = new Rim(true, 8, 1, RED, 1);
    float[][] drawn = new float[2][];
    for (GroupPiece.Finishing finishing : GroupPiece.Finishing.values()) {
      GroupPiece group =
          new GroupPiece(
              "g",
              "Mark",
              true,
              false,
              Samples.centre(),
              1,
              finished(0, rim),
              finishing,
              List.of(left, right));
      drawn[finishing.ordinal()] = drawn(group);
    }
    // The seam between the two lies in the middle of the frame.
    assertEquals(0, at(drawn[0], 98, 60, 3), 1e-3, "as one there is no edge at the seam");
    assertEquals(1, at(drawn[1], 98, 60, 3), 1e-3, "by itself each part has one");
    for (float[] pixels : drawn) {
      assertEquals(1, at(pixels, 62, 60, 3), 1e-3);
      assertEquals(0, at(pixels, 75, 60, 3), 1e-3);
    }
  }

  @Test
  void aGroupsFinishesFollowItsScale() {
    Piece part = Samples.box("l", inGroup(0, 0), 20, 20);
    GroupPiece group =
        new GroupPiece(
            "g",
            "Mark",
            true,
            false,
            Samples.centre(),
            2,
            finished(1, Samples.outline(5, Outline.Side.OUTSIDE, "#ff0000")),
            GroupPiece.Finishing.AS_ONE,
            List.of(part));
    float[] pixels = drawn(group);
    assertEquals(1, at(pixels, 100 + 29, 60, 0), 1e-3);
    assertEquals(0, at(pixels, 100 + 31, 60, 3), 1e-3);
  }

  /** Two boxes, the right one in front and over the left one's right edge. */
  private float[] thinGroup(double face, Finish... ofEach) {
    PlatePiece back = Samples.box("back", inGroup(0, 0), 40, 40).withLook(finished(1, ofEach));
    PlatePiece front = Samples.box("front", inGroup(30, 0), 40, 40).withLook(finished(1, ofEach));
    GroupPiece group =
        new GroupPiece(
            "g",
            "Mark",
            true,
            false,
            Samples.centre(),
            1,
            Look.PLAIN.withFaceOpacity(face),
            GroupPiece.Finishing.AS_ONE,
            List.of(front, back));
    return drawn(group);
  }

  /** The group is 70 wide and 40 high, so it lies from (65, 40) to (135, 80). */
  @Test
  void finishesOfAPartKeepTheirStrengthWhenTheFaceOfItsGroupIsThin() {
    Rim rim = new Rim(true, 6, 1, RED, 0.8);
    float[] thin = thinGroup(0.2, rim);
    // Along the edge: the rim at its full strength over a thin face.
    assertEquals(0.8 + 0.2 * 0.2, at(thin, 67, 60, 3), 1e-3);
    assertEquals(0.8 + 0.2 * 0.2, at(thin, 67, 60, 0), 1e-3);
    assertEquals(0.2 * 0.2, at(thin, 67, 60, 1), 1e-3);
    // Away from edges there is the thin face alone,
    assertEquals(0.2, at(thin, 85, 60, 3), 1e-3);
    // and where the front part hides an edge of the other nothing of its rim is left.
    assertEquals(0.2, at(thin, 103, 60, 3), 1e-3);
    assertEquals(0.2, at(thin, 103, 60, 1), 1e-3);
    // Solid, it is what it was.
    float[] solid = thinGroup(1, rim);
    assertEquals(1, at(solid, 67, 60, 3), 1e-3);
    assertEquals(0.2, at(solid, 67, 60, 1), 1e-3);
    // Without finishes the group is thinned as one.
    float[] plain = thinGroup(0.2);
    assertEquals(0.2, at(plain, 103, 60, 3), 1e-3);
    assertEquals(0.2, at(plain, 67, 60, 3), 1e-3);
  }

  /** A part that lies in a group of its own within the thin one, in front of another. */
  @Test
  void finishesKeepTheirStrengthInAGroupWithinAThinGroup() {
    Rim rim = new Rim(true, 6, 1, RED, 0.8);
    PlatePiece back = Samples.box("back", inGroup(0, 0), 40, 40).withLook(finished(1, rim));
    PlatePiece front = Samples.box("front", inGroup(0, 0), 40, 40).withLook(finished(1, rim));
    for (GroupPiece.Finishing finishing : GroupPiece.Finishing.values()) {
      GroupPiece inner =
          new GroupPiece(
              "i", "Inner", true, false, inGroup(30, 0), 1, Look.PLAIN, finishing, List.of(front));
      GroupPiece outer =
          new GroupPiece(
              "g",
              "Mark",
              true,
              false,
              Samples.centre(),
              1,
              Look.PLAIN.withFaceOpacity(0.2),
              GroupPiece.Finishing.AS_ONE,
              List.of(inner, back));
      assertArrayEquals(thinGroup(0.2, rim), drawn(outer), 1e-6f);
    }
  }

  @Test
  void aFinishThatOnlyAnInnerGroupHasIsFound() {
    PlatePiece part =
        Samples.box("part", inGroup(0, 0), 40, 40)
            .withLook(finished(1, new Rim(true, 6, 1, RED, 0.8)));
    GroupPiece inner = Samples.group("i", inGroup(0, 0), 1, part);
    GroupPiece outer = Samples.group("g", Samples.centre(), 1, inner);
    float[] thin = drawn(outer.withLook(Look.PLAIN.withFaceOpacity(0.2)));
    // 40 square, from (80, 40): the rim at its full strength, the face within it thin.
    assertEquals(0.8 + 0.2 * 0.2, at(thin, 82, 60, 3), 1e-3);
    assertEquals(0.2, at(thin, 100, 60, 3), 1e-3);
  }

  @Test
  void anOutlineOfAPartStaysSolidRoundAThinGroup() {
    float[] thin = thinGroup(0.3, Samples.outline(5, Outline.Side.OUTSIDE, "#ff0000"));
    assertEquals(1, at(thin, 62, 60, 3), 1e-3);
    assertEquals(1, at(thin, 62, 60, 0), 1e-3);
    // The front part's outline lies over the other's thin face.
    assertEquals(1, at(thin, 92, 60, 0), 1e-3);
    assertEquals(0, at(thin, 92, 60, 1), 1e-3);
    assertEquals(0.3, at(thin, 80, 60, 3), 1e-3);
  }

  private static Place inGroup(double right, double down) {
    return Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, right, down);
  }

  @Test
  void badValuesAreAnsweredAndExtremesDrawn() {
    assertThrows(InvalidInput.class, () -> new Halo(true, 2001, 0, RED, 1, UnderFace.AUTOMATIC));
    assertThrows(InvalidInput.class, () -> new Rim(true, 1, 0, RED, 1.01));
    assertThrows(InvalidInput.class, () -> new Inset(true, 0, -1, 0, 0, RED, 1));
    assertThrows(
        InvalidInput.class,
        () ->
            new Relief(true, 1, Relief.Profile.SOFT, 1, 0, 91, false, RED, 1, BLUE, 1, Double.NaN));
    assertThrows(
        InvalidInput.class,
        () -> Look.PLAIN.withFinishes(Collections.nCopies(65, new Rim(true, 1, 0, RED, 1))));
    float[] far =
        drawn(
            disc(20)
                .withLook(
                    finished(
                        1,
                        new Shadow(true, 0, 2000, 2000, 0, RED, 1, UnderFace.AUTOMATIC),
                        new Halo(true, 2000, 0.5, RED, 1, UnderFace.AUTOMATIC),
                        new Relief(
                            true, 2000, Relief.Profile.ROUND, 10, 0, 0, true, RED, 1, BLUE, 1, 1),
                        new Inset(true, 0, 2000, 2000, 1, BLUE, 1),
                        new Rim(true, 2000, 0, RED, 1))));
    assertTrue(at(far, 100, 60, 3) > 0.99f);
    for (float value : far) {
      assertTrue(value >= 0 && value <= 1.00001f, "a pixel of " + value);
    }
    float[] many =
        drawn(
            disc(20)
                .withLook(
                    Look.PLAIN.withFinishes(
                        Collections.nCopies(
                            30, new Halo(true, 8, 0, RED, 0.2, UnderFace.AUTOMATIC)))));
    assertTrue(at(many, 121, 60, 3) > 0.85f);
    Piece empty =
        Samples.text("t", "", Samples.centre(), 40, Samples.flat("#ffffff"))
            .withLook(Look.PLAIN.withFinishes(Samples.everyFinish("#ff0000")));
    assertTrue(renderer.render(Samples.overlay(FRAME, empty), Canvas.of(FRAME)).drawn().empty());
  }
}
