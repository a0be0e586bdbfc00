package app.diaphan.e2e;

import static app.diaphan.e2e.FromNothingToFilesTest.upToDate;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A newcomer's first minutes: an empty data folder, a starter, a file; and the guide. */
class BeginningTest {
  @RegisterExtension final Browser browser = new Browser();

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator starter(Page page, String name) {
    return page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Seven actions: begin, compose, choose the words, type, leave them, to Deliver, deliver. */
  @Test
  void theFirstFileFromAnEmptyFolderTakesSevenActions() throws IOException {
    Page page = browser.page();
    browser.open("/");
    Locator pictures =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("To begin"))
            .getByRole(AriaRole.IMG);
    assertThat(pictures).hasCount(3);
    button(page, "Begin with a starter").click();
    assertThat(starter(page, "Lower third, plate")).isChecked();
    button(page, "Compose it").click();
    assertThat(page.getByText("Role: Text").or(button(page, "Role: Text"))).isVisible();
    upToDate(page);
    button(page, "Name: Text").click();
    page.getByLabel("Words", new Page.GetByLabelOptions().setExact(true)).fill("Tam Orrin");
    page.keyboard().press("Escape");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Deliver")).click();
    button(page, "Deliver").click();
    assertThat(page.getByText("read back equal")).isVisible();
    BufferedImage file =
        ImageIO.read(
            browser.data().resolve("deliveries/1-my-programme/lower-third-plate.png").toFile());
    assertEquals(1920, file.getWidth());
    assertEquals(0, file.getRGB(960, 200) >>> 24, "clear above");
    assertTrue(file.getRGB(150, 980) >>> 24 > 200, "the plate");
  }

  @Test
  void theDemoIsOpenedFromTheEmptyPage() {
    Page page = browser.page();
    browser.open("/");
    button(page, "Look at the demo").click();
    assertThat(page.getByText("Lantern Reach Regatta").first()).isVisible();
    Locator card =
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Race Day Two"));
    assertThat(card.first()).isVisible();
    card.first().click();
    assertThat(button(page, "Title: Race Day Two").or(button(page, "Title: Text"))).isVisible();
    assertEquals(1, browser.bean(PackageStore.class).all().size());
  }

