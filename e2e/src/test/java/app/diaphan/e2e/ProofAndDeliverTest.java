package app.diaphan.e2e;

import static app.diaphan.e2e.FromNothingToFilesTest.upToDate;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Overlay;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Looking at the demo's overlays over everything, and delivering them for other frames. */
class ProofAndDeliverTest {
  @RegisterExtension final Browser browser = new Browser();

  private Locator button(String name) {
    return browser
        .page()
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void theWallShowsEveryBackdropAndEveryStill() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/2/proof");
    Page page = browser.page();
    for (String name :
        new String[] {
          "Checker",
          "Mid-grey",
          "Black",
          "White",
          "Quay at dusk",
          "White sails",
          "Crowd at the rail",
          "Sea fog"
        }) {
      assertThat(button("Over " + name + ": look closer")).isVisible();
    }
    Locator still = button("Over Quay at dusk: look closer").locator("img").first();
    String before = still.getAttribute("src");
    button("Quay at dusk: still after").click();
    assertThat(page.getByText("still 2 of 8")).isVisible();
    assertNotEquals(before, still.getAttribute("src"));
    button("Over Quay at dusk: look closer").click();
    page.keyboard().press("ArrowRight");
    assertThat(page.getByText("Sea fog", new Page.GetByTextOptions().setExact(true))).isVisible();
    page.keyboard().press("a");
    assertThat(button("Fit the frame")).isVisible();
    page.getByLabel("How it is seen").selectOption("on a phone, 390 px");
    assertEquals(390, page.getByTestId("proof-one").boundingBox().width, 1);
    page.getByLabel("What is shown").selectOption("its alpha alone");
    String filter =
        (String)
            page.getByTestId("proof-one")
                .locator("span.invert")
                .evaluate("element => getComputedStyle(element).filter");
    assertTrue(filter.contains("invert(1)"), filter);
    page.getByLabel("What is shown").blur();
    page.keyboard().press("Escape");
    assertThat(button("Over Checker: look closer")).isVisible();
  }

  /** The words are moved so that the frames of all targets cut them. */
  @Test
  void cutWordsStandOnTheCardsAndAreAskedAboutOnce() throws IOException {
    Compose compose =
        Compose.openNew(
            browser,
            like ->
                new Overlay(
                    "Cut",
                    like.frame(),
                    like.stack().stream()
                        .map(
                            piece ->
                                piece.name().equals("Name")
                                    ? piece.withPlace(piece.place().withOffset(-400, 0))
                                    : piece)
                        .toList()));
    Page page = compose.page();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Deliver")).click();
    assertThat(button("Target As designed")).containsText("open in Proof");
    assertThat(
            page.getByRole(
                AriaRole.REGION,
                new Page.GetByRoleOptions().setName("Open in Proof at As designed")))
        .containsText("The frame cuts");
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Whole package")).click();
    button("Deliver the package").click();
    assertThat(page.getByRole(AriaRole.ALERTDIALOG)).containsText("Cut at As designed: The frame");
    assertThat(page.getByRole(AriaRole.ALERTDIALOG)).not().containsText("Watermark");
    button("Not now").click();
    assertThat(button("Deliver the package")).isEnabled();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Delivered")).click();
    Locator question = page.getByRole(AriaRole.ALERTDIALOG);
    Path file = browser.data().resolve("deliveries/1-lantern-reach-regatta/cut.png");
    button("Deliver").click();
    assertThat(question).containsText("As designed: The frame cuts");
    button("Not now").click();
    assertThat(question).hasCount(0);
    assertFalse(Files.exists(file), "nothing was written");
    button("Deliver").click();
    assertThat(button("Deliver all the same")).isFocused();
    page.keyboard().press("Enter");
    assertThat(page.getByText("read back equal")).hasCount(1);
    assertTrue(Files.exists(file));
    button("Deliver").click();
    assertThat(page.getByText("read back equal")).hasCount(2);
    assertThat(question).hasCount(0);
  }

