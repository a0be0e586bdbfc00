package app.diaphan.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;

/** By clicks, with values typed where they are clicked. */
final class MouseHands implements Hands {
  private final Page page;

  MouseHands(Page page) {
    this.page = page;
  }

  private Locator labelled(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Override
  public void press(String button) {
    button(button).click();
  }

  @Override
  public void choose(String label, String word) {
    if (!label.startsWith("Pin: ")) {
      labelled(label).selectOption(word);
      return;
    }
    // The offsets that come of it are typed over next.
    page.waitForResponse("**/arranged", () -> labelled(label).selectOption(word));
  }

  @Override
  public void letters(String label, String word) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(label + ": ")).click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(word).setExact(true))
        .click();
  }

  @Override
  public void type(String label, String value) {
    Locator field = labelled(label);
    field.click();
    field.fill(value);
    field.press("Enter");
  }

  @Override
  public void words(String words) {
    labelled("Words").fill(words);
  }

  @Override
  public void stretch(int start, int end) {
    labelled("Words").focus();
    page.keyboard().press("Control+Home");
    for (int i = 0; i < start; i++) {
      page.keyboard().press("ArrowRight");
    }
    for (int i = start; i < end; i++) {
      page.keyboard().press("Shift+ArrowRight");
    }
  }

  @Override
  public void file(String button, Path file) {
    page.waitForFileChooser(() -> button(button).click()).setFiles(file);
  }
}
