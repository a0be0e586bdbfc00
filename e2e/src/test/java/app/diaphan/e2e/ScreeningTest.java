package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Delivered files over moving clips, and backdrops of the designer's own. */
class ScreeningTest {
  @RegisterExtension final Browser browser = new Browser();

  private Locator button(String name) {
    return browser
        .page()
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator labelled(String label) {
    return browser.page().getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private void tab(String name) {
    browser.page().getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
  }

  /** Overlay 5 of the demo, delivered. */
  private Page delivered() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/5/deliver");
    Page page = browser.page();
    button("Deliver").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(1);
    return page;
  }

  @Test
  void nothingIsScreenedBeforeItIsDelivered() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/5/proof");
    Page page = browser.page();
    tab("Screening");
    assertThat(page.getByText("Deliver this overlay first")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Deliver")).click();
    button("Deliver").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(1);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Proof")).click();
    tab("Screening");
    tab("Clip");
    assertThat(labelled("Clip")).containsText("Quay at dusk");
    // A still of 800 lines on a larger clip is told of, and so is a wrong reading.
    labelled("Size of the clip").selectOption("1920 × 1080");
    tab("Cues");
    Locator found = page.getByLabel("What was found");
    assertThat(found).containsText("800 × 800, which is smaller than the clip of 1920 × 1080");
    button("Bring it to the clip's size").click();
    assertThat(labelled("Size on the clip").locator("option:checked"))
        .hasText("scaled to the clip");
    assertThat(found).containsText("enlarged to 135 %");
    labelled("Alpha").selectOption("read as premultiplied");
    assertThat(page.getByRole(AriaRole.NOTE)).containsText("too bright");
    // Stills are laid one after the other; the picture is stepped by keys.
    button("Lay here").click();
    assertThat(page.getByRole(AriaRole.ROW)).hasCount(3);
    labelled("Coming").selectOption("a slide, below");
    assertThat(labelled("Coming, frames")).hasValue("12");
    labelled("Moment").fill("25");
    assertThat(page.getByTestId("screening-time")).hasText("00:00:01:00");
    labelled("Moment").blur();
    page.keyboard().press("ArrowRight");
    assertThat(page.getByTestId("screening-time")).hasText("00:00:01:01");
    page.keyboard().press(" ");
    assertThat(button("Pause")).isVisible();
    assertThat(page.getByTestId("screening-rate")).containsText("pictures a second");
    page.keyboard().press(" ");
    assertThat(button("Play")).isVisible();
  }

  @Test
  void aCardHigherThanItsVideoScrollsThroughIt() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/3/frame");
    Page page = browser.page();
    labelled("Own height").fill("3240");
    assertThat(labelled("Lines of the video")).hasValue("1080");
    labelled("Lines of the video").fill("4000");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("16 to 3240");
    labelled("Lines of the video").fill("1080");
    assertThat(page.getByText("1920 × 3240 for a video of 1080 lines")).isVisible();
    button("Take this frame").click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Frame")).click();
    assertThat(labelled("How the frame is seen")).containsText("scrolled through a video");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Deliver")).click();
    button("Deliver").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(1);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Proof")).click();
    tab("Screening");
    assertThat(labelled("Course").locator("option:checked")).hasText("scrolling upward");
    assertThat(labelled("Speed of the scroll")).hasValue("720");
    tab("Clip");
    assertThat(labelled("Size of the clip").locator("option:checked")).hasText("1920 × 1080");
    labelled("Clip").selectOption("Sea fog");
    assertThat(page.locator("canvas[aria-busy=false]")).isVisible();
    // The dark veil lies in the middle of the card: half way through it is in the picture's middle.
    labelled("Moment").fill("69");
    waitForBrightness(360, true);
    labelled("Moment").fill("57");
    waitForBrightness(360, false);
    waitForBrightness(648, true);
  }

  @Test
  void aPictureIsNotReadyBeforeItsStillIs() throws IOException {
    Page page = delivered();
    List<Route> held = new ArrayList<>();
    page.route("**/screened**", held::add);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Proof")).click();
    tab("Screening");
    Locator picture = page.getByLabel("The delivered files over the clip");
    labelled("Moment").fill("3");
    assertThat(picture).hasAttribute("aria-busy", "false");
    labelled("Moment").fill("50");
    assertThat(picture).hasAttribute("aria-busy", "true");
    page.waitForCondition(() -> !held.isEmpty());
    page.unroute("**/screened**");
    held.forEach(Route::resume);
    assertThat(picture).hasAttribute("aria-busy", "false");
  }

