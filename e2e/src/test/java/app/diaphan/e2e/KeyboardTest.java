package app.diaphan.e2e;

import static app.diaphan.e2e.FromNothingToFilesTest.upToDate;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The whole way with the keyboard alone: the pointer is never used. */
class KeyboardTest {
  @RegisterExtension final Browser browser = new Browser();

  /** How many times Tab had to be pressed. */
  private int tabTo(Page page, String name) {
    for (int i = 1; i <= 120; i++) {
      page.keyboard().press("Tab");
      Object here =
          page.evaluate(
              "() => { const e = document.activeElement; return e.getAttribute('aria-label')"
                  + " || (e.labels && e.labels[0] && e.labels[0].textContent)"
                  + " || e.textContent || ''; }");
      if (here.toString().strip().startsWith(name)) {
        return i;
      }
    }
    throw new AssertionError("Tab does not lead to " + name);
  }

  @Test
  void theBarIsSkipped() throws IOException {
    browser.loadDemo();
    Page page = browser.page();
    browser.open("/overlays/2/deliver");
    assertThat(page.getByTestId("pixel-size")).isVisible();
    page.keyboard().press("Tab");
    assertThat(page.getByText("Skip to the step")).isFocused();
    assertThat(page.getByText("Skip to the step")).isInViewport();
    page.keyboard().press("Enter");
    page.keyboard().press("Tab");
    assertThat(page.getByLabel("Name of the target")).isFocused();
    // In Compose the stage itself is the place to be.
    browser.open("/overlays/2/compose");
    upToDate(page);
    page.getByText("Skip to the step").focus();
    page.keyboard().press("Enter");
    page.keyboard().press("n");
    assertThat(page.locator("[aria-expanded=true]")).hasCount(1);
  }

  @Test
  void wordsAreSetAndDeliveredByKeysAlone() {
    Page page = browser.page();
    browser.open("/");
    assertThat(page.getByText("A package holds the overlays")).isVisible();
    tabTo(page, "Name of the new package");
    page.keyboard().type("Regatta");
    page.keyboard().press("Enter");
    assertThat(page.getByText("New overlay")).isVisible();
    tabTo(page, "HD 720");
    page.keyboard().press("Enter");
    tabTo(page, "Name of the overlay");
    page.keyboard().type("Bug");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Nothing on the frame yet")).isVisible();

    page.keyboard().press("t");
    page.keyboard().type("saltlight");
    tabTo(page, "Font size");
    page.keyboard().press("Shift+ArrowUp");
    page.keyboard().press("Enter");
    page.keyboard().press("Shift+ArrowRight");
    page.keyboard().press("ArrowDown");
    page.keyboard().press("3");
    upToDate(page);
    assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("3 Black")))
        .isChecked();
    assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true))).isVisible();
    Overlay overlay = PackageStore.documentOf(browser.bean(PackageStore.class).overlay(1L));
    TextPiece text = (TextPiece) overlay.stack().getFirst();
    assertEquals("saltlight", text.words());
    assertEquals(58, text.runs().getFirst().size());
    assertEquals(10, text.place().right());
    assertEquals(1, text.place().down());

    page.keyboard().press("?");
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Backdrop by its place in the strip");
    page.keyboard().press("Escape");
    page.keyboard().press("Alt+4");
    assertThat(page.getByTestId("pixel-size")).containsText("1280 × 720");
    tabTo(page, "File name");
    page.keyboard().press("Enter");
    assertThat(page.getByText("read back equal")).isVisible();
    assertTrue(Files.exists(browser.data().resolve("deliveries/1-regatta/bug.png")));
  }

  /**
   * A centred white title with a black outline, moved up along one axis, from an empty package.
   * Keys that are not letters of names and words are counted.
   */
  @Test
  void aTitleTakesFewKeysBesidesItsLetters() {
    Page page = browser.page();
    browser.open("/");
    assertThat(page.getByText("A package holds the overlays")).isVisible();
    Presses keys = new Presses(page);
    keys.tabTo("Name of the new package");
    keys.type("Regatta");
    keys.press("Enter");
    assertThat(page.getByText("New overlay")).isVisible();
    keys.tabTo("Name of the overlay");
    keys.type("Title");
    keys.press("Enter");
    assertThat(page.getByText("Nothing on the frame yet")).isVisible();
    keys.press("t");
    keys.type("Race Day Two");
    keys.press("Escape");
    keys.press("/");
    keys.type("outl");
    keys.press("Enter");
    assertThat(page.getByLabel("Outline width", new Page.GetByLabelOptions().setExact(true)))
        .isFocused();
    keys.type("6");
    keys.press("Enter");
    keys.press("/");
    keys.type("outline col");
    keys.press("Enter");
    keys.type("#000000");
    keys.press("Enter");
    for (int i = 0; i < 5; i++) {
      keys.press("Shift+ArrowUp");
    }
    upToDate(page);
    assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true))).isVisible();
    Overlay overlay = PackageStore.documentOf(browser.bean(PackageStore.class).overlay(1L));
    TextPiece text = (TextPiece) overlay.stack().getFirst();
    assertEquals("Race Day Two", text.words());
    assertEquals(-50, text.place().down());
    assertEquals(0, text.place().right());
    assertEquals(Colour.WHITE, ((Paint.Flat) text.paint()).colour());
    Outline outline = (Outline) text.look().finishes().getFirst();
    assertEquals(6, outline.width());
    assertEquals(new Paint.Flat(Colour.BLACK), outline.paint());
    System.out.println("A title by keys alone: " + keys.count + " presses besides its letters");
    assertTrue(keys.count <= 60, keys.count + " presses");
  }

  /** Counts keys that are pressed for what they do. */
  private final class Presses {
    private final Page page;
    private int count;

    Presses(Page page) {
      this.page = page;
    }

    void press(String key) {
      page.keyboard().press(key);
      count++;
    }

    void type(String letters) {
      page.keyboard().type(letters);
    }

    void tabTo(String name) {
      count += KeyboardTest.this.tabTo(page, name);
    }
  }
}
