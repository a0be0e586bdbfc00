package app.diaphan.core.house;

import static app.diaphan.core.house.LibrarySamples.ARRANGER;
import static app.diaphan.core.house.LibrarySamples.after;
import static app.diaphan.core.house.LibrarySamples.changed;
import static app.diaphan.core.house.LibrarySamples.copy;
import static app.diaphan.core.house.LibrarySamples.holding;
import static app.diaphan.core.house.LibrarySamples.laid;
import static app.diaphan.core.house.LibrarySamples.laidOn;
import static app.diaphan.core.house.LibrarySamples.lowerThird;
import static app.diaphan.core.house.LibrarySamples.made;
import static app.diaphan.core.house.LibrarySamples.own;
import static app.diaphan.core.house.LibrarySamples.text;
import static app.diaphan.core.house.LibrarySamples.with;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.arrange.Arranged;
import app.diaphan.core.arrange.Arrangement;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.copy.Copies;
import app.diaphan.core.overlay.copy.OwnThing;
import app.diaphan.core.overlay.dress.Dress;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * What of a copy is its own, and what comes from its original, property by property and piece by
 * piece.
 */
class CopyMergeTest {
  /** An original with a group in it, of a bar and a dot beside a tail. */
  private static Overlay nested(List<Piece> inGroup, List<Piece> beside) {
    GroupPiece inner =
        Samples.group(
            "inner",
            Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0),
            1,
            inGroup.toArray(Piece[]::new));
    List<Piece> all = new ArrayList<>(List.of(inner));
    all.addAll(beside);
    return Samples.overlay(
        Samples.HD, Samples.group("whole", Samples.centre(), 1, all.toArray(Piece[]::new)));
  }

  private static Piece part(String id) {
    return Samples.box(id, Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0), 20, 20)
        .withName(id);
  }

  private static OriginalMade original(Overlay overlay, Optional<HouseOriginal> was) {
    return OriginalMade.of(overlay, overlay.stack().getFirst().id(), "Whole", was, List.of());
  }

  /** The pieces of a group by their names, groups with theirs in brackets. */
  private static String tree(List<Piece> stack) {
    return stack.stream()
        .map(
            piece ->
                piece instanceof GroupPiece group
                    ? piece.name() + "(" + tree(group.stack()) + ")"
                    : piece.name())
        .collect(Collectors.joining(" "));
  }

  private static GroupPiece in(Overlay overlay, String name) {
    return Pieces.all(overlay.stack())
        .filter(piece -> piece.name().equals(name))
        .map(GroupPiece.class::cast)
        .findFirst()
        .orElseThrow();
  }

  private static Piece named(Overlay overlay, String name) {
    return Pieces.all(overlay.stack())
        .filter(piece -> piece.name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static Overlay holdingOnly(Overlay overlay, GroupPiece group, Piece... stack) {
    return changed(overlay, group.id(), same -> ((GroupPiece) same).withStack(List.of(stack)));
  }

  @Test
  void whereACopyLiesAndHowLargeIsItsOwn() {
    Overlay uhd = laid(Frame.of(3840, 2160), "Ruth Cole");
    assertEquals(2, copy(uhd).scale());
    Overlay moved =
        changed(
            uhd,
            copy(uhd).id(),
            piece ->
                ((GroupPiece) piece).withScale(3).withPlace(Samples.centre().withOffset(9, 9)));
    House after =
        after(
            overlay ->
                changed(
                    overlay,
                    "third",
                    piece ->
                        ((GroupPiece) piece)
                            .withScale(0.5)
                            .withLook(piece.look().withOverallOpacity(0.5))));
    Overlay followed = after.dressed(moved);
    assertEquals(3, copy(followed).scale());
    assertEquals(9, copy(followed).place().right());
    assertEquals(0.5, copy(followed).look().overallOpacity());
    assertEquals(List.of("name: its words"), own(followed));
    assertEquals(1, after.originals().getFirst().group().scale(), "a copy's size is its own");
  }

  @Test
  void piecesComeAndGoWithTheOriginal() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    Piece rule =
        Samples.box("rule", Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 40), 80, 4);
    House after =
        after(
            overlay ->
                changed(
                    overlay,
                    "third",
                    piece -> {
                      GroupPiece group = (GroupPiece) piece;
                      return group.withStack(
                          List.of(group.stack().get(0), rule, group.stack().get(2)));
                    }));
    Overlay followed = after.dressed(laid);
    assertEquals(
        List.of("text-1", "plate-2", "plate-1"),
        copy(followed).stack().stream().map(Piece::id).toList());
    assertEquals(laid, with(made()).dressed(followed));
    // A piece with something of the copy's own stays, though the original's is gone.
    Overlay own = changed(laid, "text-2", piece -> ((TextPiece) piece).withWords("Harbour pilot"));
    Overlay stayed = after.dressed(own);
    assertEquals(
        Set.of("text-1", "plate-2", "text-2", "plate-1"),
        copy(stayed).stack().stream().map(Piece::id).collect(Collectors.toSet()));
    assertEquals("Harbour pilot", text(stayed, "text-2").words());
  }

  @Test
  void whatWasPutIntoACopyOrTakenOutOfItStaysSo() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    Piece dot = Samples.box("dot", Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, -40, 0), 8, 8);
    Overlay other =
        changed(
            laid,
            copy(laid).id(),
            piece -> {
              GroupPiece group = (GroupPiece) piece;
              return group.withStack(List.of(group.stack().get(0), dot, group.stack().get(2)));
            });
    House after =
        after(
            overlay ->
                changed(
                    overlay,
                    "role",
                    piece -> ((TextPiece) piece).withPaint(Samples.flat("#ff0000"))));
    Overlay followed = after.dressed(other);
    assertEquals(
        List.of("text-1", "dot", "plate-1"),
        copy(followed).stack().stream().map(Piece::id).toList());
    assertTrue(own(followed).contains("Plate: all of it"), own(followed).toString());
    assertTrue(own(followed).contains("role: that it is not there"), own(followed).toString());
    Arranged like =
        ARRANGER.arrange(followed, List.of(copy(followed).id()), new Arrangement.LikeOriginal());
    assertEquals(List.of(), own(like.overlay()));
    assertEquals("First Last", text(like.overlay(), "text-1").words());
    assertEquals(
        List.of("text-1", "text-2", "plate-1"),
        copy(like.overlay()).stack().stream().map(Piece::id).toList());
  }

  @Test
  void aCopyThatWouldHangFromItselfStaysAsItWas() {
    UnaryOperator<Piece> fromGroup =
        piece -> piece.withPlace(Samples.from(new Hook.OfGroup(), PinPoint.LEFT, 0, 60));
    House before = after(overlay -> changed(overlay, "role", fromGroup));
    Overlay laid =
        laidOn(new Overlay("Harbour", Samples.HD, List.of()), before.originals().getFirst());
    Overlay own =
        changed(
            laid,
            "text-1",
            piece ->
                piece.withPlace(Samples.from(new Hook.OfPiece("text-2"), PinPoint.LEFT, 0, 0)));
    // The original's role hangs from the name again, which here hangs from the role.
    House after = with(made());
    assertEquals(own, after.dressed(own));
    assertEquals(
        new Hook.OfPiece("text-1"), Pieces.get(after.dressed(laid), "text-2").place().hook());
  }

  @Test
  void whatWasMovedOrTakenOutInTheCopyIsWhereTheCopyHasIt() {
    OriginalMade made =
        original(
            nested(List.of(part("bar"), part("dot")), List.of(part("tail"))), Optional.empty());
    Overlay laid = laidOn(new Overlay("Harbour", Samples.HD, List.of()), made.original());
    OriginalMade fuller =
        original(
            nested(
                List.of(part("bar"), part("new"), part("dot")), List.of(part("tail"), part("end"))),
            Optional.of(made.original()));
    House after = with(fuller);
    assertEquals("inner(bar new dot) tail end", tree(copy(after.dressed(laid)).stack()));
    Piece tail = named(laid, "tail");
    GroupPiece inner = in(laid, "inner");
    Overlay moved =
        holdingOnly(
            holdingOnly(laid, copy(laid), inner),
            inner,
            inner.stack().get(0),
            inner.stack().get(1),
            tail);
    assertEquals("inner(bar new dot tail) end", tree(copy(after.dressed(moved)).stack()));
    Overlay out = holdingOnly(laid, copy(laid), tail);
    assertEquals(
        "tail end",
        tree(copy(after.dressed(out)).stack()),
        "what is new in a group that was taken out is not there");
    Overlay turned = holdingOnly(laid, copy(laid), tail, inner);
    assertEquals("tail end inner(bar new dot)", tree(copy(after.dressed(turned)).stack()));
  }

  @Test
  void aGroupWithSomethingOfTheCopysOwnStaysThoughTheOriginalsIsGone() {
    OriginalMade made =
        original(nested(List.of(part("bar")), List.of(part("tail"))), Optional.empty());
    Overlay laid = laidOn(new Overlay("Harbour", Samples.HD, List.of()), made.original());
    Overlay own =
        changed(
            laid,
            named(laid, "bar").id(),
            piece -> ((PlatePiece) piece).withPaint(Samples.flat("#ff0000")));
    Overlay without =
        Samples.overlay(Samples.HD, Samples.group("whole", Samples.centre(), 1, part("tail")));
    House after = with(original(without, Optional.of(made.original())));
    assertEquals("inner(bar) tail", tree(copy(after.dressed(own)).stack()));
    assertEquals("tail", tree(copy(after.dressed(laid)).stack()));
  }

  @Test
  void groupsThatWerePutIntoEachOtherOnBothSidesComeApart() {
    GroupPiece other =
        Samples.group(
            "other", Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0), 1, part("tail"));
    OriginalMade made = original(nested(List.of(part("bar")), List.of(other)), Optional.empty());
    Overlay laid = laidOn(new Overlay("Harbour", Samples.HD, List.of()), made.original());
    Overlay here =
        holdingOnly(
            holdingOnly(laid, copy(laid), in(laid, "inner")),
            in(laid, "inner"),
            in(laid, "inner").stack().getFirst(),
            in(laid, "other"));
    GroupPiece first = (GroupPiece) ((GroupPiece) made.original().group()).stack().getFirst();
    Overlay there =
        Samples.overlay(
            Samples.HD,
            Samples.group(
                "whole", Samples.centre(), 1, other.withStack(List.of(part("tail"), first))));
    OriginalMade after = original(there, Optional.of(made.original()));
    Overlay followed = with(after).dressed(here);
    assertEquals(4, Pieces.all(copy(followed).stack()).count(), tree(followed.stack()));
  }

  @Test
  void ownWordsAreSetAsTheOriginalsFirstWhereThatHasMoreStretches() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    House after =
        after(
            overlay ->
                changed(
                    overlay,
                    "name",
                    piece -> {
                      Run run = ((TextPiece) piece).runs().getFirst();
                      return ((TextPiece) piece)
                          .withRuns(
                              List.of(
                                  run.withWords("First ").withSize(44),
                                  run.withWords("Last").withSize(80)));
                    }));
    TextPiece name = text(after.dressed(laid), "text-1");
    assertEquals("Ruth Cole", name.words());
    assertEquals(44, name.runs().getFirst().size());
  }

  @Test
  void anOriginalMadeOnALargerFrameMakesItsCopiesNoLarger() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    OriginalMade large =
        OriginalMade.of(
            lowerThird().withFrame(Frame.of(3840, 2160)),
            "third",
            "Speaker",
            Optional.of(made().original()),
            List.of());
    assertEquals(2160, large.original().lines());
    assertEquals(0.5, copy(with(large).dressed(laid)).scale());
  }

  @Test
  void aCopyInAnotherDressFollowsToo() {
    Overlay dark = laid(Samples.HD, "Ruth Cole").withDress(Dress.DARK);
    House after =
        after(
            overlay ->
                changed(
                    overlay,
                    "role",
                    piece -> ((TextPiece) piece).withPaint(Samples.flat("#ff0000"))));
    assertEquals(Samples.flat("#ff0000"), text(after.dressed(dark), "text-2").paint());
  }

  @Test
  void aPieceThatIsNewInAnInnerOriginalComesOnce() {
    OriginalMade speaker = made();
    OriginalMade strap =
        holding(
            Samples.overlay(
                Samples.HD, Samples.box("strap", Samples.centre().withOffset(0, 200), 400, 20)),
            speaker.original(),
            "Strap");
    Overlay laid = laidOn(new Overlay("Harbour", Samples.HD, List.of()), strap.original());
    House after =
        with(speaker, strap)
            .withOriginals(
                List.of(
                    after(
                            overlay ->
                                changed(
                                    overlay,
                                    "third",
                                    piece -> {
                                      List<Piece> more =
                                          new ArrayList<>(((GroupPiece) piece).stack());
                                      more.add(part("rule"));
                                      return ((GroupPiece) piece).withStack(more);
                                    }))
                        .originals()
                        .getFirst(),
                    strap.original()))
            .upToDate();
    Overlay followed = after.dressed(laid);
    assertEquals(
        1,
        Pieces.all(followed.stack()).filter(piece -> piece.name().equals("rule")).count(),
        tree(followed.stack()));
    // Made like its original again, what is in it is still a copy.
    Overlay like =
        ARRANGER
            .arrange(followed, List.of(copy(followed).id()), new Arrangement.LikeOriginal())
            .overlay();
    assertEquals(2, Copies.in(like.stack()).count());
    assertEquals(followed, like);
  }

  @Test
  void ownThingsAreNamed() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    Overlay own =
        changed(
            changed(
                laid,
                "plate-1",
                piece ->
                    ((PlatePiece) piece)
                        .withPaint(Samples.flat("#ff0000"))
                        .withLook(piece.look().withFaceOpacity(0.5))),
            "text-2",
            piece -> piece.withShown(false));
    GroupPiece copy = copy(own);
    assertEquals(
        List.of(
            new OwnThing("text-1", "name", "its words"),
            new OwnThing("text-2", "role", "that it is hidden"),
            new OwnThing("plate-1", "Plate", "its paint"),
            new OwnThing("plate-1", "Plate", "its face opacity")),
        Copies.own(copy, (CopyOf.OfOriginal) copy.copyOf()));
  }
}
