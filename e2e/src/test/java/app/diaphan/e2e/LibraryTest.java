package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Pieces kept in the library by hand, laid elsewhere, changed once and followed. */
class LibraryTest {
  private static final long RACE_DAY = 3;
  private static final long WATERMARK = 4;
  private static final long SLACK_WATER = 8;
  private static final int PURPLE = 0x5a2a78;

  @RegisterExtension final Browser browser = new Browser();

  @BeforeEach
  void demo() throws IOException {
    browser.loadDemo();
  }

  private Compose open(long overlay) {
    return Compose.again(browser, overlay);
  }

  private Overlay saved(long overlay) {
    return PackageStore.documentOf(browser.bean(PackageStore.class).overlay(overlay));
  }

  private static List<GroupPiece> copiesOf(Overlay overlay, String original) {
    return Pieces.all(overlay.stack())
        .filter(GroupPiece.class::isInstance)
        .map(GroupPiece.class::cast)
        .filter(
            group ->
                group.copyOf() instanceof CopyOf.OfOriginal of && of.original().equals(original))
        .toList();
  }

  private static Paint paint(GroupPiece copy, String plate) {
    return copy.stack().stream()
        .filter(piece -> piece instanceof PlatePiece && piece.name().equals(plate))
        .map(piece -> ((PlatePiece) piece).paint())
        .findFirst()
        .orElseThrow();
  }

