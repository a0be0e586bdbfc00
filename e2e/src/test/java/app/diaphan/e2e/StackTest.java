package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.KeyboardModifier;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Pieces carried through the stack, into groups and out of them. */
class StackTest {
  @RegisterExtension final Browser browser = new Browser();

  private static List<String> ids(List<Piece> stack) {
    return stack.stream().map(Piece::id).toList();
  }

  private static GroupPiece group(Overlay overlay) {
    return overlay.stack().stream()
        .filter(GroupPiece.class::isInstance)
        .map(GroupPiece.class::cast)
        .findFirst()
        .orElseThrow();
  }

  /** Carries a card to a place within another, from 0 at its top to 1 at its foot. */
  private static void carry(Compose compose, String card, String to, double share) {
    Locator goal = compose.button(to);
    BoundingBox box = goal.boundingBox();
    compose
        .button(card)
        .dragTo(
            goal, new Locator.DragToOptions().setTargetPosition(box.width / 2, share * box.height));
  }

  @Test
  void cardsAreCarriedInFrontBehindIntoAGroupAndOut() throws IOException {
    Compose compose = Compose.open(browser, 3);
    Page page = compose.page();
    List<String> opened = ids(compose.saved().stack());
    assertEquals(List.of("title", "day", "place", "rule-left", "rule-right", "veil"), opened);
    carry(compose, "Title: Text", "Rule left: Plate", 0.8);
    assertEquals(
        List.of("day", "place", "rule-left", "title", "rule-right", "veil"),
        ids(compose.saved().stack()));
    page.keyboard().press("Control+z");
    assertEquals(opened, ids(compose.saved().stack()));

    compose.choose("Day: Text");
    compose
        .button("Where: Text")
        .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
    page.keyboard().press("u");
    GroupPiece made = group(compose.saved());
    page.keyboard().press("Escape");
    String card = made.name() + ": Group";
    carry(compose, "Rule right: Plate", card, 0.7);
    assertEquals(List.of("rule-right", "day", "place"), ids(group(compose.saved()).stack()));
    carry(compose, "Day: Text", "Veil: Plate", 0.2);
    Overlay out = compose.saved();
    assertEquals(List.of("rule-right", "place"), ids(group(out).stack()));
    assertEquals(List.of("title", made.id(), "rule-left", "day", "veil"), ids(out.stack()));

    // A group goes not into itself: nothing happens.
    carry(compose, card, "Where: Text", 0.2);
    assertEquals(out, compose.saved());

    // The same by a choice, for those who use no mouse.
    compose.choose("Where: Text");
    compose.labelled("Lies in").selectOption("in no group");
    assertEquals(
        List.of("title", "place", made.id(), "rule-left", "day", "veil"),
        ids(compose.saved().stack()));
    compose.labelled("Lies in").selectOption("in " + made.name());
    assertEquals(List.of("place", "rule-right"), ids(group(compose.saved()).stack()));
    assertThat(compose.labelled("Lies in")).hasValue(made.id());
  }
}