  /** Of the canvas, 1280 × 720, left of all words. */
  private void waitForBrightness(int row, boolean dark) {
    browser
        .page()
        .waitForFunction(
            """
            ([row, dark]) => {
              const canvas = document.querySelector("canvas");
              const { data } = canvas.getContext("2d").getImageData(30, row - 5, 40, 10);
              let sum = 0;
              for (let i = 0; i < data.length; i += 4) sum += data[i] + data[i + 1] + data[i + 2];
              const mean = (sum * 4) / (3 * data.length);
              return dark ? mean < 110 : mean > 140;
            }""",
            List.of(row, dark));
  }

  @Test
  void aClipThatCannotBeDecodedIsSaidAndTheOthersStay() throws IOException {
    Page page = delivered();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Proof")).click();
    tab("Screening");
    tab("Clip");
    labelled("Clip of your own")
        .setInputFiles(new FilePayload("harbour.mp4", "video/mp4", new byte[] {1, 2, 3}));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("\"harbour.mp4\" cannot be played");
    labelled("Clip of your own").setInputFiles(Browser.DEMO.resolve("backdrops/sea-fog/clip.webm"));
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    assertThat(labelled("Clip")).containsText("clip.webm");
  }

  @Test
  void picturesAndMomentsOfAVideoBecomeBackdrops() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/2/proof");
    Page page = browser.page();
    labelled("Backdrop files").setInputFiles(Browser.DEMO.resolve("pictures/boat-at-anchor.jpg"));
    assertThat(button("Over Boat at anchor: look closer")).isVisible();
    labelled("Backdrop files")
        .setInputFiles(
            new FilePayload(
                "Harbour wall.webm",
                "video/webm",
                Files.readAllBytes(Browser.DEMO.resolve("backdrops/white-sails/clip.webm"))));
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    labelled("Moment of the video").fill("2");
    dialog.getByText("Keep this picture").click();
    assertThat(dialog).containsText("1 kept as “harbour-wall”");
    labelled("Moment of the video").fill("4");
    dialog.getByText("Keep this picture").click();
    assertThat(dialog).containsText("2 kept");
    dialog.getByText("Done").click();
    assertThat(button("Over Harbour wall: look closer")).isVisible();
    button("Harbour wall: still after").click();
    button("Harbour wall: take this still away…").click();
    button("No").click();
    button("Harbour wall: take this still away…").click();
    button("Yes").click();
    assertThat(button("Over Harbour wall: look closer")).isVisible();
    assertThat(button("Harbour wall: still after")).hasCount(0);
    labelled("Backdrop files")
        .setInputFiles(new FilePayload("note.png", "image/png", "no picture".getBytes()));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("note.png");
  }

  @Test
  void oneBackdropIsSeenAsOnATelevisionAndAsVideoCarriesIt() throws IOException {
    browser.loadDemo();
    browser.open("/overlays/2/proof");
    Page page = browser.page();
    tab("One backdrop");
    labelled("How it is seen").selectOption("on a TV across the room");
    // 55 inches at 3 m are 24.4 cm across at 60 cm.
    assertEquals(920, page.getByTestId("proof-one").boundingBox().width, 3);
    labelled("Metres to the screen").fill("6");
    labelled("Metres to the screen").press("Enter");
    assertEquals(460, page.getByTestId("proof-one").boundingBox().width, 3);
    labelled("What is shown").selectOption("it as video carries it");
    Locator look = page.getByTestId("proof-one").locator("img");
    assertThat(look).hasAttribute("alt", "Skipper lower third over Mid-grey, as video carries it");
    labelled("What is shown").selectOption("its colours without the alpha");
    assertThat(look).hasAttribute("alt", "The colours of Skipper lower third without its alpha");
    // A check that is switched off is not made for this package any more.
    page.getByText("All checks are made in this package").click();
    page.getByLabel("Legibility over the stills").uncheck();
    assertThat(page.getByText("21 of 22 checks are made in this package")).isVisible();
    page.reload();
    assertThat(page.getByText("21 of 22 checks are made in this package")).isVisible();
  }
}
