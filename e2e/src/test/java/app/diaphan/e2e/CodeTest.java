package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.code.Correction;
import app.diaphan.core.code.ReadCode;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.Overlay;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A code to scan, from the button that adds it to what a camera reads from the files. */
class CodeTest {
  @RegisterExtension final Browser browser = new Browser();

  private static Overlay empty(Overlay like) {
    return new Overlay("Live link", like.frame(), List.of());
  }

  private Optional<String> read(Path file) throws IOException {
    BufferedImage image = ImageIO.read(file.toFile());
    int width = image.getWidth();
    int height = image.getHeight();
    return ReadCode.in(image.getRGB(0, 0, width, height, null, 0, width), width, height);
  }

  private List<Path> delivered(String packageFolder) throws IOException {
    try (Stream<Path> files = Files.list(browser.data().resolve("deliveries/" + packageFolder))) {
      return files.sorted().toList();
    }
  }

  @Test
  void aCodeIsAddedSizedProvenAndDelivered() throws IOException {
    Compose compose = Compose.openNew(browser, CodeTest::empty);
    Page page = compose.page();
    compose.button("Code").click();
    // What is typed at once is what it says.
    page.keyboard().type("https://lantern-reach.example/live");
    assertThat(page.getByText("29 × 29 modules, each 7.14 px wide on this frame.")).isVisible();
    compose.button("Put its modules on whole pixels").click();
    assertThat(page.getByText("29 × 29 modules, each 7.00 px wide on this frame.")).isVisible();
    compose.labelled("Share that may be hidden").selectOption("30 %");
    assertThat(page.getByText("33 × 33 modules")).isVisible();
    compose.type("Side", "41*6");
    CodePiece code = (CodePiece) compose.piece("code-1");
    assertEquals("https://lantern-reach.example/live", code.words());
    assertEquals(Correction.H, code.correction());
    assertEquals(246, code.side());

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Proof")).click();
    assertThat(page.getByText("Nothing has to be put right.")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Compose")).click();
    compose.type("Ink of the code", "#ffffff");
    compose.type("Colour", "#102030");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Proof")).click();
    assertThat(page.getByText("are no darker than what is between them")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Compose")).click();
    page.keyboard().press("Control+z");
    page.keyboard().press("Control+z");
    assertEquals(code, compose.piece("code-1"));

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Deliver")).click();
    compose.button("Deliver").click();
    assertThat(page.getByText("read back equal")).hasCount(1);
    assertEquals(
        Optional.of("https://lantern-reach.example/live"),
        read(delivered("1-lantern-reach-regatta").getFirst()));
  }

  @Test
  void everyRowHasACodeOfItsOwn() throws IOException {
    Page page = browser.page();
    post("/api/packages", "{\"name\":\"Links\"}");
    post(
        "/api/packages/1/overlays",
        """
        {"name":"Link","frame":{"width":640,"height":360,"pixelAspect":"1/1","scan":"PROGRESSIVE",
          "safeAreas":{"name":"Own","actionX":4,"actionY":4,"titleX":6,"titleY":6},
          "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
          "dotsPerInch":72,"videoHeight":360},
         "stack":[],"forTargets":[],"dress":"LIGHT","kept":[]}""");
    Compose compose = Compose.again(browser, 1);
    compose.button("Code").click();
    page.keyboard().type("https://lantern-reach.example/{words}");
    compose.type("Side", "200");
    compose.saved();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("5 Roster")).click();
    compose.labelled("Cells or lines").fill("Heron\nTern\nMárta\nPatience of the Harbour Light");
    compose.button("Make a roster of them").click();
    compose.button("Deliver 4 rows").click();
    assertThat(page.getByText("All 4 were delivered.")).isVisible();
    TreeSet<String> said = new TreeSet<>();
    for (Path file : delivered("1-links")) {
      said.add(read(file).orElseThrow(() -> new AssertionError(file.toString())));
    }
    String address = "https://lantern-reach.example/";
    assertEquals(
        Set.of(
            address + "Heron",
            address + "Tern",
            address + "Márta",
            address + "Patience of the Harbour Light"),
        said);
  }

  @Test
  void columnsAreCompletedInWhatACodeSays() throws IOException {
    Compose compose = Compose.openNew(browser, CodeTest::empty);
    Page page = compose.page();
    compose.button("Code").click();
    page.keyboard().type("https://lantern-reach.example/{bo");
    assertThat(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("boat")))
        .isVisible();
    page.keyboard().press("Enter");
    page.keyboard().type("?from=tv");
    assertThat(compose.labelled("What the code says"))
        .hasValue("https://lantern-reach.example/{boat}?from=tv");
    CodePiece code = (CodePiece) compose.piece("code-1");
    assertEquals("https://lantern-reach.example/{boat}?from=tv", code.words());
  }

  private void post(String path, String json) {
    int status =
        browser
            .page()
            .request()
            .post(
                browser.address() + path,
                RequestOptions.create().setHeader("Content-Type", "application/json").setData(json))
            .status();
    assertTrue(status < 300, path + " " + status);
  }
}
