package app.diaphan.e2e;

import static app.diaphan.e2e.FromNothingToFilesTest.upToDate;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Hands and keys on the stage and the stack, with the demo's lower third. */
class ComposeTest {
  @RegisterExtension final Browser browser = new Browser();

  @Test
  void draggingABackingPlateTakesAlongAllOfIt() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    Overlay before = compose.saved();
    String picture = page.getByTestId("composite").getAttribute("src");
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.keyboard().press("s");
    List<String> requests = new ArrayList<>();
    double[] from = compose.at(950, 970);
    double[] to = compose.at(1050, 870);
    page.mouse().move(from[0], from[1]);
    page.mouse().down();
    page.onRequest(request -> requests.add(request.method() + " " + request.url()));
    for (int i = 1; i <= 20; i++) {
      page.mouse().move(from[0] + (to[0] - from[0]) * i / 20, from[1] + (to[1] - from[1]) * i / 20);
    }
    assertEquals(List.of(), requests, "no request for a move");
    page.mouse().up();
    Overlay after = compose.saved();
    assertNotEquals(picture, page.getByTestId("composite").getAttribute("src"));
    for (String id : List.of("name", "pennant")) {
      var was = Pieces.get(before, id).place();
      var is = Pieces.get(after, id).place();
      assertEquals(was.right() + 100, is.right(), 3, id);
      assertEquals(was.down() - 100, is.down(), 3, id);
    }
    assertEquals(
        Pieces.get(before, "boat"),
        Pieces.get(after, "boat"),
        "what hangs follows without a change of its own");
  }

  @Test
  void handlesSizeAndTurnWithoutMovingTheOtherSide() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    page.keyboard().press("s");
    page.keyboard().press("p");
    double hundred = compose.at(100, 0)[0] - compose.at(0, 0)[0];
    double[] right = compose.mark("handle-right");
    compose.drag(right, new double[] {right[0] + hundred, right[1]});
    PlatePiece sized = (PlatePiece) compose.saved().stack().getFirst();
    assertEquals(740, sized.width(), 4);
    assertEquals(140, sized.height());
    assertEquals(50, sized.place().right(), 2, "the left side stays");
    page.keyboard().down("Alt");
    right = compose.mark("handle-right");
    compose.drag(right, new double[] {right[0] - hundred, right[1]});
    page.keyboard().up("Alt");
    PlatePiece centred = (PlatePiece) compose.saved().stack().getFirst();
    assertEquals(540, centred.width(), 4);
    assertEquals(sized.place().right(), centred.place().right(), 0.01, "the middle stays");
    double[] turn = compose.mark("turn-handle");
    page.keyboard().down("Shift");
    compose.drag(turn, new double[] {turn[0] + 60, turn[1] + 10});
    page.keyboard().up("Shift");
    double turned = compose.saved().stack().getFirst().place().turn();
    assertTrue(turned > 0 && turned % 15 == 0, "turned " + turned);
  }

  @Test
  void anotherPinLeavesThePieceWhereItIs() throws IOException {
    Compose compose = Compose.open(browser, 2);
    compose.choose("Name: Text");
    Locator readOut = compose.labelled("Distance to the frame's edges in pixels and percent");
    String before = readOut.textContent();
    compose.labelled("Pin: point").selectOption("top right");
    compose.labelled("Pin: area").selectOption("the frame");
    compose.labelled("Pin: area").selectOption("Pennant");
    assertEquals(new Hook.OfPiece("pennant"), compose.piece("name").place().hook());
    assertEquals(before, readOut.textContent());
    assertThat(compose.page().getByTestId("thread")).isVisible();
    // The pennant backs nothing, but the boat's name hangs from the name: no circle may come of it.
    compose.choose("Pennant: Picture");
    compose.labelled("Pin: area").selectOption("Name");
    assertThat(compose.page().getByRole(AriaRole.ALERT)).containsText("itself");
  }

  @Test
  void theHistoryIsReadAndGoneBackTo() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    Overlay before = compose.saved();
    compose.choose("Name: Text");
    compose.labelled("Words").fill("Bram");
    page.keyboard().press("Escape");
    compose.choose("Boat and club: Text");
    compose.button("Add a finish").click();
    compose.button("Add an outline").click();
    compose.saved();
    compose.button("Take away (Delete)").click();
    Overlay after = compose.saved();
    assertEquals(before.stack().size() - 1, after.stack().size());
    page.keyboard().press("Escape");
    page.keyboard().press("y");
    Locator steps = page.getByLabel("Steps", new Page.GetByLabelOptions().setExact(true));
    assertThat(steps.getByRole(AriaRole.BUTTON))
        .hasText(
            new String[] {
              "Opened", "Type words: Name", "Add an outline: Boat and club", "Take away"
            });
    steps.getByText("Type words").click();
    assertEquals("Bram", ((TextPiece) compose.piece("name")).words());
    assertEquals(before.stack().size(), compose.saved().stack().size());
    page.keyboard().press("Control+z");
    assertEquals(before, compose.saved());
    for (int i = 0; i < 3; i++) {
      page.keyboard().press("Control+Shift+Z");
    }
    assertEquals(after, compose.saved());
  }

  @Test
  void anyRevisionIsNamedAndGoneBackTo() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    Overlay first = compose.saved();
    compose.choose("Name: Text");
    compose.labelled("Words").fill("Bram Oakhollow");
    compose.saved();
    page.keyboard().press("Escape");
    compose.button("History").click();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Revisions")).click();
    Locator name = compose.labelled("Name of revision 1");
    name.fill("As approved");
    name.press("Enter");
    compose.button("Go back to revision 1").click();
    assertEquals(first, compose.saved());
    page.reload();
    upToDate(page);
    compose.button("History").click();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Revisions")).click();
    assertThat(compose.labelled("Name of revision 1")).hasValue("As approved");
    assertTrue(
        browser.bean(PackageStore.class).revisionsOf(2L).size() >= 3,
        "going back keeps what came between");
  }

  @Test
  void aStaleSaveIsSaidAndNothingIsLost() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    PackageStore store = browser.bean(PackageStore.class);
    Overlay elsewhere = compose.saved().withStack(compose.saved().stack().subList(0, 2));
    store.save(2L, 1, elsewhere);
    compose.choose("Name: Text");
    compose.labelled("Words").fill("Mine");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("saved from elsewhere");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep mine")).click();
    assertEquals("Mine", ((TextPiece) compose.piece("name")).words());
    assertEquals(3, store.revisionsOf(2L).size(), "the other version is among the revisions");
  }

  @Test
  void aClosedTabLosesNoMoreThanTheLastMoment() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    compose.choose("Name: Text");
    compose.labelled("Words").focus();
    // Typed without a rest: it is saved meanwhile all the same.
    long until = System.nanoTime() + 2_500_000_000L;
    while (System.nanoTime() < until) {
      page.keyboard().press("x");
      page.waitForTimeout(60);
    }
    assertTrue(
        browser.bean(PackageStore.class).revisionsOf(2L).size() >= 3,
        "saved while the hand did not rest");
    page.close();
  }

  @Test
  void aPictureIsAddedAndABadOneRefused() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    compose.button("Picture").click();
    page.getByLabel("Picture file").setInputFiles(Browser.DEMO.resolve("package.json"));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("package.json");
    page.getByLabel("Picture file").setInputFiles(Browser.DEMO.resolve("backdrops/sea-fog/01.jpg"));
    assertThat(page.getByText("Its own size is 960 × 540")).isVisible();
    compose.type("Width", "1920");
    assertThat(page.getByText("larger than it is")).isVisible();
    page.getByText("Crop", new Page.GetByTextOptions().setExact(true)).click();
    compose.type("Crop left, percent", "50");
    PicturePiece picture = (PicturePiece) compose.saved().stack().getFirst();
    assertEquals("01.jpg", picture.picture());
    assertEquals(0.5, picture.crop().left());
    compose.type("Crop right, percent", "60");
    assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("leaves nothing");
    page.keyboard().press("Escape");
    page.keyboard().press("Control+z");
    assertEquals(picture, compose.saved().stack().getFirst());
  }

  @Test
  void theFrameIsChangedAfterALook() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    page.keyboard().press("Alt+1");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("UHD 2160")).click();
    assertThat(page.getByAltText("The overlay on the other frame")).isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take this frame")).click();
    upToDate(page);
    Overlay large = compose.saved();
    assertEquals(3840, large.frame().width());
    assertEquals(24, ((PlatePiece) compose.piece("accent")).width());
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
