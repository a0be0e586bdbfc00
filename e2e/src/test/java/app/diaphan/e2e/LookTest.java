package app.diaphan.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.MouseButton;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Every screen in both rooms and sizes: nothing outside the window, nothing axe objects to. */
class LookTest {
  /**
   * A screen in a state worth looking at.
   *
   * @param name of its picture in the documentation; empty for none
   */
  private record Look(String path, String name, Consumer<Page> prepare) {
    Look(String path, String name) {
      this(path, name, page -> {});
    }
  }

  private static final List<Look> LOOKS =
      List.of(
          new Look("/", "start"),
          new Look(
              "/packages/1/new",
              "begin",
              page ->
                  page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Quotation"))
                      .click()),
          new Look("/packages/1/house", "house", LookTest::house),
          new Look("/packages/1/house", "house-change", LookTest::houseChange),
          new Look("/overlays/2/frame", "frame"),
          new Look("/overlays/2/compose", "compose", page -> choose(page, "Plate: Plate")),
          new Look("/overlays/2/compose", "", page -> page.keyboard().press("?")),
          new Look("/overlays/2/compose", "", page -> page.keyboard().press("F1")),
          new Look("/overlays/2/compose", "", LookTest::finding),
          new Look("/overlays/2/compose", "", LookTest::asking),
          new Look("/overlays/2/compose", "compose-words", LookTest::words),
          new Look("/overlays/3/compose", "", LookTest::several),
          new Look(
              "/overlays/6/compose",
              "",
              page -> {
                page.keyboard().press("6");
                choose(page, "Course: Text");
              }),
          new Look("/overlays/8/compose", "compose-finishes", LookTest::finishes),
          new Look("/overlays/1/compose", "", page -> choose(page, "Bug: Group")),
          new Look("/overlays/7/compose", "", LookTest::colour),
          new Look("/overlays/9/compose", "pictures", LookTest::pictures),
          new Look("/overlays/9/compose", "cutting-table", LookTest::cuttingTable),
          new Look("/overlays/2/proof", "proof"),
          new Look("/overlays/2/proof", "", LookTest::oneBackdrop),
          new Look("/overlays/2/deliver", "deliver", LookTest::delivered),
          new Look("/overlays/2/deliver", "deliver-package", page -> tab(page, "Whole package")),
          new Look("/overlays/2/deliver", "deliver-returned", LookTest::returned),
          new Look("/overlays/2/proof", "", LookTest::screening),
          new Look("/overlays/10/proof", "screening", LookTest::cueList),
          new Look("/overlays/10/proof", "", page -> cueList(page, "Clip")),
          new Look("/overlays/10/proof", "", page -> cueList(page, "Deal")),
          new Look("/overlays/10/proof", "", page -> cueList(page, "Hand over")),
          new Look("/overlays/10/roster", "roster", LookTest::roster),
          new Look("/overlays/10/roster", "roster-row", LookTest::largeRow),
          new Look("/overlays/4/photographs", "", page -> {}),
          new Look("/overlays/4/photographs", "photographs", LookTest::photographs),
          new Look("/overlays/4/photographs", "", LookTest::largePhotograph));

  private static final Path[] DEMO_PHOTOGRAPHS = demoPhotographs();

  private static final String DARK = "dark-room";
  private static final String LIGHT = "light-room";

  private static final Set<String> ALIKE = Set.of("", "pictures");

  @RegisterExtension final Browser browser = new Browser();

  private static Path[] demoPhotographs() {
    try (Stream<Path> files = Files.list(Path.of("../demo/photographs"))) {
      return files.sorted().toArray(Path[]::new);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void choose(Page page, String card) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(card).setExact(true))
        .click();
  }

