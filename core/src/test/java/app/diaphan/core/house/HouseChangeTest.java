package app.diaphan.core.house;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.Colours;
import app.diaphan.core.overlay.Kept;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.dress.Dress;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What follows a house by name, what a change of it touches, and what is kept away from one. */
class HouseChangeTest {
  private static final House BEFORE =
      House.named("Regatta")
          .withColours(
              List.of(
                  new HouseColour(
                      "Buoy",
                      List.of(),
                      "What is to be seen first",
                      Colour.parse("#e8a33d"),
                      Colour.parse("#ffd68a")),
                  HouseColour.of("Deep", Colour.parse("#14303c"))))
          .withFonts(List.of(new HouseFont("Names", List.of(), "Work Sans")))
          .withFinishSets(
              List.of(
                  new FinishSet(
                      "Edge",
                      1080,
                      List.of(Samples.outline(6, Outline.Side.OUTSIDE, "#000000 Deep")))));

  private static House withBuoy(String light) {
    return BEFORE.withColours(
        List.of(
            new HouseColour(
                "Buoy",
                List.of(),
                "What is to be seen first",
                Colour.parse(light),
                Colour.parse("#ffd68a")),
            BEFORE.colours().getLast()));
  }

  /** A plate in the house's colour, half solid; its value is an old one. */
  private static Overlay plate() {
    Piece plate =
        Samples.plate(
            new PlateShape.Rectangle(), Samples.centre(), 200, 100, Samples.flat("#00000080 Buoy"));
    return Samples.overlay(Samples.HD, plate);
  }

  private static Overlay words() {
    TextPiece text = Samples.text("words", "Words", Samples.centre(), 60, Samples.flat("#ffffff"));
    Run run = Run.of("Words", "Outfit", 600, 60).inFont("Names", "Outfit");
    return Samples.overlay(Samples.HD, text.withRuns(List.of(run)));
  }

  private static List<String> colours(Overlay overlay) {
    return Pieces.all(overlay.stack())
        .flatMap(piece -> Colours.of(piece).stream())
        .map(Colour::toString)
        .collect(Collectors.toList());
  }

  @Test
  void whatFollowsAColourHasItsValueAndAnOpacityOfItsOwn() {
    assertEquals(List.of("#e8a33d80 Buoy"), colours(BEFORE.dressed(plate())));
    assertEquals(List.of("#ffd68a80 Buoy"), colours(BEFORE.dressed(plate().withDress(Dress.DARK))));
    assertEquals(List.of("#00000080 Buoy"), colours(House.NONE.dressed(plate())));
  }

  @Test
  void everyColourThatAPieceShowsCanFollow() {
    Paint ramp =
        new Paint.Linear(
            0,
            List.of(
                new Paint.Stop(0, Colour.parse("#111111 Buoy")),
                new Paint.Stop(1, Colour.parse("#22222240 Deep"))));
    Piece plate =
        Samples.plate(new PlateShape.Rectangle(), Samples.centre(), 200, 100, ramp)
            .withLook(
                Look.PLAIN.withFinishes(
                    List.of(Samples.outline(2, Outline.Side.OUTSIDE, "#333333 Buoy"))));
    assertEquals(
        List.of("#e8a33d Buoy", "#14303c40 Deep", "#e8a33d Buoy"),
        colours(BEFORE.dressed(Samples.overlay(Samples.HD, plate))));
  }

  @Test
  void aNewNameIsFoundByTheOldOne() {
    House renamed =
        BEFORE.withColours(
            List.of(
                new HouseColour(
                    "Amber",
                    List.of("Buoy"),
                    "",
                    Colour.parse("#e8a33d"),
                    Colour.parse("#ffd68a"))));
    assertEquals(List.of("#e8a33d80 Amber"), colours(renamed.dressed(plate())));
    assertFalse(
        new HouseChange(BEFORE, renamed).touches(plate()), "another name is drawn no otherwise");
    House taken =
        renamed.withColours(
            List.of(renamed.colours().getFirst(), HouseColour.of("Buoy", Colour.parse("#c02020"))));
    assertEquals(
        List.of("#c0202080 Buoy"),
        colours(taken.dressed(plate())),
        "a colour of that name comes before one that had it");
  }

