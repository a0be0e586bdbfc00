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
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A line that says what each value of a sheet does. */
class HelpLineTest {
  /**
   * Gives each value of the sheet the focus, and tells how many there are and which say nothing.
   */
  private static final String EACH_VALUE =
      """
      async () => {
        const shown = () => [...document.querySelectorAll(
            "[data-sheet] input[aria-label], [data-sheet] select, [data-sheet] textarea")]
          .filter(value => value.checkVisibility());
        const silent = () =>
          document.getElementById("help-line").textContent.includes("Point at a value");
        const picture = () => new Promise(done => requestAnimationFrame(done));
        const until = async wanted => {
          for (let pictures = 0; pictures < 20 && !wanted(); pictures++) await picture();
        };
        const labels = shown().map(value => value.getAttribute("aria-label"));
        const untold = [];
        for (const label of new Set(labels)) {
          document.activeElement.blur();
          await until(silent);
          shown().find(value => value.getAttribute("aria-label") === label)?.focus();
          await until(() => !silent());
          if (silent()) untold.push(label);
        }
        return [labels.length, ...untold];
      }""";

  @RegisterExtension final Browser browser = new Browser();

  private static void allTold(Compose compose, String card) {
    compose.choose(card);
    assertThat(compose.labelled("Name of the piece")).isVisible();
    List<?> found = (List<?>) compose.page().evaluate(EACH_VALUE);
    int values = (int) found.getFirst();
    assertTrue(values > 8, card + " has " + values + " values");
    assertEquals(List.of(), found.subList(1, found.size()), card);
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
  void soAreThoseOfAGroupAPictureAndACode() throws IOException {
    Compose group = Compose.open(browser, 5);
    allTold(group, "Lantern: Group");
    Compose picture = Compose.open(browser, 9);
    allTold(picture, "Wrackline Ropes: Picture");
    allTold(picture, "Code: Code");
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
