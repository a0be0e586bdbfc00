package app.diaphan.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.arrange.Arrangement.Against;
import app.diaphan.core.arrange.Arrangement.Direction;
import app.diaphan.core.arrange.Arrangement.Edge;
import app.diaphan.core.arrange.Arrangement.Step;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.render.Renderer;
import java.awt.geom.Rectangle2D;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ArrangerTest {
  private static final Frame FRAME = Frame.of(400, 300);
  private final Renderer renderer = Samples.renderer();
  private final Arranger arranger = new Arranger(renderer);

  private static Place at(double x, double y) {
    return Place.at(PinPoint.TOP_LEFT, Area.FRAME, x, y);
  }

  private static Piece box(String id, double x, double y, double width, double height) {
    return Samples.box(id, at(x, y), width, height);
  }

  private Rectangle2D boxOf(Overlay overlay, String id) {
    return PlacedPieces.of(overlay, renderer).box(id);
  }

  private Overlay arranged(Overlay overlay, Arrangement arrangement, String... chosen) {
    return arranger.arrange(overlay, List.of(chosen), arrangement).overlay();
  }

  private void assertBox(double x, double y, double w, double h, Overlay overlay, String id) {
    assertSame(new Rectangle2D.Double(x, y, w, h), boxOf(overlay, id), id);
  }

  private static void assertSame(Rectangle2D expected, Rectangle2D box, String what) {
    assertEquals(expected.getX(), box.getX(), 0.003, what + " " + box);
    assertEquals(expected.getY(), box.getY(), 0.003, what + " " + box);
    assertEquals(expected.getWidth(), box.getWidth(), 0.003, what + " " + box);
    assertEquals(expected.getHeight(), box.getHeight(), 0.003, what + " " + box);
  }

  @Test
  void movingKeepsThePinAndTakesAlongWhatHangs() {
    Piece hanging =
        Samples.box("b", Samples.from(new Hook.OfPiece("a"), PinPoint.TOP_RIGHT, 0, 0), 10, 10);
    Overlay overlay = Samples.overlay(FRAME, box("a", 20, 20, 50, 50), hanging);
    Rectangle2D before = boxOf(overlay, "b");
    for (String[] chosen : new String[][] {{"a"}, {"a", "b"}, {"b", "a"}}) {
      Overlay moved = arranged(overlay, new Arrangement.Moved(30, -5), chosen);
      assertBox(50, 15, 50, 50, moved, "a");
      assertBox(before.getX() + 30, before.getY() - 5, 10, 10, moved, "b");
      assertEquals(hanging.place(), Pieces.get(moved, "b").place());
    }
  }

  @Test
  void movingABackingPlateMovesWhatItBacks() {
    PlatePiece plate =
        Samples.box("plate", at(0, 0), 5, 5).withBacking(new Backing(List.of("a"), 10, 10, 10, 10));
    Overlay overlay = Samples.overlay(FRAME, box("a", 100, 100, 50, 20), plate);
    Overlay moved = arranged(overlay, new Arrangement.Moved(7, 3), "plate");
    assertBox(97, 93, 70, 40, moved, "plate");
    assertBox(107, 103, 50, 20, moved, "a");
    assertBox(107, 103, 50, 20, arranged(overlay, new Arrangement.Moved(7, 3), "plate", "a"), "a");
  }

  @Test
  void movingWithinATurnedAndScaledGroupGoesAlongTheFrame() {
    Place inGroup = Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 0, 0);
    GroupPiece group =
        Samples.group(
            "g",
            Samples.centre().turned(90, true),
            2,
            Samples.box("a", inGroup, 40, 10),
            Samples.box("still", inGroup, 60, 60));
    Overlay overlay = Samples.overlay(FRAME, group);
    Rectangle2D before = boxOf(overlay, "a");
    Overlay moved = arranged(overlay, new Arrangement.Moved(12, 6), "a");
    assertEquals(before.getX() + 12, boxOf(moved, "a").getX(), 0.01);
    assertEquals(before.getY() + 6, boxOf(moved, "a").getY(), 0.01);
  }

  @Test
  void onePieceIsDrawnOutFromThePointThatStays() {
    Overlay overlay = Samples.overlay(FRAME, box("a", 100, 100, 50, 20));
    Overlay sized = arranged(overlay, new Arrangement.Sized(2, 3, 100, 100), "a");
    assertBox(100, 100, 100, 60, sized, "a");
    Overlay centred = arranged(overlay, new Arrangement.Sized(2, 1, 125, 110), "a");
    assertBox(75, 100, 100, 20, centred, "a");
    Overlay turned =
        Samples.overlay(FRAME, Samples.box("a", Samples.centre().turned(90, false), 50, 20));
    // A box on its side: its width runs down the frame from 125 to 175.
    Overlay longer = arranged(turned, new Arrangement.Sized(2, 1, 200, 125), "a");
    assertBox(190, 125, 20, 100, longer, "a");
  }

  @Test
  void wordsFollowInTheirSizeAndSeveralKeepTheirProportions() {
    TextPiece text = Samples.text("t", "Bo", at(10, 10), 40, Samples.flat("#ffffff"));
    Overlay overlay = Samples.overlay(FRAME, text, box("a", 100, 100, 50, 20));
    Overlay sized = arranged(overlay, new Arrangement.Sized(1.5, 1.5, 10, 10), "t", "a");
    assertEquals(60, ((TextPiece) Pieces.get(sized, "t")).runs().getFirst().size());
    assertBox(145, 145, 75, 30, sized, "a");
    assertEquals(boxOf(overlay, "t").getWidth() * 1.5, boxOf(sized, "t").getWidth(), 0.01);
  }

  @Test
  void severalTurnAboutOnePoint() {
    Overlay overlay =
        Samples.overlay(FRAME, box("a", 100, 100, 40, 20), box("b", 200, 100, 40, 20));
    Overlay turned = arranged(overlay, new Arrangement.Turned(90, 170, 110), "a", "b");
    assertBox(160, 40, 20, 40, turned, "a");
    assertEquals(90, Pieces.get(turned, "b").place().turn());
    assertEquals(110 + 50, boxOf(turned, "b").getCenterY(), 0.01);
  }

  @Test
  void mirroringTwiceChangesNothing() {
    Place turned =
        new Place(new Hook.OfFrame(Area.FRAME), PinPoint.LEFT, PinPoint.BOTTOM, 60, 5, 25, false);
    Overlay overlay =
        Samples.overlay(FRAME, Samples.box("a", turned, 70, 20), box("b", 250, 30, 30, 30));
    for (Direction direction : Direction.values()) {
      Overlay once = arranged(overlay, new Arrangement.Mirrored(direction), "a", "b");
      assertTrue(Pieces.get(once, "a").place().mirrored());
      Rectangle2D all = Boxes.around(PlacedPieces.of(overlay, renderer), List.of("a", "b"));
      assertSame(
          all, Boxes.around(PlacedPieces.of(once, renderer), List.of("a", "b")), "as a whole");
      Overlay twice = arranged(once, new Arrangement.Mirrored(direction), "a", "b");
      assertEquals(overlay, twice);
    }
  }

  @ParameterizedTest
  @EnumSource(Edge.class)
  void edgesAreLinedUp(Edge edge) {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            box("a", 100, 100, 40, 20),
            Samples.box("b", at(200, 140).turned(30, false), 60, 30));
    for (Against against : Against.values()) {
      Overlay aligned = arranged(overlay, new Arrangement.Aligned(edge, against), "a", "b");
      double line =
          switch (against) {
            case CHOSEN ->
                edgeOf(Boxes.around(PlacedPieces.of(overlay, renderer), List.of("a", "b")), edge);
            case FRAME -> edgeOf(FRAME.area(Area.FRAME), edge);
            case ACTION_SAFE -> edgeOf(FRAME.area(Area.ACTION_SAFE), edge);
            case TITLE_SAFE -> edgeOf(FRAME.area(Area.TITLE_SAFE), edge);
            case OWN_MARGIN -> edgeOf(FRAME.area(Area.OWN_MARGIN), edge);
          };
      for (String id : List.of("a", "b")) {
        assertEquals(line, edgeOf(boxOf(aligned, id), edge), 0.003, against + " " + id);
      }
    }
  }

  private static double edgeOf(Rectangle2D box, Edge edge) {
    return edge.direction() == Direction.ACROSS
        ? box.getX() + edge.share() * box.getWidth()
        : box.getY() + edge.share() * box.getHeight();
  }

  @Test
  void gapsAreMadeAlike() {
    Overlay overlay =
        Samples.overlay(
            FRAME, box("c", 300, 0, 60, 10), box("a", 10, 0, 20, 10), box("b", 50, 0, 40, 10));
    Overlay spaced =
        arranged(overlay, new Arrangement.Spaced(Direction.ACROSS, Against.CHOSEN), "a", "b", "c");
    assertBox(10, 0, 20, 10, spaced, "a");
    assertBox(30 + 115, 0, 40, 10, spaced, "b");
    assertBox(300, 0, 60, 10, spaced, "c");
    Overlay whole =
        arranged(overlay, new Arrangement.Spaced(Direction.ACROSS, Against.FRAME), "a", "b", "c");
    assertBox(0, 0, 20, 10, whole, "a");
    assertBox(20 + 140, 0, 40, 10, whole, "b");
    assertBox(340, 0, 60, 10, whole, "c");
    assertThrows(
        InvalidInput.class,
        () -> arranged(overlay, new Arrangement.Spaced(Direction.DOWN, Against.CHOSEN), "a", "b"));
  }

  @Test
  void sizesAreMatchedToTheFirstChosen() {
    TextPiece text = Samples.text("t", "Bo", at(10, 200), 20, Samples.flat("#ffffff"));
    Overlay overlay =
        Samples.overlay(FRAME, box("a", 10, 0, 80, 10), box("b", 50, 50, 40, 30), text);
    Overlay same = arranged(overlay, new Arrangement.SameSize(true, false), "a", "b", "t");
    assertBox(30, 50, 80, 30, same, "b");
    assertEquals(80, boxOf(same, "t").getWidth(), 0.02);
    Overlay both = arranged(overlay, new Arrangement.SameSize(true, true), "a", "b");
    assertBox(30, 60, 80, 10, both, "b");
  }

  @Test
  void aCodeStaysSquareWhenItsWidthAloneIsMatched() {
    Overlay overlay =
        Samples.overlay(FRAME, box("a", 0, 0, 80, 10), Samples.code("osier", at(100, 100), 40));
    assertBox(
        80,
        80,
        80,
        80,
        arranged(overlay, new Arrangement.SameSize(true, false), "a", "code"),
        "code");
    Overlay sized = arranged(overlay, new Arrangement.Sized(2, 2, 100, 100), "code");
    assertBox(100, 100, 80, 80, sized, "code");
  }

  /** "osier" makes 21 modules, 29 with their rim. */
  @ParameterizedTest
  @CsvSource({"120.3,0,116", "131,0,145", "10,0,29", "120.3,90,116", "120.3,-180,116"})
  void modulesComeToLieOnWholePixels(double side, double turn, double whole) {
    CodePiece code = Samples.code("osier", at(100.3, 50.7).turned(turn, false), side);
    Overlay overlay = Samples.overlay(FRAME, code);
    Rectangle2D before = boxOf(overlay, "code");
    Rectangle2D after = boxOf(arranged(overlay, new Arrangement.WholePixels(), "code"), "code");
    assertEquals(whole, after.getWidth(), 0.003);
    assertEquals(whole, after.getHeight(), 0.003);
    assertEquals(Math.rint(after.getX()), after.getX(), 0.003);
    assertEquals(Math.rint(after.getY()), after.getY(), 0.003);
    assertEquals(before.getCenterX(), after.getCenterX(), 0.51);
    assertEquals(before.getCenterY(), after.getCenterY(), 0.51);
  }

  @Test
  void modulesInAScaledGroupComeToLieOnWholePixelsOfTheFrame() {
    Place inGroup = Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 3.3, 7.1);
    GroupPiece group = Samples.group("g", at(20.4, 20.9), 1.7, Samples.code("osier", inGroup, 50));
    Overlay overlay = Samples.overlay(FRAME, group);
    Rectangle2D after = boxOf(arranged(overlay, new Arrangement.WholePixels(), "code"), "code");
    assertEquals(87, after.getWidth(), 0.003);
    assertEquals(Math.rint(after.getX()), after.getX(), 0.003);
    assertEquals(Math.rint(after.getY()), after.getY(), 0.003);
  }

  @Test
  void whatHasNoModulesOrStandsAslantIsRefused() {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            box("a", 0, 0, 80, 10),
            Samples.code("osier", at(100, 100).turned(3, false), 40));
    for (String id : new String[] {"a", "code"}) {
      assertThrows(InvalidInput.class, () -> arranged(overlay, new Arrangement.WholePixels(), id));
    }
    Frame wide = FrameCatalogue.bySize(1440, 1080).orElseThrow();
    assertThrows(
        InvalidInput.class,
        () ->
            arranged(
                Samples.overlay(wide, Samples.code("osier", at(100, 100), 40)),
                new Arrangement.WholePixels(),
                "code"));
  }

  @Test
  void thePinChangesAndThePieceStays() {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            Samples.box("a", at(100, 100).turned(30, true), 40, 20),
            box("b", 10, 10, 30, 30));
    Rectangle2D before = boxOf(overlay, "a");
    for (PinPoint point : PinPoint.values()) {
      for (Hook hook : List.of(new Hook.OfFrame(Area.TITLE_SAFE), new Hook.OfPiece("b"))) {
        Overlay hung = arranged(overlay, new Arrangement.Rehung(hook, point, point), "a");
        assertSame(before, boxOf(hung, "a"), hook + " " + point);
        assertEquals(hook, Pieces.get(hung, "a").place().hook());
      }
    }
    assertThrows(
        InvalidInput.class,
        () ->
            arranged(
                overlay,
                new Arrangement.Rehung(new Hook.OfPiece("a"), PinPoint.TOP, PinPoint.TOP),
                "a"));
  }

  @Test
  void theStackIsReordered() {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            box("a", 0, 0, 9, 9),
            box("b", 0, 0, 9, 9),
            box("c", 0, 0, 9, 9),
            box("d", 0, 0, 9, 9));
    assertEquals("acbd", order(arranged(overlay, new Arrangement.Ordered(Step.FORWARD), "c")));
    assertEquals(
        "cdab", order(arranged(overlay, new Arrangement.Ordered(Step.TO_FRONT), "d", "c")));
    assertEquals("cabd", order(arranged(overlay, new Arrangement.Ordered(Step.BACK), "a", "b")));
    assertEquals("bdac", order(arranged(overlay, new Arrangement.Ordered(Step.TO_BACK), "a", "c")));
    assertEquals("abcd", order(arranged(overlay, new Arrangement.Ordered(Step.FORWARD), "a", "b")));
  }

  private static String order(Overlay overlay) {
    return String.join("", overlay.stack().stream().map(Piece::id).toList());
  }

  @Test
  void groupingAndTakingApartMovesNothing() {
    TextPiece text =
        Samples.text(
            "t",
            "Ysolde",
            Place.at(PinPoint.BOTTOM_LEFT, Area.TITLE_SAFE, 30, -30).turned(10, false),
            40,
            Samples.flat("#ffffff"));
    PlatePiece plate =
        Samples.box("plate", at(0, 0), 5, 5).withBacking(new Backing(List.of("t"), 10, 10, 10, 10));
    Piece hanging =
        Samples.box("h", Samples.from(new Hook.OfPiece("t"), PinPoint.TOP_RIGHT, 3, 3), 10, 10);
    Piece outside =
        Samples.box("o", Samples.from(new Hook.OfPiece("plate"), PinPoint.LEFT, 0, 0), 10, 10);
    Overlay overlay = Samples.overlay(FRAME, box("x", 0, 0, 5, 5), text, hanging, outside, plate);
    Arranged grouped =
        arranger.arrange(overlay, List.of("plate", "h"), new Arrangement.Grouped("Name plate"));
    GroupPiece group = (GroupPiece) Pieces.get(grouped.overlay(), grouped.chosen().getFirst());
    assertEquals(
        List.of("t", "h", "plate"),
        group.stack().stream().map(Piece::id).toList(),
        "what the plate backs comes along");
    assertEquals(new Hook.OfFrame(Area.TITLE_SAFE), group.place().hook());
    for (String id : List.of("t", "h", "plate", "o", "x")) {
      assertSame(boxOf(overlay, id), boxOf(grouped.overlay(), id), id);
    }
    Overlay changed =
        arranged(
            arranged(
                arranged(grouped.overlay(), new Arrangement.Turned(20, 200, 150), group.id()),
                new Arrangement.Sized(1.5, 1.5, 200, 150),
                group.id()),
            new Arrangement.Mirrored(Direction.ACROSS),
            group.id());
    Overlay apart = arranged(changed, new Arrangement.Ungrouped(), group.id());
    assertEquals(5, apart.stack().size());
    for (String id : List.of("t", "h", "plate", "o", "x")) {
      Rectangle2D expected = boxOf(changed, id);
      Rectangle2D box = boxOf(apart, id);
      assertEquals(expected.getCenterX(), box.getCenterX(), 0.02, id);
      assertEquals(expected.getCenterY(), box.getCenterY(), 0.02, id);
      if (!id.equals("plate")) {
        assertEquals(expected.getWidth(), box.getWidth(), 0.02, id);
      }
    }
  }

  @Test
  void whatIsTakenAwayLeavesTheOthersWhereTheyAre() {
    PlatePiece plate =
        Samples.box("plate", at(0, 0), 5, 5).withBacking(new Backing(List.of("a"), 10, 10, 10, 10));
    Piece hanging =
        Samples.box("h", Samples.from(new Hook.OfPiece("a"), PinPoint.RIGHT, 3, 3), 10, 10);
    Overlay overlay =
        Samples.overlay(
            FRAME, Samples.box("a", at(100, 100).turned(30, true), 60, 20), hanging, plate);
    Arranged removed = arranger.arrange(overlay, List.of("a"), new Arrangement.Removed());
    assertEquals(List.of("h"), removed.chosen());
    assertEquals(2, removed.overlay().stack().size());
    for (String id : List.of("h", "plate")) {
      assertSame(boxOf(overlay, id), boxOf(removed.overlay(), id), id);
    }
    assertFalse(((PlatePiece) Pieces.get(removed.overlay(), "plate")).backing().any());
  }

  @Test
  void copiesKeepToThemselves() {
    PlatePiece plate =
        Samples.box("plate", at(0, 0), 5, 5).withBacking(new Backing(List.of("a"), 10, 10, 10, 10));
    Overlay overlay = Samples.overlay(FRAME, box("a", 100, 100, 60, 20), plate);
    Arranged copied =
        arranger.arrange(overlay, List.of("a", "plate"), new Arrangement.Duplicated(20, 15));
    assertEquals(4, copied.overlay().stack().size());
    assertEquals(2, copied.chosen().size());
    for (String id : copied.chosen()) {
      Piece copy = Pieces.get(copied.overlay(), id);
      boolean isPlate = ((PlatePiece) copy).backing().any();
      assertSame(
          isPlate
              ? new Rectangle2D.Double(110, 105, 80, 40)
              : new Rectangle2D.Double(120, 115, 60, 20),
          boxOf(copied.overlay(), id),
          id);
    }
    assertBox(90, 90, 80, 40, copied.overlay(), "plate");
  }

  @Test
  void copiesAreNumberedWhereTheirNameIsTaken() {
    PlatePiece inner =
        Samples.box("inner", Samples.from(new Hook.OfGroup(), PinPoint.TOP, 0, 0), 5, 5)
            .withName("inner");
    GroupPiece group = Samples.group("group", at(0, 0), 1, inner);
    Overlay overlay = Samples.overlay(FRAME, box("a", 100, 100, 60, 20).withName("a"), group);
    Arrangement twice = new Arrangement.Duplicated(20, 15);
    Arranged once = arranger.arrange(overlay, List.of("a", "group"), twice);
    Arranged again = arranger.arrange(once.overlay(), once.chosen(), twice);
    assertEquals(
        List.of("a", "a 2", "a 3", "group", "group 2", "group 3", "inner", "inner 2", "inner 3"),
        Pieces.all(again.overlay().stack()).map(Piece::name).sorted().toList());
    // Where the name is free a copy keeps it.
    Arranged elsewhere =
        arranger.arrange(
            Samples.overlay(FRAME, box("b", 0, 0, 5, 5)),
            List.of(),
            new Arrangement.Pasted(List.of(box("a", 0, 0, 9, 9).withName("a")), 300, 0, 0));
    assertEquals("a", Pieces.get(elsewhere.overlay(), elsewhere.chosen().getFirst()).name());
  }

  @Test
  void whatIsPastedFitsTheFrameAndNamesNothingForeign() {
    Piece foreign =
        Samples.box("a", Samples.from(new Hook.OfPiece("elsewhere"), PinPoint.TOP, 0, 0), 60, 20);
    GroupPiece group =
        Samples.group(
            "g",
            at(10, 10),
            1,
            Samples.box("in", Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 0, 0), 40, 40));
    Piece fromGroup = group.stack().getFirst().withId("loose");
    Overlay overlay = Samples.overlay(FRAME, box("a", 0, 0, 5, 5));
    Arranged pasted =
        arranger.arrange(
            overlay,
            List.of(),
            new Arrangement.Pasted(List.of(foreign, group, fromGroup), 150, 0, 0));
    assertEquals(3, pasted.chosen().size());
    assertEquals("a", pasted.overlay().stack().getLast().id());
    assertEquals(120, boxOf(pasted.overlay(), pasted.chosen().get(0)).getWidth(), 0.01);
    assertBox(20, 20, 80, 80, pasted.overlay(), pasted.chosen().get(1));
    assertBox(160, 110, 80, 80, pasted.overlay(), pasted.chosen().get(2));
  }

  @Test
  void lockedAndMissingPiecesAreAnswered() {
    PlatePiece open = Samples.box("a", at(10, 10), 20, 20);
    PlatePiece locked =
        new PlatePiece(
            "a",
            "Plate",
            true,
            true,
            open.place(),
            open.shape(),
            20,
            20,
            open.backing(),
            open.paint(),
            Look.PLAIN);
    Overlay overlay = Samples.overlay(FRAME, locked);
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> arranged(overlay, new Arrangement.Moved(5, 5), "a"));
    assertTrue(refused.getMessage().contains("locked"));
    assertThrows(InvalidInput.class, () -> arranged(overlay, new Arrangement.Moved(5, 5), "gone"));
    assertThrows(InvalidInput.class, () -> arranged(overlay, new Arrangement.Removed()));
    assertThrows(InvalidInput.class, () -> arranged(overlay, new Arrangement.Ungrouped(), "a"));
    assertThrows(InvalidInput.class, () -> new Arrangement.Moved(Double.NaN, 0));
  }

  @Test
  void stretchedPixelsDoNotBendWhatIsArranged() {
    Frame wide = FrameCatalogue.bySize(1440, 1080).orElseThrow();
    Overlay overlay = Samples.overlay(wide, box("a", 100, 100, 60, 60));
    Overlay turned = arranged(overlay, new Arrangement.Turned(90, 130, 130), "a");
    assertBox(100, 100, 60, 60, turned, "a");
    assertBox(
        wide.displayWidth() - 60,
        100,
        60,
        60,
        arranged(overlay, new Arrangement.Aligned(Edge.RIGHT, Against.FRAME), "a"),
        "a");
  }
}
