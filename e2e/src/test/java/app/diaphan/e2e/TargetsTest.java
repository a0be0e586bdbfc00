package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.deliver.FileInspector;
import app.diaphan.core.overlay.retarget.PieceChange;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** Several targets: what differs there, how files are named, all of a package, what came back. */
class TargetsTest {
  @RegisterExtension final Browser browser = new Browser();

  private Page page;

  @BeforeEach
  void open() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/2/deliver");
    page = browser.page();
    assertThat(page.getByTestId("pixel-size")).containsText("1920 × 1080");
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator labelled(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private void tab(String name) {
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
  }

  private Path file(String name) {
    return browser.data().resolve("deliveries/1-lantern-reach-regatta").resolve(name);
  }

  private void type(String label, String value) {
    labelled(label).fill(value);
    labelled(label).press("Enter");
  }

  @Test
  void filesGoToAFolderThatIsChosen(@TempDir Path chosen) {
    page.getByText("Deliver the package to another folder").click();
    type("Folder of the package's files", chosen.resolve("nowhere").toString());
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("There is no folder");
    type("Folder of the package's files", chosen.toString());
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    button("Deliver").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).containsText(chosen.toString());
    assertTrue(Files.exists(chosen.resolve("skipper-lower-third.png")));
    button("Use the package’s own").click();
    assertThat(labelled("Folder of the package's files"))
        .hasValue(file("x").getParent().toString());
  }

