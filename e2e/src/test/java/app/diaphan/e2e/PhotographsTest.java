package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** A photographer's evening: one mark on many photographs, the way a hand does it. */
class PhotographsTest {
  private static final Path PHOTOGRAPHS = Path.of("../demo/photographs");

  /** Blocks of colour and what a decoder interpolates beside them. */
  private static final int REACH = 24;

  @RegisterExtension final Browser browser = new Browser();

  @TempDir Path folder;
  private Page page;

  /** Presses, choices, drops and typed words; each as one. */
  private int actions;

  @BeforeEach
  void watermark() throws IOException {
    page = browser.page();
    browser.loadDemo();
    page.navigate(browser.address() + "/overlays/4/compose");
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator labelled(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private Locator card(String photograph) {
    return page.getByRole(
        AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(photograph).setExact(true));
  }

  private void step() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Photographs")).click();
    actions++;
  }

  private static List<Path> photographs() throws IOException {
    try (Stream<Path> files = Files.list(PHOTOGRAPHS)) {
      return files.sorted().toList();
    }
  }

  private void give(Path... photographs) {
    labelled("Photographs").first().setInputFiles(photographs);
    actions++;
    assertThat(card(photographs[photographs.length - 1].getFileName().toString())).isVisible();
  }

  private Path results() {
    return browser.data().resolve("deliveries/1-lantern-reach-regatta/photographs");
  }

  /** What is said may be of the test before: its package had the same number. */
  private static void await(Path file) {
    for (int i = 0; i < 400 && !Files.exists(file); i++) {
      LockSupport.parkNanos(50_000_000);
    }
    assertTrue(Files.exists(file), file::toString);
  }

  @Test
  void twelvePhotographsAreMarkedInFewActions() throws IOException {
    List<Path> originals = photographs();
    assertEquals(12, originals.size());
    step();
    give(originals.toArray(Path[]::new));
    labelled("Corner").selectOption(new SelectOption().setLabel("the quietest corner"));
    actions++;
    labelled("Size of the mark").fill("40");
    labelled("Size of the mark").press("Enter");
    actions++;
    button("Mark 12 photographs").click();
    actions++;
    assertThat(page.getByText("12 photographs were marked.")).isVisible();
    assertTrue(actions <= 8, actions + " actions");
    for (Path original : originals) {
      await(results().resolve(original.getFileName().toString()));
      compare(original, results().resolve(original.getFileName().toString()));
    }
  }

  /** Equal but for a part that is the mark's, as stored: both are read without turning them. */
  private static void compare(Path original, Path marked) throws IOException {
    BufferedImage before = ImageIO.read(original.toFile());
    BufferedImage after = ImageIO.read(marked.toFile());
    assertEquals(before.getWidth(), after.getWidth());
    int left = before.getWidth();
    int right = 0;
    int top = before.getHeight();
    int bottom = 0;
    for (int y = 0; y < before.getHeight(); y++) {
      for (int x = 0; x < before.getWidth(); x++) {
        if (before.getRGB(x, y) != after.getRGB(x, y)) {
          left = Math.min(left, x);
          right = Math.max(right, x + 1);
          top = Math.min(top, y);
          bottom = Math.max(bottom, y + 1);
        }
      }
    }
    int longer = Math.max(right - left, bottom - top);
    int shorter = Math.min(right - left, bottom - top);
    // 40 % of 800, and a line of words whose halo is too faint to be seen at its ends.
    assertEquals(320, longer, REACH, original + ": " + longer + " long");
    assertTrue(shorter > 20 && shorter < 40 + 2 * REACH, original + ": " + shorter + " high");
  }

  @Test
  void theFaintestComesFirstAndIsPutRight() {
    step();
    give(PHOTOGRAPHS.resolve("0411-quay.jpg"), PHOTOGRAPHS.resolve("0420-sails.jpg"));
    assertThat(card("0420-sails.jpg")).containsText("too little");
    assertThat(page.getByRole(AriaRole.ARTICLE).first()).containsText("0420-sails.jpg");
    page.getByText("1 stands out too little").waitFor();
    card("0420-sails.jpg").getByRole(AriaRole.CHECKBOX).check();
    labelled("Corner").selectOption(new SelectOption().setLabel("top right"));
    assertThat(card("0420-sails.jpg")).containsText("its own way");
    page.getByText("All stand out enough").waitFor();
    assertFalse(card("0411-quay.jpg").innerText().contains("its own way"));
    button("Mark them as all").click();
    assertThat(card("0420-sails.jpg")).containsText("too little");
  }

  @Test
  void oneIsLookedAtLargeByKeysAndLeftOut() throws IOException {
    step();
    give(PHOTOGRAPHS.resolve("0411-quay.jpg"), PHOTOGRAPHS.resolve("0412-lamps.jpg"));
    assertThat(card("0411-quay.jpg")).containsText("Stands out");
    labelled("Order of the photographs")
        .selectOption(new SelectOption().setLabel("by their names"));
    button("Show 0411-quay.jpg large").click();
    Locator divider = labelled("Divider of before and after");
    assertThat(divider).isVisible();
    divider.fill("60");
    assertThat(page.getByText("before", new Page.GetByTextOptions().setExact(true))).isVisible();
    labelled("Divider of before and after").blur();
    page.keyboard().press("ArrowRight");
    assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("0412-lamps.jpg")))
        .isVisible();
    button("Leave it out").click();
    assertThat(button("Mark it after all")).isVisible();
    page.keyboard().press("Escape");
    button("Mark one photograph").click();
    assertThat(page.getByText("One photograph was marked.")).isVisible();
    await(results().resolve("0411-quay.jpg"));
    assertFalse(Files.exists(results().resolve("0412-lamps.jpg")));
  }

  @Test
  void aBrokenOneSaysSoAndTheOthersAreDone() throws IOException {
    Path cut = folder.resolve("cut.jpg");
    Path good = PHOTOGRAPHS.resolve("0411-quay.jpg");
    Files.write(cut, Arrays.copyOf(Files.readAllBytes(good), 40_000));
    step();
    give(cut, good);
    assertThat(card("cut.jpg")).containsText("cut short");
    button("Mark 2 photographs").click();
    assertThat(page.getByText("1 could not be marked; each says why.")).isVisible();
    await(results().resolve("0411-quay.jpg"));
    Page report =
        page.waitForPopup(
            () -> page.getByText("Report", new Page.GetByTextOptions().setExact(true)).click());
    assertThat(report.getByText("cut short")).isVisible();
  }

  @Test
  void aFolderOfThisComputerIsMarkedBesideItself() throws IOException {
    Files.copy(PHOTOGRAPHS.resolve("0411-quay.jpg"), folder.resolve("quay.jpg"));
    step();
    labelled("Folder of photographs").fill(folder.resolve("nothing").toString());
    button("Add").click();
    assertThat(page.getByText(Pattern.compile("There is no folder"))).isVisible();
    labelled("Folder of photographs").fill(folder.toString());
    button("Add").click();
    assertThat(card("quay.jpg")).containsText("Stands out");
    page.getByText("Files:").click();
    labelled("Copyright").fill("© 2026 Maren Oakhollow");
    labelled("Copyright").press("Enter");
    button("Mark one photograph").click();
    assertThat(page.getByText("One photograph was marked.")).isVisible();
    await(folder.resolve("marked/quay.jpg"));
    byte[] marked = Files.readAllBytes(folder.resolve("marked/quay.jpg"));
    assertTrue(
        new String(marked, java.nio.charset.StandardCharsets.UTF_8).contains("© 2026 Maren"));
    card("quay.jpg").getByRole(AriaRole.CHECKBOX).check();
    button("Take off the wall").click();
    assertThat(page.getByText("One mark on many photographs")).isVisible();
    assertTrue(Files.exists(folder.resolve("quay.jpg")));
  }
}
