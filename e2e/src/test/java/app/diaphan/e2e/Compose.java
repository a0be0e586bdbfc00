package app.diaphan.e2e;

import static app.diaphan.e2e.FromNothingToFilesTest.upToDate;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.JSHandle;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** The Compose screen of one of the demo's overlays, and where things lie on it. */
final class Compose {
  private final Browser browser;
  private final Page page;
  private final long id;

  private Compose(Browser browser, Page page, long id) {
    this.browser = browser;
    this.page = page;
    this.id = id;
  }

  /** Opens an overlay of the demo by its place in the package, from 1. */
  static Compose open(Browser browser, long id) throws IOException {
    browser.loadDemo();
    return again(browser, id);
  }

  /** Opens an overlay that is put into the demo's package for this. */
  static Compose openNew(Browser browser, UnaryOperator<Overlay> of) throws IOException {
    browser.loadDemo();
    PackageStore packages = browser.bean(PackageStore.class);
    Overlay lowerThird = PackageStore.documentOf(packages.overlay(2L));
    return again(browser, packages.add(1L, of.apply(lowerThird)).id());
  }

  static Compose again(Browser browser, long id) {
    browser.open("/overlays/" + id + "/compose");
    upToDate(browser.page());
    return new Compose(browser, browser.page(), id);
  }

  Page page() {
    return page;
  }

  Overlay saved() {
    upToDate(page);
    assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true))).isVisible();
    return PackageStore.documentOf(browser.bean(PackageStore.class).overlay(id));
  }

  Piece piece(String pieceId) {
    return Pieces.get(saved(), pieceId);
  }

  void choose(String card) {
    button(card).click();
  }

  Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator labelled(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  /** Where a point of the frame lies on the screen. */
  double[] at(double x, double y) {
    BoundingBox stage = labelled("Stage").boundingBox();
    var frame = saved().frame();
    return new double[] {
      stage.x + x / frame.displayWidth() * stage.width, stage.y + y / frame.height() * stage.height
    };
  }

  /** Where the middle of one of the marks on the stage lies on the screen. */
  double[] mark(String testId) {
    BoundingBox box = page.getByTestId(testId).boundingBox();
    return new double[] {box.x + box.width / 2, box.y + box.height / 2};
  }

  void drag(double[] from, double[] to) {
    take(from, to);
    page.mouse().up();
  }

  /** Drags without letting go. */
  void take(double[] from, double[] to) {
    page.mouse().move(from[0], from[1]);
    page.mouse().down();
    page.mouse().move((from[0] + to[0]) / 2, (from[1] + to[1]) / 2);
    page.mouse().move(to[0], to[1]);
  }

  /** Drops files at a point of the frame, as a browser does from the desktop. */
  void drop(double x, double y, Map<String, byte[]> files) {
    List<List<String>> given =
        files.entrySet().stream()
            .map(
                file -> List.of(file.getKey(), Base64.getEncoder().encodeToString(file.getValue())))
            .toList();
    JSHandle carried =
        page.evaluateHandle(
            """
                files => {
                  const carried = new DataTransfer();
                  for (const [name, content] of files) {
                    const bytes = Uint8Array.from(atob(content), c => c.charCodeAt(0));
                    carried.items.add(new File([bytes], name));
                  }
                  return carried;
                }""",
            given);
    double[] at = at(x, y);
    for (String type : List.of("dragover", "drop")) {
      page.getByTestId("drop-target")
          .dispatchEvent(type, Map.of("dataTransfer", carried, "clientX", at[0], "clientY", at[1]));
    }
  }

  /** Chooses from a list whose words are shown in their own letters. */
  void letters(String label, String word) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(label + ": ")).click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(word).setExact(true))
        .click();
  }

  void type(String label, String value) {
    Locator field = labelled(label);
    field.click();
    field.fill(value);
    field.press("Enter");
  }
}
