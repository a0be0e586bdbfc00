package app.diaphan.e2e;

import static app.diaphan.e2e.FromNothingToFilesTest.upToDate;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;

import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.Progress;
import app.diaphan.core.deliver.Sidecar;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.draw.DrawingService;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/**
 * The demo's lower third built from nothing through the interface: what is delivered is what the
 * demo bundle's own overlay delivers, byte for byte.
 */
class LowerThirdFromNothingTest {
  private static final Path PENNANT = Browser.DEMO.resolve("pictures/osier-point.svg");

  @RegisterExtension final Browser browser = new Browser();
  @TempDir Path folder;

  @Test
  void byMouse() throws IOException {
    Page page = browser.page();
    browser.open("/");
    page.getByLabel("Name of the new package").fill("Lantern Reach Regatta");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New package")).click();
    page.getByLabel("Name of the overlay").fill("Skipper lower third");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Compose it")).click();
    build(page, new MouseHands(page));
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Deliver")).click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Deliver").setExact(true))
        .click();
    assertDeliveredLikeTheDemo(page);
  }

  @Test
  void byKeysAlone() throws IOException {
    Page page = browser.page();
    browser.open("/");
    assertThat(page.getByText("A package holds the overlays")).isVisible();
    KeyHands keys = new KeyHands(page);
    keys.tabTo("Name of the new package");
    page.keyboard().type("Lantern Reach Regatta");
    page.keyboard().press("Enter");
    assertThat(page.getByText("New overlay")).isVisible();
    keys.tabTo("Name of the overlay");
    page.keyboard().type("Skipper lower third");
    page.keyboard().press("Enter");
    build(page, keys);
    page.keyboard().press("Escape");
    page.keyboard().press("Alt+4");
    assertThat(page.getByTestId("pixel-size")).containsText("1920 × 1080");
    assertThat(
            page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Deliver").setExact(true)))
        .isEnabled();
    keys.press("Deliver");
    assertDeliveredLikeTheDemo(page);
  }

  private static void build(Page page, Hands hands) {
    assertThat(page.getByText("Nothing on the frame yet")).isVisible();

    hands.press("Text");
    hands.words("Ysolde Farrow-Quill");
    hands.type("Font size", "64");
    hands.type("Tracking, thousandths of the size", "-8");
    hands.stretch(0, 7);
    hands.letters("Weight", "Light");
    hands.stretch(7, 19);
    hands.letters("Weight", "Bold");
    hands.choose("Line ends", "hung by eye");
    hang(hands, "title-safe", "bottom left", "bottom left", "196", "right", "92", "up");
    hands.type("Colour", "#fbf6ea");
    hands.press("Add a finish");
    hands.press("Add a halo");
    hands.type("Halo reach", "14");
    hands.type("Halo firmness, percent", "20");
    hands.type("Halo colour", "#04121c");
    hands.type("Halo opacity, percent", "55");
    hands.type("Name of the piece", "Name");
    settled(page);

    hands.press("Text");
    hands.words("Second Lantern  ·  Osier Point");
    hands.letters("Font family", "Barlow Condensed");
    hands.type("Font size", "34");
    hands.letters("Weight", "SemiBold");
    hands.choose("Capitals", "all capitals");
    hands.stretch(0, 14);
    hands.type("Tracking, thousandths of the size", "90");
    hands.stretch(0, 14);
    hands.choose("Colour of the words", "a colour of its own");
    hands.type("Own colour", "#f3c77a");
    hands.stretch(14, 30);
    hands.letters("Weight", "Medium");
    hands.type("Tracking, thousandths of the size", "60");
    hang(hands, "Name", "bottom left", "top left", "2", "right", "0", "down");
    hands.type("Colour", "rgb(207, 228, 230)");
    hands.type("Name of the piece", "Boat and club");
    settled(page);

    hands.press("Picture");
    hands.file("From files…", PENNANT);
    assertThat(page.getByText("drawn sharp at every size")).isVisible();
    hands.type("Width", "120");
    hang(hands, "title-safe", "bottom left", "bottom left", "40", "right", "60", "up");
    shadow(hands, "3", "8", "0", "#03101a", "50");
    hands.type("Name of the piece", "Pennant");
    settled(page);

    hands.press("Plate");
    hands.choose("Shape", "slanted bar");
    hands.type("Slant of the left end", "0");
    hands.type("Slant of the right end", "56");
    hands.choose("Back a piece", "Name");
    hands.choose("Back a piece", "Boat and club");
    hands.choose("Back a piece", "Pennant");
    hands.type("Padding left", "28");
    hands.type("Padding above", "18");
    hands.type("Padding right", "96");
    hands.type("Padding below", "22.128");
    hands.choose("Kind of paint", "a linear gradient");
    hands.press("Add a stop");
    hands.type("Stop 1: colour", "#0d3346f5");
    hands.type("Stop 2: colour", "#124b5ceb");
    hands.type("Stop 2: position, percent", "62");
    hands.type("Stop 3: colour", "#14586999");
    shadow(hands, "4", "18", "10", "#04121c", "45");
    hands.press("Add a finish");
    hands.press("Add a relief");
    hands.type("Relief width", "3");
    hands.type("Relief light opacity, percent", "45");
    hands.type("Relief shade opacity, percent", "45");
    hands.type("Name of the piece", "Plate");
    hands.press("All the way back (Shift Page Down)");
    settled(page);

    // The head of the stack has a button of that name too; it comes first.
    page.keyboard().press("Escape");
    page.keyboard().press("p");
    hands.type("Width", "12");
    hands.type("Height", "156");
    hang(hands, "Plate", "left", "right", "0", "right", "0", "down");
    hands.type("Colour", "#f0a93f");
    hands.type("Name of the piece", "Accent");
    hands.press("All the way back (Shift Page Down)");
    settled(page);
  }

  private static void hang(
      Hands hands,
      String hook,
      String point,
      String own,
      String across,
      String sideways,
      String along,
      String upOrDown) {
    hands.choose("Pin: area", hook);
    hands.choose("Pin: point", point);
    hands.choose("Pin: own point", own);
    hands.type("Offset sideways", across);
    hands.choose("Sideways", sideways);
    hands.type("Offset up or down", along);
    hands.choose("Up or down", upOrDown);
  }

  private static void shadow(
      Hands hands, String distance, String reach, String firmness, String colour, String opacity) {
    hands.press("Add a finish");
    hands.press("Add a shadow");
    hands.type("Shadow angle, degrees clockwise from the right", "90");
    hands.type("Shadow distance", distance);
    hands.type("Shadow reach", reach);
    hands.type("Shadow firmness, percent", firmness);
    hands.type("Shadow colour", colour);
    hands.type("Shadow opacity, percent", opacity);
  }

  private static void settled(Page page) {
    upToDate(page);
    assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true))).isVisible();
  }

  private void assertDeliveredLikeTheDemo(Page page) throws IOException {
    assertThat(page.getByRole(AriaRole.ARTICLE).first()).containsText("read back equal");
    Path delivered =
        browser.data().resolve("deliveries/1-lantern-reach-regatta/skipper-lower-third.png");
    Overlay demo = BundleReader.read(Browser.DEMO).overlays().get("skipper-lower-third.json");
    Path expected =
        new Deliverer(browser.bean(DrawingService.class).rendererFor(1L), Sidecar::toString)
            .deliver(demo, Target.png(demo.frame()), folder, "expected", Progress.NONE)
            .getFirst()
            .file();
    assertArrayEquals(Files.readAllBytes(expected), Files.readAllBytes(delivered));
  }
}
