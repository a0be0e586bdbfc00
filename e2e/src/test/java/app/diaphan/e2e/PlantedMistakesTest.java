package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import app.diaphan.core.frame.Area;
import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.paint.PictureFit;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Three mistakes are found before delivery, put right, delivered at five targets and screened. */
class PlantedMistakesTest {
  @RegisterExtension final Browser browser = new Browser();

  private Page page;
  private Compose compose;

  /**
   * Words outside title-safe, a sponsor's mark on its white ground, and words too small to read.
   */
  private static Overlay planted(Overlay like) {
    List<Piece> stack = new ArrayList<>();
    TextPiece name = null;
    for (Piece piece : like.stack()) {
      boolean moved = piece.name().equals("Name");
      stack.add(moved ? piece.withPlace(piece.place().withOffset(-60, -200)) : piece);
      name = moved ? (TextPiece) piece : name;
    }
    Place corner = Place.at(PinPoint.TOP_RIGHT, Area.TITLE_SAFE, 0, 0);
    stack.add(
        new PicturePiece(
            "sponsor",
            "Sponsor",
            true,
            false,
            corner,
            "wrackline-ropes-on-white.jpg",
            1,
            CutOut.NONE,
            new Tint.OwnColours(),
            Crop.NOTHING,
            PictureFit.CONTAIN,
            300,
            150,
            Look.PLAIN));
    stack.add(
        new TextPiece(
            "fine",
            "Fine print",
            true,
            false,
            Place.at(PinPoint.TOP_LEFT, Area.TITLE_SAFE, 0, 0),
            name.runs().stream().map(run -> run.withSize(12)).toList(),
            name.setting(),
            name.box(),
            name.paint(),
            name.look()));
    return new Overlay("Planted", like.frame(), stack);
  }

  private void step(String name) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name)).click();
  }

  private Locator checks() {
    return page.getByLabel("Checks", new Page.GetByLabelOptions().setExact(true));
  }

  private void goTo(String piece) {
    step("Proof");
    checks()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Go to " + piece))
        .first()
        .click();
  }

  @Test
  void mistakesAreFoundPutRightDeliveredAndScreened() throws IOException {
    compose = Compose.openNew(browser, PlantedMistakesTest::planted);
    page = compose.page();
    step("Proof");
    assertThat(checks()).containsText("\"Name\" reaches");
    assertThat(checks()).containsText("\"Sponsor\"");
    assertThat(checks()).containsText("\"Fine print\"");

    goTo("Name");
    compose.labelled("Sideways").selectOption("right");
    compose.saved();
    goTo("Sponsor");
    compose.labelled("Ground of the picture").selectOption("goes by its colour");
    compose.type("Softness of the cut-out", "3");
    compose.labelled("Where the ground goes").selectOption("everywhere");
    page.getByText("Edge", new Page.GetByTextOptions().setExact(true)).click();
    compose.type("Specks dropped under", "40");
    compose.saved();
    goTo("Fine print");
    compose.labelled("Stage").focus();
    page.keyboard().press("Delete");
    compose.saved();
    step("Proof");
    assertThat(checks()).hasAttribute("aria-busy", "false");
    assertThat(checks()).containsText("Nothing has to be put right.");

    step("Deliver");
    compose.button("Deliver to all 5 targets").click();
    assertThat(page.getByText("All 5 were delivered.")).isVisible();
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(5);
    Path folder = browser.data().resolve("deliveries/1-lantern-reach-regatta");
    for (var expected :
        Map.of(
                "planted.png", new int[] {1920, 1080, 8},
                "planted_720.png", new int[] {1280, 720, 8},
                "planted_uhd.tif", new int[] {3840, 2160, 16},
                "planted_upright.png", new int[] {1080, 1920, 8})
            .entrySet()) {
      BufferedImage image = ImageIO.read(folder.resolve(expected.getKey()).toFile());
      assertEquals(expected.getValue()[0], image.getWidth(), expected.getKey());
      assertEquals(expected.getValue()[1], image.getHeight(), expected.getKey());
      assertEquals(expected.getValue()[2], image.getColorModel().getComponentSize(0));
      assertEquals(4, image.getRaster().getNumBands());
      assertEquals(0, image.getRaster().getSample(3, 3, 3), "the corner is clear");
    }

    step("Proof");
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Screening")).click();
    assertThat(compose.labelled("Still")).containsText("Planted");
    // Pause on a picture; the plate is there, and is gone when the still is taken off.
    compose.labelled("Moment").fill("50");
    assertThat(page.getByTestId("screening-time")).hasText("00:00:02:00");
    String right = settled("");
    compose.labelled("Alpha").selectOption("ignored");
    assertThat(page.getByRole(AriaRole.NOTE)).containsText("hides the clip");
    String ignored = settled(right);
    compose.labelled("Alpha").selectOption("read as straight");
    assertEquals(right, settled(ignored), "the right reading looks as before");
    compose.button("Take Planted off").click();
    assertNotEquals(right, settled(right), "the plate is gone from the picture");
    compose.button("Play").click();
    assertThat(page.getByTestId("screening-rate")).containsText("pictures a second");
    compose.button("Pause").click();
  }

  /** The mean colour where the plate lies on the canvas, once it has settled on another one. */
  private String settled(String before) {
    assertThat(page.getByRole(AriaRole.IMG)).hasAttribute("aria-busy", "false");
    String last = "";
    for (int tries = 0; tries < 60; tries++) {
      page.waitForTimeout(200);
      String now = mean();
      if (now.equals(last) && !now.equals(before) && !now.equals("0 0 0")) {
        return now;
      }
      last = now;
    }
    throw new AssertionError("The canvas stays at " + last);
  }

  private String mean() {
    return (String)
        page.evaluate(
            """
            () => {
              const canvas = document.querySelector('canvas');
              const w = Math.round(canvas.width * 0.3), h = Math.round(canvas.height * 0.3);
              const { data } = canvas.getContext('2d').getImageData(
                Math.round(canvas.width * 0.06), Math.round(canvas.height * 0.6), w, h);
              const mean = [0, 0, 0];
              for (let i = 0; i < data.length; i++) {
                if (i % 4 < 3) mean[i % 4] += data[i] / (w * h);
              }
              return mean.map(Math.round).join(' ');
            }""");
  }
}
