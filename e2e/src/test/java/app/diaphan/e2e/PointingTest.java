package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Pieces;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.MouseButton;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What the pointer takes hold of, what it is offered, and how it moves the view. */
class PointingTest {
  @RegisterExtension final Browser browser = new Browser();

  private static Locator card(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private void click(Compose compose, double x, double y) {
    double[] at = compose.at(x, y);
    compose.page().mouse().click(at[0], at[1]);
    // The next click is not to be the second of two.
    compose.page().waitForTimeout(600);
  }

  @Test
  void aClickTakesTheShapeUnderItAndAgainWhatLiesBeneath() throws IOException {
    Compose compose = Compose.openNew(browser, Shapes::roundOverSquare);
    Page page = compose.page();
    // Within the box of the round one, but beside its shape.
    click(compose, 770, 350);
    assertThat(card(page, "Square: Plate")).hasAttribute("aria-expanded", "true");
    click(compose, 960, 540);
    assertThat(card(page, "Round: Plate")).hasAttribute("aria-expanded", "true");
    click(compose, 960, 540);
    assertThat(card(page, "Square: Plate")).hasAttribute("aria-expanded", "true");
    click(compose, 100, 100);
    assertThat(page.getByText("Choose a piece to see where it lies.")).isVisible();
  }

  @Test
  void theOtherButtonSaysWhatLiesThereAndWhatCanBeDone() throws IOException {
    Compose compose = Compose.openNew(browser, Shapes::roundOverSquare);
    Page page = compose.page();
    compose.saved();
    double[] middle = compose.at(960, 540);
    page.mouse().click(middle[0], middle[1], right());
    Locator menu = page.getByRole(AriaRole.MENU);
    assertThat(menu.getByRole(AriaRole.MENUITEM).first()).isFocused();
    menu.getByText("Square").click();
    assertThat(card(page, "Square: Plate")).hasAttribute("aria-expanded", "true");
    assertThat(menu).hasCount(0);

    page.mouse().click(middle[0], middle[1], right());
    menu.getByText("Hide or show").click();
    assertEquals(false, Pieces.get(compose.saved(), "square").shown());

    page.keyboard().press("Escape");
    double[] free = compose.at(200, 150);
    page.mouse().click(free[0], free[1], right());
    page.keyboard().press("Enter");
    page.keyboard().type("here");
    assertEquals(-760, compose.saved().stack().getFirst().place().right(), 3);
  }

  @Test
  void piecesAreCutAndCopiedFromTheMenuAndPastedByKeys() throws IOException {
    Compose compose = Compose.openNew(browser, Shapes::roundOverSquare);
    Page page = compose.page();
    page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
    Locator menu = page.getByRole(AriaRole.MENU);
    double[] middle = compose.at(960, 540);
    page.mouse().click(middle[0], middle[1], right());
    menu.getByText("Copy", new Locator.GetByTextOptions().setExact(true)).click();
    page.keyboard().press("Control+v");
    assertThat(card(page, "Round 2: Plate")).isVisible();
    assertEquals(3, compose.saved().stack().size());
    double[] copy = compose.at(980, 560);
    page.mouse().click(copy[0], copy[1], right());
    menu.getByText("Cut", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(card(page, "Round 2: Plate")).hasCount(0);
    assertEquals(2, compose.saved().stack().size());
    page.keyboard().press("Control+v");
    assertThat(card(page, "Round 2: Plate")).isVisible();
  }

  @Test
  void aDrawingThatTakesLongSaysSo() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    Locator sign = page.getByText("Drawing…");
    assertThat(sign).hasCount(0);
    page.route(
        "**/api/packages/1/drawings",
        route -> {
          page.waitForTimeout(1500);
          route.resume();
        });
    compose.choose("Plate: Plate");
    page.keyboard().press("ArrowRight");
    assertThat(sign).isVisible();
    assertThat(sign).hasCount(0);
  }

  private static Mouse.ClickOptions right() {
    return new Mouse.ClickOptions().setButton(MouseButton.RIGHT);
  }

  @Test
  void theWheelMovesTheViewAndZoomsAboutThePointerWithoutMovingThePage() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    Locator zoom = compose.labelled("Zoom");
    String fitted = zoom.textContent();
    BoundingBox at = compose.labelled("Stage").boundingBox();
    page.mouse().move(at.x + 200, at.y + 150);
    page.mouse().wheel(0, 100);
    assertThat(zoom).hasText(fitted);
    page.keyboard().down("Control");
    page.mouse().wheel(0, -300);
    page.keyboard().up("Control");
    assertThat(zoom).not().hasText(fitted);
    BoundingBox near = compose.labelled("Stage").boundingBox();
    double times = near.width / at.width;
    assertTrue(times > 1.5, "enlarged " + times);
    assertEquals(at.x + 200, near.x + 200 * times, 2, "what was under the pointer stays there");
    assertEquals(at.y + 150, near.y + 150 * times, 2);

    page.mouse().wheel(0, 80);
    page.waitForFunction(
        "y => document.querySelector('[aria-label=Stage]').getBoundingClientRect().y < y - 70",
        near.y);
    BoundingBox moved = compose.labelled("Stage").boundingBox();
    page.keyboard().down(" ");
    page.mouse().down();
    page.mouse().move(at.x + 260, at.y + 150);
    page.mouse().up();
    page.keyboard().up(" ");
    assertEquals(moved.x + 60, compose.labelled("Stage").boundingBox().x, 1);

    compose.choose("Name: Text");
    compose.labelled("Words").focus();
    assertEquals(
        List.of(0, 0),
        page.evaluate(
            "() => { window.scrollTo(50, 97); return [Math.round(scrollX), Math.round(scrollY)]; }"));
    // The way to the far corner is open: it can be brought to the middle.
    compose.button("1:1").click();
    assertEquals(0, Pieces.get(compose.saved(), "name").place().turn());
  }
}
