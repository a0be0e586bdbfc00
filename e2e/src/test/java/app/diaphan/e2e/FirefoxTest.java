package app.diaphan.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.server.store.PackageStore;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The main ways through the interface once more, in Firefox, where it is installed. */
class FirefoxTest {
  @RegisterExtension final Browser browser = new Browser();
  private Firefox firefox;

  @BeforeEach
  void start() throws IOException, InterruptedException {
    Optional<Path> installed = Firefox.installed();
    if (installed.isEmpty()) {
      System.out.println("Skipped: Firefox is not installed (firefox-esr, or DIAPHAN_FIREFOX).");
    }
    Assumptions.assumeTrue(installed.isPresent(), "Firefox is installed");
    firefox = new Firefox(installed.orElseThrow(), 1280, 800);
  }

  @AfterEach
  void end() throws IOException {
    if (firefox != null) {
      firefox.close();
      assertEquals(List.of(), firefox.errors());
    }
  }

  private void open(String path) throws InterruptedException {
    firefox.open(browser.address() + path);
  }

  private Overlay saved(long id) throws InterruptedException {
    drawn();
    firefox.until("named('Saved')");
    return PackageStore.documentOf(browser.bean(PackageStore.class).overlay(id));
  }

  private void drawn() throws InterruptedException {
    firefox.until("document.querySelector('[data-testid=composite][data-current=true]')");
  }

  /** Nothing on the page is out of its place. */
  private void assertUnscrolled() throws InterruptedException {
    assertEquals(
        "0 0",
        firefox.value("`${document.scrollingElement.scrollTop} ${document.body.scrollTop}`"));
    assertEquals(
        "true",
        firefox.value("document.querySelector('header').getBoundingClientRect().top === 0"));
  }

  @Test
  void fromNothingToADeliveredFile() throws IOException, InterruptedException {
    open("/");
    firefox.press("Begin with a starter");
    firefox.press("Compose it");
    drawn();
    firefox.press("Name: Text");
    firefox.type(Firefox.ENTER);
    firefox.chord(Firefox.CONTROL, "a");
    firefox.type("Tam Orrin");
    assertTrue(
        saved(1).stack().stream()
            .anyMatch(
                piece -> piece instanceof TextPiece text && text.words().equals("Tam Orrin")));
    assertUnscrolled();
    open("/overlays/1/deliver");
    firefox.pressButton("Deliver");
    firefox.until("document.body.innerText.includes('read back equal')");
    BufferedImage file =
        ImageIO.read(
            browser.data().resolve("deliveries/1-my-programme/lower-third-plate.png").toFile());
    assertEquals(1920, file.getWidth());
    assertTrue(file.getColorModel().hasAlpha());
    assertEquals(0, file.getRGB(960, 20) >>> 24, "clear above");
  }

  @Test
  void aPieceIsDraggedAndThePageStaysWhereItIs() throws IOException, InterruptedException {
    browser.loadDemo();
    open("/overlays/3/compose");
    drawn();
    Place before = place(3, "title");
    firefox.press("Title: Text");
    assertUnscrolled();
    String[] stage =
        firefox
            .value(
                "(box => `${box.x + box.width * 0.37} ${box.y + box.height / 2 - 6}`)(named('Stage').getBoundingClientRect())")
            .split(" ");
    double x = Double.parseDouble(stage[0]);
    double y = Double.parseDouble(stage[1]);
    firefox.drag(new double[] {x, y}, new double[] {x + 30, y - 20}, new double[] {x + 60, y - 40});
    firefox.until("document.body.innerText.includes('Saved')");
    Place after = place(3, "title");
    assertNotEquals(before, after);
    assertTrue(after.right() > before.right() && after.down() < before.down(), after.toString());
    assertUnscrolled();
    firefox.chord(Firefox.CONTROL, "z");
    assertEquals(before, place(3, "title"));
  }

  private Place place(long overlay, String piece) throws InterruptedException {
    return saved(overlay).stack().stream()
        .filter(one -> one.id().equals(piece))
        .findFirst()
        .orElseThrow()
        .place();
  }

  @Test
  void theProofIsSeenAndADeliveredFileScreened() throws IOException, InterruptedException {
    browser.loadDemo();
    open("/overlays/5/proof");
    firefox.until("named('Over Checker: look closer')?.querySelector('img, canvas, svg, div')");
    firefox.until("document.querySelector('[aria-label=Checks]')?.ariaBusy === 'false'");
    open("/overlays/5/deliver");
    firefox.pressButton("Deliver");
    firefox.until("document.body.innerText.includes('read back equal')");
    open("/overlays/5/proof");
    firefox.press("Screening");
    firefox.press("Play");
    firefox.until("named('Pause')");
    // Moving pictures are seen: the time runs on.
    String early =
        firefox.value("document.querySelector('[data-testid=screening-time]').textContent");
    firefox.until(
        "document.querySelector('[data-testid=screening-time]').textContent !== '" + early + "'");
    firefox.press("Pause");
    assertEquals("0", firefox.value("document.querySelectorAll('[role=alert]').length"));
  }
}
