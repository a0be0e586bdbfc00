package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Relief;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.KeyboardModifier;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Finishes chosen by their looks, changed while looking on, copied, kept and followed. */
class FinishTest {
  @RegisterExtension final Browser browser = new Browser();

  private static List<Finish> finishes(Compose compose, String piece) {
    return compose.piece(piece).look().finishes();
  }

  @Test
  void aFinishIsChosenByItsPictureSwitchedOffReorderedAndTakenAway() throws IOException {
    Compose compose = Compose.open(browser, 3);
    compose.choose("Title: Text");
    int before = finishes(compose, "title").size();
    compose.button("Add a finish").click();
    Locator relief = compose.button("Add a relief");
    assertThat(relief).isVisible();
    int width =
        (Integer)
            relief
                .locator("img")
                .evaluate("image => image.decode().then(() => image.naturalWidth)");
    assertTrue(width >= 70, "a picture of the piece, " + width + " px wide");
    relief.click();
    assertEquals(Relief.class, finishes(compose, "title").getLast().getClass());
    compose.type("Relief width", "4.5");
    compose.labelled("Relief profile").selectOption("soft");
    Relief changed = (Relief) finishes(compose, "title").getLast();
    assertEquals(4.5, changed.width());
    assertEquals(Relief.Profile.SOFT, changed.profile());

    String drawn = compose.page().getByTestId("composite").getAttribute("src");
    compose.labelled("Relief: on").uncheck();
    assertEquals(
        changed.width(), ((Relief) finishes(compose, "title").getLast()).width(), "values stay");
    assertNotEquals(drawn, compose.page().getByTestId("composite").getAttribute("src"));
    compose.labelled("Relief: on").check();
    compose.saved();
    assertEquals(drawn, compose.page().getByTestId("composite").getAttribute("src"));

    compose.button("Add a finish").click();
    compose.button("Add an outline").click();
    compose.saved();
    compose.button("Move the outline up").click();
    List<Finish> reordered = finishes(compose, "title");
    assertEquals(Outline.class, reordered.get(before).getClass());
    assertEquals(Relief.class, reordered.get(before + 1).getClass());
    compose.button("Take the relief away").click();
    assertEquals(before + 1, finishes(compose, "title").size());
  }

  @Test
  void aValueIsDraggedWithTruePicturesAndNoQueueBuildsUp() throws IOException {
    Compose compose = Compose.open(browser, 2);
    Page page = compose.page();
    compose.choose("Name: Text");
    compose.saved();
    String before = page.getByTestId("composite").getAttribute("src");
    AtomicInteger running = new AtomicInteger();
    AtomicInteger most = new AtomicInteger();
    AtomicInteger pictures = new AtomicInteger();
    page.onRequest(
        request -> {
          if (request.url().contains("/drawings")) {
            pictures.incrementAndGet();
            most.accumulateAndGet(running.incrementAndGet(), Math::max);
          }
        });
    page.onRequestFinished(
        request -> {
          if (request.url().contains("/drawings")) {
            running.decrementAndGet();
          }
        });
    page.onRequestFailed(
        request -> {
          if (request.url().contains("/drawings")) {
            running.decrementAndGet();
          }
        });
    Locator reach = compose.labelled("Halo reach");
    reach.scrollIntoViewIfNeeded();
    BoundingBox box = reach.boundingBox();
    page.mouse().move(box.x + 5, box.y + 5);
    page.mouse().down();
    for (int i = 1; i <= 40; i++) {
      page.mouse().move(box.x + 5 + 2 * i, box.y + 5);
    }
    page.mouse().up();
    Halo halo = (Halo) finishes(compose, "name").getFirst();
    assertEquals(14 + 40, halo.reach(), 2);
    assertNotEquals(before, page.getByTestId("composite").getAttribute("src"));
    assertTrue(most.get() <= 2, "at most the one that is shown next and one before: " + most);
    assertTrue(pictures.get() <= 45, "pictures drawn: " + pictures);
    page.keyboard().press("Escape");
    page.keyboard().press("Control+z");
    assertEquals(14, ((Halo) finishes(compose, "name").getFirst()).reach(), "one step of undo");
  }

