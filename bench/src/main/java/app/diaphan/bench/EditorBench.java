package app.diaphan.bench;

import app.diaphan.server.ServerApplication;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.springframework.boot.web.server.context.WebServerApplicationContext;

/** The hand's own lines: from a key to the true picture, and pictures a second while dragging. */
final class EditorBench {
  private static final int KEYS = 60;

  private EditorBench() {}

  static List<Line> run(Demo demo) throws Exception {
    Path data = Files.createTempDirectory("diaphan-bench");
    try (var server = ServerApplication.start(data, 0);
        Playwright playwright =
            Playwright.create(
                new Playwright.CreateOptions()
                    .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        Browser browser =
            playwright
                .chromium()
                .launch(
                    new BrowserType.LaunchOptions()
                        .setExecutablePath(
                            Path.of(
                                System.getenv()
                                    .getOrDefault("DIAPHAN_CHROMIUM", "/usr/bin/chromium")))
                        .setArgs(
                            List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")))) {
      server.getBean(PackageStore.class).add(demo.bundle());
      // The bar is for a warm machine; a sitting of some minutes warms it as these drawings do.
      for (int i = 0; i < 300; i++) {
        server
            .getBean(DrawingService.class)
            .draw(1L, EngineBench.renamed(demo.lowerThird(), "Warm " + i), 1);
      }
      int port = ((WebServerApplicationContext) server).getWebServer().getPort();
      Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
      page.navigate("http://127.0.0.1:" + port + "/overlays/2/compose");
      page.getByTestId("composite").waitFor();
      page.getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Name: Text").setExact(true))
          .click();
      // At 1:1 the whole 1080p frame is drawn.
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("1:1")).click();
      double[] keys = keyTimes(page);
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Fit")).click();
      return List.of(
          Line.atMost(
              "editor/key to true picture, 1080p at 1:1, p95",
              Clock.percentile(keys, 0.95),
              "ms",
              120),
          Line.atMost(
              "editor/key to true picture, 1080p at 1:1, median",
              Clock.percentile(keys, 0.5),
              "ms",
              120),
          Line.atLeast("editor/pictures a second while dragging", dragRate(page), "/s", 59));
    }
  }

  /** Timed in the page: from the input event to the frame that shows the composite made from it. */
  private static double[] keyTimes(Page page) {
    Locator words = page.getByLabel("Words", new Page.GetByLabelOptions().setExact(true));
    words.focus();
    page.evaluate(
        "() => { window.times = []; document.addEventListener('input', () => {"
            + " const start = performance.now();"
            + " const look = () => requestAnimationFrame(() => {"
            + "  const c = document.querySelector('[data-testid=composite]');"
            + "  if (c.dataset.current === 'true' && performance.now() - start > 4)"
            + "   window.times.push(performance.now() - start); else look(); });"
            + " look(); }); }");
    for (int i = 0; i < 2 * KEYS; i++) {
      if (i == KEYS) {
        page.evaluate("() => { window.times.length = 0; }");
      }
      page.keyboard().press(i % 8 == 7 ? "Backspace" : String.valueOf((char) ('a' + i % 26)));
      page.waitForTimeout(160);
    }
    return ((List<?>) page.evaluate("() => window.times"))
        .stream().mapToDouble(value -> ((Number) value).doubleValue()).toArray();
  }

  private static double dragRate(Page page) {
    page.waitForTimeout(800);
    BoundingBox stage =
        page.getByLabel("Stage", new Page.GetByLabelOptions().setExact(true)).boundingBox();
    double x = stage.x + stage.width * 1100 / 1920;
    double y = stage.y + stage.height * 980 / 1080;
    page.mouse().move(x, y);
    page.mouse().down();
    page.evaluate(
        "() => { window.frames = []; const tick = t => { window.frames.push(t);"
            + " requestAnimationFrame(tick); }; requestAnimationFrame(tick); }");
    for (int i = 0; i < 180; i++) {
      page.mouse().move(x + 60 * Math.sin(i / 9.0), y - 40 + 40 * Math.cos(i / 9.0));
    }
    Object rate =
        page.evaluate(
            "() => 1000 * (window.frames.length - 1)"
                + " / (window.frames.at(-1) - window.frames[0])");
    page.mouse().up();
    return ((Number) rate).doubleValue();
  }
}
