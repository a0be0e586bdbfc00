package app.diaphan.core.house;

import static app.diaphan.core.house.LibrarySamples.ARRANGER;
import static app.diaphan.core.house.LibrarySamples.HOUSE;
import static app.diaphan.core.house.LibrarySamples.after;
import static app.diaphan.core.house.LibrarySamples.changed;
import static app.diaphan.core.house.LibrarySamples.copy;
import static app.diaphan.core.house.LibrarySamples.darkPlate;
import static app.diaphan.core.house.LibrarySamples.holding;
import static app.diaphan.core.house.LibrarySamples.laid;
import static app.diaphan.core.house.LibrarySamples.laidOn;
import static app.diaphan.core.house.LibrarySamples.lowerThird;
import static app.diaphan.core.house.LibrarySamples.made;
import static app.diaphan.core.house.LibrarySamples.own;
import static app.diaphan.core.house.LibrarySamples.plate;
import static app.diaphan.core.house.LibrarySamples.text;
import static app.diaphan.core.house.LibrarySamples.with;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.arrange.Arrangement;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Kept;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.dress.Dress;
import app.diaphan.core.overlay.finish.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Originals of a house, and the copies on overlays that follow them. */
class LibraryTest {
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
  void whatACopyIsOfIsNoLook() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    Overlay free =
        ARRANGER.arrange(laid, List.of(copy(laid).id()), new Arrangement.LetGo()).overlay();
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
        ARRANGER.arrange(laid, List.of(copy(laid).id()), new Arrangement.LetGo()).overlay();
    House after = darkPlate();
    assertEquals(free, after.dressed(free));
    assertThrows(
        InvalidInput.class,
        () -> ARRANGER.arrange(free, List.of(copy(free).id()), new Arrangement.LetGo()));
  }

  @Test
  void copiesOfCopiesAreCopiesToo() {
    Overlay laid = laid(Samples.HD, "Ruth Cole");
    Overlay twice =
        ARRANGER
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
}
