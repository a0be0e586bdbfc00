package app.diaphan.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.Samples;
import app.diaphan.core.arrange.Arrangement.Against;
import app.diaphan.core.arrange.Arrangement.Direction;
import app.diaphan.core.arrange.Arrangement.Edge;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What holds for arrangements of any overlay, on some made by chance: turned and mirrored pieces of
 * all kinds, pinned anywhere, some in groups that are scaled, turned and mirrored themselves. A
 * failure names the seed that it is made again from.
 */
class ArrangementPropertiesTest {
  private static final Frame FRAME = Frame.of(640, 360);

  /** Documents keep thousandths, and some arrangements round more than once. */
  private static final double NEAR = 0.05;

  private static final Renderer RENDERER = Samples.renderer();
  private static final Arranger ARRANGER = new Arranger(RENDERER);

  static LongStream seeds() {
    return LongStream.rangeClosed(1, 40);
  }

  /** An overlay by chance, and which of its outermost pieces are chosen. */
  private static final class Chance {
    private final Random random;
    private int made;

    Chance(long seed) {
      random = new Random(seed);
    }

    double between(double least, double most) {
      return Math.rint((least + random.nextDouble() * (most - least)) * 10) / 10;
    }

    private <T> T one(T[] of) {
      return of[random.nextInt(of.length)];
    }

    private Place place(Hook hook) {
      PinPoint point = one(PinPoint.values());
      return new Place(
          hook,
          point,
          one(PinPoint.values()),
          between(-80, 80),
          between(-60, 60),
          random.nextBoolean() ? 0 : between(-180, 179),
          random.nextInt(4) == 0);
    }

    private Piece piece(Hook hook, boolean groups) {
      String id = "p" + made++;
      Place place = place(hook);
      return switch (random.nextInt(groups ? 4 : 3)) {
        case 0 ->
            Samples.text(id, "Ysolde " + made, place, between(10, 40), Samples.flat("#ffffff"));
        case 1 -> Samples.code("osier", place, between(30, 90)).withId(id);
        case 2 -> Samples.box(id, place, between(5, 120), between(5, 80));
        default ->
            Samples.group(
                id,
                place,
                between(0.5, 2),
                IntStream.rangeClosed(0, random.nextInt(3))
                    .mapToObj(i -> piece(new Hook.OfGroup(), false))
                    .toArray(Piece[]::new));
      };
    }

    Overlay overlay() {
      return Samples.overlay(
          FRAME,
          IntStream.rangeClosed(0, 2 + random.nextInt(4))
              .mapToObj(i -> piece(new Hook.OfFrame(one(Area.values())), true))
              .toArray(Piece[]::new));
    }

    /** At least so many. */
    List<String> chosen(Overlay overlay, int least) {
      List<String> ids = new ArrayList<>(overlay.stack().stream().map(Piece::id).toList());
      Collections.shuffle(ids, random);
      return List.copyOf(ids.subList(0, Math.max(least, 1 + random.nextInt(ids.size()))));
    }
  }

  private static Overlay arranged(Overlay overlay, List<String> ids, Arrangement... steps) {
    Overlay now = overlay;
    for (Arrangement step : steps) {
      now = ARRANGER.arrange(now, ids, step).overlay();
    }
    return now;
  }

  /** Where each piece, in groups too, is drawn: its box's corners by the transform that it has. */
  private static Map<String, double[]> drawn(Overlay overlay) {
    PlacedPieces onFrame = PlacedPieces.of(overlay, RENDERER);
    Map<String, double[]> corners = new LinkedHashMap<>();
    Pieces.all(overlay.stack())
        .forEach(
            piece -> {
              PlacedPiece placed = onFrame.piece(piece.id());
              AffineTransform toPixels = placed.toPixels();
              double[] box = {0, 0, placed.width(), 0, placed.width(), placed.height()};
              toPixels.transform(box, 0, box, 0, 3);
              corners.put(piece.id(), box);
            });
    return corners;
  }

  private static void assertDrawnAlike(Overlay expected, Overlay found, String what) {
    assertDrawnAlike(drawn(expected), drawn(found), NEAR, what);
  }

