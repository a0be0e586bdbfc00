package app.diaphan.core.roster.table;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.roster.Row;
import app.diaphan.core.roster.table.TableReader.Choices;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The cells of tables, one by one, as they are written and as they come in. */
class SheetCellsTest {
  private static final Choices NAMED = new Choices(Optional.empty(), Heading.FIRST_ROW, List.of());
  private static final Choices UNNAMED = new Choices(Optional.empty(), Heading.NONE, List.of());

  private static String cell(String inside) {
    return "<table:table-cell>" + inside + "</table:table-cell>";
  }

  private static String words(String words) {
    return cell("<text:p>" + words + "</text:p>");
  }

  private static String row(String attributes, String... cells) {
    return "<table:table-row " + attributes + ">" + String.join("", cells) + "</table:table-row>";
  }

  private static Table ods(String... rows) {
    return TableReader.read("x.ods", Workbooks.ods(String.join("", rows)), UNNAMED);
  }

  @Test
  void whatIsDrawnOnACellIsNoPartOfIt() {
    assertEquals(
        List.of(List.of("Bo Tarn\tof\nthe   reach", "Heron")),
        ods(row(
                "",
                cell(
                    "<office:annotation><text:p>A <text:span>note</text:span></text:p></office:annotation>"
                        + "<text:p>Bo <text:span>Tarn</text:span><text:tab/>of<text:line-break/>the<text:s text:c=\"3\"/>reach</text:p>"),
                words("Heron")))
            .rows());
  }

  @Test
  void cellsThatReachDownFillTheCoveredOnesBelowThem() {
    String covered = "<table:covered-table-cell/>";
    String down =
        "<table:table-cell table:number-rows-spanned=\"3\"><text:p>Reach</text:p></table:table-cell>";
    assertEquals(
        List.of(
            List.of("Reach", "a"), List.of("Reach", "b"), List.of("Reach", "c"), List.of("", "d")),
        ods(
                row("", down, words("a")),
                row("", covered, words("b")),
                row("", covered, words("c")),
                row("", covered, words("d")))
            .rows());
    String two =
        "<table:table-cell table:number-rows-spanned=\"2\"><text:p>Two</text:p></table:table-cell>";
    assertEquals(
        List.of(List.of("Two", "a"), List.of("Two", "b"), List.of("", "c")),
        ods(row("", two, words("a")), row("", covered, words("b")), row("", covered, words("c")))
            .rows());
  }

  @Test
  void rowsAreRepeatedCountedAndHidden() {
    Table table =
        ods(
            row("table:number-rows-repeated=\"2\"", words("twice")),
            row("table:number-rows-repeated=\"1000000\"", words("")),
            "<table:table-column/>",
            row("table:visibility=\"filter\"", words("filtered")),
            row("table:visibility=\"collapse\"", words("collapsed")),
            row("table:visibility=\"collapse\"", words("")),
            row("table:visibility=\"visible\"", words("last")));
    assertEquals(List.of(List.of("twice"), List.of("twice"), List.of("last")), table.rows());
    assertEquals(List.of("2 hidden rows were left out."), table.notes());
    String wide =
        "<table:table-cell table:number-columns-repeated=\"201\"><text:p>x</text:p></table:table-cell>";
    String refused =
        assertThrows(
                InvalidInput.class,
                () ->
                    ods(
                        row("table:number-rows-repeated=\"2\"", words("twice")),
                        row("table:number-rows-repeated=\"10\"", words("")),
                        row("", wide)))
            .getMessage();
    assertTrue(refused.startsWith("Row 13 of the file"), refused);
  }

  @Test
  void anyOtherTextInAManifestIsNoLock() {
    Map<String, String> parts = new LinkedHashMap<>();
    parts.put("META-INF/manifest.xml", "<manifest/>");
    parts.put(
        "content.xml",
        "<c xmlns:table=\"t\" xmlns:text=\"x\"><table:table><table:table-row><table:table-cell><text:p>Bo</text:p></table:table-cell></table:table-row></table:table></c>");
    assertEquals(
        List.of(List.of("Bo")), TableReader.read("x.ods", Workbooks.zip(parts), UNNAMED).rows());
    parts.put("content.xml", "<c/>");
    assertEquals(
        "The workbook \"x.ods\" has no sheet.",
        assertThrows(
                InvalidInput.class, () -> TableReader.read("x.ods", Workbooks.zip(parts), UNNAMED))
            .getMessage());
  }

