package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureStore;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Several pieces at once, snapping, words on the stage, colours, paint and the clipboard. */
class ArrangeTest {
  @RegisterExtension final Browser browser = new Browser();

  @Test
  void severalPiecesAreChosenLinedUpGroupedAndTakenApart() throws IOException {
    Compose compose = Compose.open(browser, 3);
    Page page = compose.page();
    // A band around the three lines of words in the middle, drawn from beside them.
    compose.choose("Veil: Plate");
    page.keyboard().press("l");
    page.keyboard().press("Escape");
    compose.drag(compose.at(300, 340), compose.at(1620, 740));
    assertThat(page.getByText("5 pieces chosen")).isVisible();
    page.getByLabel("Line up with").selectOption("title-safe");
    compose.button("Line up left edges").click();
    Piece title = compose.piece("title");
    assertEquals(96, left(compose, "Title: Text"), 0.2);
    assertEquals(96, left(compose, "Where: Text"), 0.2);
    page.keyboard().press("Control+z");
    assertTrue(compose.piece("title").place().right() != title.place().right());

    compose.choose("Day: Text");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Where: Text").setExact(true))
        .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
    assertThat(page.getByText("2 pieces chosen")).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.getByText("2 pieces chosen")).isHidden();
    page.keyboard().press("e");
    page.keyboard().press("u");
    GroupPiece group =
        (GroupPiece)
            compose.saved().stack().stream()
                .filter(piece -> piece instanceof GroupPiece)
                .findFirst()
                .orElseThrow();
    assertEquals(5, group.stack().size(), "all but the locked one");
    compose.type("Overall opacity, percent", "50");
    compose.type("Scale, percent", "80");
    assertEquals(0.8, ((GroupPiece) compose.piece(group.id())).scale());
    page.keyboard().press("Shift+U");
    assertThat(page.getByText("5 pieces chosen")).isVisible();
    assertEquals(0.5, compose.piece("title").look().overallOpacity());
    assertEquals(142.4, ((TextPiece) compose.piece("title")).runs().getFirst().size(), 0.01);
  }

  private static double left(Compose compose, String card) {
    return left(compose, card, 0);
  }

  @Test
  void draggedPiecesMeetWhatIsNearUnlessToldNotTo() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    page.keyboard().press("p");
    compose.saved();
    double[] from = compose.at(960, 540);
    // 4 px beside title-safe's right edge is near enough; half the plate is 320 wide.
    compose.take(from, compose.at(1824 - 320 - 4, 300));
    assertThat(page.getByTestId("snap-line").first()).isVisible();
    assertThat(page.getByTestId("snap-line").first()).containsText("title-safe");
    page.mouse().up();
    assertEquals(1824 - 640, left(compose, "Plate: Plate", 0), 0.2);
    page.keyboard().press("Control+z");
    compose.saved();
    page.keyboard().down("Control");
    compose.take(from, compose.at(1824 - 320 - 4, 300));
    assertThat(page.getByTestId("snap-line")).hasCount(0);
    page.mouse().up();
    page.keyboard().up("Control");
    assertTrue(left(compose, "Plate: Plate", 0) < 1824 - 641);
  }

  /** The card of the given name that stands at a place among those of that name. */
  private static double left(Compose compose, String card, int nth) {
    compose.page().keyboard().press("Escape");
    compose
        .page()
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(card).setExact(true))
        .nth(nth)
        .click();
    compose.saved();
    String[] words =
        compose
            .labelled("Distance to the frame's edges in pixels and percent")
            .textContent()
            .split("left");
    return Double.parseDouble(words[1].strip().split("\\s")[0]);
  }

  @Test
  void wordsAreTypedOnTheStageAndAStretchIsSetOtherwise() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    double[] word = compose.at(700, 890);
    page.mouse().dblclick(word[0], word[1]);
    assertThat(page.getByTestId("carets")).hasCount(1);
    // The far left of the words is before the first letter.
    double[] start = compose.at(293, 900);
    page.mouse().click(start[0], start[1]);
    page.keyboard().type("Dame ");
    TextPiece text = (TextPiece) compose.piece("name");
    assertEquals("Dame Ysolde Farrow-Quill", text.words());
    assertEquals(300, text.runs().getFirst().weight(), "set like what stands there");
    double[] end = compose.at(452, 900);
    compose.drag(start, end);
    compose.letters("Weight", "Black");
    compose.labelled("Colour of the words").selectOption("a colour of its own");
    text = (TextPiece) compose.piece("name");
    Run first = text.runs().getFirst();
    assertTrue(first.words().startsWith("Dame") && first.words().length() < 8, first.words());
    assertEquals(900, first.weight());
    assertTrue(first.ink() instanceof Run.Ink.Own);
    assertEquals(300, text.runs().get(1).weight());
    compose.button("Insert ™").click();
    assertTrue(((TextPiece) compose.piece("name")).words().contains("™"));
  }

  @Test
  void wordsTooLongForTheirBoxAreSaid() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    compose.choose("Name: Text");
    compose.labelled("Box").selectOption("a given box");
    compose.type("Width of the box", "400");
    assertThat(page.getByText("of its size to fit the box")).isVisible();
    compose.labelled("Fit").selectOption("are refused");
    assertThat(
            page.getByRole(AriaRole.STATUS)
                .filter(new Locator.FilterOptions().setHasText("too large for their box")))
        .isVisible();
    page.keyboard().press("Escape");
    page.keyboard().press("Alt+4");
    // The run has ended by the time it is first asked about; what came of it is shown all the same.
    page.route(
        "**/delivery-runs",
        route -> {
          if (route.request().method().equals("GET")) {
            page.waitForTimeout(1000);
          }
          route.resume();
        });
    compose.button("Deliver").click();
    assertThat(page.getByText("too large for their box").first()).isVisible();
  }

  @Test
  void coloursComeFromThePackageTheStageAndAnyForm() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    compose.choose("Name: Text");
    compose.button("Colour: choose").click();
    assertThat(page.getByText("Contrast with what lies beneath")).isVisible();
    compose.button("Follow Lamp").click();
    assertEquals("#f0a93f Lamp", colour(compose));
    assertThat(compose.labelled("Colour")).hasValue("Lamp");
    compose.type("Colour in OKLCH", "0.628 0.2577 29.23");
    assertEquals("#ff0000", colour(compose));
    compose.type("Colour in HSL", "120 100% 25%");
    assertEquals("#008000", colour(compose));
    compose.type("Colour", "nonsense");
    assertEquals("#008000", colour(compose), "what is no colour is put back");
    compose.button("Take from the stage").click();
    double[] pennant = compose.at(150, 934);
    page.mouse().click(pennant[0], pennant[1]);
    assertThat(compose.labelled("Colour")).hasValue("#f3d27a");
    compose.type("Colour", "#123456");
    page.getByLabel("Name for the house's colour").fill("Slate");
    compose.button("Keep in the house").click();
    assertThat(compose.button("Follow Slate")).isVisible();
    page.waitForCondition(() -> colour(compose).equals("#123456 Slate"));
    page.waitForCondition(() -> browser.bean(PackageStore.class).house(1L).colours().size() == 8);
  }

  private static String colour(Compose compose) {
    return ((Paint.Flat) ((TextPiece) compose.piece("name")).paint()).colour().toString();
  }

  @Test
  void gradientsAndPointsAreDraggedOnTheStage() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    page.keyboard().press("p");
    compose.labelled("Kind of paint").selectOption("a linear gradient");
    compose.saved();
    compose.drag(compose.mark("paint-end"), compose.at(960, 700));
    Paint.Linear paint = (Paint.Linear) ((PlatePiece) compose.saved().stack().getFirst()).paint();
    assertTrue(paint.angle() > 10 && paint.angle() < 60, "turned to " + paint.angle());
    compose.labelled("Kind of paint").selectOption("a radial gradient");
    compose.drag(compose.mark("paint-middle"), compose.at(800, 540));
    Paint.Radial radial = (Paint.Radial) ((PlatePiece) compose.saved().stack().getFirst()).paint();
    assertEquals(0.25, radial.x(), 0.02);
    compose.labelled("Kind of paint").selectOption("one colour");
    compose.labelled("Shape").selectOption("free polygon");
    compose.drag(compose.mark("point-2"), compose.at(1200, 420));
    PlateShape.FreePolygon shape =
        (PlateShape.FreePolygon) ((PlatePiece) compose.saved().stack().getFirst()).shape();
    assertEquals((1200 - 640) / 640.0, shape.points().get(1).x(), 0.02);
  }

  @Test
  void piecesGoFromOneOverlayToAnotherAndRubbishIsAnswered() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    compose.choose("Pennant: Picture");
    page.keyboard().press("Control+c");
    page.keyboard().press("Control+v");
    assertEquals(6, compose.saved().stack().size());
    page.keyboard().press("d");
    page.keyboard().press("r");
    assertEquals(8, compose.saved().stack().size(), "duplicated, and once more");
    // Into an overlay of another package, on a frame of another size.
    long other = browser.bean(PackageStore.class).create("Tern Holm").id();
    long target =
        browser
            .bean(PackageStore.class)
            .add(other, new Overlay("Small", Frame.of(960, 540), List.of()))
            .id();
    Compose elsewhere = Compose.again(browser, target);
    page.keyboard().press("Control+v");
    Piece pasted = elsewhere.saved().stack().getFirst();
    assertEquals(60, ((PicturePiece) pasted).width());
    assertEquals(1, browser.bean(PictureStore.class).of(other).size());
    page.evaluate(
        "text => { const d = new DataTransfer(); d.setData('text/plain', text);"
            + " document.dispatchEvent(new ClipboardEvent('paste', {clipboardData: d, bubbles: true})); }",
        "{\"format\":\"diaphan-pieces\",\"package\":1,\"overlay\":1,\"lines\":1080,\"pieces\":[{\"kind\":\"sail\"}]}");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Nothing was pasted");
    compose.button("All right").click();
    page.evaluate(
        "text => { const d = new DataTransfer(); d.setData('text/plain', text);"
            + " document.dispatchEvent(new ClipboardEvent('paste', {clipboardData: d, bubbles: true})); }",
        "Words from elsewhere");
    assertEquals(
        "Words from elsewhere", ((TextPiece) elsewhere.saved().stack().getFirst()).words());
  }

  @Test
  void lockedPiecesAreLeftAloneAndPointedOutOnesAreSeen() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    compose.button("Lock Name").click();
    Piece before = compose.piece("name");
    compose.drag(compose.at(500, 895), compose.at(500, 500));
    assertEquals(before, compose.piece("name"));
    compose.choose("Name: Text");
    page.keyboard().press("ArrowRight");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("locked");
    compose.button("Accent: Plate").hover();
    assertThat(page.locator("[aria-label=Stage] polygon[fill='#f0a93f44']")).isVisible();
  }

  @Test
  void aPlateIsGivenSomethingToBackAndKeepsItsSizeWhenThatGoes() throws IOException {
    Compose compose = Compose.open(browser, 4);
    Page page = compose.page();
    page.keyboard().press("p");
    compose.labelled("Back a piece").selectOption("Mark");
    compose.type("Padding left", "30");
    PlatePiece backing = (PlatePiece) compose.saved().stack().getFirst();
    assertEquals(List.of("mark"), backing.backing().pieces());
    page.keyboard().press("Escape");
    compose.choose("Mark: Text");
    compose.labelled("Words").fill("© Oakhollow");
    page.keyboard().press("Escape");
    compose.saved();
    page.keyboard().press("Delete");
    PlatePiece left = (PlatePiece) compose.saved().stack().getFirst();
    assertEquals(List.of(), left.backing().pieces());
    assertTrue(left.width() > 100 && left.width() != 640, "as wide as it was: " + left.width());
    assertTrue(left.place().hook() instanceof Hook.OfFrame);
  }

  @Test
  void theOwnMarginIsSharedByThePackage() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    page.keyboard().press("Alt+1");
    compose.type("Own margin left", "8");
    compose.type("Own margin below", "10");
    compose.button("Keep for new overlays of the package").click();
    page.waitForCondition(
        () -> browser.bean(PackageStore.class).house(1L).ownMargin().bottom() == 10);
    page.keyboard().press("Alt+2");
    compose.choose("Name: Text");
    compose.labelled("Pin: area").selectOption("the own margin");
    assertEquals(new Hook.OfFrame(Area.OWN_MARGIN), compose.piece("name").place().hook());
    browser.open("/packages/1/new");
    page.getByLabel("Name of the overlay").fill("Next");
    compose.button("Compose it").click();
    assertThat(page.getByText("Nothing on the frame yet")).isVisible();
    assertEquals(
        8,
        PackageStore.documentOf(browser.bean(PackageStore.class).overlay(12L))
            .frame()
            .ownMargin()
            .left());
  }
}