  private static void house(Page page) {
    page.getByLabel("Name of the house").waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private static void houseChange(Page page) {
    page.getByLabel("Deep water, light", new Page.GetByLabelOptions().setExact(true))
        .fill("#5a2140");
    page.keyboard().press("Enter");
    choose(page, "See it before and after");
    page.getByText("what is hardest to read first").waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private static void roster(Page page) {
    page.getByText("lightest colour").waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private static void photographs(Page page) {
    Locator given =
        page.getByLabel("Photographs", new Page.GetByLabelOptions().setExact(true)).first();
    if (page.getByText("One mark on many photographs").isVisible()) {
      given.setInputFiles(DEMO_PHOTOGRAPHS);
      page.getByLabel("Size of the mark").fill("40");
      page.getByLabel("Size of the mark").press("Enter");
      choose(page, "Mark 12 photographs");
      page.getByText("12 photographs were marked.").waitFor();
    }
    page.getByText("stand out too little").or(page.getByText("stands out too little")).waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private static void largePhotograph(Page page) {
    photographs(page);
    choose(page, "Show 0420-sails.jpg large");
    page.getByLabel("Divider of before and after").fill("64");
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private static void largeRow(Page page) {
    roster(page);
    page.getByRole(AriaRole.GRIDCELL, new Page.GetByRoleOptions().setName("name: Bram Ostley"))
        .click();
    choose(page, "One row large");
    page.getByLabel("Backdrop", new Page.GetByLabelOptions().setExact(true))
        .selectOption("Quay at dusk");
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private static void words(Page page) {
    page.keyboard().press("6");
    choose(page, "Name: Text");
    page.getByLabel("Words", new Page.GetByLabelOptions().setExact(true)).focus();
    page.keyboard().press("Control+Home");
    page.keyboard().press("Control+Shift+ArrowRight");
  }

  private static void several(Page page) {
    page.keyboard().press("8");
    choose(page, "Rule left: Plate");
    for (String card : List.of("Where: Text", "Rule right: Plate")) {
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(card).setExact(true))
          .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
    }
    page.keyboard().press("y");
    page.getByLabel("Line up with", new Page.GetByLabelOptions().setExact(true))
        .selectOption("each other");
    for (String step : List.of("Line up middles up and down", "Space evenly across")) {
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(step)).click();
    }
    FromNothingToFilesTest.upToDate(page);
  }

  private static void finishes(Page page) {
    page.keyboard().press("5");
    choose(page, "Words: Text");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a finish")).click();
    Locator strip = page.getByLabel("Add a softened edge");
    strip.waitFor();
    strip.scrollIntoViewIfNeeded();
    FromNothingToFilesTest.upToDate(page);
  }

  private static void pictures(Page page) {
    page.keyboard().press("6");
    choose(page, "Wrackline Ropes: Picture");
    choose(page, "Picture");
    page.getByLabel("Pictures of the package").waitFor();
    FromNothingToFilesTest.upToDate(page);
  }

  private static void cuttingTable(Page page) {
    page.keyboard().press("2");
    choose(page, "Boat: Picture");
    choose(page, "Cutting table…");
    page.getByTestId("ground-left").waitFor();
  }

  private static void tab(Page page, String name) {
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private static void oneBackdrop(Page page) {
    page.keyboard().press("5");
    tab(page, "One backdrop");
    page.getByLabel("How it is seen").selectOption("on a TV across the room");
    page.getByLabel("What is shown").selectOption("it as video carries it");
    page.getByTestId("proof-one").locator("img").waitFor();
  }

  private static void delivered(Page page) {
    choose(page, "Target Upright");
    page.getByText("1080 × 1920, PNG 8 bit").waitFor();
    if (page.getByRole(AriaRole.ARTICLE).count() == 0) {
      choose(page, "Deliver to all 5 targets");
      page.getByText("All 5 were delivered.").waitFor();
    }
  }

  private static void returned(Page page) {
    tab(page, "A file came back");
    choose(page, "Send");
    page.getByLabel("What happened to the file").waitFor();
  }

  private static void screening(Page page) {
    tab(page, "Screening");
    page.getByLabel("Alpha", new Page.GetByLabelOptions().setExact(true))
        .selectOption("read as premultiplied");
    page.waitForTimeout(800);
  }

  private static void cueList(Page page, String side) {
    tab(page, "Screening");
    Locator open =
        page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open Skippers at the quay"));
    Locator screened = page.getByLabel("What is screened");
    open.or(screened).waitFor();
    if (open.count() > 0) {
      open.click();
    } else {
      screened.selectOption("Skippers at the quay");
    }
    tab(page, side);
    page.waitForTimeout(500);
  }

  private static void cueList(Page page) {
    cueList(page, "Hand over");
    if (page.getByText("24 stills are not delivered as they are now.").count() > 0) {
      choose(page, "Deliver what is missing");
    }
    page.getByText("2 stills are not delivered as they are now.")
        .waitFor(new Locator.WaitForOptions().setTimeout(60_000));
    tab(page, "Cues");
    page.getByRole(AriaRole.ROW).nth(1).click();
    page.locator("canvas[aria-busy=false]").waitFor();
    page.waitForTimeout(800);
  }

  private static void colour(Page page) {
    choose(page, "Points: Plate");
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName("Stop 1: colour: choose").setExact(true))
        .click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("History")).click();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Revisions")).click();
  }

  /** Longer than others may take: every screen is looked at, and a busy machine is slow. */
  @Test
  @Timeout(value = 12, unit = TimeUnit.MINUTES)
  void everyScreenFitsAndIsAccessibleInBothRooms() throws IOException {
    browser.loadDemo();
    Page small = browser.newPage(1280, 800);
    for (Look look : LOOKS) {
      open(small, look, 1280);
      assertAccessible(small, look, DARK);
      // The second room has other colours and nothing else of its own; sheets of the same kind are
      // coloured alike.
      if (!ALIKE.contains(look.name())) {
        turnTo(small, LIGHT);
        assertAccessible(small, look, LIGHT);
        turnTo(small, DARK);
      }
    }
    // A larger window is laid out otherwise, but coloured alike; each screen is looked at once.
    Page large = browser.newPage(1920, 1080);
    Set<String> seen = new HashSet<>();
    for (Look look : LOOKS) {
      if (seen.add(look.path().replaceAll("[0-9]", ""))) {
        open(large, look, 1920);
      }
    }
  }

  /** An event and not a click: a dialog may lie over the button. */
  private static void turnTo(Page page, String room) {
    page.getByLabel("Turn to the " + room.replace('-', ' ')).dispatchEvent("click");
    page.waitForTimeout(250); // Colours go over into each other.
  }

  private void open(Page page, Look look, int width) {
    browser.open(look.path());
    page.waitForLoadState(LoadState.NETWORKIDLE);
    look.prepare().accept(page);
    page.waitForTimeout(Boolean.getBoolean("diaphan.keep-screenshots") ? 900 : 150);
    Object wide = page.evaluate("() => document.documentElement.scrollWidth - window.innerWidth");
    assertEquals(0, ((Number) wide).intValue(), look.path() + " at " + width);
  }

  private static void assertAccessible(Page page, Look look, String room) throws IOException {
    AxeBuilder axe = new AxeBuilder(page);
    if (room.equals(LIGHT)) {
      axe.withRules(List.of("color-contrast"));
    }
    String where = look.path() + " (" + look.name() + ") in the " + room;
    List<String> serious =
        axe.analyze().getViolations().stream()
            .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
            .map(rule -> where + ": " + rule.getId() + " " + rule.getNodes().getFirst().getHtml())
            .toList();
    assertEquals(List.of(), serious);
    keep(page, look.name(), room);
  }

  private static void finding(Page page) {
    choose(page, "Name: Text");
    page.getByLabel("Stage", new Page.GetByLabelOptions().setExact(true)).focus();
    page.keyboard().press("/");
    page.keyboard().type("siz");
  }

  /** The menu of what lies there and what can be done. */
  private static void asking(Page page) {
    page.getByLabel("Stage", new Page.GetByLabelOptions().setExact(true))
        .click(new Locator.ClickOptions().setButton(MouseButton.RIGHT).setPosition(120, 120));
  }

  /** With -Ddiaphan.keep-screenshots=true the documentation's pictures are taken anew. */
  private static void keep(Page page, String name, String room) throws IOException {
    boolean light = room.equals(LIGHT);
    if (!Boolean.getBoolean("diaphan.keep-screenshots")
        || name.isEmpty()
        || light && !name.equals("compose")) {
      return;
    }
    Path folder = Files.createDirectories(Path.of("../docs/screenshots"));
    page.mouse().move(640, 10);
    page.waitForTimeout(300);
    // Readers have a folder of another name than this test's.
    page.evaluate(
        """
        () => document.querySelectorAll("span, p, div").forEach(path => {
          const whole = path.matches(".wrap-anywhere") || path.children.length === 0;
          if (whole && /^\\/.*\\/deliveries\\//.test(path.textContent)) {
            path.textContent = path.textContent.replace(/^.*(?=\\/deliveries\\/)/, "/srv/diaphan");
          }
        })""");
    page.screenshot(
        new Page.ScreenshotOptions()
            .setPath(folder.resolve(name + (light ? "-light" : "") + ".png")));
  }
}
