package app.diaphan.bench;

import app.diaphan.server.bundle.BundleWriter;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.ByteArrayOutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The step Roster in the browser: how soon a table is seen, and how it scrolls. */
final class RosterScreenBench {
  private static final int ROWS = 200;
  private static final double PATIENCE_MS = 180_000;
  private static final Pattern PLATE =
      Pattern.compile("\"id\":(\\d+),[^{}]*\"overlay\":\\{\"name\":\"Skipper plate\"");
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
    // As people start it: what is measured is cold, but for the demo's own roster.
    try (ServerProcess server =
            ServerProcess.start(demo.root(), Files.createTempDirectory("diaphan-bench"), "4g");
        Playwright playwright = Screen.playwright();
        Browser browser = Screen.browser(playwright)) {
      ByteArrayOutputStream bundle = new ByteArrayOutputStream();
      BundleWriter.writeZip(demo.bundle(), bundle);
      server.upload("/api/packages/bundle", "demo.zip", bundle.toByteArray());
      Page page = Screen.page(browser);
      Matcher plate = PLATE.matcher(server.get("/api/packages/1/overlays").text());
      if (!plate.find()) {
        throw new IllegalStateException("The demo has no plate for skippers.");
      }
      page.navigate(server.address() + "/overlays/" + plate.group(1) + "/roster");
      page.waitForFunction(PICTURES.formatted(25)); // The demo's own: the server is warm then.
      double pictures = given(page, table, PICTURES.formatted(ROWS + 1));
      rest(page);
      double shown =
          given(
              page,
              workbook,
              "() => document.querySelector('[role=grid][aria-rowcount=\"10001\"] [role=rowheader]')");
      page.waitForTimeout(1500);
      double checking = scrolled(page);
      rest(page);
      return List.of(
          Line.atMost("roster/screen: pictures in view of 200 rows given", pictures, "s", 2),
          Line.atMost("roster/screen: an XLSX of 10000 rows shown", shown, "s", 3),
          Line.atLeast(
              "roster/screen: pictures a second, scrolling 10000 rows", scrolled(page), "/s", 59),
          Line.atLeast(
              "roster/screen: pictures a second, while they are checked", checking, "/s", 50));
    }
  }

  /** Waits until the rows are checked, which takes the whole machine for a while. */
  private static void rest(Page page) {
    page.waitForTimeout(1500);
    page.getByText("Rows are being checked…")
        .waitFor(
            new Locator.WaitForOptions()
                .setState(WaitForSelectorState.HIDDEN)
                .setTimeout(PATIENCE_MS));
    page.waitForTimeout(1500);
  }

  private static double given(Page page, Path table, String there) {
    long began = System.nanoTime();
    page.getByLabel(TABLE).setInputFiles(table);
    page.waitForFunction(there, null, new Page.WaitForFunctionOptions().setPollingInterval(10));
    return (System.nanoTime() - began) / 1e9;
  }

  private static double scrolled(Page page) {
    BoundingBox grid = page.locator("[role=grid]").boundingBox();
    page.mouse().move(grid.x + grid.width / 2, grid.y + grid.height / 2);
    FrameRate.begin(page);
    for (int i = 0; i < 180; i++) {
      page.mouse().wheel(0, 300);
      page.waitForTimeout(16);
    }
    return FrameRate.end(page);
  }
}
