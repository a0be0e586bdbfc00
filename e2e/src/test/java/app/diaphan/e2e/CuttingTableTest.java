package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.cutout.CutOut;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class CuttingTableTest {
  private static final int WIDTH = 1200;
  private static final int HEIGHT = 800;
  private static final Pattern COUNTED = Pattern.compile("(\\d+) strokes? keeps?, (\\d+) drops?");

  @RegisterExtension final Browser browser = new Browser();

  private Compose compose;
  private Page page;

  private void openWith(String picture) throws IOException {
    compose = Compose.openNew(browser, like -> new Overlay("Cut", like.frame(), List.of()));
    page = compose.page();
    compose.button("Picture").click();
    compose.button("Add " + picture).click();
    assertThat(page.getByText("Its own size is")).isVisible();
  }

  /** Draws through points of the picture. */
  private void stroke(double... xy) {
    BoundingBox area = page.getByTestId("cutting-area").boundingBox();
    double scale = 0.96 * Math.min(area.width / WIDTH, area.height / HEIGHT);
    for (int i = 0; i < xy.length; i += 2) {
      page.mouse()
          .move(
              area.x + area.width / 2 + (xy[i] - WIDTH / 2.0) * scale,
              area.y + area.height / 2 + (xy[i + 1] - HEIGHT / 2.0) * scale);
      if (i == 0) {
        page.mouse().down();
      }
    }
    page.mouse().up();
    strokes++;
    assertThat(page.getByRole(AriaRole.DIALOG).getByText(COUNTED)).hasCount(1);
    int counted =
        COUNTED
            .matcher(page.getByRole(AriaRole.DIALOG).getByText(COUNTED).textContent())
            .results()
            .mapToInt(found -> Integer.parseInt(found.group(1)) + Integer.parseInt(found.group(2)))
            .sum();
    assertEquals(strokes, counted, "each stroke is a mark");
  }

  private int strokes;

  private Locator shown() {
    return page.getByTestId("cut-look").last();
  }

  private BufferedImage look() throws IOException {
    assertThat(page.getByTestId("cutting-area")).hasAttribute("aria-busy", "false");
    byte[] png =
        page.request()
            .get(page.url().replaceAll("/overlays.*", "") + shown().getAttribute("src"))
            .body();
    return ImageIO.read(new ByteArrayInputStream(png));
  }

  private int alphaAt(BufferedImage look, double x, double y) {
    return look.getRGB((int) (x / WIDTH * look.getWidth()), (int) (y / HEIGHT * look.getHeight()))
        >>> 24;
  }

  private void tab(String name) {
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
  }

  @Test
  void aBoatIsKeptByMarksOfTheHandAndEachStrokeIsUndoneByItself() throws IOException {
    openWith("boat-at-anchor.jpg");
    compose.labelled("Ground of the picture").selectOption("goes by marks of the hand");
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    assertThat(page.getByText("Nothing goes until there are marks of both kinds").last())
        .isVisible();
    assertThat(shown()).isVisible();

    stroke(640, 270, 650, 400, 740, 460);
    stroke(540, 300, 520, 420, 470, 460);
    stroke(420, 580, 520, 600, 700, 600, 770, 550);
    compose.labelled("Width of the strokes").last().fill("8");
    compose.labelled("Width of the strokes").last().press("Enter");
    stroke(590, 160, 590, 520);
    stroke(372, 530, 430, 548, 560, 556, 690, 550, 800, 518);
    compose.labelled("What the hand does").selectOption("marks what to drop");
    compose.labelled("Width of the strokes").last().fill("40");
    compose.labelled("Width of the strokes").last().press("Enter");
    stroke(60, 80, 1140, 80);
    stroke(
        120, 200, 400, 200, 340, 420, 300, 520, 320, 640, 440, 690, 720, 690, 860, 640, 900, 520,
        880, 420, 820, 300, 720, 180);

    tab("What is left");
    assertThat(page.getByTestId("ground-left")).containsText("% of the old ground");
    BufferedImage left = look();
    assertEquals(255, alphaAt(left, 700, 400), "the main sail is kept");
    assertEquals(255, alphaAt(left, 560, 590), "the hull is kept");
    assertEquals(0, alphaAt(left, 200, 150), "the sky goes");
    assertEquals(0, alphaAt(left, 600, 740), "the water goes");

    page.keyboard().press("Control+z");
    assertThat(page.getByText("5 strokes keep, 1 drop").last()).isVisible();
    page.keyboard().press("Control+Shift+z");
    assertThat(page.getByText("5 strokes keep, 2 drop").last()).isVisible();

    tab("What is gone");
    assertEquals(0, alphaAt(look(), 560, 590));
    assertEquals(255, alphaAt(look(), 600, 740));
    tab("Edge, 8 : 1");
    Locator divider = page.getByLabel("Before, after");
    divider.fill("80");
    assertThat(page.getByTestId("cut-look")).hasCount(2);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Done")).click();

    compose.button("Trim to what is left").click();
    PicturePiece trimmed = (PicturePiece) compose.saved().stack().getFirst();
    assertEquals(0.30, trimmed.crop().left(), 0.02);
    assertEquals(0.16, trimmed.crop().top(), 0.02);
    assertTrue(trimmed.width() < 560, "the box is that of the boat: " + trimmed.width());
    assertEquals(7, marks().strokes().size(), "trimming leaves the marks");
  }

  private CutOut.ByMarks marks() {
    return assertInstanceOf(
        CutOut.ByMarks.class, ((PicturePiece) compose.saved().stack().getFirst()).cutOut());
  }

  @Test
  void theGroundIsPickedFromThePictureAndMarksAreSetByTyping() throws IOException {
    openWith("wrackline-ropes-on-white.jpg");
    compose.labelled("Ground of the picture").selectOption("goes by its colour");
    compose.button("Cutting table…").click();
    assertThat(shown()).isVisible();
    compose.labelled("What the hand does").selectOption("picks the ground");
    assertThat(shown()).isVisible();
    assertThat(page.getByTestId("cutting-area").locator("svg").last())
        .hasCSS("cursor", "crosshair");
    BoundingBox area = page.getByTestId("cutting-area").boundingBox();
    page.mouse().click(area.x + area.width / 2, area.y + area.height * 0.08);
    assertThat(compose.labelled("Colour of the ground").last()).hasValue("1");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Done")).click();
    CutOut.ByColour picked =
        (CutOut.ByColour) ((PicturePiece) compose.saved().stack().getFirst()).cutOut();
    var ground = assertInstanceOf(CutOut.GroundColour.OfColour.class, picked.ground());
    assertEquals(255, ground.colour().red(), 2);

    compose.labelled("Ground of the picture").selectOption("goes by marks of the hand");
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    dialog.getByText("A mark by numbers").click();
    for (String[] mark : new String[][] {{"310", "62", "Keep"}, {"20", "20", "Drop"}}) {
      dialog.getByLabel("Mark from the left").fill(mark[0]);
      dialog.getByLabel("Mark from the left").press("Enter");
      dialog.getByLabel("Mark from the top").fill(mark[1]);
      dialog.getByLabel("Mark from the top").press("Enter");
      dialog
          .getByRole(
              AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(mark[2]).setExact(true))
          .click();
    }
    assertThat(dialog.getByText("1 stroke keeps, 1 drops")).isVisible();
    dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done")).click();
    CutOut.ByMarks typed = marks();
    assertEquals(2, typed.strokes().size());
    assertNotEquals(typed.strokes().get(0).keep(), typed.strokes().get(1).keep());
    compose.button("Begin anew").click();
    assertThat(page.getByText("0 strokes keep, 0 drop")).isVisible();
  }

  /** Finding the values takes as long as the machine likes; the hand is not kept waiting. */
  @Test
  void aGroundThatIsPickedWhileTheValuesAreSoughtCounts() throws IOException {
    openWith("wrackline-ropes-on-white.jpg");
    List<Route> held = new ArrayList<>();
    page.route("**/cut-outs/found", held::add);
    compose.labelled("Ground of the picture").selectOption("goes by its colour");
    compose.button("Cutting table…").click();
    assertThat(shown()).isVisible();
    compose.labelled("What the hand does").selectOption("picks the ground");
    assertThat(page.getByTestId("cutting-area").locator("svg").last())
        .hasCSS("cursor", "crosshair");
    BoundingBox area = page.getByTestId("cutting-area").boundingBox();
    page.mouse().click(area.x + area.width / 2, area.y + area.height * 0.08);
    assertThat(compose.labelled("Colour of the ground").last()).hasValue("1");
    page.waitForResponse("**/cut-outs/found", () -> held.forEach(Route::resume));
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Done")).click();
    CutOut.ByColour picked =
        (CutOut.ByColour) ((PicturePiece) compose.saved().stack().getFirst()).cutOut();
    assertInstanceOf(CutOut.GroundColour.OfColour.class, picked.ground());
  }
}
