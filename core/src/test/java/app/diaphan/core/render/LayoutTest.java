package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.OwnMargin;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.TextPiece;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Where pieces lie that hang from pieces, back pieces or lie in groups. */
class LayoutTest {
  private static final Frame FRAME = Frame.of(400, 300);
  private final Renderer renderer = Samples.renderer();

  private Rectangle2D bounds(Overlay overlay, String id) {
    return bounds(overlay, id, FRAME);
  }

  private Rectangle2D bounds(Overlay overlay, String id, Frame frame) {
    return renderer.place(overlay, Canvas.of(frame)).stream()
        .flatMap(PlacedPiece::all)
        .filter(placed -> placed.piece().id().equals(id))
        .findFirst()
        .orElseThrow()
        .bounds();
  }

  private static void assertBox(double x, double y, double width, double height, Rectangle2D box) {
    String all = box.toString();
    assertEquals(x, box.getX(), 1e-6, all);
    assertEquals(y, box.getY(), 1e-6, all);
    assertEquals(width, box.getWidth(), 1e-6, all);
    assertEquals(height, box.getHeight(), 1e-6, all);
  }

  private static PlatePiece backing(String id, Backing backing) {
    return Samples.box(id, Samples.centre(), 30, 30).withBacking(backing);
  }

  @Test
  void aPieceHangsFromAPointOfAnotherWhereverThatGoes() {
    Piece other = Samples.box("a", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 50, 40), 100, 20);
    Place place =
        new Place(new Hook.OfPiece("a"), PinPoint.BOTTOM_RIGHT, PinPoint.TOP_LEFT, 10, 5, 0, false);
    Overlay overlay = Samples.overlay(FRAME, Samples.box("b", place, 30, 30), other);
    assertBox(160, 65, 30, 30, bounds(overlay, "b"));
    Piece turned = other.withPlace(other.place().turned(90, false));
    Overlay after = overlay.withStack(List.of(overlay.stack().getFirst(), turned));
    // The bottom right corner of the turned box lies at its lower left on the frame.
    assertBox(90 + 10, 100 + 5, 30, 30, bounds(after, "b"));
  }

  @Test
  void aPlateBacksAPieceAndGrowsWithIt() {
    TextPiece text =
        Samples.text(
            "name",
            "Bo",
            Place.at(PinPoint.BOTTOM_LEFT, Area.FRAME, 40, -40),
            30,
            Samples.flat("#ffffff"));
    Piece plate = backing("plate", new Backing(List.of("name"), 12, 4, 20, 6));
    Overlay small = Samples.overlay(FRAME, text, plate);
    Rectangle2D words = bounds(small, "name");
    assertBox(
        words.getX() - 12,
        words.getY() - 4,
        words.getWidth() + 32,
        words.getHeight() + 10,
        bounds(small, "plate"));
    Overlay large = Samples.overlay(FRAME, text.withWords("Ysolde Farrow"), plate);
    assertTrue(bounds(large, "plate").getWidth() > bounds(small, "plate").getWidth() + 50);
    assertEquals(bounds(small, "plate").getX(), bounds(large, "plate").getX(), 1e-6);
  }

  @Test
  void aPlateAroundATurnedPieceTurnsWithItAndAroundSeveralLiesLevel() {
    Piece a = Samples.box("a", Samples.centre().turned(90, false), 100, 20);
    Piece b = Samples.box("b", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 10, 10), 20, 20);
    Piece one = backing("one", new Backing(List.of("a"), 10, 0, 0, 0));
    Piece two = backing("two", new Backing(List.of("a", "b"), 1, 2, 3, 4));
    Overlay overlay = Samples.overlay(FRAME, a, b, one, two);
    assertBox(190, 90, 20, 110, bounds(overlay, "one"));
    assertBox(9, 8, 210 - 10 + 4, 200 - 10 + 6, bounds(overlay, "two"));
  }

  @Test
  void whatIsBackedButGoneIsSaidAndTheOwnSizeHolds() {
    Overlay overlay =
        Samples.overlay(FRAME, backing("plate", new Backing(List.of("gone"), 5, 5, 5, 5)));
    assertBox(185, 135, 30, 30, bounds(overlay, "plate"));
    assertTrue(
        renderer
            .render(overlay, Canvas.of(FRAME))
            .troubles()
            .getFirst()
            .sentence()
            .contains("no longer beside it"));
  }

  @Test
  void circlesAreRefused() {
    Piece a = backing("a", new Backing(List.of("b"), 0, 0, 0, 0));
    Piece b = backing("b", new Backing(List.of("a"), 0, 0, 0, 0));
    assertThrows(InvalidInput.class, () -> Samples.overlay(FRAME, a, b));
    Piece self = Samples.box("c", Samples.from(new Hook.OfPiece("c"), PinPoint.TOP, 0, 0), 10, 10);
    InvalidInput refused = assertThrows(InvalidInput.class, () -> Samples.overlay(FRAME, self));
    assertTrue(refused.getMessage().contains("itself"), refused.getMessage());
    GroupPiece twice =
        Samples.group("g", Samples.centre(), 1, Samples.box("g", inGroup(0, 0), 10, 10));
    assertThrows(InvalidInput.class, () -> Samples.overlay(FRAME, twice));
    assertThrows(
        InvalidInput.class, () -> Samples.overlay(FRAME, Samples.box("d", inGroup(0, 0), 10, 10)));
  }

  private static Place inGroup(double right, double down) {
    return Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, right, down);
  }

  @Test
  void aGroupIsPinnedScaledAndTurnedAsOne() {
    Piece a = Samples.box("a", inGroup(0, 0), 40, 10);
    Piece b = Samples.box("b", inGroup(60, 20), 20, 10);
    Place place = Place.at(PinPoint.BOTTOM_RIGHT, Area.FRAME, -10, -10);
    Overlay overlay = Samples.overlay(FRAME, Samples.group("g", place, 2, a, b));
    assertBox(400 - 10 - 160, 300 - 10 - 60, 160, 60, bounds(overlay, "g"));
    assertBox(230, 230, 80, 20, bounds(overlay, "a"));
    assertBox(350, 270, 40, 20, bounds(overlay, "b"));
    Overlay turned = Samples.overlay(FRAME, Samples.group("g", place.turned(180, false), 2, a, b));
    assertBox(310, 270, 80, 20, bounds(turned, "a"));
    Overlay mirrored = Samples.overlay(FRAME, Samples.group("g", place.turned(0, true), 2, a, b));
    assertBox(310, 230, 80, 20, bounds(mirrored, "a"));
  }

  @Test
  void groupsLieInGroups() {
    Piece leaf = Samples.box("leaf", inGroup(5, 5), 10, 10);
    Piece still = Samples.box("still", inGroup(0, 0), 4, 4);
    GroupPiece inner = Samples.group("inner", inGroup(10, 0), 3, leaf, still);
    Overlay overlay =
        Samples.overlay(
            FRAME, Samples.group("outer", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 0, 0), 2, inner));
    assertBox(30, 30, 60, 60, bounds(overlay, "leaf"));
  }

  @Test
  void anotherFrameCarriesGroupsBacksAndTheOwnMargin() {
    Frame own =
        Frame.of(
            400,
            300,
            FRAME.pixelAspect(),
            FRAME.scan(),
            FRAME.safeAreas(),
            new OwnMargin(OwnMargin.Unit.UNITS, 30, 20, 10, 5));
    Piece a = Samples.box("a", Place.at(PinPoint.TOP_LEFT, Area.OWN_MARGIN, 0, 0), 40, 10);
    Piece plate = backing("plate", new Backing(List.of("a"), 6, 6, 6, 6));
    Overlay overlay = Samples.overlay(own, a, plate);
    assertBox(30, 20, 40, 10, bounds(overlay, "a", own));
    assertBox(60, 40, 80, 20, bounds(overlay, "a", Frame.of(800, 600)));
    assertBox(48, 28, 104, 44, bounds(overlay, "plate", Frame.of(800, 600)));
  }

  @Test
  void aThinnedGroupIsThinnedAsOne() {
    Piece a = Samples.box("a", inGroup(0, 0), 40, 40);
    Piece b = Samples.box("b", inGroup(20, 0), 40, 40);
    GroupPiece group =
        Samples.group("g", Samples.centre(), 1, a, b).withLook(Look.PLAIN.withOverallOpacity(0.5));
    float[] pixels = renderer.render(Samples.overlay(FRAME, group), Canvas.of(FRAME)).pixels();
    // The two overlap in the middle of the frame.
    for (int x : new int[] {180, 200, 220}) {
      assertEquals(0.5f, pixels[4 * (150 * 400 + x) + 3], 1e-6, "at " + x);
    }
  }

  @Test
  void aHiddenGroupHidesAndSilencesWhatIsInIt() {
    GroupPiece group =
        new GroupPiece(
            "g",
            "Club",
            false,
            false,
            Samples.centre(),
            1,
            Look.PLAIN,
            GroupPiece.Finishing.AS_ONE,
            List.of(Samples.picture("gone.png", inGroup(0, 0), 10, 10)));
    Rendering rendering = renderer.render(Samples.overlay(FRAME, group), Canvas.of(FRAME));
    assertTrue(rendering.drawn().empty());
    assertEquals(List.of(), rendering.troubles());
    assertEquals(
        List.of("g", "p"),
        rendering.placed().stream()
            .flatMap(PlacedPiece::all)
            .map(placed -> placed.piece().id())
            .collect(Collectors.toList()));
  }
}
