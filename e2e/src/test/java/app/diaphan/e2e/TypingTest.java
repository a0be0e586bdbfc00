package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Whoever types means words or numbers, and harms nothing by it. */
class TypingTest {
  private static final String QUOTATION =
      "The tide does not wait, said the harbour master; but it has been known to be late, and then everyone on the quay has their lunch.";

  @RegisterExtension final Browser browser = new Browser();

  private Locator said(Page page) {
    return page.getByRole(
        AriaRole.STATUS, new Page.GetByRoleOptions().setName("Said in passing").setExact(true));
  }

  @Test
  void aNewTextTakesWhatIsTypedForItsWords() throws IOException {
    Compose compose = Compose.openNew(browser, Shapes::empty);
    Page page = compose.page();
    compose.button("Text").click();
    page.keyboard().type(QUOTATION);
    page.keyboard().press("Escape");
    page.keyboard().press("t");
    page.keyboard().type("sails up");
    page.keyboard().press("Escape");
    // On an empty place, where it is to lie.
    double[] place = compose.at(480, 200);
    page.mouse().dblclick(place[0], place[1]);
    page.keyboard().type("here");
    List<Piece> stack = compose.saved().stack();
    assertEquals(
        List.of("here", "sails up", QUOTATION),
        stack.stream().map(piece -> ((TextPiece) piece).words()).toList());
    assertEquals(-480, stack.getFirst().place().right(), 3);
    assertEquals(-340, stack.getFirst().place().down(), 3);
  }

