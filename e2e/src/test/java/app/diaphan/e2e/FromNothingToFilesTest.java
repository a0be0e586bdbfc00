package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

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

/** From an empty data folder to delivered files, through the interface alone. */
class FromNothingToFilesTest {
  @RegisterExtension final Browser browser = new Browser();

  @Test
  void aLowerThirdIsComposedProofedAndDelivered() throws IOException {
    Page page = browser.page();
    browser.open("/");
    page.getByLabel("Name of the new package").fill("Lantern Reach Regatta");
    button(page, "New package").click();
    page.getByLabel("Name of the overlay").fill("Skipper");
    button(page, "HD 720").first().click();
    button(page, "Compose it").click();

    button(page, "Plate").click();
    number(page, "Width", "500");
    number(page, "Height", "90");
    page.getByLabel("Pin: point").selectOption("bottom left");
    page.getByLabel("Pin: area").selectOption("title-safe");
    saved(page);
    number(page, "Offset sideways", "0");
    number(page, "Offset up or down", "0");
    colour(page, "Colour", "#124b5c");
    button(page, "Text").click();
    page.getByLabel("Words", exact()).fill("Ysolde Farrow-Quill");
    number(page, "Font size", "44");
    page.getByLabel("Pin: point").selectOption("bottom left");
    page.getByLabel("Pin: area").selectOption("title-safe");
    saved(page);
    number(page, "Offset sideways", "24");
    number(page, "Offset up or down", "18");
    page.getByLabel("Up or down", exact()).selectOption("up");
    page.getByLabel("Sideways", exact()).selectOption("right");
    button(page, "Add a finish").click();
    button(page, "Add a shadow").click();
    assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true))).isVisible();
    upToDate(page);

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Proof")).click();
    assertThat(page.getByLabel("Checks", new Page.GetByLabelOptions().setExact(true)))
        .hasAttribute("aria-busy", "false");
    button(page, "Over Black: look closer").click();
    assertThat(button(page, "Show 1:1")).isVisible();

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Deliver")).click();
    assertThat(page.getByTestId("pixel-size")).containsText("1280 × 720");
    BufferedImage png = delivered(page, "skipper.png", "8 bits a channel, one straight alpha");
    assertLowerThird(png, 0xff);
    page.getByLabel("File format").selectOption("TIFF");
    page.getByLabel("Bit depth").selectOption("16 bits");
    BufferedImage tiff = delivered(page, "skipper.tif", "16 bits a channel, one straight alpha");
    assertLowerThird(tiff, 0xffff);

    page.getByLabel("Extent").selectOption("only the drawn part");
    assertThat(page.getByTestId("pixel-size")).containsText("lying");
    page.getByLabel("File name").fill("a/b");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("a/b");
    assertThat(button(page, "Deliver")).isDisabled();
  }

  /** Clear above, plate colour on the plate, letters on it, all where they were put. */
  private static void assertLowerThird(BufferedImage image, int most) {
    assertEquals(1280, image.getWidth());
    assertEquals(720, image.getHeight());
    int[] pixel = new int[4];
    image.getRaster().getPixel(640, 100, pixel);
    assertEquals(0, pixel[3]);
    // Title-safe is 5 % in: the plate's lower left corner is at 64, 684.
    image.getRaster().getPixel(70, 600, pixel);
    assertArrayEquals(
        new int[] {0x12 * most / 0xff, 0x4b * most / 0xff, 0x5c * most / 0xff, most}, pixel);
    image.getRaster().getPixel(63, 640, pixel);
    assertTrue(pixel[3] <= most / 1000, "only the tail of the letters' shadow lies there");
    image.getRaster().getPixel(563, 683, pixel);
    assertEquals(most, pixel[3]);
    int white = 0;
    for (int x = 88; x < 560; x++) {
      for (int y = 600; y < 680; y++) {
        image.getRaster().getPixel(x, y, pixel);
        white += pixel[0] == most && pixel[1] == most ? 1 : 0;
      }
    }
    assertTrue(white > 1500, "white pixels of letters: " + white);
  }

  private BufferedImage delivered(Page page, String file, String words) throws IOException {
    button(page, "Deliver").click();
    Locator report =
        page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(file)).first();
    assertThat(report).containsText(words);
    assertThat(report).containsText("read back equal");
    Download download =
        page.waitForDownload(
            () ->
                report
                    .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Fetch"))
                    .click());
    assertEquals(file, download.suggestedFilename());
    Path kept = browser.data().resolve("deliveries/1-lantern-reach-regatta").resolve(file);
    assertArrayEquals(Files.readAllBytes(kept), Files.readAllBytes(download.path()));
    return ImageIO.read(kept.toFile());
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON,
        new Page.GetByRoleOptions().setName(name).setExact(!name.startsWith("HD")));
  }

  private static Page.GetByLabelOptions exact() {
    return new Page.GetByLabelOptions().setExact(true);
  }

  private static void number(Page page, String label, String value) {
    Locator field = page.getByLabel(label, exact());
    field.focus();
    field.fill(value);
    field.press("Enter");
  }

  private static void colour(Page page, String label, String value) {
    Locator field = page.getByLabel(label, exact());
    field.fill(value);
    field.press("Enter");
  }

  /** Waits until the core has answered and what came of it is saved. */
  static void saved(Page page) {
    assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true))).isVisible();
  }

  static void upToDate(Page page) {
    assertThat(page.getByTestId("composite")).hasAttribute("data-current", "true");
  }
}
