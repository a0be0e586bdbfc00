package app.diaphan.e2e;

import static app.diaphan.e2e.FromNothingToFilesTest.upToDate;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The whole way with the keyboard alone: the pointer is never used. */
class KeyboardTest {
  @RegisterExtension final Browser browser = new Browser();

  private void tabTo(Page page, String name) {
    for (int i = 0; i < 120; i++) {
      page.keyboard().press("Tab");
      Object here =
          page.evaluate(
              "() => { const e = document.activeElement; return e.getAttribute('aria-label')"
                  + " || (e.labels && e.labels[0] && e.labels[0].textContent)"
                  + " || e.textContent || ''; }");
      if (here.toString().strip().startsWith(name)) {
        return;
      }
    }
    throw new AssertionError("Tab does not lead to " + name);
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
    page.keyboard().press("Enter");
    page.keyboard().press("Control+a");
    page.keyboard().type("saltlight");
    tabTo(page, "Font size");
    page.keyboard().press("Shift+ArrowUp");
    page.keyboard().press("Escape");
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
}
