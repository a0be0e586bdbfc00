package app.diaphan.core.house;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.reframe.Reframed;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What packages share, and how overlays follow it. */
class HouseTest {
  private static final FinishSet EDGE =
      new FinishSet("Edge", 1080, List.of(Samples.outline(6, Outline.Side.OUTSIDE, "#102030")));

  private static final Place IN_GROUP = Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 0, 0);

  private static House with(FinishSet... sets) {
    return House.named("Regatta").withFinishSets(List.of(sets));
  }

  /** A plate in a group, and one beside it. */
  private static Overlay overlay(Frame frame) {
    return Samples.overlay(
        frame,
        Samples.group("pair", Samples.centre(), 1, Samples.box("inner", IN_GROUP, 60, 40)),
        Samples.box("outer", Samples.centre(), 200, 100));
  }

  private static Look look(Overlay overlay, String id) {
    return Pieces.get(overlay, id).look();
  }

  private static double width(Finish finish) {
    return assertInstanceOf(Outline.class, finish).width();
  }

  @Test
  void piecesFollowASetWhereverTheyLie() {
    Overlay following = EDGE.given(overlay(Samples.HD), List.of("inner", "outer"), true);
    assertEquals("Edge", look(following, "inner").follows());
    FinishSet thicker =
        new FinishSet("Edge", 1080, List.of(Samples.outline(9, Outline.Side.OUTSIDE, "#102030")));
    Overlay dressed = with(thicker).dressed(following);
    assertEquals(9, width(look(dressed, "inner").finishes().getFirst()));
    assertEquals(9, width(look(dressed, "outer").finishes().getFirst()));
    assertEquals(List.of(), look(dressed, "pair").finishes());
  }

  @Test
  void anOverlayInOtherFinishesHasThemOnAllThatFollowsASet() {
    FinishSet halo =
        new FinishSet("Halo", 1080, List.of(Samples.outline(9, Outline.Side.OUTSIDE, "#ffffff")));
    House house = with(EDGE, halo);
    Overlay plain = overlay(Samples.HD);
    Overlay all = house.inFinishes(plain, "Halo");
    assertEquals(halo.finishes(), look(all, "outer").finishes());
    assertEquals(halo.finishes(), look(all, "pair").finishes());
    assertEquals(List.of(), look(all, "inner").finishes());
    Overlay some = house.inFinishes(EDGE.given(plain, List.of("inner"), true), "Halo");
    assertEquals(halo.finishes(), look(some, "inner").finishes());
    assertEquals(List.of(), look(some, "outer").finishes());
    InvalidInput refused = assertThrows(InvalidInput.class, () -> house.inFinishes(plain, "Glow"));
    assertEquals(
        "The house has no finish set \"Glow\"; it has [Edge, Halo].", refused.getMessage());
  }

  @Test
  void whoDoesNotFollowKeepsWhatItWasGiven() {
    Overlay given = EDGE.given(overlay(Samples.HD), List.of("outer"), false);
    assertEquals("", look(given, "outer").follows());
    assertSame(given, with(EDGE).dressed(given), "there is nothing to do");
  }

  @Test
  void aSetThatIsGoneLeavesItsFinishes() {
    Overlay following = EDGE.given(overlay(Samples.HD), List.of("outer"), true);
    assertEquals(following, House.NONE.dressed(following));
  }

  @Test
  void lengthsFollowTheFrame() {
    assertSame(EDGE.finishes(), EDGE.on(Samples.HD));
    assertEquals(12, width(EDGE.on(Frame.of(3840, 2160)).getFirst()));
    Overlay small = EDGE.given(overlay(Frame.of(640, 360)), List.of("outer"), true);
    assertEquals(2, width(look(small, "outer").finishes().getFirst()));
  }

  @Test
  void whatFollowsASetInAGroupIsAsStrongOnAnotherFrameAsBesideIt() {
    Overlay following = EDGE.given(overlay(Samples.HD), List.of("inner", "outer"), true);
    Overlay large = with(EDGE).dressed(Reframed.of(following, Frame.of(3840, 2160)));
    assertEquals(12, width(look(large, "outer").finishes().getFirst()));
    assertEquals(12, width(look(large, "inner").finishes().getFirst()));
    assertEquals(
        1, assertInstanceOf(GroupPiece.class, Pieces.get(large, "pair")).scale(), "drawn as it is");
  }

  @Test
  void aPieceThatIsNotThereIsSaid() {
    Overlay overlay = overlay(Samples.HD);
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> EDGE.given(overlay, List.of("nobody"), true));
    assertTrue(refused.getMessage().contains("nobody"), refused.getMessage());
  }

  private static HouseMark mark(String name, HousePicture picture) {
    return mark(name, picture, 0.5, 40);
  }

  private static HouseMark mark(String name, HousePicture picture, double clear, double least) {
    return new HouseMark(name, List.of(), picture, clear, least, new MarkColours.Any());
  }

  static List<Supplier<Object>> tooMuchOrNothing() {
    HouseColour sand = HouseColour.of("Sand", Colour.parse("#e8d9b0"));
    HousePicture bug = new HousePicture("bug.svg", "0".repeat(64));
    HousePicture other = new HousePicture("BUG.svg", "1".repeat(64));
    return List.of(
        () -> HouseColour.of(" ", Colour.WHITE),
        () -> HouseColour.of("x".repeat(61), Colour.WHITE),
        () -> HouseColour.of("Sand", null),
        () -> new HouseColour("Sand", List.of("x".repeat(1000)), "", Colour.WHITE, Colour.WHITE),
        () -> new HouseColour("Sand", List.of(), "x".repeat(1000), Colour.WHITE, Colour.WHITE),
        () -> House.named("x".repeat(1000)),
        () -> House.named("Two").withColours(List.of(sand, HouseColour.of("sand", Colour.BLACK))),
        () -> new HousePicture("../bug.svg", "0".repeat(64)),
        () -> new HousePicture("bug.svg", "what it shows"),
        () -> House.named("Two").withMarks(List.of(mark("One", bug), mark("Two", other))),
        () -> mark("Bug", bug, -0.1, 40),
        () -> mark("Bug", bug, 0.5, -1),
        () -> new FinishSet("", 1080, List.of()),
        () -> new FinishSet("Edge", 0, List.of()),
        () -> with(EDGE, EDGE),
        () ->
            House.named("Many")
                .withColours(
                    IntStream.range(0, 61)
                        .mapToObj(i -> HouseColour.of("Sand " + i, Colour.WHITE))
                        .toList()),
        () -> House.named("None").withColours(null));
  }

  @ParameterizedTest
  @MethodSource("tooMuchOrNothing")
  void whatCannotBeIsRefused(Supplier<Object> made) {
    assertThrows(InvalidInput.class, made::get);
  }

  @Test
  void piecesBesideOthersAndInGroupsAreFound() {
    Overlay overlay = overlay(Samples.HD);
    List<Piece> stack = overlay.stack();
    assertEquals(List.of("pair", "inner", "outer"), Pieces.all(stack).map(Piece::id).toList());
    assertEquals(1, Pieces.beside(stack, "inner").size());
    assertEquals(2, Pieces.beside(stack, "outer").size());
    assertEquals(List.of(), Pieces.beside(stack, "nobody"));
    Overlay without =
        Pieces.rearranged(
            overlay,
            "inner",
            pieces ->
                List.of(Samples.box("one", IN_GROUP, 5, 5), Samples.box("two", IN_GROUP, 5, 5)));
    assertEquals(
        List.of("pair", "one", "two", "outer"),
        Pieces.all(without.stack()).map(Piece::id).toList());
    assertEquals("plate-1", Pieces.freeId(overlay, "plate", List.of()));
    assertEquals("plate-3", Pieces.freeId(overlay, "plate", List.of("plate-1", "plate-2")));
    assertEquals("group", stack.getFirst().kind());
    assertEquals("plate", stack.getLast().kind());
  }
}
