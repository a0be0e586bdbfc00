package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** One design and a table: files for every row, the way a hand makes them. */
class RosterTest {
  @RegisterExtension final Browser browser = new Browser();

  @TempDir Path folder;
  private Page page;

  /** Presses, choices, drops and typed words; each as one. */
  private int actions;

  @BeforeEach
  void firstPage() {
    page = browser.page();
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator labelled(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private void press(Locator button) {
    button.click();
    actions++;
  }

  private void step(String name) {
    press(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name)));
  }

  private Locator cell(int row, String column) {
    return page.getByRole(AriaRole.ROW).nth(row).locator("[role=gridcell]").nth(columnAt(column));
  }

  private int columnAt(String column) {
    assertThat(page.getByRole(AriaRole.COLUMNHEADER).nth(4)).isVisible();
    List<String> heads =
        page.getByRole(AriaRole.COLUMNHEADER).allInnerTexts().stream().map(String::strip).toList();
    return heads.indexOf(column) - 1; // The first one is no cell.
  }

  private List<String> files(String packageFolder) throws IOException {
    try (Stream<Path> files = Files.list(browser.data().resolve("deliveries/" + packageFolder))) {
      return files.map(file -> file.getFileName().toString()).sorted().toList();
    }
  }

  private void post(String path, String json) {
    int status =
        page.request()
            .post(
                browser.address() + path,
                com.microsoft.playwright.options.RequestOptions.create()
                    .setHeader("Content-Type", "application/json")
                    .setData(json))
            .status();
    assertTrue(status < 300, path + " " + status);
  }

  private static String text(String id, String words, int down) {
    return """
        {"kind":"text","id":"%1$s","name":"%1$s","shown":true,"locked":false,
         "place":{"hook":{"kind":"frame","area":"TITLE_SAFE"},"point":"BOTTOM_LEFT",
                  "own":"BOTTOM_LEFT","right":120,"down":%3$d,"turn":0,"mirrored":false},
         "runs":[{"words":"%2$s","family":"Work Sans","weight":600,"size":40,"tracking":0,
                  "axes":[],"ink":{"kind":"shared"},"follows":""}],
         "setting":{"sizedBy":"FONT_SIZE","leading":1.2,"wordSpacing":0,"capitals":"AS_TYPED",
                    "letterforms":{"figures":"AS_DRAWN","widths":"AS_DRAWN",
                      "ligatures":"USUAL","alternates":[]},"alignment":"LEFT","hanging":false},
         "box":{"kind":"free"},"paint":{"kind":"flat","colour":"#ffffff"},
         "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},
         "slots":[]}"""
        .formatted(id, words, down);
  }

  /** A lower third that is designed: words with columns in braces, a pennant and a bar. */
  private void designedLowerThird() throws IOException {
    post("/api/packages", "{\"name\":\"Regatta\"}");
    Path pennant = Browser.DEMO.resolve("pictures/osier-point.svg");
    page.request()
        .post(
            browser.address() + "/api/packages/1/pictures",
            com.microsoft.playwright.options.RequestOptions.create()
                .setMultipart(
                    com.microsoft.playwright.options.FormData.create().set("file", pennant)));
    String place =
        """
        "place":{"hook":{"kind":"frame","area":"TITLE_SAFE"},"point":"BOTTOM_LEFT",
                 "own":"BOTTOM_LEFT","right":%d,"down":0,"turn":0,"mirrored":false}""";
    String look =
        """
        "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},"slots":[]""";
    post(
        "/api/packages/1/overlays",
        """
        {"name":"Lower third","frame":{"width":640,"height":360,"pixelAspect":"1/1","scan":"PROGRESSIVE",
          "safeAreas":{"name":"Own","actionX":4,"actionY":4,"titleX":6,"titleY":6},
          "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
          "dotsPerInch":72,"videoHeight":360},
         "stack":[%s,%s,
          {"kind":"picture","id":"pennant","name":"Pennant","shown":true,"locked":false,%s,
           "picture":"osier-point.svg","page":1,"cutOut":{"kind":"none"},"tint":{"kind":"own"},
           "crop":{"left":0,"top":0,"right":0,"bottom":0},"fit":"STRETCH","width":80,"height":43,%s},
          {"kind":"plate","id":"bar","name":"Bar","shown":true,"locked":false,%s,
           "shape":{"kind":"rectangle"},"width":12,"height":80,
           "backing":{"pieces":[],"left":0,"top":0,"right":0,"bottom":0},
           "paint":{"kind":"flat","colour":"#124b5c"},%s}],"forTargets":[],"dress":"LIGHT","kept":[]}"""
            .formatted(
                text("name", "{name}", -40),
                text("boat", "{boat}", 0),
                place.formatted(20),
                look,
                place.formatted(0),
                look));
  }