  @Test
  void aChangeTouchesWhatIsDrawnOtherwise() {
    HouseChange change = new HouseChange(BEFORE, withBuoy("#c02020"));
    assertTrue(change.touches(plate()));
    assertFalse(change.touches(plate().withDress(Dress.DARK)), "its dark value is the same");
    assertFalse(change.touches(words()));
    House other = BEFORE.withFonts(List.of(new HouseFont("Names", List.of(), "Fraunces")));
    assertTrue(new HouseChange(BEFORE, other).touches(words()));
    assertFalse(new HouseChange(BEFORE, other).touches(plate()));
    assertEquals(
        "Fraunces",
        ((TextPiece) other.dressed(words()).stack().getFirst()).runs().getFirst().family());
  }

  @Test
  void anOverlayIsKeptAwayAndBroughtAlong() {
    House after = withBuoy("#c02020");
    Overlay kept = new HouseChange(BEFORE, after).keptAway(plate());
    assertEquals(
        List.of(new Kept.KeptColour("Buoy", Colour.parse("#e8a33d"), Colour.parse("#ffd68a"))),
        kept.kept());
    assertEquals(List.of("#e8a33d80 Buoy"), colours(after.dressed(kept)));
    assertFalse(new HouseChange(BEFORE, after).touches(kept), "later changes pass it by as well");
    assertEquals(List.of("#c0202080 Buoy"), colours(after.dressed(HouseChange.broughtAlong(kept))));
    assertEquals(kept.kept(), new HouseChange(after, withBuoy("#00ff00")).keptAway(kept).kept());
  }

  @Test
  void whatIsAnotherIsSaidInWords() {
    House renamed =
        BEFORE.withColours(
            List.of(
                new HouseColour(
                    "Amber", List.of("Buoy"), "", Colour.parse("#e8a33d"), Colour.WHITE),
                HouseColour.of("Fog", Colour.WHITE)));
    assertEquals(
        "\"Buoy\" is named \"Amber\". \"Fog\" was added. \"Deep\" was taken away.",
        HouseDifferences.between(BEFORE, renamed));
    assertEquals(
        "\"Buoy\" was changed. The font \"Names\" was taken away. The finish set \"Edge\" was taken away.",
        HouseDifferences.between(
            BEFORE, withBuoy("#c02020").withFonts(List.of()).withFinishSets(List.of())));
    assertEquals("Nothing was changed.", HouseDifferences.between(BEFORE, BEFORE));
  }

  @Test
  void onlyWhatDiffersIsKeptAndNamesAreNoLooks() {
    Overlay both = BEFORE.finishSets().getFirst().given(plate(), List.of("plate"), true);
    Overlay kept = new HouseChange(BEFORE, withBuoy("#c02020")).keptAway(both);
    assertEquals(List.of("Buoy"), kept.kept().stream().map(Kept::name).toList());
    assertEquals("", Unnamed.of(both).stack().getFirst().look().follows());
  }

  @Test
  void setsAndFontsAreKeptToo() {
    House after =
        BEFORE
            .withFinishSets(
                List.of(
                    new FinishSet(
                        "Edge",
                        1080,
                        List.of(Samples.outline(9, Outline.Side.OUTSIDE, "#000000 Deep")))))
            .withFonts(List.of(new HouseFont("Names", List.of(), "Fraunces")))
            .withColours(
                List.of(
                    BEFORE.colours().getFirst(), HouseColour.of("Deep", Colour.parse("#301830"))));
    Overlay following = BEFORE.finishSets().getFirst().given(words(), List.of("words"), true);
    Overlay kept = new HouseChange(BEFORE, after).keptAway(following);
    assertEquals(3, kept.kept().size(), kept.kept().toString());
    assertEquals(
        Unnamed.of(BEFORE.dressed(following)), Unnamed.of(after.dressed(kept)), "drawn as before");
  }

  @Test
  void picturesThatAreOtherOnesAreKnownByTheirMarks() {
    HouseMark bug =
        new HouseMark(
            "Bug",
            List.of(),
            new HousePicture("bug.svg", "0".repeat(64)),
            0.5,
            40,
            new MarkColours.Any());
    HouseMark other =
        new HouseMark(
            "Corner bug",
            List.of("Bug"),
            new HousePicture("bug-winter.svg", "1".repeat(64)),
            0.5,
            40,
            new MarkColours.OwnOnly());
    HouseChange change =
        new HouseChange(BEFORE.withMarks(List.of(bug)), BEFORE.withMarks(List.of(other)));
    assertEquals(List.of("Bug"), List.copyOf(change.otherPictures().keySet()));
    assertEquals(
        List.of(),
        List.copyOf(
            new HouseChange(BEFORE.withMarks(List.of(bug)), BEFORE.withMarks(List.of(bug)))
                .otherPictures()
                .keySet()));
  }
}
