package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What is done with overlays and packages as a whole. */
class StartPageTest {
  @RegisterExtension static final Browser BROWSER = new Browser();
  private Page page;

  @BeforeEach
  void openStart() throws IOException {
    BROWSER.loadDemo();
    page = BROWSER.page();
    BROWSER.open("/");
  }

  private Locator card(String name) {
    return page.getByRole(
        AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private void choose(String of, String what) {
    page.getByLabel("More for " + of, new Page.GetByLabelOptions().setExact(true)).click();
    page.getByText(what, new Page.GetByTextOptions().setExact(true))
        .filter(new Locator.FilterOptions().setVisible(true))
        .click();
  }

  private static List<String> names() {
    return BROWSER.bean(PackageStore.class).overlaysOf(1L).stream().map(one -> one.name()).toList();
  }

  @Test
  void aVariationIsTwoPressesAway() {
    choose("Saltlight bug", "Duplicate");
    page.waitForURL(Pattern.compile("/overlays/\\d+/compose"));
    assertThat(page.getByText("Saltlight bug 2").first()).isVisible();
    assertEquals("Saltlight bug 2", names().getLast());
  }

  @Test
  void aVariationForAnotherFrameShowsItsFrameFirst() {
    choose("Saltlight bug", "Duplicate for another frame…");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("1080 × 1920")))
        .first()
        .click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make the copy")).click();
    page.waitForURL(Pattern.compile("/overlays/\\d+/compose"));
    assertEquals("Saltlight bug 2", names().getLast());
    PackageStore store = BROWSER.bean(PackageStore.class);
    assertEquals(1080, PackageStore.documentOf(store.overlaysOf(1L).getLast()).frame().width());
  }

  @Test
  void anOverlayIsRenamedByKeysAlone() {
    page.getByLabel("More for Saltlight bug").focus();
    page.keyboard().press("Enter");
    page.keyboard().press("Tab");
    page.keyboard().press("Enter");
    page.keyboard().type("Corner bug");
    page.keyboard().press("Escape");
    assertThat(card("Saltlight bug")).isVisible();
    choose("Saltlight bug", "Rename");
    page.keyboard().type("Corner bug");
    page.keyboard().press("Enter");
    assertThat(card("Corner bug")).isVisible();
    assertEquals(true, names().contains("Corner bug"));
  }

  @Test
  void whatWasDeletedComesBack() {
    choose("Saltlight bug", "Delete");
    assertThat(card("Saltlight bug")).hasCount(0);
    assertThat(page.getByText("“Saltlight bug” was deleted.")).isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bring it back")).click();
    assertThat(card("Saltlight bug")).isVisible();

    choose("Saltlight bug", "Delete");
    assertThat(card("Saltlight bug")).hasCount(0);
    page.reload();
    page.getByText("Deleted overlays, kept for a month: 1").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bring Saltlight bug back"))
        .click();
    assertThat(card("Saltlight bug")).isVisible();

    choose("the package Lantern Reach Regatta", "Delete the package");
    assertThat(card("Saltlight bug")).hasCount(0);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bring it back")).click();
    assertThat(card("Saltlight bug")).isVisible();
  }

  @Test
  void overlaysAreFoundByWordsOfTheirNames() {
    page.getByLabel("Find an overlay").fill("upright plate");
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(1);
    assertThat(card("Skipper plate, upright")).isVisible();
    page.getByLabel("Find an overlay").fill("nothing is called so");
    assertThat(page.getByText("No overlay here is called so.")).isVisible();
  }

  @Test
  void aBundleThatIsHereAlreadyIsNoticedAndCanBeTakenAwayAgain() {
    Download bundle =
        page.waitForDownload(
            () ->
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Save as bundle"))
                    .click());
    assertThat(card("Saltlight bug")).containsText("not delivered yet");
    page.getByLabel("Bundle file").setInputFiles(bundle.path());
    assertThat(page.getByText("now it is here twice")).isVisible();
    assertThat(card("Saltlight bug")).hasCount(2);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take the new one away"))
        .click();
    assertThat(card("Saltlight bug")).hasCount(1);
  }
}
