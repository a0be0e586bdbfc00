package app.diaphan.bench;

import app.diaphan.core.overlay.OverlayCopy;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/** A change of the demo's house that touches forty overlays, looked at in the browser. */
final class HouseBench {
  private static final int OVERLAYS = 40;
  private static final int FIRST = 12;

  private final Screen screen;

  private HouseBench(Screen screen) {
    this.screen = screen;
  }

  static List<Line> run(Demo demo) throws Exception {
    try (Screen screen = Screen.of(demo)) {
      return new HouseBench(screen).lines();
    }
  }

  private List<Line> lines() {
    copy();
    Page page = screen.page();
    page.navigate("http://127.0.0.1:" + screen.port() + "/packages/1/house");
    page.getByLabel("Lamp, light", new Page.GetByLabelOptions().setExact(true)).fill("#d03060");
    page.waitForTimeout(2000); // The server has just been started.
    long began = System.nanoTime();
    page.keyboard().press("Enter");
    page.getByText("Nothing has been changed yet").waitFor();
    double told = seconds(began);
    began = System.nanoTime();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName("See it before and after").setExact(true))
        .click();
    loaded(page, FIRST);
    double first = seconds(began);
    page.getByText("what is hardest to read first").waitFor();
    double all = seconds(began);
    page.close();
    return List.of(
        Line.atMost("house/a changed colour, what it touches told", told, "s", 2),
        Line.atMost("house/before and after of the first " + FIRST + " overlays", first, "s", 3),
        Line.atMost(
            "house/before and after of " + OVERLAYS + " overlays and their rows", all, "s", 20));
  }

  /** Overlays that have the colour, so many times that there are enough. */
  private void copy() {
    PackageStore store = screen.bean(PackageStore.class);
    List<OverlayEntity> touched =
        store.overlaysOf(1L).stream()
            .filter(overlay -> overlay.document().contains(" Lamp\""))
            .toList();
    for (int i = 0; i < OVERLAYS - touched.size(); i++) {
      OverlayEntity overlay = touched.get(i % touched.size());
      store.copy(overlay.id(), PackageStore.documentOf(overlay).frame(), OverlayCopy.Lengths.STAY);
    }
  }

  /** Waits until so many are there with both pictures. */
  private static void loaded(Page page, int count) {
    page.waitForFunction(
        """
        (count) => {
          const cards = [...document.querySelectorAll("dialog article")];
          const seen = cards.filter((card) => {
            const pictures = [...card.querySelectorAll("figure div div > img:last-child")];
            return pictures.length === 2 && pictures.every((one) => one.complete && one.naturalWidth > 0);
          });
          return seen.length >= count;
        }""",
        count);
  }

  private static double seconds(long began) {
    return (System.nanoTime() - began) / 1e9;
  }
}