  /** Keeps the stencil of the slack water overlay as an original. */
  private Compose keepStencil() {
    Compose compose = open(SLACK_WATER);
    compose.choose("Stencil: Group");
    compose.button("Library").click();
    compose.button("Keep what is chosen…").click();
    compose.labelled("Name in the library").fill("Notice");
    compose.page().keyboard().press("Enter");
    assertThat(
            compose.page().getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Copy")))
        .containsText("A copy of Notice; it changes with it.");
    compose.page().waitForCondition(() -> copiesOf(saved(SLACK_WATER), "Notice").size() == 1);
    return compose;
  }

  /** Lays the notice from the library by pressing it. */
  private Compose lay(long overlay) {
    Compose compose = open(overlay);
    compose.button("Library").click();
    compose.page().keyboard().type("slack"); // It is found by the words in it.
    assertThat(
            compose
                .page()
                .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Library"))
                .getByRole(AriaRole.BUTTON))
        .hasText(List.of("Notice").toArray(String[]::new));
    compose.page().keyboard().press("Enter");
    compose.page().waitForCondition(() -> copiesOf(saved(overlay), "Notice").size() == 1);
    return compose;
  }

  @Test
  void anOriginalIsKeptLaidChangedSeenKeptOutAndDelivered() throws IOException {
    keepStencil();
    lay(RACE_DAY);
    Compose third = lay(WATERMARK);
    Page page = third.page();
    // Words of the copy's own.
    TextPiece said =
        Pieces.all(copiesOf(saved(WATERMARK), "Notice").getFirst().stack())
            .filter(
                piece ->
                    piece instanceof TextPiece text
                        && text.words().toUpperCase(Locale.ROOT).contains("SLACK"))
            .map(TextPiece.class::cast)
            .findFirst()
            .orElseThrow();
    third.choose(said.name() + ": Text");
    third.labelled("Words").fill("FOG");
    page.waitForCondition(
        () -> ((TextPiece) Pieces.get(saved(WATERMARK), said.id())).words().equals("FOG"));

    Compose slack = open(SLACK_WATER);
    GroupPiece copy = copiesOf(saved(SLACK_WATER), "Notice").getFirst();
    PlatePiece band =
        copy.stack().stream()
            .filter(PlatePiece.class::isInstance)
            .map(PlatePiece.class::cast)
            .max(Comparator.comparingDouble(plate -> plate.width() * plate.height()))
            .orElseThrow();
    slack.choose(band.name() + ": Plate");
    slack.labelled("Kind of paint").selectOption("one colour");
    slack.type("Colour", "#5a2a78");
    slack.choose("Stencil: Group");
    Locator about = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Copy"));
    assertThat(about).containsText(band.name() + ": its paint");
    slack.button("Change the original…").click();
    assertThat(page.getByText("This changes")).containsText("2 overlays");
    page.getByRole(
            AriaRole.ARTICLE,
            new Page.GetByRoleOptions().setName("Race Day Two of Lantern Reach Regatta"))
        .getByRole(AriaRole.CHECKBOX)
        .check();
    slack.button("Change the others").click();
    slack.button("Done").click();
    assertThat(about).containsText("it changes with it.");
    Paint purple = paint(copiesOf(saved(SLACK_WATER), "Notice").getFirst(), band.name());
    page.waitForCondition(
        () -> paint(copiesOf(saved(WATERMARK), "Notice").getFirst(), band.name()).equals(purple));
    assertEquals("FOG", ((TextPiece) Pieces.get(saved(WATERMARK), said.id())).words());
    assertEquals(band.paint(), paint(copiesOf(saved(RACE_DAY), "Notice").getFirst(), band.name()));

    browser.deliver(List.of(WATERMARK), List.of("As designed"));
    assertTrue(purple("photographers-watermark.png") > 20_000);
    browser.deliver(List.of(RACE_DAY), List.of("As designed"));
    assertEquals(0, purple("race-day-two.png"));

    // Taken back from the page of the house.
    page.keyboard().press("Alt+h");
    assertThat(page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Notice")))
        .containsText("copies on Photographer's watermark, Race Day Two, Slack water");
    page.keyboard().press("Control+z");
    page.waitForCondition(
        () ->
            paint(copiesOf(saved(WATERMARK), "Notice").getFirst(), band.name())
                .equals(band.paint()));
    assertEquals(purple, paint(copiesOf(saved(SLACK_WATER), "Notice").getFirst(), band.name()));
  }

  private long purple(String file) throws IOException {
    Path delivered = browser.data().resolve("deliveries/1-lantern-reach-regatta").resolve(file);
    BufferedImage picture = ImageIO.read(delivered.toFile());
    int[] pixels =
        picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
    return IntStream.of(pixels).filter(LibraryTest::isPurple).count();
  }

  /** The plate is thinned a little and lit by its finishes. */
  private static boolean isPurple(int pixel) {
    return pixel >>> 24 > 150
        && IntStream.of(16, 8, 0)
            .allMatch(shift -> Math.abs((pixel >> shift & 255) - (PURPLE >> shift & 255)) < 6);
  }

  @Test
  void whatIsDraggedLiesWhereItIsLetGo() {
    Compose compose = open(WATERMARK);
    Page page = compose.page();
    compose.button("Library").click();
    Locator bug =
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Library"))
            .getByRole(AriaRole.BUTTON);
    assertThat(bug).hasText("Saltlight bug");
    page.getByLabel("What is laid from the library").selectOption("stands by itself");
    double[] at = compose.at(480, 270);
    Locator target = page.getByTestId("drop-target");
    bug.dragTo(
        target,
        new Locator.DragToOptions()
            .setTargetPosition(at[0] - target.boundingBox().x, at[1] - target.boundingBox().y));
    page.waitForCondition(() -> saved(WATERMARK).stack().size() == 2);
    Piece laid = saved(WATERMARK).stack().getFirst();
    assertEquals(CopyOf.NOTHING, ((GroupPiece) laid).copyOf());
    assertEquals(-480, laid.place().right(), 3);
    assertEquals(-270, laid.place().down(), 3);
    page.keyboard().press("Control+z");
    page.waitForCondition(() -> saved(WATERMARK).stack().size() == 1);
  }

  @Test
  void aCopyIsMadeLikeItsOriginalAndLetGo() {
    keepStencil();
    Compose compose = lay(RACE_DAY);
    Page page = compose.page();
    GroupPiece copy = copiesOf(saved(RACE_DAY), "Notice").getFirst();
    Piece first = copy.stack().getFirst();
    compose.choose(first.name() + ": Text");
    page.keyboard().press("h");
    compose.choose(copy.name() + ": Group");
    Locator about = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Copy"));
    assertThat(about).containsText(first.name() + ": that it is hidden");
    compose.button("As the original").click();
    assertThat(about).containsText("it changes with it.");
    page.waitForCondition(() -> Pieces.get(saved(RACE_DAY), first.id()).shown());
    compose.button("Let it go").click();
    assertThat(about).hasCount(0);
    page.waitForCondition(() -> copiesOf(saved(RACE_DAY), "Notice").isEmpty());
    page.keyboard().press("Control+z");
    assertThat(about).isVisible();
  }

  @Test
  void whatWouldHoldItselfIsRefusedAndNothingIsLost() {
    keepStencil();
    Compose compose = open(SLACK_WATER);
    Page page = compose.page();
    compose.button("Library").click();
    page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Library"))
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Notice"))
        .click();
    page.waitForCondition(() -> copiesOf(saved(SLACK_WATER), "Notice").size() == 2);
    page.getByLabel("Stage").press("e");
    page.keyboard().press("/");
    page.keyboard().type("Keep in the lib");
    page.keyboard().press("Enter");
    compose.labelled("Name in the library").fill("notice");
    assertThat(page.getByText("There is one of that name")).isVisible();
    compose.button("Change the original").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("would hold a copy of itself");
    page.keyboard().press("Escape");
    assertThat(compose.labelled("Name in the library")).hasCount(0);
    assertEquals(2, copiesOf(saved(SLACK_WATER), "Notice").size());
  }

  @Test
  void originalsAreRenamedAndTakenOutOnThePageOfTheHouse() {
    Compose compose = keepStencil();
    Page page = compose.page();
    page.keyboard().press("Alt+h");
    Locator name = page.getByLabel("Name of the original Notice");
    name.fill("Water notice");
    name.press("Enter");
    Locator item =
        page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Water notice"));
    assertThat(item).containsText("4 pieces, copies on Slack water");
    page.waitForCondition(() -> copiesOf(saved(SLACK_WATER), "Water notice").size() == 1);
    item.getByRole(AriaRole.BUTTON).click();
    item.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Yes")).click();
    assertThat(item).hasCount(0);
    page.waitForCondition(
        () ->
            !page.request()
                .get(browser.address() + "/api/packages/1/house/originals")
                .text()
                .contains("Water notice"));
    Compose again = open(SLACK_WATER);
    again.choose("Stencil: Group");
    assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Copy")))
        .containsText("A copy of Water notice, which the library no longer has.");
  }
}