  @Test
  void nothingFromOutsideGetsIntoAWorkbook(@TempDir Path folder) throws Exception {
    Path secret = folder.resolve("secret.txt");
    Files.writeString(secret, "secret");
    Map<String, String> parts = new LinkedHashMap<>();
    parts.put(
        "content.xml",
        "<!DOCTYPE c [<!ENTITY s SYSTEM \""
            + secret.toUri()
            + "\"><!ENTITY t \"inner\">]>"
            + "<c xmlns:table=\"t\" xmlns:text=\"x\"><table:table><table:table-row><table:table-cell><text:p>Bo &s;&t;</text:p></table:table-cell></table:table-row></table:table></c>");
    String said;
    try {
      said = TableReader.read("x.ods", Workbooks.zip(parts), UNNAMED).rows().toString();
    } catch (InvalidInput e) {
      said = e.getMessage();
    }
    assertFalse(said.contains("secret"), said);
    assertFalse(said.contains("inner"), said);
  }

  @Test
  void whatIsWrittenIsReadAsItStands() {
    Table table =
        TableReader.written(
            "rows.csv", "a,b\r\n x ,\"1\n2\"\r\n,\r\n".getBytes(StandardCharsets.UTF_8));
    assertEquals(List.of("a", "b"), table.columns());
    assertEquals(List.of(List.of(" x ", "1\n2"), List.of("", "")), table.rows());
    assertEquals("UTF-8", table.encoding());
    assertTrue(table.headed());
  }

  private static String refusedWritten(String text) {
    return assertThrows(
            InvalidInput.class,
            () -> TableReader.written("rows.csv", text.getBytes(StandardCharsets.UTF_8)))
        .getMessage();
  }

  @Test
  void whatIsWrittenKeepsToTheLimits() {
    assertEquals(
        "Row 3 of rows.csv has 1 cells, but there are 2 columns.", refusedWritten("a,b\n1,2\n3\n"));
    assertEquals("rows.csv holds no columns.", refusedWritten(""));
    assertTrue(
        refusedWritten("a,b\n1," + "x".repeat(TableLimits.MOST_CHARACTERS + 1) + "\n")
            .startsWith("The cell in row 2, column 2 of the file has"));
    String most = "x".repeat(TableLimits.MOST_CHARACTERS);
    assertEquals(
        most,
        TableReader.written("rows.csv", ("a\n" + most).getBytes(StandardCharsets.UTF_8))
            .rows()
            .getFirst()
            .getFirst());
    assertEquals(
        "Row 1 of the file has more than 200 columns; leave out those that no overlay shows.",
        refusedWritten("a".concat(",a".repeat(200)) + "\n"));
    assertEquals(
        200,
        TableReader.written(
                "rows.csv", ("a".concat(",a".repeat(199))).getBytes(StandardCharsets.UTF_8))
            .columns()
            .size());
    assertEquals(
        "The table has more than 99999 rows; split it into several rosters.",
        refusedWritten("a\n".repeat(100_001)));
    assertEquals(
        99_999,
        TableReader.written("rows.csv", "a\n".repeat(100_000).getBytes(StandardCharsets.UTF_8))
            .rows()
            .size());
  }

