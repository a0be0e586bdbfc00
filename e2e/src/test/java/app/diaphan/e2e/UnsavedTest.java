package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.TextPiece;
import com.microsoft.playwright.Dialog;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What is typed while the server does not answer. */
class UnsavedTest {
  private static final String OVERLAY = "**/api/overlays/3";

  @RegisterExtension final Browser browser = new Browser();

  private static void silence(Page page) {
    page.route(
        OVERLAY,
        route -> {
          if (route.request().method().equals("PUT")) {
            route.abort();
          } else {
            route.resume();
          }
        });
  }

  private static String title(Compose compose) {
    return ((TextPiece) compose.saved().stack().getFirst()).words();
  }

  @Test
  void wordsOutliveThePageAndAreSavedAsSoonAsTheServerAnswers() throws IOException {
    Compose compose = Compose.open(browser, 3);
    Page page = compose.page();
    browser.leaveUnanswered();
    compose.choose("Title: Text");
    silence(page);
    compose.labelled("Words").fill("Race Day Three");
    assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
        .containsText("does not answer");

    List<String> asked = new ArrayList<>();
    page.onDialog(
        dialog -> {
          asked.add(dialog.type());
          accept(dialog);
        });
    page.reload();
    assertEquals(List.of("beforeunload"), asked, "leaving asks first");
    compose.choose("Title: Text");
    assertThat(compose.labelled("Words")).hasValue("Race Day Three");

    page.unroute(OVERLAY);
    assertEquals("Race Day Three", title(compose));
    page.keyboard().press("Escape");
    page.keyboard().press("Control+z");
    assertTrue(!title(compose).equals("Race Day Three"), "it can be taken back");
    page.reload();
    assertEquals(1, asked.size(), "what is saved is left without asking");
  }

  private static void accept(Dialog dialog) {
    dialog.accept();
  }

  @Test
  void longWordsOfAnotherScriptAreSaved() throws IOException {
    Compose compose = Compose.open(browser, 3);
    compose.choose("Title: Text");
    String words = "Гребцы Тихой воды ".repeat(50).strip();
    compose.labelled("Words").fill(words);
    assertEquals(words, title(compose));
  }
}
