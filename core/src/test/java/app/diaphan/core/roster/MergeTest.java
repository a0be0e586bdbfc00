package app.diaphan.core.roster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.roster.Merge.Fate;
import app.diaphan.core.roster.Merge.MergedRow;
import app.diaphan.core.roster.table.Table;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class MergeTest {
  private static final List<String> COLUMNS = List.of("name", "boat");
  private static final Row YSOLDE = Row.of(List.of("Ysolde", "Heron"));
  private static final Row TAM = Row.of(List.of("Tam", "Tern"));

  @SafeVarargs
  private static Table table(List<String> columns, List<String>... rows) {
    return new Table(columns, List.of(rows), "UTF-8", true, List.of());
  }

  private static MergedRow only(Row before, List<String> now) {
    return Merge.of(COLUMNS, List.of(before), "name", table(COLUMNS, now)).rows().getFirst();
  }

  @Test
  void newChangedSameAndGoneAreToldApart() {
    Row ada = Row.of(List.of("Ada", "Swift"));
    Merge merge =
        Merge.of(
            COLUMNS,
            List.of(YSOLDE, TAM, ada),
            "name",
            table(
                COLUMNS,
                List.of("Bram", "Gull"),
                List.of("TAM", "Plover"),
                List.of("Ysolde", "Heron")));
    assertEquals(
        List.of(Fate.NEW, Fate.CHANGED, Fate.SAME, Fate.GONE),
        merge.rows().stream().map(MergedRow::fate).toList());
    assertEquals(List.of("TAM", "Plover"), merge.rows().get(1).row().cells());
    assertEquals(Optional.of(2), merge.rows().get(3).before());
    assertEquals(1, merge.count(Fate.GONE));
  }

  @Test
  void whatWasChangedByHandStaysWhereTheTableDidNotChange() {
    Row edited = YSOLDE.withCells(List.of("Ysolde", "Grey Heron"));
    MergedRow merged = only(edited, List.of("Ysolde", "Heron"));
    assertEquals(Fate.SAME, merged.fate());
    assertEquals("Grey Heron", merged.row().cell(1));
    assertTrue(merged.row().edited(1));
  }

  @Test
  void whatBothChangedIsAskedAbout() {
    Row edited = YSOLDE.withCells(List.of("Ysolde", "Grey Heron"));
    MergedRow merged = only(edited, List.of("Ysolde", "Heron II"));
    assertEquals(List.of(1), merged.disputed());
    assertEquals("Grey Heron", merged.row().cell(1));
    assertEquals("Heron II", merged.withOffered().cell(1));
    assertEquals("Heron II", merged.withOffered(List.of(1)).cell(1));
    assertEquals("Grey Heron", merged.withOffered(List.of(0)).cell(1));
    assertEquals(List.of(), only(edited, List.of("Ysolde", "Grey Heron")).disputed());
  }

  @Test
  void columnsMoveAndThoseOfTheRosterAloneStay() {
    Merge merge =
        Merge.of(
            List.of("name", "boat", "note"),
            List.of(Row.of(List.of("Ysolde", "Heron", "late"))),
            "name",
            table(List.of("club", "boat", "name"), List.of("Osier", "Heron", "Ysolde")));
    assertEquals(List.of("club", "boat", "name", "note"), merge.columns());
    assertEquals(
        List.of("Osier", "Heron", "Ysolde", "late"), merge.rows().getFirst().row().cells());
  }

  @Test
  void leftOutAndChangesOfARowStay() {
    Row out = new Row(YSOLDE.cells(), YSOLDE.given(), true, List.of());
    assertTrue(only(out, List.of("Ysolde", "Heron II")).row().leftOut());
  }

  @Test
  void aKeyThatIsThereTwiceOrNotAtAllIsRefused() {
    Table twice = table(COLUMNS, List.of("Tam", "A"), List.of("tam ", "B"));
    String sentence =
        assertThrows(InvalidInput.class, () -> Merge.of(COLUMNS, List.of(YSOLDE), "name", twice))
            .getMessage();
    assertTrue(sentence.startsWith("Rows 1 and 2 both have \"tam \""), sentence);
    Table keyless = table(List.of("skipper"), List.of("Tam"));
    assertThrows(InvalidInput.class, () -> Merge.of(COLUMNS, List.of(TAM), "name", keyless));
  }

  @Test
  void theKeyThatSuggestsItselfIsDifferentInEveryRow() {
    assertEquals(
        "boat",
        KeyColumn.suggested(
            List.of("club", "boat"), List.of(List.of("Osier", "Heron"), List.of("Osier", "Tern"))));
  }
}