  @Test
  void theDividerOfMostLinesIsTaken() {
    // Each line has one comma; semicolons make more cells of most.
    String text = "name;boat;club\nBo, Tarn;Heron;Reach\nTam, Orrin;Tern;Quay\nSeverin\n";
    assertEquals(
        List.of("Bo, Tarn", "Heron", "Reach"),
        TableReader.read("x.csv", text.getBytes(StandardCharsets.UTF_8), NAMED).rows().getFirst());
    // A sign in one line of many is a part of its words.
    String lines = "name\nBo, Tarn\n" + "Tam\n".repeat(30);
    assertEquals(
        List.of("Bo, Tarn"),
        TableReader.read("x.csv", lines.getBytes(StandardCharsets.UTF_8), NAMED).rows().getFirst());
    // Unless the names of the columns say that it divides.
    String ragged = "name|boat\nBo|Heron\n" + "Tam\n".repeat(30);
    assertEquals(
        List.of("Bo", "Heron"),
        TableReader.read("x.csv", ragged.getBytes(StandardCharsets.UTF_8), NAMED)
            .rows()
            .getFirst());
    String unheaded = "Skippers\n" + "Bo,Heron\n".repeat(2) + "Tam\n";
    assertEquals(
        List.of("Bo", "Heron"),
        TableReader.read("x.csv", unheaded.getBytes(StandardCharsets.UTF_8), NAMED)
            .rows()
            .getFirst());
    // What comes behind the first lines does not matter.
    String late = "a,b\n" + "1,2\n".repeat(60) + "x;y;z\n".repeat(200);
    assertEquals(
        List.of("1", "2"),
        TableReader.read("x.csv", late.getBytes(StandardCharsets.UTF_8), NAMED).rows().getFirst());
  }

  private static DecodedText decoded(String text, Charset charset) {
    return DecodedText.of("x.csv", text.getBytes(charset), Optional.empty());
  }

  @Test
  void encodingsAreFoundWithAndWithoutAMark() {
    for (Charset wide : List.of(StandardCharsets.UTF_16LE, StandardCharsets.UTF_16BE)) {
      assertEquals("name,boat\nSøl,Heron", decoded("name,boat\nSøl,Heron", wide).text());
      assertEquals("UTF-16", decoded("name,boat\nSøl,Heron", wide).encoding());
      assertEquals("name", decoded("\ufeffname", wide).text());
    }
    assertEquals(new DecodedText("Søl", "UTF-8"), decoded("\ufeffSøl", StandardCharsets.UTF_8));
    assertEquals(new DecodedText("Søl", "UTF-8"), decoded("Søl", StandardCharsets.UTF_8));
    assertEquals(new DecodedText("", "UTF-8"), decoded("", StandardCharsets.UTF_8));
    Charset western = Charset.forName("windows-1252");
    assertEquals(
        new DecodedText("Søl – “Bo” €5", "Windows-1252"), decoded("Søl – “Bo” €5", western));
    String russian = "Парусная регата на озере, рулевой и его команда вышли на старт";
    DecodedText guessed = decoded(russian, Charset.forName("windows-1251"));
    assertEquals(russian, guessed.text());
  }

  @Test
  void fewControlCharactersAreBorne() {
    String text = "a".repeat(99) + "\u0001";
    assertEquals(text, decoded(text, StandardCharsets.UTF_8).text());
    assertThrows(
        InvalidInput.class, () -> decoded("a".repeat(98) + "\u0001\u0001", StandardCharsets.UTF_8));
    assertEquals("a\tb\r\n", decoded("a\tb\r\n", StandardCharsets.UTF_8).text());
  }

  @Test
  void truthValuesOfAWorkbookAreWords() {
    Table table =
        TableReader.read(
            "x.xlsx",
            Workbooks.xlsx(
                "<row r=\"1\"><c r=\"A1\" t=\"b\"><v>1</v></c><c r=\"B1\" t=\"b\"><v>0</v></c></row>"
                    + "<row r=\"3\">"
                    + Workbooks.text("B3", "Bo")
                    + "</row>",
                ""),
            UNNAMED);
    assertEquals(List.of(List.of("TRUE", "FALSE"), List.of("", "Bo")), table.rows());
  }

  @Test
  void aRowHoldsWhatItsTableGave() {
    String most = "x".repeat(TableLimits.MOST_CHARACTERS);
    Row row = new Row(List.of(most, "b", "c"), List.of(most, "B"), false, List.of());
    assertEquals("", row.cell(3));
    assertEquals(
        List.of(false, true, true, false),
        List.of(row.edited(0), row.edited(1), row.edited(2), row.edited(3)));
    assertThrows(InvalidInput.class, () -> Row.of(Collections.singletonList(most + "x")));
  }
}
