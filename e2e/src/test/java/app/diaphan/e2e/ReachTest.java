package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Small windows: whatever can be pressed or typed into can be brought into view and is free. */
class ReachTest {
  @RegisterExtension final Browser browser = new Browser();

  private static final List<String> SCREENS =
      List.of(
          "/",
          "/packages/1/new",
          "/overlays/2/frame",
          "/overlays/2/compose",
          "/overlays/2/proof",
          "/overlays/2/deliver",
          "/overlays/10/roster");

  /**
   * The names of what is beyond the window's edge, or beneath something else, wherever it is
   * scrolled.
   */
  private static final String OUT_OF_REACH =
      """
      () => {
        const away = [];
        const name = (element) =>
          element.getAttribute("aria-label") || element.textContent.trim() || element.outerHTML.slice(0, 80);
        const all = "button, a[href], input, select, textarea, summary";
        for (const element of document.querySelectorAll(all)) {
          if (!element.checkVisibility({ checkVisibilityCSS: true }) || element.disabled) continue;
          if (element.closest(".sr-only, [inert], [aria-hidden=true]")) continue;
          element.scrollIntoView({ block: "nearest", inline: "nearest" });
          const box = element.getBoundingClientRect();
          if (box.width < 2 || box.height < 2) continue;
          const x = box.x + box.width / 2;
          const y = box.y + box.height / 2;
          if (x < 0 || y < 0 || x > window.innerWidth || y > window.innerHeight) {
            away.push("beyond the window: " + name(element));
            continue;
          }
          const top = document.elementFromPoint(x, y);
          const free =
            !top || element.contains(top) || top.contains(element)
            || [...(element.labels ?? [])].some((label) => label.contains(top));
          if (!free) away.push("beneath " + top.outerHTML.slice(0, 80) + ": " + name(element));
        }
        return away;
      }""";

  /** At 1024 × 700, and at 1280 × 800 enlarged to 200 %. */
  @ParameterizedTest
  @CsvSource({"1024, 700", "640, 400"})
  void everythingCanBeReached(int width, int height) throws IOException {
    browser.loadDemo();
    Page page = browser.newPage(width, height);
    Map<String, Object> away = new LinkedHashMap<>();
    for (String screen : SCREENS) {
      browser.open(screen);
      page.waitForLoadState(LoadState.NETWORKIDLE);
      if (screen.endsWith("compose")) {
        page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Name: Text").setExact(true))
            .click();
        assertThat(page.getByLabel("Words", new Page.GetByLabelOptions().setExact(true)))
            .isVisible();
      }
      away.put(screen, page.evaluate(OUT_OF_REACH));
    }
    away.values().removeIf(List.of()::equals);
    assertEquals(Map.of(), away);
  }
}
