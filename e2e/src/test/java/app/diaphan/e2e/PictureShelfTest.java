package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.paint.Paint;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class PictureShelfTest {
  private static final String SVG =
      "<svg xmlns='http://www.w3.org/2000/svg' width='90' height='50'><rect width='90' height='50' fill='#1d6a78'/><circle cx='45' cy='25' r='15' fill='#f3d27a'/></svg>";

  @RegisterExtension final Browser browser = new Browser();

  private Compose openEmpty() throws IOException {
    return Compose.openNew(browser, like -> new Overlay("Empty", like.frame(), List.of()));
  }

  @Test
  void manyFilesAreDroppedWhereTheyShallLieAndABadOneHoldsNothingUp() throws IOException {
    Compose compose = openEmpty();
    Path pictures = Browser.DEMO.resolve("pictures");
    Map<String, byte[]> files = new LinkedHashMap<>();
    files.put("flag.svg", SVG.getBytes());
    files.put("notes.txt", "not a picture".getBytes());
    files.put("lights.jpg", Files.readAllBytes(pictures.resolve("fairlead-lights-on-black.jpg")));
    compose.drop(480, 270, files);
    assertThat(compose.page().getByRole(AriaRole.ALERT)).containsText("notes.txt");
    assertThat(compose.button("flag: Picture")).isVisible();
    // The package has the same bytes under another name; that picture is shown.
    assertThat(compose.button("fairlead-lights-on-black: Picture")).isVisible();
    List<Piece> stack = compose.saved().stack();
    assertEquals(2, stack.size());
    PicturePiece flag = assertInstanceOf(PicturePiece.class, stack.get(1));
    assertEquals(480 - 960, flag.place().right(), 3);
    assertEquals(270 - 540, flag.place().down(), 3);
    assertEquals(90, flag.width());
  }

  @Test
  void aPictureIsPastedAsTextOrAsAFile() throws IOException {
    Compose compose = openEmpty();
    Page page = compose.page();
    page.evaluate(
        """
        svg => {
          const carried = new DataTransfer();
          carried.setData("text/plain", svg);
          document.dispatchEvent(
            new ClipboardEvent("paste", { clipboardData: carried, bubbles: true, cancelable: true }));
        }""",
        SVG);
    assertThat(compose.button("pasted: Picture")).isVisible();
    String png =
        Base64.getEncoder()
            .encodeToString(Files.readAllBytes(Path.of("../docs/screenshots/start.png")));
    page.evaluate(
        """
        content => {
          const carried = new DataTransfer();
          const bytes = Uint8Array.from(atob(content), c => c.charCodeAt(0));
          carried.items.add(new File([bytes], "image.png", { type: "image/png" }));
          document.dispatchEvent(
            new ClipboardEvent("paste", { clipboardData: carried, bubbles: true, cancelable: true }));
        }""",
        png);
    assertThat(page.getByText("Its own size is 1280 × 800")).isVisible();
    assertEquals(2, compose.saved().stack().size());
  }

  @Test
  void theShelfIsSearchedAPictureReplacedAndAnotherTakenAway() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    compose.button("Picture").click();
    Locator shelf = page.getByLabel("Pictures of the package");
    assertThat(shelf.getByRole(AriaRole.LISTITEM)).hasCount(8);
    compose.labelled("Search the package's pictures").fill("osier");
    assertThat(shelf.getByRole(AriaRole.LISTITEM)).hasCount(1);
    assertThat(shelf).containsText("in Skipper lower third");
    assertThat(compose.button("Take osier-point.svg away")).isDisabled();

    String before = page.getByTestId("composite").getAttribute("src");
    Path other = Files.createTempFile("other", ".svg");
    Files.writeString(other, SVG);
    page.getByLabel("Another file for osier-point.svg").setInputFiles(other);
    assertThat(shelf).containsText("90 × 50");
    // The drawing follows with the next change at the latest.
    compose.choose("Pennant: Picture");
    compose.type("Width", "130");
    assertThat(page.getByTestId("composite")).not().hasAttribute("src", before);
    PicturePiece kept = (PicturePiece) compose.piece("pennant");
    assertEquals("osier-point.svg", kept.picture());

    compose.labelled("Search the package's pictures").fill("greywick");
    compose.button("Take greywick.svg away").click();
    assertThat(shelf).containsText("No picture is called that");
    compose.labelled("Search the package's pictures").fill("");
    assertThat(shelf.getByRole(AriaRole.LISTITEM)).hasCount(7);
  }

  @Test
  void aVectorIsTintedAndSplitIntoItsParts() throws IOException {
    Compose compose = openEmpty();
    Page page = compose.page();
    compose.button("Picture").click();
    compose.button("Add greywick.svg").click();
    compose.labelled("Colours of the picture").selectOption("one colour:");
    compose.type("Tint", "#f3c77a");
    PicturePiece pennant = (PicturePiece) compose.saved().stack().getFirst();
    assertEquals("#f3c77a", ((Tint.OneColour) pennant.tint()).colour().toString());

    compose.button("Picture").click();
    compose.button("Add tern-holm.svg").click();
    assertThat(page.getByText("drawn sharp at every size")).isVisible();
    compose.labelled("Colours of the picture").selectOption("its colours, some replaced");
    compose.type("Colour 1 becomes", "#b23a48");
    compose.saved();
    compose.button("Split into its parts").click();
    assertThat(compose.button("tern-holm: Group")).isVisible();
    GroupPiece group = (GroupPiece) compose.saved().stack().getFirst();
    assertEquals(2, group.stack().size());
    PlatePiece mark = (PlatePiece) group.stack().getFirst();
    assertTrue(mark.paint() instanceof Paint.Flat);
  }
}
