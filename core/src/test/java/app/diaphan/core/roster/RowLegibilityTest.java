package app.diaphan.core.roster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Finding;
import app.diaphan.core.check.ProofChecks;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.targets.TargetList;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** White words on a plate in the colour of a club. */
class RowLegibilityTest {
  private static final Overlay PLATE =
      new Overlay(
          "Lower third",
          Frame.of(800, 400),
          List.of(
              Samples.text("words", "{line}", Samples.centre(), 60, Samples.flat("#ffffff")),
              Samples.plate(
                      new PlateShape.Rectangle(),
                      Samples.centre(),
                      500,
                      120,
                      Samples.flat("#102030"))
                  .withSlots(List.of(new Slot.ColourOf("club", Slot.ColourPlace.PAINT, 0)))));

  private static RosterDesign design(Overlay overlay) {
    return new RosterDesign(
        overlay,
        1,
        new Filling(new Columns(List.of("name", "club", "line"), Map.of()), Set.of(), House.NONE));
  }

  private final Renderer renderer = Samples.renderer();
  private RosterDesign design = design(PLATE);
  private final List<Overlay> drawn = new ArrayList<>();

  private List<Finding> proof(Overlay overlay) {
    drawn.add(overlay);
    return ProofChecks.of(
        renderer, overlay, List.of(), TargetList.AS_DESIGNED, EnumSet.of(CheckKind.LEGIBILITY));
  }

  private List<List<String>> troubles(Set<CheckKind> wanted, Row... rows) {
    RowChecks checks = new RowChecks(renderer, wanted, new RowLegibility(this::proof));
    return new RosterPlan("Regatta", LocalDate.of(2026, 7, 1), Optional.empty(), "name")
        .of(List.of(rows), List.of(design), TargetList.AS_DESIGNED.targets()).stream()
            .map(
                planned ->
                    checks.of(planned, rows[planned.row()]).stream()
                        .map(RowTrouble::sentence)
                        .toList())
            .toList();
  }

  private static Row row(String name, String club) {
    return Row.of(List.of(name, club, name));
  }

  @Test
  void aRowWhoseColourHidesItsWordsIsKeptBack() {
    List<List<String>> troubles =
        troubles(
            EnumSet.allOf(CheckKind.class),
            row("Tam", "#203040"),
            row("Ysolde", "#f8f4e0"),
            row("Ruan", ""));
    assertEquals(List.of(), troubles.get(0));
    assertEquals(List.of(), troubles.get(2));
    assertTrue(
        troubles.get(1).getFirst().contains("\"words\" stands out by 1."), troubles::toString);
  }

  @Test
  void rowsOfOneLookAreDrawnOnce() {
    List<List<String>> troubles =
        troubles(
            EnumSet.allOf(CheckKind.class),
            row("Tam", "#f8f4e0"),
            row("Ysolde", "#203040"),
            row("Ruan", "#f8f4e0"),
            row("Brack", "#203040"));
    assertEquals(troubles.get(0), troubles.get(2));
    assertEquals(3, drawn.size()); // And the design without a row.
  }

  @Test
  void aRowWithoutWordsHasNoneToRead() {
    assertEquals(
        List.of(List.of()),
        troubles(EnumSet.allOf(CheckKind.class), Row.of(List.of("Ysolde", "#f8f4e0", " "))));
  }

  @Test
  void whatCannotBeReadWithoutARowEitherKeepsNoRowBack() {
    Overlay plain = PLATE.withStack(List.of(PLATE.stack().getFirst()));
    design = design(plain);
    assertEquals(
        List.of(List.of()), troubles(EnumSet.allOf(CheckKind.class), row("Ysolde", "#f8f4e0")));
    assertEquals(1, proof(Filling.without(plain)).size());
  }

  @Test
  void nothingIsDrawnIfThePackageDoesWithoutTheCheck() {
    Set<CheckKind> others = EnumSet.complementOf(EnumSet.of(CheckKind.LEGIBILITY));
    assertEquals(List.of(List.of()), troubles(others, row("Ysolde", "#f8f4e0")));
    assertEquals(List.of(), drawn);
  }
}
