package app.diaphan.e2e;

import static app.diaphan.e2e.FromNothingToFilesTest.upToDate;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Hands and keys on the stage and the stack, with the demo's lower third. */
class ComposeTest {
  @RegisterExtension final Browser browser = new Browser();

  private Page compose() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/2/compose");
    Page page = browser.page();
    upToDate(page);
    return page;
  }

  private Overlay saved(Page page) {
    assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true))).isVisible();
    return PackageStore.documentOf(browser.bean(PackageStore.class).overlay(2L));
  }

  private static Piece piece(Overlay overlay, String id) {
    return overlay.stack().stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
  }

  private static void choose(Page page, String card) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(card).setExact(true))
        .click();
  }

  /** Where a point of the frame lies on the screen. */
  private static double[] at(Page page, double x, double y) {
    BoundingBox stage =
        page.getByLabel("Stage", new Page.GetByLabelOptions().setExact(true)).boundingBox();
    return new double[] {stage.x + x / 1920 * stage.width, stage.y + y / 1080 * stage.height};
  }

  private static void drag(Page page, double[] from, double[] to) {
    page.mouse().move(from[0], from[1]);
    page.mouse().down();
    page.mouse().move((from[0] + to[0]) / 2, (from[1] + to[1]) / 2);
    page.mouse().move(to[0], to[1]);
    page.mouse().up();
  }

  @Test
  void aPieceIsDraggedAndThePicturesFollow() throws IOException {
    Page page = compose();
    Overlay before = saved(page);
    String picture = page.getByTestId("composite").getAttribute("src");
    page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
    java.util.List<String> requests = new java.util.ArrayList<>();
    double[] from = at(page, 1100, 980);
    double[] to = at(page, 1200, 880);
    page.mouse().move(from[0], from[1]);
    page.mouse().down();
    page.onRequest(request -> requests.add(request.method() + " " + request.url()));
    for (int i = 1; i <= 20; i++) {
      page.mouse().move(from[0] + (to[0] - from[0]) * i / 20, from[1] + (to[1] - from[1]) * i / 20);
    }
    assertEquals(java.util.List.of(), requests, "no request for a move");
    page.mouse().up();
    upToDate(page);
    assertNotEquals(picture, page.getByTestId("composite").getAttribute("src"));
    var was = piece(before, "plate").place();
    var is = piece(saved(page), "plate").place();
    assertEquals(was.right() + 100, is.right(), 3);
    assertEquals(was.down() - 100, is.down(), 3);
  }

  @Test
  void handlesSizeAndTurnWithoutMovingTheOtherSide() throws IOException {
    Page page = compose();
    choose(page, "Plate: Plate");
    BoundingBox right = page.getByTestId("handle-right").boundingBox();
    double x = right.x + right.width / 2;
    double y = right.y + right.height / 2;
    double[] unit = at(page, 100, 0);
    double hundred = unit[0] - at(page, 0, 0)[0];
    drag(page, new double[] {x, y}, new double[] {x + hundred, y});
    upToDate(page);
    PlatePiece sized = (PlatePiece) piece(saved(page), "plate");
    assertEquals(1220, sized.width(), 4);
    assertEquals(168, sized.height());
    assertEquals(0, sized.place().right(), 0.01, "the left side stays, so the pin's offset does");
    BoundingBox turn = page.getByTestId("turn-handle").boundingBox();
    page.keyboard().down("Shift");
    drag(
        page,
        new double[] {turn.x + turn.width / 2, turn.y + turn.height / 2},
        new double[] {turn.x + 60, turn.y + 10});
    page.keyboard().up("Shift");
    upToDate(page);
    double turned = piece(saved(page), "plate").place().turn();
    assertTrue(turned > 0 && turned % 15 == 0, "turned " + turned);
  }

  @Test
  void anotherPinLeavesThePieceWhereItIs() throws IOException {
    Page page = compose();
    choose(page, "Name: Text");
    Locator readOut = page.getByLabel("Distance to the frame's edges in pixels");
    String before = readOut.textContent();
    page.getByLabel("Pin: point").selectOption("top right");
    page.getByLabel("Pin: area").selectOption("the frame");
    upToDate(page);
    assertEquals(before, readOut.textContent());
    assertThat(page.getByLabel("Sideways")).hasValue("1");
  }

  @Test
  void undoAndRedoGoAllTheWay() throws IOException {
    Page page = compose();
    Overlay before = saved(page);
    choose(page, "Name: Text");
    page.getByLabel("Words", new Page.GetByLabelOptions().setExact(true)).fill("Bram");
    page.keyboard().press("Escape");
    choose(page, "Boat: Text");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add an outline")).click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take away (Delete)"))
        .click();
    Overlay after = saved(page);
    assertEquals(before.stack().size() - 1, after.stack().size());
    Locator undo = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"));
    while (undo.isEnabled()) {
      undo.click();
    }
    upToDate(page);
    assertEquals(before, saved(page));
    Locator redo = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Redo"));
    while (redo.isEnabled()) {
      redo.click();
    }
    upToDate(page);
    assertEquals(after, saved(page));
  }

  @Test
  void aStaleSaveIsSaidAndNothingIsLost() throws IOException {
    Page page = compose();
    PackageStore store = browser.bean(PackageStore.class);
    Overlay elsewhere = saved(page).withStack(saved(page).stack().subList(0, 2));
    store.save(2L, 1, elsewhere);
    choose(page, "Name: Text");
    page.getByLabel("Words", new Page.GetByLabelOptions().setExact(true)).fill("Mine");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("saved from elsewhere");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep mine")).click();
    Overlay kept = saved(page);
    assertEquals("Mine", ((TextPiece) piece(kept, "name")).words());
    assertEquals(3, store.revisionsOf(2L).size(), "the other version is among the revisions");
  }

  @Test
  void aPictureIsAddedAndABadOneRefused() throws IOException {
    Page page = compose();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Picture").setExact(true))
        .click();
    page.getByLabel("Picture file").setInputFiles(Browser.DEMO.resolve("package.json"));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("package.json");
    page.getByLabel("Picture file").setInputFiles(Browser.DEMO.resolve("backdrops/sea-fog/01.jpg"));
    assertThat(page.getByText("Its own size is 960 × 540")).isVisible();
    upToDate(page);
    assertEquals(
        "01.jpg",
        ((app.diaphan.core.overlay.PicturePiece) saved(page).stack().getFirst()).picture());
  }

  @Test
  void theFrameIsChangedAfterALook() throws IOException {
    Page page = compose();
    page.keyboard().press("Alt+1");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("UHD 2160")).click();
    assertThat(page.getByAltText("The overlay on the other frame")).isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take this frame")).click();
    upToDate(page);
    Overlay large = saved(page);
    assertEquals(3840, large.frame().width());
    assertEquals(2240, ((PlatePiece) piece(large, "plate")).width());
    page.keyboard().press("Alt+1");
    page.getByLabel("Own width").fill("abc");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("abc");
    page.getByLabel("Own width").fill("20000");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("16384");
    assertThat(
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Use this size")))
        .isDisabled();
  }
}
