package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.FirstFinishes;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A line that says what each value of a sheet does. */
class HelpLineTest {
  private static final String VALUES =
      """
      () => [...document.querySelectorAll(
          "[data-sheet] input[aria-label], [data-sheet] select, [data-sheet] textarea")]
        .filter(value => value.checkVisibility())
        .map(value => value.getAttribute("aria-label"))""";

  @RegisterExtension final Browser browser = new Browser();

  private static void allTold(Compose compose, String card) {
    Page page = compose.page();
    compose.choose(card);
    page.waitForTimeout(300);
    @SuppressWarnings("unchecked")
    List<String> labels = (List<String>) page.evaluate(VALUES);
    assertTrue(labels.size() > 8, card + " has " + labels.size() + " values");
    Locator line = page.locator("#help-line");
    List<String> untold = new ArrayList<>();
    for (String label : labels.stream().distinct().toList()) {
      Locator value =
          page.locator("[data-sheet]")
              .getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
      value.first().focus();
      page.waitForTimeout(30); // It is told in the next picture.
      if (line.textContent().contains("Point at a value")) {
        untold.add(label);
      }
    }
    assertEquals(List.of(), untold, card);
  }

  /** The same with one finish of each kind on each piece. */
  private static Overlay finished(Overlay overlay) {
    return overlay.withStack(overlay.stack().stream().map(HelpLineTest::finished).toList());
  }

  private static Piece finished(Piece piece) {
    List<Finish> finishes = FirstFinishes.of(80, Colour.parse("#12495a"));
    return piece.withLook(piece.look().withFinishes(finishes));
  }

  @Test
  void everyValueOfATextAndAPlateIsTold() throws IOException {
    Compose compose = Compose.openNew(browser, HelpLineTest::finished);
    allTold(compose, "Name: Text");
    allTold(compose, "Plate: Plate");
  }

  @Test
  void soAreThoseOfAGroupAndAPicture() throws IOException {
    Compose group = Compose.open(browser, 5);
    allTold(group, "Lantern: Group");
    Compose picture = Compose.open(browser, 9);
    allTold(picture, "Wrackline Ropes: Picture");
  }

  @Test
  void whatIsPointedAtGoesBeforeWhatHasTheFocus() throws IOException {
    Compose compose = Compose.open(browser, 3);
    compose.choose("Title: Text");
    Locator line = compose.page().locator("#help-line");
    Locator tracking = compose.labelled("Tracking, thousandths of the size");
    tracking.focus();
    assertThat(line).containsText("between letters");
    assertEquals("help-line", tracking.getAttribute("aria-describedby"));
    compose.labelled("Face opacity, percent").hover();
    assertThat(line).containsText("Outline, halo");
    compose.page().mouse().move(900, 300);
    assertThat(line).containsText("between letters");
  }
}