  private Path table(String... lines) throws IOException {
    return Files.writeString(folder.resolve("skippers.csv"), String.join("\r\n", lines));
  }

  @Test
  void aTableWithItsPicturesBecomesTheRightFilesInFifteenActions() throws IOException {
    designedLowerThird();
    Path table =
        table(
            "name;boat;pennant;colour",
            "Ysolde Brack;Heron;osier-point.svg;#ff0000",
            "Tam Orrin;Tern;greywik.svg;#00ff00",
            "Ada Wren;Swift;tern-holm.svg;#0000ff",
            "Nobody;Hulk;tern-holm.svg;#0000ff");
    browser.open("/overlays/1/compose");
    press(button("Pennant: Picture"));
    labelled("What a row decides").selectOption("its picture");
    actions++;
    assertThat(page.getByText("Shows the picture that column")).isVisible();
    press(button("Bar: Plate"));
    labelled("What a row decides").selectOption("the colour of its paint");
    actions++;
    assertThat(page.getByText("Painted in the colour that column")).isVisible();
    step("5 Roster");
    labelled("A table, and pictures")
        .setInputFiles(
            new Path[] {
              table,
              Browser.DEMO.resolve("pictures/greywick.svg"),
              Browser.DEMO.resolve("pictures/tern-holm.svg")
            });
    actions++;
    // The design asks for "picture" and "colour"; only the first has another name in the table.
    labelled("Column for picture").selectOption("pennant");
    actions++;
    press(button("Take greywick.svg"));
    labelled("Deliver row 4").click();
    actions++;
    press(button("Deliver 3 rows"));
    assertThat(page.getByText("All 3 were delivered.")).isVisible();
    assertEquals(
        List.of(
            "lower-third_ada-wren.png",
            "lower-third_tam-orrin.png",
            "lower-third_ysolde-brack.png"),
        files("1-regatta"));
    assertTrue(actions <= 15, "actions " + actions);
    int[] colours = {0xff0000ff, 0xff00ff00, 0xffff0000};
    for (int i = 0; i < 3; i++) {
      BufferedImage file =
          ImageIO.read(
              browser
                  .data()
                  .resolve("deliveries/1-regatta")
                  .resolve(files("1-regatta").get(i))
                  .toFile());
      // Within the bar, at the bottom left of title-safe.
      assertEquals(colours[i], file.getRGB(43, 330), files("1-regatta").get(i));
      assertEquals(0, file.getRGB(600, 20) >>> 24);
    }
  }

  @Test
  void fiftyTextsPastedAsLinesBecomeFiftyFilesInTenActions() throws IOException {
    post("/api/packages", "{\"name\":\"Texts\"}");
    post(
        "/api/packages/1/overlays",
        """
        {"name":"Line","frame":{"width":640,"height":90,"pixelAspect":"1/1","scan":"PROGRESSIVE",
          "safeAreas":{"name":"Own","actionX":4,"actionY":4,"titleX":6,"titleY":6},
          "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
          "dotsPerInch":72,"videoHeight":90},
         "stack":[%s],"forTargets":[],"dress":"LIGHT","kept":[]}"""
            .formatted(text("words", "{words}", 0)));
    browser.open("/overlays/1/compose");
    step("5 Roster");
    labelled("Cells or lines")
        .fill(
            String.join(
                "\n", IntStream.rangeClosed(1, 50).mapToObj(i -> "Gun, number " + i).toList()));
    actions++;
    press(button("Make a roster of them"));
    press(button("Deliver 50 rows"));
    assertThat(page.getByText("All 50 were delivered.")).isVisible();
    assertEquals(50, files("1-texts").size());
    assertTrue(files("1-texts").contains("line_gun-number-50.png"));
    assertTrue(actions <= 10, "actions " + actions);
  }

