package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.font.AxisValue;
import app.diaphan.core.frame.Area;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Fonts of a house's own, from their files to a delivered picture, and when they are gone. */
class OwnFontsTest {
  /** What they are stands beside them. */
  private static final Path FONTS = Path.of("../core/src/test/resources/fonts");

  @RegisterExtension final Browser browser = new Browser();

  private Page page;

  @BeforeEach
  void demo() throws IOException {
    page = browser.page();
    browser.loadDemo();
  }

  private Locator labelled(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private Locator item(String name) {
    return page.getByRole(
        AriaRole.LISTITEM, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private void openHouse() {
    browser.open("/packages/1/house");
    assertThat(labelled("Name of the house")).hasValue("Saltlight");
  }

  private void takeFonts() {
    openHouse();
    labelled("Files of fonts")
        .setInputFiles(
            new Path[] {FONTS.resolve("Anybody.woff2"), FONTS.resolve("LanternBlocks.otf")});
    LocatorAssertions.ContainsTextOptions patient =
        new LocatorAssertions.ContainsTextOptions().setTimeout(30_000);
    assertThat(item("Anybody.woff2"))
        .containsText("9 weights, Thin to Black; width to be chosen", patient);
    assertThat(item("LanternBlocks.otf"))
        .containsText("It may not be passed on without its maker’s leave", patient);
    assertThat(labelled("Whether LanternBlocks.otf goes with bundles"))
        .containsText("it stays out of bundles");
    page.waitForCondition(
        () ->
            page.request()
                .get(browser.address() + "/api/packages/1/fonts")
                .text()
                .contains("Lantern Blocks"));
  }

  /** Opens an overlay of one letter; what it is called leaves its form open. */
  private Compose openBlocks() {
    PackageStore packages = browser.bean(PackageStore.class);
    Overlay like = PackageStore.documentOf(packages.overlay(2L));
    TextPiece text =
        Pieces.all(like.stack())
            .filter(TextPiece.class::isInstance)
            .map(TextPiece.class::cast)
            .findFirst()
            .orElseThrow()
            .withRuns(List.of(Run.of("A", "Work Sans", 700, 200)))
            .withPlace(Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0))
            .withBox(new TextBox.Free())
            .withLook(Look.PLAIN);
    return Compose.again(
        browser,
        packages.add(1L, like.withName("Blocks").withStack(List.of(text.withName("Blocks")))).id());
  }

  @Test
  void wordsAreSetInAFontOfItsOwnOnItsAxesAndInItsOtherForms() throws IOException {
    takeFonts();
    Compose compose = openBlocks();
    String id = compose.saved().stack().getFirst().id();
    compose.choose("Blocks: Text");
    compose.letters("Font family", "Lantern Blocks");
    compose.button("other forms…").click();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions()
                .setName("Other forms of letters: Open forms")
                .setExact(true))
        .click();
    TextPiece text = (TextPiece) compose.piece(id);
    assertEquals("Lantern Blocks", text.runs().getFirst().family());
    assertEquals(List.of("ss01"), text.setting().letterforms().alternates());

    page.keyboard().press("Alt+4");
    compose.button("Deliver to all 5 targets").click();
    assertThat(page.getByText("All 5 were delivered."))
        .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
    BufferedImage picture =
        ImageIO.read(
            browser.data().resolve("deliveries/1-lantern-reach-regatta/blocks.png").toFile());
    // The letter is a box of 500 × 700 thousandths, its other form with a hole of half its size.
    assertEquals(100 * 140 - 50 * 70, solid(picture), 2);
  }

  private static long solid(BufferedImage picture) {
    long alpha = 0;
    for (int y = 0; y < picture.getHeight(); y++) {
      for (int x = 0; x < picture.getWidth(); x++) {
        alpha += picture.getRGB(x, y) >>> 24;
      }
    }
    return Math.round(alpha / 255.0);
  }

  @Test
  void aVariableFontIsChosenOnItsAxes() throws IOException {
    takeFonts();
    Compose compose = openBlocks();
    String id = compose.saved().stack().getFirst().id();
    compose.choose("Blocks: Text");
    compose.letters("Font family", "Anybody");
    compose.letters("Weight", "Black");
    compose.type("Axis of the font: Width, 50 to 150", "140");
    Run run = ((TextPiece) compose.piece(id)).runs().getFirst();
    assertEquals(900, run.weight());
    assertEquals(List.of(new AxisValue("wdth", 140)), run.axes());
    compose.type("Weight as a number", "437");
    assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Weight: near")))
        .hasText("near Regular");
    assertEquals(437, ((TextPiece) compose.piece(id)).runs().getFirst().weight());
    compose.type("Axis of the font: Width, 50 to 150", "100");
    assertEquals(List.of(), ((TextPiece) compose.piece(id)).runs().getFirst().axes());
  }

  @Test
  void aFontThatIsTakenAwayIsSeenBeforeAndMissedAfter() throws IOException {
    takeFonts();
    Compose compose = openBlocks();
    compose.choose("Blocks: Text");
    compose.letters("Font family", "Lantern Blocks");
    Overlay saved = compose.saved();
    assertTrue(saved.toString().contains("Lantern Blocks"));

    openHouse();
    labelled("Take the font file LanternBlocks.otf out of the house…").click();
    compose.button("Yes").click();
    assertThat(page.getByText("This changes")).containsText("1 overlay");
    compose.button("See it before and after").click();
    compose.button("Change all of it").click();
    compose.button("Done").click();
    assertThat(item("LanternBlocks.otf")).hasCount(0);
    page.goBack();
    page.reload();
    compose.choose("Blocks: Text");
    assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Font family:")))
        .hasText("Lantern Blocks (not here)");
    assertThat(page.getByText("is not here; it is shown in Work Sans").first()).isVisible();
  }

  @Test
  void whatIsNoFontIsSaid() {
    openHouse();
    labelled("Files of fonts")
        .setInputFiles(
            new FilePayload("logo.ttf", "font/ttf", new byte[] {(byte) 0x89, 'P', 'N', 'G', 13}));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("The font \"logo.ttf\" is");
  }
}