  @Test
  void startersFollowTheFrameAndNamesOfOnesOwnStay() throws IOException {
    browser.loadDemo();
    Page page = browser.page();
    browser.open("/packages/1/new");
    Locator name = page.getByLabel("Name of the overlay");
    starter(page, "Stencil").click();
    assertThat(name).hasValue("Stencil");
    starter(page, "Score plate").click();
    assertThat(name).hasValue("Score plate");
    name.fill("Semi-final");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("1080 × 1920")))
        .first()
        .click();
    starter(page, "Quotation").click();
    assertThat(name).hasValue("Semi-final");
    Overlay made = begun(page);
    assertEquals("Semi-final", made.name());
    assertEquals(1920, made.frame().height());
    assertTrue(((TextPiece) Pieces.get(made, "words")).words().startsWith("A sentence"));
  }

  private Overlay begun(Page page) {
    button(page, "Compose it").click();
    page.waitForURL(Pattern.compile("/overlays/\\d+/compose"));
    upToDate(page);
    return open(page);
  }

  private Overlay open(Page page) {
    long id = Long.parseLong(page.url().replaceAll(".*/overlays/(\\d+)/.*", "$1"));
    return PackageStore.documentOf(browser.bean(PackageStore.class).overlay(id));
  }

  @Test
  void anOverlayIsBegunOnTheSizeThatWasTypedLastAndIsCalledSomething() throws IOException {
    browser.loadDemo();
    Page page = browser.page();
    browser.open("/packages/1/new");
    page.getByLabel("Own width").fill("1920/2");
    page.getByLabel("Own height").fill("540 px");
    int before = browser.bean(PackageStore.class).overlaysOf(1L).size();
    button(page, "Compose it").focus();
    page.keyboard().type("  "); // The space bar presses it, and so does an impatient second press.
    page.waitForURL(Pattern.compile("/overlays/\\d+/compose"));
    upToDate(page);
    assertEquals(before + 1, browser.bean(PackageStore.class).overlaysOf(1L).size());
    Overlay empty = open(page);
    assertEquals("New overlay", empty.name());
    assertEquals(960, empty.frame().width());
    assertEquals(540, empty.frame().height());

    browser.open("/packages/1/new");
    starter(page, "Title card").click();
    assertThat(page.getByLabel("Name of the overlay")).hasValue("Title card");
    double large = begunAt(page, "1080", "1080");
    browser.open("/packages/1/new");
    starter(page, "Title card").click();
    assertThat(page.getByLabel("Name of the overlay")).hasValue("Title card");
    double small = begunAt(page, "540", "540");
    assertEquals(large / 2, small, 1, "its pieces are those of the frame, not of the one before");
  }

  /** The height of its words. */
  private double begunAt(Page page, String width, String height) {
    page.getByLabel("Own width").fill(width);
    page.getByLabel("Own height").fill(height);
    Overlay card = begun(page);
    return card.stack().stream()
        .filter(TextPiece.class::isInstance)
        .mapToDouble(piece -> ((TextPiece) piece).runs().getFirst().size())
        .max()
        .orElseThrow();
  }

  @Test
  void anOverlayIsKeptAsAStarterBegunWithAndTakenAway() throws IOException {
    browser.loadDemo();
    Page page = browser.page();
    browser.open("/");
    Overlay kept =
        PackageStore.documentOf(browser.bean(PackageStore.class).overlaysOf(1L).getFirst());
    page.getByLabel("More for " + kept.name(), new Page.GetByLabelOptions().setExact(true)).click();
    button(page, "Keep as a starter").click();
    assertThat(page.getByText("is a starter now")).isVisible();
    browser.open("/packages/1/new");
    starter(page, kept.name()).click();
    assertThat(page.getByLabel("Name of the overlay")).hasValue(kept.name());
    page.getByLabel("Name of the overlay").fill("Second leg");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("1080 × 1920")))
        .first()
        .click();
    assertThat(starter(page, kept.name())).isChecked();
    button(page, "Compose it").click();
    page.waitForURL(Pattern.compile("/overlays/\\d+/compose"));
    upToDate(page);
    long id = Long.parseLong(page.url().replaceAll(".*/overlays/(\\d+)/.*", "$1"));
    Overlay made = PackageStore.documentOf(browser.bean(PackageStore.class).overlay(id));
    assertEquals("Second leg", made.name());
    assertEquals(1080, made.frame().width());
    assertEquals(kept.stack().size(), made.stack().size());

    browser.open("/packages/1/new");
    button(page, kept.name() + ": take this starter away…").click();
    button(page, "No").click();
    assertThat(starter(page, kept.name())).isVisible();
    button(page, kept.name() + ": take this starter away…").click();
    button(page, "Yes").click();
    assertThat(starter(page, kept.name())).hasCount(0);
  }

  @Test
  void theGuideOpensAtTheStepOneIsAt() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    compose.choose("Name: Text");
    compose.labelled("Words").focus();
    page.keyboard().press("F1");
    Locator guide = page.getByRole(AriaRole.DIALOG);
    assertThat(guide.getByRole(AriaRole.HEADING)).hasText("Compose");
    assertThat(guide).containsText("goes to any value or does any action");
    page.waitForFunction(
        "() => [...document.querySelectorAll('dialog[open] img')].every(i => i.complete && i.naturalWidth > 600)");
    guide.getByText("Roster", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(guide.getByRole(AriaRole.HEADING)).hasText("Roster");
    page.keyboard().press("Escape");
    assertThat(guide).hasCount(0);
    assertEquals("Ysolde Farrow-Quill", compose.labelled("Words").inputValue());
  }
}
