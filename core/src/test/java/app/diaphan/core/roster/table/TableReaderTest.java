package app.diaphan.core.roster.table;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.roster.table.TableReader.Choices;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TableReaderTest {
  private static final List<String> NAMED = List.of("name", "boat");

  private static Table read(String text) {
    return read(text.getBytes(StandardCharsets.UTF_8));
  }

  private static Table read(byte[] bytes) {
    return TableReader.read("skippers.csv", bytes, Choices.NONE);
  }

  private static String refusal(String name, byte[] bytes) {
    return assertThrows(InvalidInput.class, () -> TableReader.read(name, bytes, Choices.NONE))
        .getMessage();
  }

  @ParameterizedTest
  @ValueSource(strings = {",", ";", "\t", "|"})
  void whateverStandsBetweenCellsIsFoundOut(String divider) {
    Table table =
        read("name,boat\nYsolde Brack,Heron\nTam Orrin,\"Slack Tide\"\n".replace(",", divider));
    assertEquals(NAMED, table.columns());
    assertEquals(List.of("Tam Orrin", "Slack Tide"), table.rows().get(1));
  }

  @Test
  void commasInWordsDoNotDivideWhatSemicolonsDo() {
    Table table = read("name;boat\nBrack, Ysolde;Heron\nOrrin, Tam;Tern\nVey, Ada;Swift");
    assertEquals(List.of("Brack, Ysolde", "Heron"), table.rows().getFirst());
  }

  @Test
  void aFirstLineMaySayWhatDivides() {
    Table table = read("sep=;\r\nname;boat\r\nYsolde, Brack;Heron\r\n");
    assertEquals(NAMED, table.columns());
    assertEquals(List.of("Ysolde, Brack", "Heron"), table.rows().getFirst());
  }

  @ParameterizedTest
  @CsvSource({
    "UTF-8, UTF-8",
    "UTF-16, UTF-16",
    "UTF-16LE, UTF-16",
    "UTF-16BE, UTF-16",
    "windows-1252, Windows-1252"
  })
  void encodingsAreToldApart(String charset, String told) {
    String text = "name,boat\nÅsa Öberg-Müller,Fähre\nJosé Ibáñez,Garça – “Süd”\n";
    Table table = read(text.getBytes(Charset.forName(charset)));
    assertEquals(told, table.encoding());
    assertEquals(List.of("José Ibáñez", "Garça – “Süd”"), table.rows().get(1));
  }

  @Test
  void aByteOrderMarkIsNoPartOfAName() {
    Table table = read("\ufeffname,boat\nYsolde Brack,Heron");
    assertEquals(NAMED, table.columns());
  }

  @Test
  void anEncodingCanBeChosen() {
    byte[] bytes = "name\nДаша\n".getBytes(Charset.forName("KOI8-R"));
    Table table =
        TableReader.read(
            "x.csv", bytes, new Choices(Optional.of("KOI8-R"), Heading.FIRST_ROW, List.of()));
    assertEquals("Даша", table.rows().getFirst().getFirst());
    Choices unknown = new Choices(Optional.of("Morse"), Heading.FIRST_ROW, List.of());
    assertTrue(
        assertThrows(InvalidInput.class, () -> TableReader.read("x.csv", bytes, unknown))
            .getMessage()
            .contains("no encoding \"Morse\""));
  }

  @Test
  void quotesAndLineBreaksInCellsStay() {
    Table table = read("name,boat\n\"Ysolde \"\"Yz\"\" Brack\",\"Heron\r\nof Greywick\"\n");
    assertEquals(List.of("Ysolde \"Yz\" Brack", "Heron\nof Greywick"), table.rows().getFirst());
  }

  @Test
  void aQuotationMarkInTheMiddleIsOne() {
    assertEquals("6\" Sloop", read("name,boat\nTam,6\" Sloop\n").rows().getFirst().get(1));
  }

  @Test
  void emptyColumnsAtTheEndAndBlankRowsAreLeftOut() {
    Table table = read("name,boat,,,\nYsolde,Heron,,,\n,,,,\n\nTam,Tern,,,\n");
    assertEquals(NAMED, table.columns());
    assertEquals(2, table.rows().size());
  }

  @Test
  void everyRowHasACellForEveryColumn() {
    Table table = read("name,boat\nYsolde\nTam,Tern,Osier Point\n");
    assertEquals(List.of("name", "boat", "column 3"), table.columns());
    assertEquals(List.of("Ysolde", "", ""), table.rows().getFirst());
  }

  @Test
  void twoColumnsOfOneNameAreToldApart() {
    Table table = read("name,Name ,boat\nYsolde,Y.,Heron\n");
    assertEquals(List.of("name", "Name 2", "boat"), table.columns());
    assertTrue(table.notes().getFirst().contains("\"Name 2\""), table.notes().toString());
  }

  @Test
  void aFirstRowThatHoldsValuesIsARow() {
    Table table = read("Ysolde Brack,heron.svg\nTam Orrin,tern.svg\n");
    assertFalse(table.headed());
    assertEquals(List.of("column 1", "column 2"), table.columns());
    assertEquals(2, table.rows().size());
    assertFalse(read("Ysolde,#a03040\nTam,#304050").headed());
    assertFalse(read("Ysolde,12\nTam,14").headed());
  }

  @Test
  void whetherThereAreNamesCanBeChosen() {
    byte[] text = "Ysolde,Heron\nTam,Tern\n".getBytes(StandardCharsets.UTF_8);
    Choices none = new Choices(Optional.empty(), Heading.NONE, NAMED);
    Table table = TableReader.read("x.csv", text, none);
    assertEquals(NAMED, table.columns(), "as the design asks for them");
    assertEquals(2, table.rows().size());
  }

  @Test
  void bracesInNamesOfColumnsAreLeftOut() {
    assertEquals(List.of("name", "boat"), read("{name},{boat}\nYsolde,Heron\n").columns());
  }

  @Test
  void pastedLinesAreRowsOfOneColumn() {
    Table table =
        TableReader.pasted(
            "First gun, at ten\nSecond gun; later\n\nRounding | the mark\n",
            new Choices(Optional.empty(), Heading.FOUND_OUT, List.of("words")));
    assertEquals(List.of("words"), table.columns());
    assertEquals(
        List.of("First gun, at ten", "Second gun; later", "Rounding | the mark"),
        table.rows().stream().map(List::getFirst).toList());
  }

  @Test
  void pastedCellsHaveTabsBetweenThem() {
    Table table = TableReader.pasted("name\tboat\nYsolde\t\"Heron\nof Greywick\"\n", Choices.NONE);
    assertEquals(NAMED, table.columns());
    assertEquals("Heron\nof Greywick", table.rows().getFirst().get(1));
  }

  @Test
  void aPastedListKnowsTheNameThatTheDesignAsksFor() {
    Choices asked = new Choices(Optional.empty(), Heading.FOUND_OUT, List.of("name"));
    assertEquals(1, TableReader.pasted("Name\nYsolde\n", asked).rows().size());
    assertEquals(2, TableReader.pasted("Tam\nYsolde\n", asked).rows().size());
  }

  private static final String HEAD =
      "<row r=\"1\">" + Workbooks.text("A1", "name") + Workbooks.text("B1", "boat") + "</row>";

  private static Table xlsx(String rows, String after) {
    return TableReader.read("skippers.xlsx", Workbooks.xlsx(HEAD + rows, after), Choices.NONE);
  }

  @Test
  void aWorkbooksFirstVisibleSheetIsRead() {
    Table table =
        xlsx(
            "<row r=\"2\">"
                + Workbooks.text("A2", "Ysolde")
                + Workbooks.text("B2", "Heron")
                + "</row>",
            "");
    assertEquals(NAMED, table.columns());
    assertEquals(List.of("Ysolde", "Heron"), table.rows().getFirst());
    assertTrue(table.notes().getFirst().contains("\"Skippers\""), table.notes().toString());
  }

  @ParameterizedTest
  @CsvSource({"0, 7, 7", "1, 46204, 01.07.2026", "2, 7, 007", "3, 0.25, 25.00%", "0, 0.1, 0.1"})
  void numbersAndDatesAreAsTheSpreadsheetShowsThem(int style, String value, String shown) {
    Table table =
        xlsx(
            "<row r=\"2\">%s<c r=\"B2\" s=\"%d\"><v>%s</v></c></row>"
                .formatted(Workbooks.text("A2", "Ysolde"), style, value),
            "");
    assertEquals(shown, table.rows().getFirst().get(1));
  }

  @Test
  void aFormulaHasItsStoredValueAndReachesNowhere() {
    Table table =
        xlsx(
            "<row r=\"2\"><c r=\"A2\" t=\"str\"><f>WEBSERVICE(\"file:///etc/hostname\")</f><v>Ysolde</v></c>"
                + "<c r=\"B2\" s=\"2\"><f>3+4</f><v>7</v></c></row>",
            "");
    assertEquals(List.of("Ysolde", "007"), table.rows().getFirst());
  }

  @Test
  void hiddenRowsAreLeftOutAndSaid() {
    Table table =
        xlsx(
            "<row r=\"2\" hidden=\"1\">"
                + Workbooks.text("A2", "Tam")
                + "</row>"
                + "<row r=\"4\">"
                + Workbooks.text("A4", "Ysolde")
                + Workbooks.text("B4", "Heron")
                + "</row>",
            "");
    assertEquals(1, table.rows().size());
    assertTrue(table.notes().toString().contains("One hidden row"), table.notes().toString());
  }

  @Test
  void cellsThatAreMergedDownwardsAllHaveTheValue() {
    Table table =
        xlsx(
            "<row r=\"2\">"
                + Workbooks.text("A2", "Ysolde")
                + Workbooks.text("B2", "Heron")
                + "</row>"
                + "<row r=\"3\">"
                + Workbooks.text("A3", "Tam")
                + "<c r=\"B3\"/></row>"
                + "<row r=\"4\">"
                + Workbooks.text("A4", "Ada")
                + "</row>",
            "<mergeCells count=\"1\"><mergeCell ref=\"B2:B3\"/></mergeCells>");
    assertEquals(
        List.of("Heron", "Heron", ""), table.rows().stream().map(row -> row.get(1)).toList());
  }

  @Test
  void anOpenDocumentSheetIsReadAsItIsShown() {
    String cell =
        "<table:table-cell office:value-type=\"string\"><text:p>%s</text:p></table:table-cell>";
    Table table =
        TableReader.read(
            "skippers.ods",
            Workbooks.ods(
                "<table:table-row>"
                    + cell.formatted("name")
                    + cell.formatted("boat")
                    + "</table:table-row>"
                    + "<table:table-row>"
                    + cell.formatted("Ysolde<text:s text:c=\"2\"/>B.")
                    + "<table:table-cell office:value-type=\"date\" office:date-value=\"2026-07-01\" table:number-rows-spanned=\"2\"><text:p>1 July</text:p><text:p>10:40</text:p></table:table-cell></table:table-row>"
                    + "<table:table-row>"
                    + cell.formatted("Tam")
                    + "<table:covered-table-cell/></table:table-row>"
                    + "<table:table-row table:visibility=\"filter\">"
                    + cell.formatted("Gone")
                    + "</table:table-row>"
                    + "<table:table-row table:number-rows-repeated=\"2\">"
                    + cell.formatted("Twin")
                    + "<table:table-cell table:number-columns-repeated=\"16382\"/></table:table-row>"
                    + "<table:table-row table:number-rows-repeated=\"1048570\"><table:table-cell table:number-columns-repeated=\"16384\"/></table:table-row>"),
            Choices.NONE);
    assertEquals(NAMED, table.columns());
    assertEquals(List.of("Ysolde  B.", "1 July\n10:40"), table.rows().getFirst());
    assertEquals(List.of("Tam", "1 July\n10:40"), table.rows().get(1));
    assertEquals(4, table.rows().size());
    assertTrue(table.notes().toString().contains("One hidden row"), table.notes().toString());
  }

  @Test
  void tooManyRowsAreRefused() {
    String sentence =
        refusal(
            "x.csv",
            "name,boat\n".concat("a,b\n".repeat(100_001)).getBytes(StandardCharsets.UTF_8));
    assertTrue(sentence.contains("more than 99999 rows"), sentence);
  }

  @Test
  void aHugeCellIsNamedByRowAndColumn() {
    String sentence =
        refusal(
            "x.csv",
            ("name,boat\nTam," + "x".repeat(10 << 20) + "\n").getBytes(StandardCharsets.UTF_8));
    assertTrue(sentence.contains("row 2, column 2"), sentence);
  }

  @Test
  void whatIsNoTextIsNoTable() {
    byte[] noise = new byte[20_000];
    new Random(7).nextBytes(noise);
    noise[0] = 'x';
    assertTrue(refusal("skippers.csv", noise).contains("no text, whatever its name says"));
  }

  @Test
  void lockedOldDamagedAndOtherFilesAreToldApart() {
    byte[] compound = new byte[2048];
    System.arraycopy(new byte[] {(byte) 0xd0, (byte) 0xcf, 0x11, (byte) 0xe0}, 0, compound, 0, 4);
    assertTrue(refusal("old.xls", compound).contains("old kind"));
    byte[] name = "EncryptedPackage".getBytes(StandardCharsets.UTF_16LE);
    System.arraycopy(name, 0, compound, 512, name.length);
    assertTrue(refusal("locked.xlsx", compound).contains("password"));
    byte[] workbook = Workbooks.xlsx(HEAD, "");
    byte[] cut = java.util.Arrays.copyOf(workbook, workbook.length / 2);
    assertTrue(refusal("cut.xlsx", cut).contains("damaged"));
    assertTrue(
        refusal("pictures.zip", Workbooks.zip(Map.of("a.png", "x"))).contains("without a table"));
    byte[] lockedOds =
        Workbooks.zip(Map.of("content.xml", "x", "META-INF/manifest.xml", "<m:encryption-data/>"));
    assertTrue(refusal("locked.ods", lockedOds).contains("password"));
  }

  @Test
  void aWorkbookThatUnpacksToTooMuchIsRefused() {
    byte[] bomb = Workbooks.xlsx(HEAD, " ".repeat(50 << 20));
    assertTrue(refusal("bomb.xlsx", bomb).contains("unpacks to more"));
  }

  @Test
  void noMutationOfAWorkbookIsAnUnknownError() {
    byte[] workbook =
        Workbooks.xlsx(
            HEAD
                + "<row r=\"2\">"
                + Workbooks.text("A2", "Ysolde")
                + "<c r=\"B2\" s=\"1\"><v>46204</v></c></row>",
            "<mergeCells><mergeCell ref=\"A1:A2\"/></mergeCells>");
    Random random = new Random(11);
    int refused = 0;
    for (int i = 0; i < 400; i++) {
      byte[] mutant = workbook.clone();
      mutant[random.nextInt(mutant.length)] = (byte) random.nextInt(256);
      try {
        TableReader.read("x.xlsx", mutant, Choices.NONE);
      } catch (InvalidInput e) {
        refused++;
      }
    }
    assertTrue(refused > 100, "refused " + refused);
  }

  @Test
  void anEmptyFileHoldsNoRows() {
    assertTrue(refusal("x.csv", new byte[0]).contains("holds no rows"));
  }
}