  private static void assertDrawnAlike(
      Map<String, double[]> expected, Map<String, double[]> found, double within, String what) {
    assertEquals(expected.keySet(), found.keySet(), what);
    expected.forEach(
        (id, corners) -> {
          for (int i = 0; i < corners.length; i++) {
            assertEquals(corners[i], found.get(id)[i], within, what + ", corner of " + id);
          }
        });
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void movesAddUpAndLeaveAllElseWhereItIs(long seed) {
    Chance chance = new Chance(seed);
    Overlay overlay = chance.overlay();
    List<String> ids = chance.chosen(overlay, 1);
    double right = chance.between(-90, 90);
    double down = chance.between(-90, 90);
    Overlay moved = arranged(overlay, ids, new Arrangement.Moved(right, down));
    Overlay twice =
        arranged(
            overlay,
            ids,
            new Arrangement.Moved(right - 7.5, down + 3.2),
            new Arrangement.Moved(7.5, -3.2));
    assertDrawnAlike(moved, twice, "in two steps");
    Map<String, double[]> before = drawn(overlay);
    Set<String> inChosen = inside(overlay, ids);
    drawn(moved)
        .forEach(
            (id, corners) -> {
              double[] was = before.get(id);
              boolean goes = inChosen.contains(id);
              assertEquals(was[0] + (goes ? right : 0), corners[0], NEAR, id);
              assertEquals(was[1] + (goes ? down : 0), corners[1], NEAR, id);
            });
  }

  /** The chosen pieces and all that is in them. */
  private static Set<String> inside(Overlay overlay, List<String> ids) {
    return ids.stream()
        .map(id -> Pieces.get(overlay, id))
        .flatMap(piece -> Pieces.all(List.of(piece)))
        .map(Piece::id)
        .collect(Collectors.toSet());
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whatIsMirroredTwiceOrTurnedBackIsAsItWas(long seed) {
    Chance chance = new Chance(seed);
    Overlay overlay = chance.overlay();
    List<String> ids = chance.chosen(overlay, 1);
    for (Direction direction : Direction.values()) {
      Arrangement mirror = new Arrangement.Mirrored(direction);
      assertDrawnAlike(overlay, arranged(overlay, ids, mirror, mirror), "mirrored " + direction);
    }
    double degrees = chance.between(-170, 170);
    double x = chance.between(0, 640);
    double y = chance.between(0, 360);
    assertDrawnAlike(
        overlay,
        arranged(
            overlay,
            ids,
            new Arrangement.Turned(degrees, x, y),
            new Arrangement.Turned(-degrees, x, y)),
        "turned by " + degrees);
    // Four quarters make a whole.
    Arrangement quarter = new Arrangement.Turned(90, x, y);
    assertDrawnAlike(
        overlay, arranged(overlay, ids, quarter, quarter, quarter, quarter), "turned round");
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aTurnKeepsDistances(long seed) {
    Chance chance = new Chance(seed);
    Overlay overlay = chance.overlay();
    List<String> ids = chance.chosen(overlay, 1);
    double x = chance.between(0, 640);
    double y = chance.between(0, 360);
    double degrees = chance.between(-170, 170);
    Overlay turned = arranged(overlay, ids, new Arrangement.Turned(degrees, x, y));
    AffineTransform turn = AffineTransform.getRotateInstance(Math.toRadians(degrees), x, y);
    Map<String, double[]> before = drawn(overlay);
    Map<String, double[]> after = drawn(turned);
    Set<String> inChosen = inside(overlay, ids);
    before.forEach(
        (id, corners) -> {
          double[] expected = corners.clone();
          if (inChosen.contains(id)) {
            turn.transform(corners, 0, expected, 0, 3);
          }
          for (int i = 0; i < expected.length; i++) {
            assertEquals(expected[i], after.get(id)[i], NEAR, id);
          }
        });
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void severalAreSizedInProportionRoundThePointThatStays(long seed) {
    Chance chance = new Chance(seed);
    Overlay overlay = chance.overlay();
    List<String> ids = chance.chosen(overlay, 2);
    double x = chance.between(0, 640);
    double y = chance.between(0, 360);
    double factor = chance.between(0.6, 1.8);
    Overlay sized = arranged(overlay, ids, new Arrangement.Sized(factor, factor, x, y));
    AffineTransform scaling = AffineTransform.getTranslateInstance(x, y);
    scaling.scale(factor, factor);
    scaling.translate(-x, -y);
    Map<String, double[]> expected = drawn(overlay);
    Set<String> inChosen = inside(overlay, ids);
    expected.forEach(
        (id, corners) -> {
          if (inChosen.contains(id)) {
            scaling.transform(corners, 0, corners, 0, 3);
          }
        });
    // The scale of a group and the size of letters are kept to a thousandth, as factors.
    assertDrawnAlike(expected, drawn(sized), 0.6, "sized by " + factor);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void liningUpDoesNothingMoreASecondTime(long seed) {
    Chance chance = new Chance(seed);
    Overlay overlay = chance.overlay();
    List<String> ids = chance.chosen(overlay, 2);
    for (Edge edge : Edge.values()) {
      for (Against against : Against.values()) {
        Arrangement aligned = new Arrangement.Aligned(edge, against);
        Overlay once = arranged(overlay, ids, aligned);
        assertDrawnAlike(once, arranged(once, ids, aligned), edge + " against " + against);
        PlacedPieces onFrame = PlacedPieces.of(once, RENDERER);
        boolean across = edge.direction() == Direction.ACROSS;
        double[] lines =
            ids.stream()
                .map(onFrame::box)
                .mapToDouble(
                    box ->
                        across
                            ? box.getX() + edge.share() * box.getWidth()
                            : box.getY() + edge.share() * box.getHeight())
                .toArray();
        for (double line : lines) {
          assertEquals(lines[0], line, NEAR, edge + " against " + against);
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whatIsGroupedAndTakenApartIsDrawnWhereItWas(long seed) {
    Chance chance = new Chance(seed);
    Overlay overlay = chance.overlay();
    List<String> ids = chance.chosen(overlay, 2);
    Arranged grouped = ARRANGER.arrange(overlay, ids, new Arrangement.Grouped("All"));
    Map<String, double[]> within = drawn(grouped.overlay());
    within.keySet().removeAll(grouped.chosen());
    assertDrawnAlike(sorted(drawn(overlay)), sorted(within), NEAR, "grouped");
    Arranged apart =
        ARRANGER.arrange(grouped.overlay(), grouped.chosen(), new Arrangement.Ungrouped());
    assertDrawnAlike(sorted(drawn(overlay)), sorted(drawn(apart.overlay())), NEAR, "taken apart");
    assertEquals(Set.copyOf(ids), Set.copyOf(apart.chosen()));
  }

  private static Map<String, double[]> sorted(Map<String, double[]> drawn) {
    return new TreeMap<>(drawn);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void orderKeepsEveryPieceAndItsPlace(long seed) {
    Chance chance = new Chance(seed);
    Overlay overlay = chance.overlay();
    List<String> ids = chance.chosen(overlay, 1);
    for (Arrangement.Step step : Arrangement.Step.values()) {
      Overlay ordered = arranged(overlay, ids, new Arrangement.Ordered(step));
      assertDrawnAlike(sorted(drawn(overlay)), sorted(drawn(ordered)), 0, step.name());
      assertEquals(
          chosenInOrder(overlay, ids),
          chosenInOrder(ordered, ids),
          "those chosen among themselves");
    }
  }

  private static List<String> chosenInOrder(Overlay overlay, List<String> ids) {
    return overlay.stack().stream().map(Piece::id).filter(ids::contains).toList();
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void copiesLieBesideWhatTheyAreCopiesOf(long seed) {
    Chance chance = new Chance(seed);
    Overlay overlay = chance.overlay();
    List<String> ids = chance.chosen(overlay, 1);
    Arranged copied = ARRANGER.arrange(overlay, ids, new Arrangement.Duplicated(12, -7));
    Map<String, double[]> after = drawn(copied.overlay());
    drawn(overlay)
        .forEach(
            (id, corners) -> {
              for (int i = 0; i < corners.length; i++) {
                assertEquals(corners[i], after.get(id)[i], 0, "the original " + id);
              }
            });
    assertEquals(ids.size(), copied.chosen().size());
    Stream<String> all = Pieces.all(copied.overlay().stack()).map(Piece::id);
    List<String> names = all.toList();
    assertEquals(names.size(), Set.copyOf(names).size(), "every id once");
    double sum = 0;
    for (String copy : copied.chosen()) {
      double[] corners = after.get(copy);
      sum += corners[0] + corners[1];
    }
    double before = 0;
    for (String id : ids) {
      before += after.get(id)[0] + after.get(id)[1];
    }
    assertEquals(before + ids.size() * (12 - 7), sum, NEAR * ids.size());
  }
}