  @Test
  void cellsAreEditedAsInASpreadsheet() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/10/roster");
    cell(1, "name").click();
    page.keyboard().type("Isolde");
    page.keyboard().press("Enter");
    assertThat(cell(1, "name")).hasText("Isolde");
    page.keyboard().press("ArrowUp");
    page.keyboard().press("Tab");
    page.keyboard().press("Enter");
    page.keyboard().type(" II");
    page.keyboard().press("Escape");
    assertThat(cell(1, "boat")).hasText("Second Lantern");
    page.keyboard().press("Delete");
    assertThat(cell(1, "boat")).hasText("");
    page.keyboard().press("Control+z");
    assertThat(cell(1, "boat")).hasText("Second Lantern");
    page.keyboard().press("Control+z");
    assertThat(cell(1, "name")).hasText("Ysolde Farrow-Quill");
    // A single letter is a cell's, not a key of the application.
    page.keyboard().press("ArrowDown");
    page.keyboard().type("y");
    page.keyboard().press("Enter");
    assertThat(cell(2, "boat")).hasText("y");
    page.reload();
    assertThat(cell(2, "boat")).hasText("y");
    assertThat(cell(1, "name")).hasText("Ysolde Farrow-Quill");
  }

  @Test
  void rowsHaveTheirPicturesWhereScrollingComesToRest() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/10/roster");
    Locator last = page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Row 24"));
    assertThat(page.getByRole(AriaRole.IMG, named("Row 1"))).isVisible();
    assertThat(last).hasCount(0);
    page.getByRole(AriaRole.GRID).hover();
    for (int i = 0; i < 20; i++) {
      page.mouse().wheel(0, 200);
    }
    assertThat(last).isVisible();
    page.waitForFunction("() => document.querySelector('[alt=\"Row 24\"]').naturalWidth > 0");
  }

  @Test
  void aBlockOfCellsIsPasted() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/10/roster");
    cell(2, "name").click();
    page.evaluate(
        """
        () => {
          const data = new DataTransfer();
          data.setData("text/plain", "Ada\\t\\"Gull\\nof Greywick\\"\\nBram\\tPlover\\n");
          document.activeElement.dispatchEvent(
            new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }));
        }""");
    assertThat(cell(2, "name")).hasText("Ada");
    assertThat(cell(2, "boat")).hasText("Gull\nof Greywick");
    assertThat(cell(3, "name")).hasText("Bram");
    assertThat(cell(3, "club")).hasText("Farrow Quay");
  }

  @Test
  void theRowsThatDecideAreShownLargeAndOneIsMadeSmallerByItself() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/10/roster");
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("To put right 2")).click();
    assertThat(page.getByRole(AriaRole.ROW)).hasCount(3);
    cell(1, "name").click();
    button("One row large").click();
    assertThat(page.getByText("longest boat · club, longest name")).isVisible();
    labelled("Piece of this row").selectOption("Name");
    labelled("Size in this row").fill("80");
    labelled("Size in this row").press("Enter");
    assertThat(page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("To put right 2")))
        .isVisible();
    labelled("Size in this row").fill("60");
    labelled("Size in this row").press("Enter");
    button("Table").click();
    assertThat(page.getByText("changed in this row only")).isVisible();
  }

  @Test
  void theOverlayIsComposedWithARowInHand() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/10/compose");
    assertThat(labelled("Shown with row")).isVisible();
    String without = page.getByTestId("composite").first().getAttribute("src");
    labelled("Shown with row").selectOption("row 3, Bram Ostley");
    assertThat(page.getByTestId("composite").first()).not().hasAttribute("src", without);
  }

  @Test
  void theRowsThatDecideAreShownBeneathTheStageAndTakenInHand() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/10/compose");
    String without = page.getByTestId("composite").first().getAttribute("src");
    tab("Rows").click();
    Locator longest =
        page.getByRole(AriaRole.RADIO)
            .filter(new Locator.FilterOptions().setHasText("longest boat"));
    assertThat(longest).isVisible();
    longest.click();
    assertThat(page.getByTestId("composite").first()).not().hasAttribute("src", without);
    assertThat(labelled("Shown with row").locator("option:checked"))
        .hasText(java.util.regex.Pattern.compile("row 6, Maximiliane.*"));
  }

  @Test
  void namesOfColumnsAreCompletedWhileBracesAreTyped() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/10/compose");
    button("Name: Text").click();
    labelled("Words").click();
    page.keyboard().press("End");
    page.keyboard().type(" {bo");
    assertThat(page.getByRole(AriaRole.OPTION, named("boat"))).isVisible();
    page.keyboard().press("Enter");
    assertThat(labelled("Words")).hasValue("{name} {boat}");
    page.keyboard().type(" {{c");
    assertThat(page.getByRole(AriaRole.LISTBOX)).hasCount(0);
    page.keyboard().press("Backspace");
    page.keyboard().press("Backspace");
    page.keyboard().type("c");
    page.keyboard().press("ArrowDown");
    page.keyboard().press("Tab");
    assertThat(labelled("Words")).hasValue("{name} {boat} {colour}");
    page.keyboard().type(" {n");
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.LISTBOX)).hasCount(0);
    page.keyboard().press("Enter");
    page.keyboard().type("x");
    assertThat(labelled("Words")).hasValue("{name} {boat} {colour} {n\nx");
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  private Locator tab(String name) {
    return page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  void chosenRowsGoOutAloneAndWhatChangedSinceIsShown() throws IOException {
    designedLowerThird();
    browser.open("/overlays/1/roster");
    labelled("A table, and pictures")
        .setInputFiles(
            table(
                "name,boat,pennant,colour",
                "Ada,Heron,osier-point.svg,#ff0000",
                "Bram,Tern,osier-point.svg,#00ff00",
                "Cleo,Gull,osier-point.svg,#0000ff",
                "Dora,Plover,osier-point.svg,#00ffff"));
    button("Choose row 2").click();
    button("Choose row 3")
        .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
    tab("Chosen 2").click();
    assertThat(page.getByRole(AriaRole.ROW)).hasCount(3);
    button("Deliver 2 chosen rows").click();
    assertThat(page.getByText("All 2 were delivered.")).isVisible();
    assertEquals(List.of("lower-third_bram.png", "lower-third_cleo.png"), files("1-regatta"));

    button("Choose none").click();
    tab("Changed since delivered").click();
    assertThat(tab("Changed since delivered 2")).isVisible();
    assertThat(cell(1, "name")).hasText("Ada");
    tab("All 4").click();
    cell(2, "boat").click();
    page.keyboard().type("Osprey");
    page.keyboard().press("Enter");
    tab("Changed since delivered").click();
    assertThat(tab("Changed since delivered 3")).isVisible();
    button("Only what changed").click();
    assertThat(page.getByText("All 3 were delivered.")).isVisible();
    assertThat(tab("Changed since delivered 0")).isVisible();
  }

  @Test
  void aTextIsReadOtherwiseRightAfterItWasGiven() throws IOException {
    designedLowerThird();
    browser.open("/overlays/1/roster");
    Path names = folder.resolve("names.csv");
    Files.write(
        names,
        "Zo\u00eb\r\nJos\u00e9\r\n".getBytes(java.nio.charset.Charset.forName("windows-1252")));
    labelled("A table, and pictures").setInputFiles(names);
    labelled("Encoding").selectOption("Windows-1252");
    labelled("First line").selectOption("is a row like the others");
    assertThat(page.getByRole(AriaRole.ROW)).hasCount(3);
    assertThat(page.getByText("Jos\u00e9")).isVisible();
    assertThat(page.getByText("Zo\u00eb")).isVisible();
    labelled("First line").selectOption("names the columns");
    assertThat(page.getByRole(AriaRole.ROW)).hasCount(2);
    assertThat(page.getByRole(AriaRole.COLUMNHEADER, named("Zo\u00eb"))).isVisible();
  }

  @Test
  void cellsThatBothChangedAreAskedAboutOneByOne() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/10/roster");
    assertThat(cell(1, "name")).hasText("Ysolde Farrow-Quill");
    for (int row = 1; row <= 2; row++) {
      cell(row, "boat").click();
      page.keyboard().type("Mine " + row);
      page.keyboard().press("Enter");
    }
    page.getByText("The table", new Page.GetByTextOptions().setExact(true)).click();
    labelled("The table again")
        .setInputFiles(
            table(
                "name,boat,club,pennant,colour",
                "Ysolde Farrow-Quill,Theirs 1,Osier Point,osier-point.svg,#3f7d5a",
                "Tam Orrin,Theirs 2,Greywick,greywick.svg,#8d99a6"));
    Locator form = page.getByRole(AriaRole.GROUP, named("The table given again"));
    assertThat(form).containsText("2 cells were changed by you and by the table.");
    form.getByRole(AriaRole.LISTITEM).nth(1).getByRole(AriaRole.RADIO).nth(1).check();
    button("Merge").click();
    assertThat(cell(1, "boat")).hasText("Mine 1");
    assertThat(cell(2, "boat")).hasText("Theirs 2");
    assertThat(page.getByText("All 24")).isVisible();
  }

  @Test
  void theTableGivenAgainAsksBeforeItChangesAnything() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/10/roster");
    assertThat(cell(1, "name")).hasText("Ysolde Farrow-Quill");
    page.getByText("The table", new Page.GetByTextOptions().setExact(true)).click();
    labelled("The table again")
        .setInputFiles(
            table(
                "name,boat,club,pennant,colour",
                "Ysolde Farrow-Quill,Third Lantern,Osier Point,osier-point.svg,#3f7d5a",
                "New Name,Gull,Greywick,greywick.svg,#8d99a6"));
    assertThat(page.getByText("This table has 1 new, 1 changed, 0 the same, 23 gone.")).isVisible();
    assertThat(cell(1, "boat")).hasText("Second Lantern");
    labelled("Take away the 23 that are gone").check();
    button("Merge").click();
    assertThat(cell(1, "boat")).hasText("Third Lantern");
    assertThat(page.getByRole(AriaRole.ROW)).hasCount(3);
  }

  @Test
  void aTableThatIsRefusedTakesTheOfferOfAnEarlierOneAway() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/10/roster");
    assertThat(cell(1, "name")).hasText("Ysolde Farrow-Quill");
    labelled("The table again").setInputFiles(table("name,boat", "New Name,Gull"));
    assertThat(button("Merge")).isVisible();
    labelled("The table again").setInputFiles(table("boat,club", "Gull,Greywick"));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("has no column \"name\"");
    assertThat(button("Merge")).hasCount(0);
  }

  @Test
  void aTableThatCannotBeReadIsSaidToBe() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/10/roster");
    assertThat(cell(1, "name")).hasText("Ysolde Farrow-Quill");
    page.getByText("The table", new Page.GetByTextOptions().setExact(true)).click();
    Path noise = Files.write(folder.resolve("noise.csv"), new byte[] {0, 1, 2, 3, 0, 5});
    labelled("Another table, or pictures").setInputFiles(noise);
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("no text, whatever its name says");
    assertThat(cell(1, "name")).hasText("Ysolde Farrow-Quill");
  }
}