  @Test
  void doubleClicksPutTheCaretWhereTheyAreAndThenTakeTheWord() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    Locator words = compose.labelled("Words");
    compose.choose("Name: Text");
    words.fill("Ysolde Farrow");
    page.keyboard().press("Escape");
    compose.saved();
    page.keyboard().press("Escape");
    double[] end = compose.at(lettersEnd(compose, "name") - 4, lettersMiddle(compose, "name"));
    page.mouse().dblclick(end[0], end[1]);
    page.waitForFunction(
        "() => document.activeElement.id === 'words-field' && document.activeElement.selectionStart > 10");
    page.keyboard().type("s");
    assertThat(words).hasValue("Ysolde Farrows");
    compose.saved();
    page.mouse().dblclick(end[0], end[1]);
    assertEquals(
        "Farrows",
        page.evaluate(
            "() => { const e = document.activeElement; return e.value.slice(e.selectionStart, e.selectionEnd); }"));
    page.keyboard().type("Quill");
    assertThat(words).hasValue("Ysolde Quill");
  }

  private static double lettersEnd(Compose compose, String id) {
    return corner(compose, id, 2);
  }

  private static double lettersMiddle(Compose compose, String id) {
    return (corner(compose, id, 1) + corner(compose, id, 5)) / 2;
  }

  /** A coordinate of the corners of a piece's box, as the server draws it at full size. */
  private static double corner(Compose compose, String id, int at) {
    Object value =
        compose
            .page()
            .evaluate(
                """
                    async ([id, at]) => {
                      const overlay = (await (await fetch('/api/overlays/2')).json()).overlay;
                      const answer = await fetch('/api/packages/1/drawings', {
                        method: 'POST', headers: {'Content-Type': 'application/json'},
                        body: JSON.stringify({overlay, scale: 1, editing: '', row: 0})});
                      const drawing = await answer.json();
                      return drawing.pieces.find(p => p.id === id).corners[at];
                    }""",
                List.of(id, at));
    return ((Number) value).doubleValue();
  }

  @Test
  void lettersDoNothingWhileAControlHasTheFocusAndElsewhereSayWhatTheyDid() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    Overlay before = compose.saved();
    compose.choose("Name: Text");
    compose.button("Fit").focus();
    page.keyboard().type("hdltpm");
    assertEquals(before, compose.saved());
    // A button that was pressed with the pointer gives the keys back to the stage.
    compose.button("Fit").click();
    page.keyboard().press("h");
    assertThat(said(page)).hasText("Done: Hide Name. Ctrl Z takes it back.");
    assertEquals(false, Pieces.get(compose.saved(), "name").shown());
    page.keyboard().press("Control+z");
    assertThat(said(page)).hasText("Undone: Hide Name.");
    assertEquals(before, compose.saved());
    page.keyboard().press("Control+a");
    assertThat(page.getByText(before.stack().size() + " pieces chosen")).isVisible();
    // What had the focus goes with its piece: the keys stay with the stage.
    page.keyboard().press("Delete");
    assertEquals(List.of(), compose.saved().stack());
    assertThat(compose.labelled("Stage")).isFocused();
  }

  @Test
  void numbersAreReckonedTakenAndPutBack() throws IOException {
    Compose compose = Compose.openNew(browser, Shapes::empty);
    Page page = compose.page();
    page.keyboard().press("p");
    Locator width = compose.labelled("Width");
    assertThat(width).isFocused();
    page.keyboard().type("1920/2 + 40");
    page.keyboard().press("Enter");
    assertThat(width).hasValue("1000");
    assertThat(compose.labelled("Stage")).isFocused();
    width.click();
    page.keyboard().type("50 %");
    page.keyboard().press("Tab");
    assertThat(width).hasValue("500");
    width.click();
    page.keyboard().press("Shift+ArrowUp");
    page.keyboard().type("7");
    page.keyboard().press("Escape");
    assertThat(width).hasValue("500");
    width.click();
    page.keyboard().type("wide");
    page.keyboard().press("Enter");
    assertThat(said(page)).hasText("Width stays 500: “wide” cannot be read as a number.");
    assertThat(width).isFocused();
    page.keyboard().press("Escape");
    assertThat(width).hasValue("500");
    assertEquals(500, ((PlatePiece) compose.saved().stack().getFirst()).width());
  }

  @Test
  void linesBecomeTextsAndABoxFillsTheMargins() throws IOException {
    Compose compose = Compose.openNew(browser, Shapes::empty);
    Page page = compose.page();
    page.keyboard().press("t");
    page.keyboard().insertText("Osier Point\nGreywick\nTern Holm");
    compose.button("Make each of its 3 lines a text").click();
    List<Piece> stack = compose.saved().stack();
    assertEquals(
        List.of("Osier Point", "Greywick", "Tern Holm"),
        stack.stream().map(piece -> ((TextPiece) piece).words()).toList());
    assertTrue(stack.get(2).place().down() > stack.get(1).place().down());

    compose.labelled("Words").fill(QUOTATION);
    compose.labelled("Box").selectOption("all of title-safe");
    TextPiece filled = (TextPiece) compose.saved().stack().getFirst();
    TextBox.Given box = (TextBox.Given) filled.box();
    assertEquals(new TextBox.Fit.Wrap(TextBox.Fit.Wrap.NO_LIMIT), box.fit());
    assertEquals(1728, box.width());
    assertThat(page.getByText("Wrapped to 3 lines.")).isVisible();
  }

  @Test
  void theKeysGoFromPartToPartOfTheSheet() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    compose.choose("Name: Text");
    page.keyboard().press("Alt+PageDown");
    assertThat(compose.labelled("Words")).isFocused();
    page.keyboard().press("Alt+PageDown");
    assertThat(compose.labelled("Pin: point")).isFocused();
    page.keyboard().press("Alt+PageUp");
    assertThat(compose.labelled("Words")).isFocused();
  }

  @Test
  void aPictureThatKeepsItsShapeHasBothItsSidesWithinTheirBounds() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    compose.choose("Pennant: Picture");
    compose.labelled("Width").fill("0");
    compose.labelled("Width").press("Enter");
    assertThat(said(page)).containsText("Width: no less than");
    PicturePiece thin = (PicturePiece) compose.piece("pennant");
    assertEquals(0.1, thin.height());
    assertTrue(thin.width() > 0.15 && thin.width() < 0.25, "in proportion");
    compose.labelled("Height").fill("100 000");
    compose.labelled("Height").press("Enter");
    PicturePiece wide = (PicturePiece) compose.piece("pennant");
    assertTrue(wide.width() > 99_000 && wide.width() <= 100_000, "as wide as can be");
    assertTrue(wide.height() > 49_000 && wide.height() < 60_000, "in proportion");
  }

  @Test
  void escapeBringsANameBackAndEnterIsDoneWithIt() throws IOException {
    Compose compose = Compose.open(browser, 2);
    compose.choose("Pennant: Picture");
    Locator name = compose.labelled("Name of the piece");
    name.fill("Flag");
    name.press("Enter");
    assertThat(compose.labelled("Stage")).isFocused();
    assertEquals("Flag", compose.piece("pennant").name());
    name.fill("Something else");
    name.press("Escape");
    assertThat(name).hasValue("Flag");
    assertEquals("Flag", compose.piece("pennant").name());
  }

  @Test
  void undoWorksWhereAChoiceWasJustMade() throws IOException {
    Compose compose = Compose.open(browser, 2);
    compose.choose("Plate: Plate");
    Locator shape = compose.labelled("Shape");
    String was = shape.locator("option:checked").textContent();
    shape.selectOption("ellipse");
    compose.saved();
    shape.press("Control+z");
    assertThat(shape.locator("option:checked")).hasText(was);
    shape.press("Control+Shift+z");
    assertThat(shape.locator("option:checked")).hasText("ellipse");
    // A letter chooses from the list and means nothing else there.
    shape.press("h");
    assertThat(compose.button("Hide Plate")).isVisible();
  }
}
