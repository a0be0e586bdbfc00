package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.server.bundle.HouseFiles;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.SelectOption;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A house that is changed once, seen before it is, and followed everywhere but where it is not. */
class HouseTest {
  private static final JsonMapper JSON = new JsonMapper();
  private static final int LAMP = 0xf0a93f;
  private static final int NEW_LAMP = 0xe0306a;
  private static final int NEW_MARK = 0x20c040;

  private static final String GREEN_SQUARE =
      "<svg xmlns='http://www.w3.org/2000/svg' width='240' height='320'><path d='M0 0H240V320H0z' fill='#20c040'/></svg>";

  @RegisterExtension final Browser browser = new Browser();

  @TempDir Path folder;
  private Page page;

  @BeforeEach
  void demo() throws IOException {
    page = browser.page();
    browser.loadDemo();
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator labelled(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private void type(String label, String words) {
    labelled(label).fill(words);
    labelled(label).press("Enter");
  }

  private JsonNode get(String path) {
    return JSON.readTree(page.request().get(browser.address() + path).text());
  }

  private void openHouse() {
    page.navigate(browser.address() + "/");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("House").setExact(true))
        .click();
    assertThat(labelled("Name of the house")).hasValue("Saltlight");
  }

  /** The overlays by their names. */
  private Map<String, Long> overlays() {
    Map<String, Long> ids = new HashMap<>();
    get("/api/packages/1/overlays")
        .forEach(
            one -> ids.put(one.path("overlay").path("name").asString(), one.path("id").asLong()));
    return ids;
  }

  private void deliver(List<Long> ids) {
    page.request()
        .put(
            browser.address() + "/api/packages/1/delivery-folder",
            RequestOptions.create().setData(Map.of("folder", folder.toString())));
    List<String> targets = new ArrayList<>();
    get("/api/packages/1/targets")
        .path("targets")
        .forEach(target -> targets.add(target.path("name").asString()));
    browser.deliver(ids, targets.subList(0, 1));
  }

  private Map<String, BufferedImage> delivered() throws IOException {
    Map<String, BufferedImage> pictures = new HashMap<>();
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.filter(one -> one.toString().endsWith(".png")).toList()) {
        pictures.put(file.getFileName().toString(), ImageIO.read(file.toFile()));
      }
    }
    return pictures;
  }

  /** How many solid pixels have just this colour. */
  private static long count(BufferedImage picture, int colour) {
    int[] pixels =
        picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
    return Stream.of(pixels)
        .flatMapToInt(java.util.Arrays::stream)
        .filter(pixel -> pixel == (0xff000000 | colour))
        .count();
  }

  private static String fileOf(Map<String, BufferedImage> files, String part) {
    return files.keySet().stream().filter(name -> name.contains(part)).findFirst().orElseThrow();
  }

  @Test
  void oneColourAndOneMarkAreChangedSeenKeptOutDeliveredAgainAndTakenBack() throws IOException {
    Map<String, Long> ids = overlays();
    deliver(
        List.of(
            ids.get("With thanks"),
            ids.get("Next start, upright"),
            ids.get("Slack water"),
            ids.get("Saltlight bug")));
    Map<String, BufferedImage> before = delivered();
    assertEquals(4, before.size(), before.keySet().toString());
    String kept = fileOf(before, "next-start");
    String thanks = fileOf(before, "thanks");
    String slack = fileOf(before, "slack");
    assertTrue(count(before.get(kept), LAMP) > 300);

    openHouse();
    type("Lamp, light", "#e0306a");
    page.getByLabel("Another file for Saltlight lamp", new Page.GetByLabelOptions().setExact(true))
        .last()
        .setInputFiles(
            new FilePayload(
                "saltlight-square.svg",
                "image/svg+xml",
                GREEN_SQUARE.getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByText("Nothing has been changed yet")).containsText("3 delivered files");
    button("See it before and after").click();
    Locator card =
        page.getByRole(
            AriaRole.ARTICLE,
            new Page.GetByRoleOptions()
                .setName("Next start, upright of Lantern Reach Regatta")
                .setExact(true));
    assertThat(card.getByRole(AriaRole.IMG)).hasCount(0); // They are named by the card.
    assertThat(card.locator("img")).hasCount(2);
    assertNotEquals(
        card.locator("img").first().getAttribute("src"),
        card.locator("img").last().getAttribute("src"));
    assertThat(page.getByText("what is hardest to read first")).isVisible();
    List<Double> contrasts =
        page.getByText(java.util.regex.Pattern.compile("→ [0-9.]+ : 1")).allInnerTexts().stream()
            .map(words -> Double.valueOf(words.replaceAll(".*→ ([0-9.]+) : 1.*", "$1")))
            .toList();
    assertTrue(contrasts.size() > 3, contrasts.toString());
    assertEquals(contrasts.stream().sorted().toList(), contrasts);
    card.getByRole(AriaRole.CHECKBOX).check();
    button("Change the others").click();
    assertThat(page.getByText("Changed:")).containsText("1 kept out");
    button("Deliver the 2 files again").click();
    assertThat(page.getByText("2 files were delivered again, under the same names."))
        .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
    button("Done").click();

    Map<String, BufferedImage> after = delivered();
    assertEquals(before.keySet(), after.keySet());
    assertEquals(count(before.get(kept), LAMP), count(after.get(kept), LAMP));
    assertEquals(0, count(after.get(kept), NEW_MARK));
    assertTrue(count(after.get(thanks), NEW_MARK) > 10_000);
    assertTrue(count(before.get(slack), LAMP) > 100);
    assertEquals(0, count(after.get(slack), LAMP));
    assertEquals(count(before.get(slack), LAMP), count(after.get(slack), NEW_LAMP));

    // What was kept out says so and can be brought along.
    page.navigate(browser.address() + "/overlays/" + ids.get("Next start, upright") + "/frame");
    assertThat(page.getByText("Kept as it was: Lamp")).isVisible();

    openHouse();
    page.keyboard().press("Control+z");
    assertThat(labelled("Lamp, light")).hasValue("#f0a93f");
    JsonNode back = get("/api/overlays/" + ids.get("Slack water"));
    assertTrue(back.toString().contains("#f0a93f Lamp"), back.toString());
    JsonNode stack = get("/api/overlays/" + ids.get("Next start, upright")).path("overlay");
    assertEquals(0, stack.path("kept").size());
    assertEquals("saltlight-lamp.svg", stack.path("stack").get(0).path("picture").asString());
  }

  @Test
  void aChangeIsShownAtOnceThoughItIsChangedAndLeftMeanwhile() {
    openHouse();
    labelled("Name of Glow").fill("Given up");
    labelled("Name of Glow").press("Escape");
    assertThat(labelled("Name of Glow")).hasValue("Glow");
    type("Lamp, light", "#e0306a");
    assertThat(page.getByText("Nothing has been changed yet")).isVisible();
    // Pressed before the hand has rested from another change.
    type("Lamp, light", "#20c060");
    button("See it before and after").click();
    Locator told = page.getByText("what is hardest to read first");
    assertThat(told).isVisible();
    page.keyboard().press("Escape");
    assertThat(told).hasCount(0);
    button("See it before and after").click();
    assertThat(told).isVisible();
    button("Change all of it").click();
    assertThat(page.getByText("Changed:")).isVisible();
    button("Done").click();
    assertThat(labelled("Lamp, light")).hasValue("#20c060");
    assertThat(page.getByText("Nothing has been changed yet")).hasCount(0);
  }

  @Test
  void whoClosesThePageBeforeAChangeIsMadeIsAskedFirst() {
    openHouse();
    List<String> asked = new ArrayList<>();
    page.onDialog(
        dialog -> {
          asked.add(dialog.type());
          dialog.dismiss();
        });
    labelled("Lamp, light").click();
    type("Lamp, light", "#e0306a");
    assertThat(page.getByText("Nothing has been changed yet")).isVisible();
    page.close(new Page.CloseOptions().setRunBeforeUnload(true));
    assertThat(labelled("Lamp, light")).hasValue("#e0306a");
    assertEquals(List.of("beforeunload"), asked);
    // What touches nothing is kept without a word, and then nobody is asked.
    button("Leave it as it is").click();
    assertThat(page.getByText("Nothing has been changed yet")).hasCount(0);
    page.reload();
    assertThat(labelled("Lamp, light")).hasValue("#f0a93f");
    assertEquals(1, asked.size());
  }

  @Test
  void thePackageGoesOverToAnotherHouseAndComesBack() throws IOException {
    browser.bean(HouseFiles.class).read(Browser.DEMO.resolveSibling("winter-house"));
    openHouse();
    button("Follow, save, take in").or(page.getByText("Follow, save, take in")).first().click();
    button("Follow Saltlight in winter").click();
    assertThat(page.getByText("This changes")).containsText("overlays");
    button("Change all of it").click();
    assertThat(page.getByText("Changed:")).isVisible();
    button("Done").click();
    assertThat(labelled("Name of the house")).hasValue("Saltlight in winter");
    assertThat(labelled("Lamp, light")).hasValue("#7cc0de");
    page.keyboard().press("Control+z");
    assertThat(labelled("Name of the house")).hasValue("Saltlight");
  }

  @Test
  void whatWasChangedElsewhereIsSaidBeforeAnythingIsOffered() {
    openHouse();
    JsonNode followed = get("/api/packages/1/house");
    String elsewhere =
        "{\"basedOn\":%s,\"keptOut\":[],\"house\":%s}"
            .formatted(
                followed.path("revision"),
                followed.path("house").toString().replace("\"#cfe4e6\"", "\"#ddeeff\""));
    page.request()
        .put(
            browser.address() + "/api/packages/1/house",
            RequestOptions.create()
                .setHeader("Content-Type", "application/json")
                .setData(elsewhere));
    type("What Glow is for", "Evenings");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("saved from elsewhere");
    assertThat(page.getByText("Nothing has been changed yet")).hasCount(0);
    button("Take the house as it is now").click();
    assertThat(labelled("Fog, light")).hasValue("#ddeeff");
    type("What Glow is for", "Evenings");
    page.waitForCondition(() -> get("/api/packages/1/house").toString().contains("\"Evenings\""));
  }

  @Test
  void whatIsNotMadeYetIsTakenBackStepByStep() {
    openHouse();
    type("Lamp, light", "#e0306a");
    assertThat(page.getByText("Nothing has been changed yet")).isVisible();
    type("Name of Glow", "Sail");
    assertThat(page.getByRole(AriaRole.ALERT))
        .hasText(Pattern.compile("^The house has two colours named \"Sail\"; .*"));
    assertThat(button("See it before and after")).hasCount(0);

    button("Undo").click();

    assertThat(labelled("Name of Glow")).hasValue("Glow");
    assertThat(labelled("Lamp, light")).hasValue("#e0306a");
    assertThat(page.getByText("Nothing has been changed yet")).isVisible();

    button("Undo").click();

    assertThat(labelled("Lamp, light")).hasValue("#f0a93f");
    assertThat(page.getByText("Nothing has been changed yet")).hasCount(0);
    assertThat(button("Undo")).isDisabled();
    assertEquals("#f0a93f", get("/api/packages/1/house").at("/house/colours/1/light").asString());
  }

  @Test
  void coloursAndFontsAreFollowedInComposeAndChangedFromThere() throws IOException {
    Compose compose = Compose.open(browser, 2);
    compose.choose("Name: Text");
    compose.type("Colour", "lamp");
    assertThat(compose.labelled("Colour")).hasValue("Lamp");
    assertEquals(
        "#f0a93f Lamp",
        ((Paint.Flat) ((TextPiece) compose.piece("name")).paint()).colour().toString());
    compose
        .labelled("Font of the house")
        .selectOption(new SelectOption().setLabel("Titles: Fraunces"));
    page.waitForCondition(
        () ->
            ((TextPiece) Pieces.get(compose.saved(), "name"))
                .runs().stream().allMatch(run -> run.family().equals("Fraunces")));
    // From a piece to the house and back; what others follow is not changed unseen.
    page.keyboard().press("Alt+h");
    type("Lamp, light", "#e0306a");
    button("See it before and after").click();
    assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("This changes")))
        .containsText("overlays");
    page.keyboard().press("Escape");
    button("Leave it as it is").click();
    assertThat(labelled("Lamp, light")).hasValue("#f0a93f");
    page.getByText("The overlay", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(compose.button("Add a finish").or(page.getByLabel("Stage")).first()).isVisible();
    assertTrue(get("/api/overlays/2").toString().contains("#f0a93f Lamp"));
  }

  @Test
  void aFaceIsFilledWithATextureOfTheHouseAndFollowsIt() throws IOException {
    openHouse();
    labelled("Files of textures")
        .setInputFiles(
            new FilePayload(
                "weave.svg", "image/svg+xml", GREEN_SQUARE.getBytes(StandardCharsets.UTF_8)));
    assertThat(labelled("Name of the texture Weave")).isVisible();
    page.waitForCondition(() -> get("/api/packages/1/house").toString().contains("weave.svg"));
    Compose compose = Compose.again(browser, 3);
    compose.choose("Veil: Plate");
    compose.labelled("Kind of paint").selectOption("a repeating picture");
    compose.labelled("Picture of the paint").selectOption("Weave of the house");
    Piece veil =
        compose.saved().stack().stream()
            .filter(piece -> piece.name().equals("Veil"))
            .findFirst()
            .orElseThrow();
    page.waitForCondition(
        () ->
            compose.piece(veil.id()) instanceof PlatePiece plate
                && plate.paint() instanceof Paint.Texture texture
                && texture.picture().equals("weave.svg"));
    assertEquals(
        "Weave",
        get("/api/packages/1/pictures")
            .valueStream()
            .filter(picture -> picture.path("name").asString().equals("weave.svg"))
            .findFirst()
            .orElseThrow()
            .path("follows")
            .asString());
    assertThat(compose.labelled("Picture of the paint"))
        .containsText("weave.svg, Weave of the house");
  }
}