  @Test
  void finishesAreCopiedToSeveralPiecesAtOnce() throws IOException {
    Compose compose = Compose.open(browser, 3);
    compose.choose("Title: Text");
    List<Finish> copied = finishes(compose, "title");
    compose.button("Copy finishes").click();
    compose.choose("Rule left: Plate");
    compose
        .button("Veil: Plate")
        .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
    compose.button("Paste finishes to 2 pieces").click();
    assertEquals(copied, finishes(compose, "veil"));
    assertEquals(copied, finishes(compose, "rule-left"));
  }

  @Test
  void aSetIsKeptFollowedChangedAndCutLoose() throws IOException {
    Compose compose = Compose.open(browser, 3);
    compose.choose("Title: Text");
    compose.button("Keep as a set…").click();
    compose.type("Name of the finish set", "Title edge");
    assertThat(compose.labelled("Finish set")).isVisible();
    assertEquals("Title edge", compose.piece("title").look().follows());
    compose.choose("Day: Text");
    compose.labelled("Finish set").selectOption("Title edge");
    assertEquals("Title edge", compose.piece("day").look().follows());

    // Another overlay follows as well.
    PackageStore packages = browser.bean(PackageStore.class);
    Overlay third = packages.dressed(packages.overlay(2L));
    Piece boat =
        third.stack().stream().filter(piece -> piece.id().equals("boat")).findFirst().orElseThrow();
    packages.save(
        2L,
        packages.overlay(2L).revision(),
        third.withStack(
            third.stack().stream()
                .map(
                    piece ->
                        piece == boat
                            ? piece.withLook(piece.look().following("Title edge"))
                            : piece)
                .toList()));

    compose.choose("Title: Text");
    compose.type("Shadow reach", "33");
    assertEquals("", compose.piece("title").look().follows(), "changed, it is its own");
    compose.button("Keep as a set…").click();
    compose.type("Name of the finish set", "Title edge");
    // Another overlay follows it, so it is seen before it is changed.
    compose.button("Change all of it").click();
    compose.button("Done").click();
    assertEquals(33, ((Shadow) finishes(compose, "day").getFirst()).reach());
    assertEquals(
        33,
        ((Shadow)
                packages.dressed(packages.overlay(2L)).stack().stream()
                    .filter(piece -> piece.id().equals("boat"))
                    .findFirst()
                    .orElseThrow()
                    .look()
                    .finishes()
                    .getFirst())
            .reach(),
        "on the other overlay too");
    compose.choose("Day: Text");
    compose.button("Cut loose").click();
    assertEquals("", compose.piece("day").look().follows());
    assertEquals(33, ((Shadow) finishes(compose, "day").getFirst()).reach(), "and stays as it is");

    compose.choose("Title: Text");
    compose.button("Forget the set").click();
    assertEquals("", compose.piece("title").look().follows());
    assertEquals(33, ((Shadow) finishes(compose, "title").getFirst()).reach());
    assertTrue(
        packages.house(1L).finishSets().stream().noneMatch(set -> set.name().equals("Title edge")));
  }

  @Test
  void aPieceIsMadeToCutAndAnIdleCutIsSaid() throws IOException {
    Compose compose = Compose.open(browser, 3);
    compose.choose("Title: Text");
    compose.labelled("Painted or cut").selectOption("cut through what lies behind");
    assertEquals(Punch.GROUP, compose.piece("title").look().punch());
    compose.page().keyboard().press("Escape");
    compose.choose("Title: Text");
    compose.button("All the way back (Shift Page Down)").click();
    compose.saved();
    assertThat(
            compose
                .page()
                .getByRole(AriaRole.STATUS)
                .filter(new Locator.FilterOptions().setHasText("nothing behind it")))
        .isVisible();
  }
}
