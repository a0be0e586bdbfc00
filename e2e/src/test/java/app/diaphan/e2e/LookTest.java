package app.diaphan.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Every screen in both rooms and sizes: nothing outside the window, nothing axe objects to. */
class LookTest {
  private static final List<String> SCREENS =
      List.of(
          "/",
          "/packages/1/new",
          "/overlays/2/frame",
          "/overlays/2/compose",
          "/overlays/2/proof",
          "/overlays/2/deliver");

  @RegisterExtension final Browser browser = new Browser();

  @Test
  void everyScreenFitsAndIsAccessibleInBothRooms() throws IOException {
    browser.loadDemo();
    for (int[] size : new int[][] {{1280, 800}, {1920, 1080}}) {
      Page page = browser.newPage(size[0], size[1]);
      for (String room : new String[] {"dark-room", "light-room"}) {
        browser.open("/");
        page.evaluate("room => localStorage.setItem('diaphan-room', room)", room);
        for (String screen : SCREENS) {
          browser.open(screen);
          page.waitForLoadState(LoadState.NETWORKIDLE);
          if (screen.endsWith("compose")) {
            page.getByRole(
                    AriaRole.BUTTON,
                    new Page.GetByRoleOptions().setName("Name: Text").setExact(true))
                .click();
            page.waitForLoadState(LoadState.NETWORKIDLE);
          }
          String where = screen + " at " + size[0] + " in the " + room;
          Object wide =
              page.evaluate("() => document.documentElement.scrollWidth - window.innerWidth");
          assertEquals(0, ((Number) wide).intValue(), where);
          if (size[0] == 1280) {
            List<Rule> serious =
                new AxeBuilder(page)
                    .analyze().getViolations().stream()
                        .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                        .toList();
            assertEquals(
                List.of(),
                serious.stream()
                    .map(
                        rule ->
                            where
                                + ": "
                                + rule.getId()
                                + " "
                                + rule.getNodes().getFirst().getHtml())
                    .toList());
            keep(page, screen, room);
          }
        }
      }
    }
  }

  /** With -Ddiaphan.keep-screenshots=true the documentation's pictures are taken anew. */
  private static void keep(Page page, String screen, String room) throws IOException {
    if (Boolean.getBoolean("diaphan.keep-screenshots")) {
      String name = screen.equals("/") ? "start" : screen.substring(screen.lastIndexOf('/') + 1);
      if (name.equals("new")) {
        return;
      }
      String suffix = room.equals("light-room") ? (name.equals("compose") ? "-light" : null) : "";
      if (suffix != null) {
        Path folder = Files.createDirectories(Path.of("../docs/screenshots"));
        page.mouse().move(640, 10);
        page.screenshot(
            new Page.ScreenshotOptions().setPath(folder.resolve(name + suffix + ".png")));
      }
    }
  }
}
