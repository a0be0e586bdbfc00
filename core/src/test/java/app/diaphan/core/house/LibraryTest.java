package app.diaphan.core.house;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.arrange.Arranged;
import app.diaphan.core.arrange.Arrangement;
import app.diaphan.core.arrange.Arranger;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.copy.Copies;
import app.diaphan.core.overlay.copy.OwnThing;
import app.diaphan.core.overlay.dress.Dress;
import app.diaphan.core.overlay.dress.Kept;
import app.diaphan.core.overlay.finish.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Originals of a house, and the copies on overlays that follow them. */
class LibraryTest {
  private static final House HOUSE =
      House.named("Regatta")
          .withColours(
              List.of(
                  new HouseColour(
                      "Buoy", List.of(), "", Colour.parse("#e8a33d"), Colour.parse("#ffd68a"))))
          .withFinishSets(
              List.of(
                  new FinishSet(
                      "Edge", 1080, List.of(Samples.outline(6, Outline.Side.OUTSIDE, "#000000")))));

  private final Arranger arranger = new Arranger(Samples.renderer());

  /** A name and a role on a plate that backs both. */
  private static Overlay lowerThird() {
    TextPiece name =
        Samples.text(
            "name",
            "First Last",
            Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 0, 0),
            60,
            Samples.flat("#ffffff"));
    TextPiece role =
        Samples.text(
            "role",
            "What they do",
            new Place(
                new Hook.OfPiece("name"), PinPoint.BOTTOM_LEFT, PinPoint.TOP_LEFT, 0, 4, 0, false),
            30,
            Samples.flat("#e8a33d Buoy"));
    PlatePiece plate =
        Samples.plate(
                new PlateShape.Rectangle(),
                Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0),
                300,
                90,
                Samples.flat("#14303c"))
            .withBacking(new Backing(List.of("name", "role"), 20, 10, 20, 10));
    return Samples.overlay(
        Samples.HD, Samples.group("third", Samples.centre(), 1, name, role, plate));
  }

  private static House with(OriginalMade... made) {
    return HOUSE.withOriginals(List.of(made).stream().map(OriginalMade::original).toList());
  }

  private static OriginalMade made() {
    return OriginalMade.of(lowerThird(), "third", "Speaker", Optional.empty(), List.of());
  }

  /** A copy of the speaker with words of its own, laid on another overlay. */
  private Overlay laid(Frame frame, String words) {
    Overlay laid = laidOn(new Overlay("Harbour", frame, List.of()), made().original());
    return changed(laid, "text-1", piece -> ((TextPiece) piece).withWords(words));
  }

  private Overlay laidOn(Overlay overlay, HouseOriginal original) {
    return arranger
        .arrange(
            overlay,
            List.of(),
            new Arrangement.Pasted(List.of(original.copy()), original.lines(), 0, 0))
        .overlay();
  }

  private static Overlay changed(Overlay overlay, String id, UnaryOperator<Piece> other) {
    return Pieces.replaced(overlay, id, other);
  }

  /** The house after one piece of the original was changed where it was made. */
  private static House after(UnaryOperator<Overlay> change) {
    OriginalMade before = made();
    return with(
        OriginalMade.of(
            change.apply(before.overlay()),
            "third",
            "Speaker",
            Optional.of(before.original()),
            List.of()));
  }

  private static House darkPlate() {
    return after(
        overlay ->
            changed(
                overlay,
                "plate",
                piece -> ((PlatePiece) piece).withPaint(Samples.flat("#301830"))));
  }

  private static GroupPiece copy(Overlay overlay) {
    return (GroupPiece) overlay.stack().getFirst();
  }

  private static List<String> own(Overlay overlay) {
    GroupPiece copy = copy(overlay);
    return Copies.own(copy, (CopyOf.OfOriginal) copy.copyOf()).stream()
        .map(thing -> thing.name() + ": " + thing.what())
        .toList();
  }

  private static TextPiece text(Overlay overlay, String id) {
    return (TextPiece) Pieces.get(overlay, id);
  }

  private static PlatePiece plate(Overlay overlay, String id) {
    return (PlatePiece) Pieces.get(overlay, id);
  }

  @Test
  void whatIsLaidFollowsAndIsChangedByNothingAtFirst() {
    Overlay laid = laidOn(new Overlay("Harbour", Samples.HD, List.of()), made().original());
    assertEquals(List.of(), own(laid));
    assertEquals(laid, with(made()).dressed(laid));
    assertEquals(made().overlay(), with(made()).dressed(made().overlay()), "where it was made too");
    assertEquals(List.of("text-1", "text-2"), plate(laid, "plate-1").backing().pieces());
  }

  @Test
  void aChangeOfTheOriginalIsFollowedButForWhatIsTheCopysOwn() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    assertEquals(List.of("name: its words"), own(laid));
    House after =
        after(
            overlay ->
                changed(
                    changed(
                        overlay,
                        "name",
                        piece ->
                            ((TextPiece) piece)
                                .withRuns(
                                    List.of(
                                        ((TextPiece) piece)
                                            .runs()
                                            .getFirst()
                                            .withSize(80)
                                            .withWords("Full Name")))),
                    "plate",
                    piece -> ((PlatePiece) piece).withPaint(Samples.flat("#301830"))));
    HouseChange change = new HouseChange(with(made()), after);
    assertTrue(change.touches(laid));
    Overlay followed = after.dressed(laid);
    assertEquals("Ruth Cole", text(followed, "text-1").words());
    assertEquals(80, text(followed, "text-1").runs().getFirst().size());
    assertEquals(Samples.flat("#301830"), plate(followed, "plate-1").paint());
    assertEquals(List.of("name: its words"), own(followed));
    assertEquals(laid, with(made()).dressed(followed), "and back");
    assertEquals(followed, after.dressed(followed), "once is enough");
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
        arranger.arrange(followed, List.of(copy(followed).id()), new Arrangement.LikeOriginal());
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
  void whatACopyIsOfIsNoLook() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    Overlay free =
        arranger.arrange(laid, List.of(copy(laid).id()), new Arrangement.LetGo()).overlay();
    assertEquals(Unnamed.of(free), Unnamed.of(laid));
  }

  @Test
  void anOverlayThatIsFullKeepsItsCopiesAsTheyAre() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    List<Piece> full = new ArrayList<>(laid.stack());
    while (full.size() < 497) {
      full.add(Samples.box("box-" + full.size(), Samples.centre(), 10, 10));
    }
    Overlay crowded = laid.withStack(full);
    House after =
        after(
            overlay ->
                changed(
                    overlay,
                    "third",
                    piece -> {
                      GroupPiece group = (GroupPiece) piece;
                      List<Piece> more = new ArrayList<>(group.stack());
                      more.add(
                          Samples.box(
                              "rule",
                              Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 40),
                              80,
                              4));
                      return group.withStack(more);
                    }));
    assertEquals(crowded, after.dressed(crowded));
    assertEquals(5, Pieces.all(after.dressed(laid).stack()).count());
  }

  @Test
  void aCopyThatWasLetGoFollowsNothing() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    Overlay free =
        arranger.arrange(laid, List.of(copy(laid).id()), new Arrangement.LetGo()).overlay();
    House after = darkPlate();
    assertEquals(free, after.dressed(free));
    assertThrows(
        InvalidInput.class,
        () -> arranger.arrange(free, List.of(copy(free).id()), new Arrangement.LetGo()));
  }

  @Test
  void copiesOfCopiesAreCopiesToo() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    Overlay twice =
        arranger
            .arrange(laid, List.of(copy(laid).id()), new Arrangement.Duplicated(10, 10))
            .overlay();
    House after = darkPlate();
    Overlay followed = after.dressed(twice);
    assertEquals(
        2,
        Pieces.all(followed.stack())
            .filter(
                piece ->
                    piece instanceof PlatePiece plate
                        && plate.paint().equals(Samples.flat("#301830")))
            .count());
    assertEquals(
        List.of("Ruth Cole", "Ruth Cole"),
        Pieces.all(followed.stack())
            .filter(piece -> piece instanceof TextPiece text && text.words().contains("Ruth"))
            .map(piece -> ((TextPiece) piece).words())
            .toList());
  }

  @Test
  void anOverlayIsKeptAwayFromAChangeOfAnOriginal() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    House after = darkPlate();
    HouseChange change = new HouseChange(with(made()), after);
    Overlay kept = change.keptAway(laid);
    assertEquals(List.of("Speaker"), kept.kept().stream().map(Kept::name).toList());
    assertFalse(change.touches(kept));
    assertEquals(Samples.flat("#14303c"), plate(after.dressed(kept), "plate-1").paint());
    assertEquals(
        Samples.flat("#301830"),
        plate(after.dressed(HouseChange.broughtAlong(kept)), "plate-1").paint());
    assertEquals(
        "The original \"Speaker\" was changed.",
        HouseDifferences.between(change.before(), change.after()));
  }

  @Test
  void whatACopyGaveItsOriginalComesBackWhenThatIsUndone() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    Overlay bold =
        changed(laid, "plate-1", piece -> ((PlatePiece) piece).withPaint(Samples.flat("#ff0000")));
    OriginalMade given =
        OriginalMade.of(
            bold, copy(bold).id(), "Speaker", Optional.of(made().original()), List.of());
    HouseChange change = new HouseChange(with(made()), with(given));
    assertEquals(
        List.of("name", "plate", "role", "third"),
        Pieces.all(List.of(given.original().group())).map(Piece::id).sorted().toList(),
        "its pieces have the ids that other copies know them by");
    List<HouseChange.Overwritten> overwritten = change.overwritten(bold);
    assertEquals(
        List.of(copy(bold)), overwritten.stream().map(HouseChange.Overwritten::was).toList());
    assertEquals(
        Samples.flat("#14303c"),
        ((PlatePiece) overwritten.getFirst().back().stack().get(2)).paint(),
        "as going back alone would leave it");
    assertEquals(List.of(), change.overwritten(laid(Samples.HD, "Ann Moore")));
    assertEquals(List.of(), own(given.overlay()), "what it gave is no longer its own");
  }

  @Test
  void colourAndFinishesOfTheHouseAreNoneOfTheCopysOwn() {
    Overlay edged = HOUSE.finishSets().getFirst().given(lowerThird(), List.of("plate"), true);
    OriginalMade made = OriginalMade.of(edged, "third", "Speaker", Optional.empty(), List.of());
    Overlay laid = laidOn(new Overlay("Harbour", Frame.of(3840, 2160), List.of()), made.original());
    House house = with(made);
    Overlay dark = house.dressed(laid.withDress(Dress.DARK));
    assertEquals(Samples.flat("#ffd68a Buoy"), text(dark, "text-2").paint());
    assertEquals(List.of(), own(dark));
    assertEquals(
        List.of(Samples.outline(6, Outline.Side.OUTSIDE, "#000000")),
        plate(dark, "plate-1").look().finishes(),
        "the group's scale makes it fit the frame");
    assertEquals(laid, house.dressed(dark.withDress(Dress.LIGHT)));
  }

  @Test
  void originalsCanHoldCopiesOfOthersButNotOfThemselves() {
    OriginalMade speaker = made();
    Overlay bar =
        Samples.overlay(
            Samples.HD, Samples.box("strap", Samples.centre().withOffset(0, 200), 400, 20));
    OriginalMade strap = holding(bar, speaker.original(), "Strap");
    House both = with(speaker, strap);
    Overlay laid = laidOn(new Overlay("Harbour", Samples.HD, List.of()), strap.original());
    HouseOriginal purple = darkPlate().originals().getFirst();
    House after = both.withOriginals(List.of(purple, strap.original())).upToDate();
    assertTrue(new HouseChange(both, after).touches(laid));
    assertTrue(
        Pieces.all(after.dressed(laid).stack())
            .anyMatch(
                piece ->
                    piece instanceof PlatePiece plate
                        && plate.paint().equals(Samples.flat("#301830"))));
    assertEquals(laid, both.dressed(after.dressed(laid)));
    OriginalMade itself = holding(bar, speaker.original(), "Speaker");
    assertEquals(
        "The original \"Speaker\" would hold a copy of itself; let that copy go first, or keep the pieces under another name.",
        assertThrows(InvalidInput.class, () -> with(itself)).getMessage());
  }

  @Test
  void aCircleByWayOfAnotherOriginalIsRefused() {
    OriginalMade plain =
        OriginalMade.of(
            Samples.overlay(
                Samples.HD,
                Samples.group(
                    "strap",
                    Samples.centre(),
                    1,
                    Samples.box(
                        "bar", Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0), 400, 20))),
            "strap",
            "Strap",
            Optional.empty(),
            List.of());
    OriginalMade speaker = holding(lowerThird(), plain.original(), "Speaker");
    assertEquals(2, with(speaker, plain).originals().size());
    OriginalMade strap = holding(plain.overlay(), speaker.original(), "Strap");
    assertEquals(
        "The original \"Speaker\" would follow itself by way of \"Strap\"; let the copy that is in one of them go first.",
        assertThrows(InvalidInput.class, () -> with(speaker, strap)).getMessage());
  }

  /** An original of all that is on an overlay and a copy of another one. */
  private OriginalMade holding(Overlay overlay, HouseOriginal other, String name) {
    Overlay both = laidOn(overlay, other);
    Overlay grouped =
        arranger
            .arrange(
                both, both.stack().stream().map(Piece::id).toList(), new Arrangement.Grouped(name))
            .overlay();
    return OriginalMade.of(grouped, copy(grouped).id(), name, Optional.empty(), List.of());
  }

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

  private static Overlay with(Overlay overlay, GroupPiece group, Piece... stack) {
    return changed(overlay, group.id(), same -> ((GroupPiece) same).withStack(List.of(stack)));
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
        with(
            with(laid, copy(laid), inner), inner, inner.stack().get(0), inner.stack().get(1), tail);
    assertEquals("inner(bar new dot tail) end", tree(copy(after.dressed(moved)).stack()));
    Overlay out = with(laid, copy(laid), tail);
    assertEquals(
        "tail end",
        tree(copy(after.dressed(out)).stack()),
        "what is new in a group that was taken out is not there");
    Overlay turned = with(laid, copy(laid), tail, inner);
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
        with(
            with(laid, copy(laid), in(laid, "inner")),
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
        arranger
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
