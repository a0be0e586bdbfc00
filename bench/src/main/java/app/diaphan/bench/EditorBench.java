package app.diaphan.bench;

import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;

/** The hand's own lines: from a key to the true picture, and pictures a second while dragging. */
final class EditorBench {
  private static final int KEYS = 60;

  /** Six keys a second make so many drawings in three minutes. */
  private static final int DRAWINGS_OF_A_SITTING = 1000;

  private static final int OPENINGS = 7;

  private EditorBench() {}

  static List<Line> run(Demo demo) throws Exception {
    try (Screen screen = Screen.of(demo)) {
      // The bar is for a warm machine; a sitting of some minutes warms it as these drawings do.
      for (int i = 0; i < DRAWINGS_OF_A_SITTING; i++) {
        screen
            .bean(DrawingService.class)
            .draw(1L, EngineBench.renamed(demo.lowerThird(), "Warm " + i), 1, "name");
      }
      int port = screen.port();
      Page page = screen.page();
      page.navigate("http://127.0.0.1:" + port + "/overlays/2/compose");
      page.getByTestId("composite").waitFor();
      page.getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Name: Text").setExact(true))
          .click();
      // At 1:1 the whole 1080p frame is drawn.
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("1:1")).click();
      double[] keys = keyTimes(page);
      List<Line> lines = new ArrayList<>();
      lines.add(
          Line.atMost(
              "editor/key to true picture, 1080p at 1:1, p95",
              Clock.percentile(keys, 0.95),
              "ms",
              120));
      lines.add(
          Line.atMost(
              "editor/key to true picture, 1080p at 1:1, median",
              Clock.percentile(keys, 0.5),
              "ms",
              120));
      double[] drags = dragTimes(page);
      lines.add(
          Line.atMost(
              "editor/value of a finish dragged to true picture, p95",
              Clock.percentile(drags, 0.95),
              "ms",
              120));
      lines.add(
          Line.atMost(
              "editor/value of a finish dragged to true picture, median",
              Clock.percentile(drags, 0.5),
              "ms",
              120));
      lines.addAll(crowded(screen.bean(PackageStore.class), page, port));
      lines.add(StrokeBench.run(screen.server(), page, port));
      lines.addAll(ProofBench.run(page, port));
      return lines;
    }
  }

  /** Opening an overlay of many pieces, and what the hand does to one of them. */
  private static List<Line> crowded(PackageStore store, Page page, int port) {
    long id = store.add(1L, Crowded.overlay()).id();
    String address = "http://127.0.0.1:" + port + "/overlays/" + id + "/compose";
    double[] opened = new double[OPENINGS];
    for (int i = 0; i < OPENINGS; i++) {
      page.navigate(address);
      page.waitForFunction(
          "() => document.querySelector('[data-testid=composite]')?.dataset.current === 'true'");
      // Since the navigation began; the first opening warms the server.
      opened[i] = ((Number) page.evaluate("() => performance.now()")).doubleValue();
      page.waitForTimeout(600);
    }
    page.setViewportSize(1920, 1080);
    page.waitForTimeout(1500);
    page.keyboard().press("s");
    String what = Crowded.PIECES + " pieces";
    BoundingBox stage =
        page.getByLabel("Stage", new Page.GetByLabelOptions().setExact(true)).boundingBox();
    double heldX = stage.x + stage.width * 300 / 1920;
    double heldY = stage.y + stage.height * 225 / 1080;
    Rate dragged = rate(page, heldX, heldY);
    page.keyboard().press("Control+z");
    page.waitForTimeout(800);
    page.mouse().click(heldX, heldY);
    page.waitForTimeout(300);
    BoundingBox corner = page.getByTestId("handle-bottomRight").boundingBox();
    Rate sized = rate(page, corner.x + corner.width / 2, corner.y + corner.height / 2);
    page.keyboard().press("Control+z");
    page.waitForTimeout(800);
    BoundingBox diamond = page.getByTestId("turn-handle").boundingBox();
    Rate turned = rate(page, diamond.x + diamond.width / 2, diamond.y + diamond.height / 2);
    return List.of(
        Line.atMost("editor/opening " + what, Clock.percentile(opened, 0.5), "ms", 1000),
        Line.atLeast(
            "editor/pictures a second, dragging one of " + what, dragged.pictures(), "/s", 59),
        Line.atLeast("editor/pictures a second, sizing one of " + what, sized.pictures(), "/s", 59),
        Line.atLeast(
            "editor/pictures a second, turning one of " + what, turned.pictures(), "/s", 59),
        Line.atMost(
            "editor/requests while the hand moves",
            dragged.requests() + sized.requests() + turned.requests(),
            "",
            0));
  }

  private record Rate(double pictures, int requests) {}

  /** Takes what lies at a point of the screen, and moves it about for three seconds. */
  private static Rate rate(Page page, double x, double y) {
    page.waitForLoadState(LoadState.NETWORKIDLE);
    AtomicInteger requests = new AtomicInteger();
    page.mouse().move(x, y);
    page.mouse().down();
    Consumer<Request> counting = request -> requests.incrementAndGet();
    page.onRequest(counting);
    FrameRate.begin(page);
    for (int i = 0; i < 180; i++) {
      page.mouse().move(x + 60 * Math.sin(i / 9.0), y + 40 - 40 * Math.cos(i / 9.0));
    }
    double rate = FrameRate.end(page);
    page.offRequest(counting);
    page.mouse().up();
    page.waitForTimeout(400);
    return new Rate(rate, requests.get());
  }

  /** Timed in the page: from the input event to the frame that shows the composite made from it. */
  private static double[] keyTimes(Page page) {
    Locator words = page.getByLabel("Words", new Page.GetByLabelOptions().setExact(true));
    words.focus();
    clock(page, "input");
    for (int i = 0; i < 2 * KEYS; i++) {
      if (i == KEYS) {
        page.evaluate("() => { window.times.length = 0; }");
      }
      // Letters come and go, so that the words stay about as long as a name is.
      page.keyboard().press(i % 2 == 1 ? "Backspace" : String.valueOf((char) ('a' + i % 26)));
      page.waitForTimeout(160);
    }
    return times(page);
  }

  /** A value of a finish is dragged to and fro, a step at a time. */
  private static double[] dragTimes(Page page) {
    Locator reach = page.getByLabel("Halo reach", new Page.GetByLabelOptions().setExact(true));
    reach.scrollIntoViewIfNeeded();
    BoundingBox box = reach.boundingBox();
    page.mouse().move(box.x + 6, box.y + 6);
    page.mouse().down();
    page.mouse().move(box.x + 14, box.y + 6);
    page.waitForTimeout(400);
    clock(page, "pointermove");
    for (int i = 0; i < 2 * KEYS; i++) {
      if (i == KEYS) {
        page.evaluate("() => { window.times.length = 0; }");
      }
      page.mouse().move(box.x + 14 + 2 * (i % 20 < 10 ? i % 10 : 10 - i % 10), box.y + 6);
      page.waitForTimeout(160);
    }
    page.mouse().up();
    return times(page);
  }

  /** Notes for each event how long it takes to the frame that shows the composite made from it. */
  private static void clock(Page page, String event) {
    page.evaluate(
        "event => { window.times = []; document.addEventListener(event, () => {"
            + " const start = performance.now();"
            + " const look = () => requestAnimationFrame(() => {"
            + "  const c = document.querySelector('[data-testid=composite]');"
            + "  if (c.dataset.current === 'true' && performance.now() - start > 4)"
            + "   window.times.push(performance.now() - start); else look(); });"
            + " look(); }); }",
        event);
  }

  private static double[] times(Page page) {
    return ((List<?>) page.evaluate("() => window.times"))
        .stream().mapToDouble(value -> ((Number) value).doubleValue()).toArray();
  }
}
