package app.diaphan.bench;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/** The wall after a change, and how many pictures a second the screening paints. */
final class ProofBench {
  private static final int CHANGES = 20;

  private ProofBench() {}

  static List<Line> run(Page page, int port) {
    page.setViewportSize(1280, 800);
    page.navigate("http://127.0.0.1:" + port + "/overlays/2/compose");
    page.getByTestId("composite").waitFor();
    // A change to be undone and done again: it can be made on every screen.
    button(page, "Name: Text");
    page.getByLabel("Stage", new Page.GetByLabelOptions().setExact(true)).focus();
    page.keyboard().press("Shift+ArrowUp");
    page.waitForTimeout(1500);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Deliver")).click();
    page.getByTestId("pixel-size").waitFor();
    button(page, "Target 720 lines");
    button(page, "Deliver");
    page.getByRole(AriaRole.ARTICLE).first().waitFor();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Proof")).click();
    page.waitForTimeout(3000);
    double[] walls = new double[CHANGES];
    for (int i = 0; i < CHANGES; i++) {
      page.evaluate(
          "() => { const drawn = () => [...document.querySelectorAll('li img')].filter("
              + "  img => img.src.includes('/api/drawn'));"
              + " const before = drawn()[0].src; window.seen = 0; window.began = 0;"
              + " document.addEventListener('keydown', () => { window.began = performance.now(); },"
              + "  { once: true, capture: true });"
              + " const look = () => requestAnimationFrame(() => {"
              + "  if (window.began && drawn().every(img => img.src !== before))"
              + "   window.seen = performance.now() - window.began; else look(); }); look(); }");
      page.keyboard().press(i % 2 == 0 ? "Control+z" : "Control+Shift+z");
      page.waitForFunction("() => window.seen > 0");
      walls[i] = ((Number) page.evaluate("() => window.seen")).doubleValue();
      page.waitForTimeout(700);
    }
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Screening")).click();
    page.waitForTimeout(1500);
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Clip")).click();
    page.getByLabel("Size of the clip").selectOption("1280 × 720");
    button(page, "Play");
    page.waitForTimeout(3000);
    String rate = page.getByTestId("screening-rate").textContent();
    return List.of(
        Line.atMost(
            "editor/wall repainted after a change, median",
            Clock.percentile(walls, 0.5),
            "ms",
            300),
        Line.atLeast(
            "editor/screening at 1280 × 720",
            Double.parseDouble(rate.replaceAll("\\D+", "")),
            "/s",
            25));
  }

  private static void button(Page page, String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }
}
