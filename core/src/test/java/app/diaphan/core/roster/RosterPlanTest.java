package app.diaphan.core.roster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.check.CheckKind;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.retarget.ForTarget;
import app.diaphan.core.targets.DeliveryPlan;
import app.diaphan.core.targets.IfThere;
import app.diaphan.core.targets.NamePattern;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.OwnFiles;
import app.diaphan.core.targets.TargetList;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RosterPlanTest {
  private static final NamedTarget AS_DESIGNED = TargetList.AS_DESIGNED.targets().getFirst();
  private static final LocalDate DAY = LocalDate.of(2026, 7, 1);
  private static final NamedTarget OTHER =
      new NamedTarget(
          "Other",
          AS_DESIGNED.frame(),
          AS_DESIGNED.file(),
          new NamePattern("{overlay}_other"),
          IfThere.REPLACE);
  private static final TextPiece WORDS =
      Samples.text(
          "words",
          "{name}",
          Place.at(PinPoint.BOTTOM_LEFT, Area.TITLE_SAFE, 0, 0),
          20,
          Samples.flat("#ffffff"));

  private static RosterDesign design(TextPiece text) {
    return new RosterDesign(
        new Overlay("Lower third", Frame.of(400, 200), List.of(text)),
        3,
        new Filling(new Columns(List.of("name", "boat"), Map.of()), Set.of(), House.NONE));
  }

  private static List<PlannedRow> plan(String pattern, String... names) {
    return plan(pattern, List.of(AS_DESIGNED), design(WORDS), names);
  }

  private static List<PlannedRow> plan(
      String pattern, List<NamedTarget> targets, RosterDesign design, String... names) {
    List<Row> rows =
        java.util.Arrays.stream(names).map(name -> Row.of(List.of(name, "Heron"))).toList();
    Optional<NamePattern> told =
        pattern.isEmpty() ? Optional.empty() : Optional.of(new NamePattern(pattern));
    return new RosterPlan("Regatta", DAY, told, "name").of(rows, List.of(design), targets);
  }

  private static List<String> troubles(RosterDesign design, String name) {
    PlannedRow planned = plan("", List.of(AS_DESIGNED), design, name).getFirst();
    RowLegibility none = new RowLegibility(overlay -> List.of());
    return new RowChecks(Samples.renderer(), EnumSet.allOf(CheckKind.class), none)
        .of(planned, Row.of(List.of(name, "Heron"))).stream().map(RowTrouble::sentence).toList();
  }

  @ParameterizedTest
  @CsvSource({
    "'', lower-third_ysolde-brack.png",
    "{counter}-{Name}, 01-ysolde-brack.png",
    "{boat}_{revision}_{date}, heron_3_2026-07-01.png",
    "{package}/{x}, ''"
  })
  void namesHoldTokensAndColumns(String pattern, String file) {
    PlannedRow planned = plan(pattern, "Ysolde Brack").getFirst();
    assertEquals(file.isEmpty() ? List.of() : List.of(file), planned.files());
    assertEquals(file.isEmpty(), !planned.problem().isEmpty());
  }

  @ParameterizedTest
  @CsvSource({
    "سلمى العطار, lower-third_سلمى-العطار.png",
    "\u200fسلمى, lower-third_سلمى.png",
    "Zoë 🦢 Lund, lower-third_zoë-🦢-lund.png",
    "a/b:c, lower-third_a-b-c.png"
  })
  void namesOfAllKindsBecomeNamesOfFiles(String name, String file) {
    assertEquals(List.of(file), plan("", name).getFirst().files());
  }

  @Test
  void filesOfAnotherRosterAreNotReplaced() {
    NamesElsewhere elsewhere = new NamesElsewhere();
    List<PlannedRow> own = plan("", "Ysolde", "Tam");
    assertEquals(own, elsewhere.marked(own));
    elsewhere.add("Guests", plan("", "Maren", "TAM"));
    List<PlannedRow> marked = elsewhere.marked(own);
    assertEquals("", marked.getFirst().problem());
    assertTrue(
        marked.get(1).problem().contains("row 2 of the roster \"Guests\""),
        marked.get(1).problem());
    // A target that keeps what is there finds free names by itself.
    NamedTarget keeping =
        new NamedTarget(
            "Keeping",
            AS_DESIGNED.frame(),
            AS_DESIGNED.file(),
            AS_DESIGNED.pattern(),
            IfThere.KEEP_BESIDE);
    List<PlannedRow> beside = plan("", List.of(keeping), design(WORDS), "Tam");
    assertEquals(beside, elsewhere.marked(beside));
  }

  @Test
  void filesOfAnOverlayThatGoesOutByItselfAreNotReplaced() {
    NamesElsewhere elsewhere = new NamesElsewhere();
    DeliveryPlan.Planned alone = new DeliveryPlan.Planned(design(WORDS).overlay(), 3);
    elsewhere.add(new OwnFiles("Regatta", DAY).of(List.of(alone), List.of(AS_DESIGNED, OTHER)));
    List<PlannedRow> planned = plan("{name}", "LOWER-third", "Tam", "lower-third_other");
    List<PlannedRow> marked = elsewhere.marked(planned);
    assertEquals(
        "Its file \"lower-third.png\" would take the place of the overlay \"Lower third\" at \"%s\". Tell their files apart in the names."
            .formatted(AS_DESIGNED.name()),
        marked.get(0).problem());
    assertEquals("", marked.get(1).problem());
    assertTrue(marked.get(2).problem().contains(OTHER.name()), marked.get(2).problem());
  }

  @Test
  void aNameThatIsEmptyIsSaid() {
    assertTrue(plan("", " ").getFirst().problem().contains("\"name\", which is empty in this row"));
  }

  @Test
  void twoRowsOfOneNameAreBothSaid() {
    List<PlannedRow> planned = plan("", "Tam", "Ada", "TAM");
    assertTrue(planned.get(0).problem().startsWith("Row 3 would have the same file name"));
    assertTrue(planned.get(2).problem().startsWith("Row 1 would have the same file name"));
    assertEquals("", planned.get(1).problem());
  }

  @Test
  void twoTargetsOfOneRowNeedNamesThatDiffer() {
    List<NamedTarget> both = List.of(AS_DESIGNED, OTHER);
    assertEquals(
        List.of("lower-third_tam.png", "lower-third_other_tam.png"),
        plan("", both, design(WORDS), "Tam").stream().map(row -> row.files().getFirst()).toList());
    assertTrue(
        plan("{name}", both, design(WORDS), "Tam")
            .getFirst()
            .problem()
            .contains("put {overlay} or {target}"));
  }

  @Test
  void whereATrimmedFileLiesCannotBeInItsName() {
    assertTrue(plan("{name}_{left}", "Tam").getFirst().problem().contains("side files"));
  }

  @Test
  void rowsThatAreLeftOutAndTargetsAnOverlayIsNotDeliveredToAreNotPlanned() {
    Row out = new Row(List.of("Tam", "Heron"), List.of(), true, List.of());
    RosterPlan plan = new RosterPlan("Regatta", LocalDate.of(2026, 7, 1), Optional.empty(), "name");
    assertEquals(List.of(), plan.of(List.of(out), List.of(design(WORDS)), List.of(AS_DESIGNED)));
    RosterDesign elsewhere =
        new RosterDesign(
            design(WORDS)
                .overlay()
                .withForTargets(List.of(new ForTarget(AS_DESIGNED.name(), false, List.of()))),
            1,
            design(WORDS).filling());
    assertEquals(
        List.of(),
        plan.of(List.of(Row.of(List.of("A"))), List.of(elsewhere), List.of(AS_DESIGNED)));
  }

  @Test
  void aColumnInATargetsOwnPatternIsRefused() {
    assertThrows(
        InvalidInput.class,
        () ->
            new NamedTarget(
                "X", OTHER.frame(), OTHER.file(), new NamePattern("{name}"), IfThere.REPLACE));
  }

  @Test
  void aRowThatIsRightHasNoTroubles() {
    assertEquals(List.of(), troubles(design(WORDS), "Tam"));
  }

  @Test
  void wordsThatDoNotFitLettersWithoutFontAndWhatTheFrameCutsAreSaid() {
    TextPiece boxed =
        WORDS.withBox(new TextBox.Given(60, 30, TextBox.Upright.BOTTOM, new TextBox.Fit.Refuse()));
    assertTrue(
        troubles(design(boxed), "Wilhelmina").getFirst().contains("too large for their box"));
    assertTrue(troubles(design(WORDS), "Tam \ud83d\udef6").getFirst().contains("No font here has"));
    List<String> cut = troubles(design(WORDS), "Wilhelmina Theodora Ostrander-Fairlead the Elder");
    assertTrue(cut.get(0).contains("out of title-safe"), cut::toString);
    assertTrue(cut.get(1).contains("The frame cuts"), cut::toString);
  }

  @Test
  void aRosterHasItsKeyAndNamesOfItsOwnColumns() {
    assertThrows(InvalidInput.class, () -> new Roster("R", List.of("name"), "boat", "", List.of()));
    assertThrows(
        InvalidInput.class, () -> new Roster("R", List.of("name", "NAME "), "name", "", List.of()));
    assertThrows(
        InvalidInput.class, () -> new Roster("R", List.of("name"), "name", "{crew}", List.of()));
    Roster bound =
        new Roster(
            "R",
            List.of("skipper"),
            "skipper",
            "{skipper}",
            List.of(new Roster.Fed("1", Map.of("name", "skipper"))));
    assertEquals(Optional.of(0), bound.columnsFor("1").place("name"));
    assertEquals(Optional.empty(), bound.columnsFor("2").place("name"));
  }
}
