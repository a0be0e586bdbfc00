package app.diaphan.core.roster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.FinishSet;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseColour;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Soften;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.retarget.PieceChange;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.WordSlots;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FillingTest {
  private static final Place PLACE = Place.at(PinPoint.BOTTOM_LEFT, Area.FRAME, 20, -10);
  private static final Finish SOFT = new Soften(true, 2, Soften.Side.values()[0]);
  private static final House HOUSE =
      House.named("Regatta")
          .withColours(List.of(HouseColour.of("Osier green", Colour.parse("#3f6b4a"))))
          .withFinishSets(List.of(new FinishSet("Soft edge", 200, List.of(SOFT))));
  private static final Columns COLUMNS =
      new Columns(List.of("Name", "boat", "pennant", "club", "guest", "tone"), Map.of());
  private static final Filling FILLING =
      new Filling(COLUMNS, Set.of("osier.svg", "greywick.svg"), HOUSE);

  private static TextPiece text(String... words) {
    TextPiece text = Samples.text("words", "words", PLACE, 30, Samples.flat("#ffffff"));
    Run run = text.runs().getFirst();
    return text.withRuns(
        java.util.Arrays.stream(words)
            .map(one -> run.withWords(one).withSize(run.size() + one.length()))
            .toList());
  }

  private static PlatePiece plate(Slot... slots) {
    return Samples.plate(new PlateShape.Ellipse(), PLACE, 100, 40, Samples.flat("#e8a33d80"))
        .withSlots(List.of(slots));
  }

  private static FilledRow filled(Piece piece, String... cells) {
    return FILLING.fill(Samples.overlay(Frame.of(400, 200), piece), Row.of(List.of(cells)));
  }

  private static Piece only(FilledRow row) {
    return row.overlay().stack().getFirst();
  }

  private static String words(FilledRow row) {
    return ((TextPiece) only(row)).words();
  }

  @Test
  void eachRunKeepsItsStyle() {
    FilledRow row = filled(text("{name}", " · ", "{ BOAT }"), "Ysolde", "Heron");
    assertEquals("Ysolde · Heron", words(row));
    List<Run> runs = ((TextPiece) only(row)).runs();
    assertEquals(3, runs.size());
    assertEquals(text("{name}").runs().getFirst().size(), runs.getFirst().size());
  }

  @ParameterizedTest
  @CsvSource({
    "{name},Ysolde",
    "{{name}},{name}",
    "a { b } c,a { b } c",
    "{},{}",
    "{ },{ }",
    "{{{name}}},{Ysolde}",
    "}{,}{"
  })
  void aBraceMeantAsABraceIsDoubled(String typed, String shown) {
    assertEquals(
        shown.replace("{ b }", "{b}"),
        words(filled(text(typed), "Ysolde", "Heron")).replace("{ b }", "{b}"));
  }

  @Test
  void wordsThatAreToShowBracesCanBeWrittenSo() {
    String shown = "a {name} and {{b}} or }{";
    assertEquals(shown, WordSlots.unfilled(WordSlots.literal(shown)));
  }

  @Test
  void aColumnThatIsNotThereIsSaidAndStays() {
    FilledRow row = filled(text("{name} {crew}"), "Ysolde");
    assertEquals("Ysolde {crew}", words(row));
    assertTrue(row.troubles().getFirst().sentence().contains("\"crew\""));
    assertEquals("Ysolde", words(filled(text("{name}"), "Ysolde")));
  }

  @Test
  void anotherColumnCanBeBound() {
    Columns bound = new Columns(List.of("skipper", "name"), Map.of("Name", "Skipper"));
    FilledRow row =
        new Filling(bound, Set.of(), HOUSE)
            .fill(Samples.overlay(Frame.of(400, 200), text("{name}")), Row.of(List.of("A", "B")));
    assertEquals("A", words(row));
  }

  @Test
  void withoutARowDesignAndBracesStay() {
    Overlay overlay =
        Samples.overlay(Frame.of(400, 200), text("{name} {{x}}"), plate(new Slot.ShownBy("guest")));
    Overlay shown = Filling.without(overlay);
    assertEquals("{name} {x}", ((TextPiece) shown.stack().getFirst()).words());
    assertTrue(shown.stack().get(1).shown());
    assertFalse(
        OpenSlots.any(
            Filling.without(
                Samples.overlay(Frame.of(400, 200), plate(new Slot.ShownBy("guest"))))));
    String id = shown.stack().getFirst().id();
    assertEquals(
        "{name} {{x}}", ((TextPiece) Filling.without(overlay, id).stack().getFirst()).words());
  }

  @ParameterizedTest
  @CsvSource({
    "#a03040, #a0304080",
    "a03040, #a0304080",
    "#a34, #aa334480",
    "osier GREEN, #3f6b4a80 Osier green",
    "#a0304020, #a0304020"
  })
  void aColourIsReadAndStaysAsThinAsItWas(String cell, String colour) {
    Slot slot = new Slot.ColourOf("club", Slot.ColourPlace.PAINT, 0);
    FilledRow row = filled(plate(slot), "", "", "", cell);
    assertEquals(List.of(), row.troubles());
    assertEquals(new Paint.Flat(Colour.parse(colour)), ((PlatePiece) only(row)).paint());
  }

  @Test
  void aStopOfAGradientTakesAColour() {
    Paint.Stop first = new Paint.Stop(0, Colour.BLACK);
    PlatePiece piece =
        plate(new Slot.ColourOf("club", Slot.ColourPlace.STOP, 1))
            .withPaint(new Paint.Linear(0, List.of(first, new Paint.Stop(1, Colour.WHITE))));
    Paint paint = ((PlatePiece) only(filled(piece, "", "", "", "#102030"))).paint();
    assertEquals(
        new Paint.Linear(0, List.of(first, new Paint.Stop(1, Colour.parse("#102030")))), paint);
  }

  @Test
  void whatIsNoColourIsSaidWithWhatWasMeant() {
    Slot slot = new Slot.ColourOf("club", Slot.ColourPlace.PAINT, 0);
    RowTrouble trouble = filled(plate(slot), "", "", "", "Osier gren").troubles().getFirst();
    assertEquals("club", trouble.column());
    assertEquals("Osier green", trouble.instead());
    assertEquals(
        "\"Osier gren\" is no colour; write #rrggbb or the name of one of the house's colours. Take \"Osier green\"?",
        trouble.sentence());
  }

  private static PicturePiece picture() {
    return Samples.picture("tern.svg", PLACE, 40, 40)
        .withSlots(List.of(new Slot.PictureOf("pennant")));
  }

  @ParameterizedTest
  @CsvSource({"osier.svg", "OSIER.SVG", "Osier", "osier.png"})
  void caseAndExtensionOfAPictureAreForgiven(String cell) {
    FilledRow row = filled(picture(), "", "", cell);
    assertEquals(List.of(), row.troubles());
    assertEquals("osier.svg", ((PicturePiece) only(row)).picture());
  }

  @Test
  void aMisspeltPictureIsSaidWithTheOneThatWasMeant() {
    RowTrouble trouble = filled(picture(), "", "", "greywik.svg").troubles().getFirst();
    assertEquals("There is no picture \"greywik.svg\". Take \"greywick.svg\"?", trouble.sentence());
    assertEquals("greywick.svg", trouble.instead());
  }

  @Test
  void aPictureThatIsNamedByAFolderIsRefused() {
    RowTrouble trouble = filled(picture(), "", "", "../../osier.svg").troubles().getFirst();
    assertTrue(trouble.sentence().contains("names a folder"), trouble.sentence());
    assertEquals("osier.svg", trouble.instead());
  }

  @Test
  void anEmptyCellHidesThePicture() {
    assertFalse(only(filled(picture(), "", "", "")).shown());
  }

  @ParameterizedTest
  @CsvSource({"yes,true", "X,true", "1,true", "TRUE,true", "no,false", "'',false", "0,false"})
  void yesAndNoHaveManyForms(String cell, boolean shown) {
    Piece piece = only(filled(plate(new Slot.ShownBy("guest")), "", "", "", "", cell));
    assertEquals(shown, piece.shown());
  }

  @Test
  void whatIsNeitherYesNorNoIsSaid() {
    FilledRow row = filled(plate(new Slot.ShownBy("guest")), "", "", "", "", "perhaps");
    assertTrue(row.troubles().getFirst().sentence().contains("neither yes nor no"));
  }

  @Test
  void aFinishSetIsFollowed() {
    Piece piece = only(filled(plate(new Slot.FinishesOf("tone")), "", "", "", "", "", "soft EDGE"));
    assertEquals(List.of(SOFT), piece.look().finishes());
    assertEquals("Soft edge", piece.look().follows());
  }

  @Test
  void aTextAndThePlateThatBacksItGoWithTheirWords() {
    TextPiece words = text("{boat}").withSlots(List.of(new Slot.ShownWithWords()));
    PlatePiece behind =
        plate(new Slot.ShownWithWords()).withBacking(new Backing(List.of(words.id()), 4, 4, 4, 4));
    Overlay overlay = Samples.overlay(Frame.of(400, 200), words, behind.withId("behind"));
    FilledRow empty = FILLING.fill(overlay, Row.of(List.of("Ysolde", " ")));
    assertTrue(empty.overlay().stack().stream().noneMatch(Piece::shown));
    FilledRow full = FILLING.fill(overlay, Row.of(List.of("Ysolde", "Heron")));
    assertTrue(full.overlay().stack().stream().allMatch(Piece::shown));
  }

  @Test
  void whatIsDifferentInThisRowOnlyIsDifferent() {
    TextPiece words = text("{name}");
    Overlay overlay = Samples.overlay(Frame.of(400, 200), words);
    Row row =
        new Row(
            List.of("Ysolde"),
            List.of(),
            false,
            List.of(new PieceChange(words.id(), true, 0, 0, 0.5)));
    TextPiece smaller = (TextPiece) Pieces.get(FILLING.fill(overlay, row).overlay(), words.id());
    assertEquals(words.runs().getFirst().size() / 2, smaller.runs().getFirst().size());
  }

  @Test
  void wordsThatAreTooLongAltogetherAreATrouble() {
    FilledRow row = filled(text("{name}{name}"), "x".repeat(4000));
    assertTrue(row.troubles().getFirst().sentence().contains("8000 characters"));
  }

  @Test
  void aPropertyHasOneSlot() {
    assertThrows(InvalidInput.class, () -> plate(new Slot.ShownBy("a"), new Slot.ShownWithWords()));
  }

  @Test
  void aFilledOverlayIsEqualToOneDesignedSo() {
    Frame frame = Frame.of(400, 200);
    Overlay slotted =
        Samples.overlay(
            frame,
            text("{name}"),
            plate(new Slot.ColourOf("club", Slot.ColourPlace.PAINT, 0)).withId("other"));
    Overlay plain =
        Samples.overlay(
            frame,
            text("{name}").withRuns(List.of(text("{name}").runs().getFirst().withWords("Ysolde"))),
            Samples.plate(new PlateShape.Ellipse(), PLACE, 100, 40, Samples.flat("#10203080"))
                .withId("other"));
    Overlay filled = FILLING.fill(slotted, Row.of(List.of("Ysolde", "", "", "#102030"))).overlay();
    assertEquals(plain.stack(), filled.stack());
  }

  @Test
  void theColumnsThatADesignAsksForAreKnown() {
    Overlay overlay =
        Samples.overlay(
            Frame.of(400, 200),
            text("{name} · {pennant}"),
            picture(),
            plate(new Slot.ColourOf("club", Slot.ColourPlace.PAINT, 0)).withId("other"));
    assertEquals(
        List.of(
            new AskedColumn("name", AskedColumn.Feeds.WORDS),
            new AskedColumn("pennant", AskedColumn.Feeds.PICTURE),
            new AskedColumn("club", AskedColumn.Feeds.COLOUR)),
        OpenSlots.of(overlay));
  }
}
