package app.diaphan.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicInteger;

/** By keys alone: Tab leads to what is named, the pointer is never used. */
final class KeyHands implements Hands {
  private static final int MOST_TABS = 260;

  private static final String NAME_OF_FOCUSED =
      "() => { const e = document.activeElement;"
          + " return e.getAttribute('aria-label')"
          + " || (e.labels && e.labels[0] && e.labels[0].textContent)"
          + " || e.textContent || ''; }";

  /** An estimate of how many stops lie between; wrong ones only cost more presses. */
  private static final String STEPS_TO =
      "name => { const all = [...document.querySelectorAll('a[href],button,input,select,textarea,"
          + "summary,[tabindex=\"0\"]')].filter(e => !e.disabled && e.type !== 'file'"
          + " && e.offsetParent !== null);"
          + " const called = e => (e.getAttribute('aria-label')"
          + " || (e.labels && e.labels[0] && e.labels[0].textContent) || e.textContent || '').trim();"
          + " const to = all.findIndex(e => called(e) === name);"
          + " return to < 0 ? 0 : to - all.indexOf(document.activeElement); }";

  private static final String CHOSEN_IN_FOCUSED =
      "() => document.activeElement.selectedOptions[0]?.textContent ?? ''";

  private final Page page;
  private final AtomicInteger beingArranged = new AtomicInteger();
  private Path wanted;

  KeyHands(Page page) {
    this.page = page;
    page.onRequest(request -> countArranged(request.url(), 1));
    page.onResponse(response -> countArranged(response.url(), -1));
    page.onFileChooser(chooser -> chooser.setFiles(wanted));
  }

  private void countArranged(String address, int by) {
    if (address.endsWith("/arranged")) {
      beingArranged.addAndGet(by);
    }
  }

  /** Goes on with Tab, or back, until what has the focus has this name. */
  void tabTo(String name) {
    int steps = ((Number) page.evaluate(STEPS_TO, name)).intValue();
    String key = steps < 0 ? "Shift+Tab" : "Tab";
    for (int i = 0; i < Math.abs(steps); i++) {
      page.keyboard().press(key);
    }
    for (int i = 0; i < MOST_TABS; i++) {
      if (isOn(name)) {
        return;
      }
      page.keyboard().press("Tab");
    }
    throw new AssertionError("Tab does not lead to " + name);
  }

  private boolean isOn(String name) {
    return page.evaluate(NAME_OF_FOCUSED).toString().strip().equals(name);
  }

  @Override
  public void press(String button) {
    tabTo(button);
    page.keyboard().press("Enter");
  }

  @Override
  public void choose(String label, String word) {
    if (isOn(label)) {
      page.waitForTimeout(1100); // What was typed into the list before counts for a second.
    }
    tabTo(label);
    if (!label.startsWith("Pin: ")) {
      page.keyboard().type(word);
    } else if (!page.evaluate(CHOSEN_IN_FOCUSED).equals(word)) {
      // The offsets that come of it are typed over next.
      page.waitForResponse("**/arranged", () -> page.keyboard().type(word));
      page.waitForCondition(() -> beingArranged.get() == 0);
    }
  }

  @Override
  public void letters(String label, String word) {
    for (int i = 0; ; i++) {
      if (page.evaluate(NAME_OF_FOCUSED).toString().startsWith(label + ": ")) {
        break;
      }
      if (i == MOST_TABS) {
        throw new AssertionError("Tab does not lead to " + label);
      }
      page.keyboard().press("Tab");
    }
    page.keyboard().press("Enter");
    page.keyboard().press(word.substring(0, 1).toLowerCase());
    page.keyboard().press("Enter");
  }

  @Override
  public void type(String label, String value) {
    tabTo(label);
    page.keyboard().press("Control+a");
    page.keyboard().type(value);
    page.keyboard().press("Enter");
  }

  @Override
  public void words(String words) {
    tabTo("Words");
    page.keyboard().press("Control+a");
    page.keyboard().type(words);
  }

  @Override
  public void stretch(int start, int end) {
    tabTo("Words");
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
    wanted = file;
    press(button);
  }
}
