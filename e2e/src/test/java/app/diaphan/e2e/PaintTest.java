package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.paint.Pattern;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What faces and the lines along their edges are filled with. */
class PaintTest {
  @RegisterExtension final Browser browser = new Browser();

  private static PlatePiece plate(Compose compose, String id) {
    compose.saved();
    return (PlatePiece) compose.piece(id);
  }

  private static void choosePattern(Compose compose, String name) {
    compose.button("Pattern").click();
    Locator patterns =
        compose.page().getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Patterns"));
    Locator wanted =
        patterns.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
    int width =
        (Integer)
            wanted
                .locator("img")
                .evaluate("image => image.decode().then(() => image.naturalWidth)");
    assertTrue(width >= 100, "a picture of the pattern, " + width + " px wide");
    wanted.click();
    assertThat(patterns).isHidden();
  }

  @Test
  void anOrnamentIsFoundByWhatItIsForAndFilledWithAPattern() throws IOException {
    Compose compose = Compose.open(browser, 3);
    Page page = compose.page();
    compose.button("Ornament").click();
    // Typed at once: the search has the keys.
    page.keyboard().type("north");
    assertThat(compose.labelled("Search: Ornaments")).hasValue("north");
    Locator ornaments =
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Ornaments"));
    assertThat(ornaments.getByRole(AriaRole.BUTTON)).hasCount(1);
    page.keyboard().press("Enter");
    assertThat(ornaments).isHidden();
    assertThat(compose.labelled("Width")).isFocused();
    PlatePiece rose = plate(compose, "ornament-1");
    assertEquals("Compass rose", rose.name());
    assertEquals(rose.width(), rose.height(), 0.2);
    assertTrue(((PlateShape.Drawn) rose.shape()).path().startsWith("M"));
    String flat = page.getByTestId("composite").getAttribute("src");

    compose.labelled("Kind of paint").selectOption("a pattern");
    choosePattern(compose, "Waves");
    compose.type("Ground of the pattern", "#12495a");
    compose.type("Width of a repetition", "24");
    Paint.Patterned waves = (Paint.Patterned) plate(compose, "ornament-1").paint();
    assertEquals(Pattern.WAVES, waves.pattern());
    assertEquals(24, waves.width());
    assertEquals(Colour.parse("#f3ead2"), waves.ink());
    assertNotEquals(flat, page.getByTestId("composite").getAttribute("src"));
    compose.button("Turn round").click();
    Paint.Patterned turned = (Paint.Patterned) plate(compose, "ornament-1").paint();
    assertEquals(waves.ink(), turned.ground());
    assertEquals(waves.ground(), turned.ink());

    page.keyboard().press("Control+z");
    assertEquals(waves, plate(compose, "ornament-1").paint());
  }

  @Test
  void leavingAShelfWithoutChoosingChangesNothing() throws IOException {
    Compose compose = Compose.open(browser, 3);
    Page page = compose.page();
    int pieces = compose.saved().stack().size();
    page.keyboard().press("/");
    page.keyboard().type("ornament");
    page.keyboard().press("Enter");
    assertThat(compose.labelled("Search: Ornaments")).isFocused();
    page.keyboard().type("hdplt");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Nothing is called that")).isVisible();
    page.keyboard().press("Escape");
    assertThat(compose.labelled("Search: Ornaments")).isHidden();
    assertThat(compose.labelled("Stage")).isFocused();
    assertEquals(pieces, compose.saved().stack().size());
  }

  @Test
  void aBorderRunsTheOtherWayThanItsPlate() throws IOException {
    Compose compose = Compose.open(browser, 3);
    compose.choose("Rule left: Plate");
    Paint.Linear face = (Paint.Linear) plate(compose, "rule-left").paint();
    compose.button("Add a finish").click();
    compose.button("Add an outline").click();
    compose.type("Outline width", "6");
    compose.labelled("Outline kind of paint").selectOption("what its face has, turned round");
    Paint.Linear border = (Paint.Linear) outline(compose).paint();
    assertEquals(face.stops().size(), border.stops().size());
    assertEquals(face.stops().getFirst().colour(), border.stops().getLast().colour());
    assertEquals(face.stops().getLast().colour(), border.stops().getFirst().colour());
    assertEquals(face.angle(), border.angle());

    compose.type("Outline gradient direction in degrees", "90");
    compose.type("Outline stop 1: colour", "#ff5a36");
    border = (Paint.Linear) outline(compose).paint();
    assertEquals(90, border.angle());
    assertEquals(Colour.parse("#ff5a36").red(), border.stops().getFirst().colour().red());
    assertEquals(face, plate(compose, "rule-left").paint(), "the face stays as it is");
  }

  private static Outline outline(Compose compose) {
    return (Outline) plate(compose, "rule-left").look().finishes().getLast();
  }
}