  @Test
  void aPieceLiesElsewhereAtOneTargetOnly() throws IOException {
    button("Target Upright").click();
    labelled("Piece to change at this target").selectOption("Plate");
    labelled("Plate: shown at this target").selectOption("hidden");
    labelled("Piece to change at this target").selectOption("Name");
    type("Name: size at this target", "150");
    type("Name: down at this target", "-400");
    assertThat(button("Target Upright")).containsText("2 pieces differ");
    assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true))).isVisible();
    List<PieceChange> changes =
        PackageStore.documentOf(browser.bean(PackageStore.class).overlay(2L))
            .forTargets()
            .getFirst()
            .changes();
    assertEquals(2, changes.size());
    assertEquals(1.5, changes.getLast().scale());
    button("Deliver").click();
    // So large the name is cut there.
    assertThat(page.getByRole(AriaRole.ALERTDIALOG)).containsText("Upright: The frame cuts");
    button("Deliver all the same").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(1);
    BufferedImage upright = ImageIO.read(file("skipper-lower-third_upright.png").toFile());
    assertEquals(1080, upright.getWidth());
    assertEquals(0, upright.getRaster().getSample(200, 1800, 3), "the plate is hidden there");
    // Everywhere else it is as it was.
    button("Target As designed").click();
    button("Deliver").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(2);
    BufferedImage designed = ImageIO.read(file("skipper-lower-third.png").toFile());
    assertTrue(designed.getRaster().getSample(200, 980, 3) > 200, "the plate is there");
    // What was done can be undone, and a target can be left out.
    button("Target Upright").click();
    button("Plate: as everywhere").click();
    assertThat(button("Target Upright")).containsText("1 piece differs");
    labelled("Goes out at Upright").uncheck();
    assertThat(button("Target Upright")).containsText("stays out");
    assertThat(button("Deliver")).isDisabled();
  }

  @Test
  void targetsAreAddedNamedOrderedAndTakenAway() {
    button("Add a target").click();
    assertThat(labelled("Name of the target")).hasValue("New target");
    labelled("Target frame").selectOption("Square, 1080 × 1080");
    assertThat(labelled("Name of the target")).hasValue("Square");
    labelled("Target frame").selectOption("a frame of another size");
    labelled("Width of the frame").fill("1500");
    labelled("Width of the frame").press("Enter");
    labelled("Height of the frame").fill("400");
    labelled("Height of the frame").press("Enter");
    assertThat(button("Target Square")).containsText("1500 × 400");
    labelled("Name of the target").fill("Keyer");
    labelled("Target frame").selectOption("HD 720, 1280 × 720");
    assertThat(labelled("Name of the target")).hasValue("Keyer");
    labelled("Alpha kind").selectOption("fill and key as two files");
    labelled("Fill").selectOption("shaped by its key");
    page.getByText("What names can hold").click();
    button("{date}").click();
    assertThat(labelled("File name")).hasValue("{overlay}_{target}{date}");
    labelled("File name").fill("{overlay}_{target}");
    assertThat(
            page.getByText(
                "skipper-lower-third_keyer-fill.png and skipper-lower-third_keyer-key.png"))
        .isVisible();
    button("Deliver").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(2);
    assertThat(page.getByText(Pattern.compile("grey; .* black"))).isVisible();
    button("Earlier").click();
    Locator cards = labelled("Targets").getByRole(AriaRole.LISTITEM);
    assertThat(cards).hasCount(6);
    assertThat(cards.nth(4)).containsText("Keyer");
    // On a busy machine a page may ask before what the one before it sent at its end was kept.
    page.waitForCondition(
        () -> {
          String kept = page.request().get(browser.address() + "/api/packages/1/targets").text();
          int keyer = kept.indexOf("\"Keyer\"");
          return keyer >= 0 && keyer < kept.indexOf("\"Square, trimmed\"");
        });
    page.reload();
    assertThat(cards.nth(4)).containsText("Keyer");
    button("Target Keyer").click();
    button("Take this target away").click();
    assertThat(cards).hasCount(5);
    labelled("File name").fill("{weather}");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("{overlay}");
    assertThat(button("Deliver")).isDisabled();
  }

  @Test
  void aPackageGoesOutInOneGoAndOnlyWhatHasChangedAfterwards() {
    for (String name : new String[] {"UHD, 16 bits", "Upright", "Square, trimmed", "As designed"}) {
      button("Target " + name).click();
      button("Take this target away").click();
    }
    labelled("Target frame").selectOption("480 lines, 16:9, 720 × 480");
    tab("Whole package");
    assertThat(page.getByText("8 of 8 to write.")).isVisible();
    button("Deliver the package").click();
    assertThat(page.getByText("All 8 were delivered.")).isVisible();
    assertThat(page.getByText("Everything is delivered as it is.")).isVisible();
    assertThat(button("Deliver the package")).isDisabled();
    Download zip =
        page.waitForDownload(
            () ->
                page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName("All files as a zip"))
                    .click());
    assertTrue(zip.suggestedFilename().endsWith(".zip"));
    Page report =
        page.waitForPopup(
            () ->
                page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName("Report to print"))
                    .click());
    assertThat(report.getByText("8 files")).isVisible();
    assertThat(report.locator("article")).hasCount(8);
    report.close();
    labelled("Dither").first().evaluate("element => element.closest('details').open = true");
    labelled("Whose dots per inch").selectOption("its own");
    type("Dots per inch", "96");
    assertThat(page.getByText("8 of 8 to write.")).isVisible();
  }

  @Test
  void anOverlayIsItsOwnKindOfFileAtOneTargetOnly() throws IOException {
    button("Target 720 lines").click();
    Locator own = labelled("File of this overlay");
    labelled("Kind of this overlay’s file").selectOption("of a kind of its own");
    own.getByLabel("File format").selectOption("TIFF");
    own.getByLabel("Bit depth").selectOption("16 bits");
    own.getByLabel("Extent").selectOption("only the drawn part");
    assertThat(button("Target 720 lines")).containsText("TIFF 16 bit");
    assertThat(page.getByTestId("pixel-size")).hasCount(1);
    assertThat(own.getByTestId("pixel-size")).containsText("lying");
    button("Deliver").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("skipper-lower-third_720.tif");
    assertEquals(16, FileInspector.inspect(file("skipper-lower-third_720.tif")).bits());
    assertTrue(Files.notExists(file("skipper-lower-third_720.png")));
    // Another overlay of the package is what the target says.
    browser.open("/overlays/3/deliver");
    button("Target 720 lines").click();
    assertThat(button("Target 720 lines")).containsText("PNG 8 bit");
    assertThat(labelled("Kind of this overlay’s file").locator("option:checked"))
        .hasText("as the target says");
    // Undone, the first one is so too.
    browser.open("/overlays/2/deliver");
    button("Target 720 lines").click();
    labelled("Kind of this overlay’s file").selectOption("as the target says");
    assertThat(button("Target 720 lines")).containsText("PNG 8 bit");
    assertThat(button("Target 720 lines")).containsText("changed since");
  }

  @Test
  void aFileThatCameBackIsRecognised() throws IOException {
    button("Target 720 lines").click();
    button("Deliver").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(1);
    tab("A file came back");
    button("Send").click();
    Locator told = labelled("What happened to the file");
    assertThat(told).containsText("skipper-lower-third_720.jpg");
    assertThat(told).containsText("It came from skipper-lower-third_720.png, revision 1");
    assertThat(told).containsText("it was laid over #ffffff");
    labelled("Returned file").setInputFiles(file("skipper-lower-third_720.png"));
    assertThat(told).containsText("byte for byte");
    labelled("Returned file").setInputFiles(Browser.DEMO.resolve("pictures/boat-at-anchor.jpg"));
    assertThat(told).containsText("none of the files");
  }
}
