package app.diaphan.bench;

import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The step Roster in the browser: how soon a table is seen, and how it scrolls. */
final class RosterScreenBench {
  private static final int ROWS = 200;
  private static final String TABLE = "Another table, or pictures";

  /** Waits until all pictures in view are there, and tells the time since the table was given. */
  private static final String PICTURES =
      """
      () => {
        const grid = document.querySelector('[role=grid][aria-rowcount="%d"]');
        const pictures = [...(grid?.querySelectorAll('img') ?? [])];
        return pictures.length > 4 && pictures.every(one => one.complete && one.naturalWidth > 0);
      }""";

  private RosterScreenBench() {}

  static List<Line> run(Demo demo) throws Exception {
    Path work = Files.createTempDirectory("diaphan-roster");
    Path table = RosterBench.table(work, ROWS);
    Path workbook = Files.write(work.resolve("many.xlsx"), RosterBench.workbook());
    try (Screen screen = Screen.of(demo)) {
      long plate =
          screen.bean(PackageStore.class).overlaysOf(1L).stream()
              .filter(overlay -> overlay.name().equals("Skipper plate"))
              .findFirst()
              .orElseThrow()
              .id();
      Page page = screen.page();
      page.navigate("http://127.0.0.1:" + screen.port() + "/overlays/" + plate + "/roster");
      page.waitForFunction(PICTURES.formatted(25)); // The demo's own: the server is warm then.
      double pictures = given(page, table, PICTURES.formatted(ROWS + 1));
      double shown =
          given(
              page,
              workbook,
              "() => document.querySelector('[role=grid][aria-rowcount=\"10001\"] [role=rowheader]')");
      return List.of(
          Line.atMost("roster/screen: pictures in view of 200 rows given", pictures, "s", 2),
          Line.atMost("roster/screen: an XLSX of 10000 rows shown", shown, "s", 3),
          Line.atLeast(
              "roster/screen: pictures a second, scrolling 10000 rows", scrolled(page), "/s", 59));
    }
  }

  private static double given(Page page, Path table, String there) {
    long began = System.nanoTime();
    page.getByLabel(TABLE).setInputFiles(table);
    page.waitForFunction(there, null, new Page.WaitForFunctionOptions().setPollingInterval(10));
    return (System.nanoTime() - began) / 1e9;
  }

  private static double scrolled(Page page) {
    page.waitForTimeout(5000);
    BoundingBox grid = page.locator("[role=grid]").boundingBox();
    page.mouse().move(grid.x + grid.width / 2, grid.y + grid.height / 2);
    page.evaluate(
        "() => { window.frames = []; const tick = t => { window.frames.push(t);"
            + " requestAnimationFrame(tick); }; requestAnimationFrame(tick); }");
    for (int i = 0; i < 180; i++) {
      page.mouse().wheel(0, 300);
      page.waitForTimeout(16);
    }
    return ((Number)
            page.evaluate(
                "() => 1000 * (window.frames.length - 1)"
                    + " / (window.frames.at(-1) - window.frames[0])"))
        .doubleValue();
  }
}
