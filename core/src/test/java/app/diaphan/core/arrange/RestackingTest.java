package app.diaphan.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.arrange.Arrangement.Spot;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.render.Renderer;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RestackingTest {
  private static final Frame FRAME = Frame.of(400, 300);
  private final Renderer renderer = Samples.renderer();
  private final Arranger arranger = new Arranger(renderer);

  private static Piece box(String id, double x, double y) {
    return Samples.box(id, Place.at(PinPoint.TOP_LEFT, Area.FRAME, x, y), 40, 20);
  }

  private static Piece inGroup(String id, double x, double y) {
    return Samples.box(id, Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, x, y), 30, 10);
  }

  private Overlay restacked(Overlay overlay, String other, Spot spot, String... chosen) {
    return arranger
        .arrange(overlay, List.of(chosen), new Arrangement.Restacked(other, spot))
        .overlay();
  }

  private static List<String> order(List<Piece> stack) {
    return stack.stream().map(Piece::id).toList();
  }

  private static List<String> inside(Overlay overlay, String group) {
    return order(((GroupPiece) Pieces.get(overlay, group)).stack());
  }

  /** All pieces but groups, whose boxes follow what is in them. */
  private void assertNothingMoved(Overlay before, Overlay after) {
    PlacedPieces was = PlacedPieces.of(before, renderer);
    PlacedPieces is = PlacedPieces.of(after, renderer);
    Pieces.all(before.stack())
        .filter(piece -> !(piece instanceof GroupPiece))
        .forEach(
            piece -> {
              Rectangle2D old = was.box(piece.id());
              Rectangle2D now = is.box(piece.id());
              assertEquals(old.getX(), now.getX(), 0.01, piece.id());
              assertEquals(old.getY(), now.getY(), 0.01, piece.id());
              assertEquals(old.getWidth(), now.getWidth(), 0.01, piece.id());
              assertEquals(old.getHeight(), now.getHeight(), 0.01, piece.id());
            });
  }

  @Test
  void severalLieTogetherBesideAnother() {
    Overlay overlay =
        Samples.overlay(FRAME, box("a", 0, 0), box("b", 9, 9), box("c", 20, 0), box("d", 30, 0));
    assertEquals(
        List.of("b", "c", "a", "d"), order(restacked(overlay, "c", Spot.BEHIND, "a").stack()));
    assertEquals(
        List.of("d", "a", "b", "c"), order(restacked(overlay, "a", Spot.IN_FRONT, "d").stack()));
    assertEquals(
        List.of("b", "a", "d", "c"),
        order(restacked(overlay, "c", Spot.IN_FRONT, "d", "a").stack()));
  }

  static Stream<Place> placesOfGroups() {
    return Stream.of(
        Samples.centre(), Samples.centre().turned(37, false), Samples.centre().turned(-110, true));
  }

  @ParameterizedTest
  @MethodSource("placesOfGroups")
  void piecesComeIntoAGroupAndOutOfItWithoutMoving(Place place) {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            box("a", 10, 10),
            Samples.group("g", place, 1.5, inGroup("x", 0, 0), inGroup("y", 50, 40)),
            Samples.box(
                "b", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 300, 200).turned(20, true), 9, 5));
    Overlay in = restacked(overlay, "g", Spot.INSIDE, "a", "b");
    assertEquals(List.of("a", "b", "x", "y"), inside(in, "g"));
    assertNothingMoved(overlay, in);
    Overlay beside = restacked(in, "x", Spot.BEHIND, "y");
    assertEquals(List.of("a", "b", "x", "y"), inside(beside, "g"));
    Overlay out = restacked(in, "g", Spot.IN_FRONT, "x", "a");
    assertEquals(List.of("a", "x", "g"), order(out.stack()));
    assertEquals(new Hook.OfFrame(Area.FRAME), Pieces.get(out, "x").place().hook());
    assertNothingMoved(overlay, out);
  }

  @Test
  void aGroupGoesIntoAnotherAndAnEmptiedOneGoes() {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            Samples.group("g", Samples.centre(), 1, inGroup("x", 0, 0)),
            Samples.group("h", Samples.centre().turned(30, false), 2, inGroup("y", 5, 5)));
    Overlay nested = restacked(overlay, "y", Spot.BEHIND, "g");
    assertEquals(List.of("y", "g"), inside(nested, "h"));
    assertNothingMoved(overlay, nested);
    Overlay emptied = restacked(overlay, "h", Spot.INSIDE, "x");
    assertEquals(List.of("h"), order(emptied.stack()));
    assertEquals(List.of("x", "y"), inside(emptied, "h"));
    assertNothingMoved(overlay, emptied);
  }

  @Test
  void whatAPlateBacksComesAlongAndWhatHangsIsCutLoose() {
    PlatePiece plate =
        Samples.box("plate", Samples.centre(), 5, 5)
            .withBacking(new Backing(List.of("a"), 10, 10, 10, 10));
    Piece hanging =
        Samples.box("tail", Samples.from(new Hook.OfPiece("a"), PinPoint.RIGHT, 0, 0), 8, 8);
    Overlay overlay =
        Samples.overlay(
            FRAME,
            box("a", 100, 100),
            hanging,
            plate,
            Samples.group("g", Samples.centre(), 1, inGroup("x", 0, 0)));
    Overlay in = restacked(overlay, "g", Spot.INSIDE, "plate");
    assertEquals(List.of("a", "plate", "x"), inside(in, "g"));
    assertTrue(((PlatePiece) Pieces.get(in, "plate")).backing().any());
    assertEquals(new Hook.OfFrame(Area.FRAME), Pieces.get(in, "tail").place().hook());
    assertNothingMoved(overlay, in);

    Overlay alone = restacked(overlay, "g", Spot.INSIDE, "a");
    assertFalse(((PlatePiece) Pieces.get(alone, "plate")).backing().any());
    assertNothingMoved(overlay, alone);
  }

  @Test
  void whatMakesNoSenseIsAnswered() {
    Overlay overlay =
        Samples.overlay(
            FRAME, box("a", 0, 0), Samples.group("g", Samples.centre(), 1, inGroup("x", 0, 0)));
    for (Arrangement.Restacked wanted :
        List.of(
            new Arrangement.Restacked("g", Spot.INSIDE),
            new Arrangement.Restacked("g", Spot.BEHIND),
            new Arrangement.Restacked("x", Spot.IN_FRONT))) {
      InvalidInput problem =
          assertThrows(InvalidInput.class, () -> arranger.arrange(overlay, List.of("g"), wanted));
      assertTrue(problem.getMessage().contains("itself"), problem.getMessage());
    }
    InvalidInput noGroup =
        assertThrows(
            InvalidInput.class,
            () ->
                arranger.arrange(
                    overlay, List.of("g"), new Arrangement.Restacked("a", Spot.INSIDE)));
    assertTrue(noGroup.getMessage().contains("no group"), noGroup.getMessage());
    assertThrows(
        InvalidInput.class,
        () ->
            arranger.arrange(
                overlay, List.of("a"), new Arrangement.Restacked("gone", Spot.BEHIND)));
  }
}