  @Test
  void whatIsFoundLeadsToThePieceAndGoesOnceItIsPutRight() throws IOException {
    Compose compose =
        Compose.openNew(
            browser,
            like ->
                new Overlay(
                    "Planted",
                    like.frame(),
                    like.stack().stream()
                        .map(
                            piece ->
                                piece.name().equals("Name")
                                    ? piece.withPlace(piece.place().withOffset(-60, -200))
                                    : piece)
                        .toList()));
    Page page = compose.page();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Proof")).click();
    Locator checks = page.getByLabel("Checks", new Page.GetByLabelOptions().setExact(true));
    assertThat(checks).containsText("\"Name\" reaches");
    assertThat(checks).containsText("out of title-safe");
    checks
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Go to Name"))
        .first()
        .click();
    assertThat(compose.labelled("Sideways")).isVisible();
    assertThat(compose.button("Name: Text")).hasAttribute("aria-expanded", "true");
    compose.labelled("Sideways").selectOption("right");
    compose.saved();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Proof")).click();
    assertThat(checks).hasAttribute("aria-busy", "false");
    assertThat(checks).not().containsText("\"Name\" reaches");
  }

  @Test
  void oneOverlayIsDrawnAnewForALargerFrame() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/5/deliver");
    Page page = browser.page();
    assertThat(page.getByTestId("pixel-size")).containsText("800 × 800");
    page.getByLabel("Target frame").selectOption("Square, 1080 × 1080");
    assertThat(page.getByTestId("pixel-size")).containsText("1080 × 1080");
    button("Deliver").click();
    assertThat(page.getByText("1080 × 1080, 8 bits a channel, one straight alpha")).isVisible();
    BufferedImage mark =
        ImageIO.read(
            browser.data().resolve("deliveries/1-lantern-reach-regatta/channel-mark.png").toFile());
    assertEquals(1080, mark.getWidth());
    assertEquals(255, mark.getRaster().getSample(540, 200, 3));
    assertEquals(0, mark.getRaster().getSample(10, 10, 3));
    // Delivering again replaces the file and keeps the history.
    assertThat(page.getByText("will be replaced in one step")).isVisible();
    button("Deliver").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(2);
  }

  @Test
  void theStageZoomsAndChangesItsBackdropByKeys() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/2/compose");
    Page page = browser.page();
    upToDate(page);
    Locator zoom = page.getByLabel("Zoom", new Page.GetByLabelOptions().setExact(true));
    String fit = zoom.textContent();
    page.keyboard().press("a");
    assertThat(zoom).hasText("100 %");
    page.mouse().move(800, 400);
    page.keyboard().down("Control");
    page.mouse().wheel(0, -200);
    page.keyboard().up("Control");
    assertThat(zoom).not().hasText("100 %");
    page.keyboard().press("f");
    assertThat(zoom).hasText(fit);
    page.keyboard().press("6");
    assertThat(
            page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("6 Quay at dusk")))
        .isChecked();
    page.keyboard().press("g");
    assertThat(page.getByText("Guides", new Page.GetByTextOptions().setExact(true)))
        .hasAttribute("aria-pressed", "false");
  }

  @Test
  void aPackageGoesOutAsABundleAndComesBack() throws IOException {
    browser.loadDemo();
    browser.open("/");
    Page page = browser.page();
    Download bundle =
        page.waitForDownload(
            () ->
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Save as bundle"))
                    .click());
    Path file = bundle.path();
    page.getByLabel("Bundle file")
        .setInputFiles(
            new com.microsoft.playwright.options.FilePayload(
                "regatta.zip", "application/zip", java.nio.file.Files.readAllBytes(file)));
    assertThat(
            page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName("Lantern Reach Regatta")))
        .hasCount(2);
    page.getByLabel("Bundle file").setInputFiles(Browser.DEMO.resolve("package.json"));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("package.json");
    assertThat(page.getByText("Race Day Two").nth(1)).isVisible();
    page.getByLabel("Turn to the light room").click();
    page.reload();
    assertThat(page.getByLabel("Turn to the dark room")).isVisible();
  }
}
