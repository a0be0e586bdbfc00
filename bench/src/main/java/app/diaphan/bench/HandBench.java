package app.diaphan.bench;

import app.diaphan.server.ServerApplication;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * How many actions common jobs take, each done in the browser to its end. An action is a press of
 * the pointer, a key pressed for what it does, or words and numbers typed in one go.
 */
final class HandBench {
  private final Path data;
  private final Page page;
  private int actions;

  private HandBench(Path data, Page page) {
    this.data = data;
    this.page = page;
  }

  static List<Line> run() throws IOException {
    Path data = Files.createTempDirectory("diaphan-hand");
    ConfigurableApplicationContext server = ServerApplication.start(data, 0);
    int port = ((WebServerApplicationContext) server).getWebServer().getPort();
    try (Playwright playwright = Screen.playwright();
        Browser browser = Screen.browser(playwright)) {
      Page page = Screen.page(browser);
      page.navigate("http://127.0.0.1:" + port + "/");
      HandBench hand = new HandBench(data, page);
      List<Line> lines = new ArrayList<>();
      lines.add(hand.counted("first file from an empty folder", hand::firstFile, 10));
      lines.add(hand.counted("title with an outline, moved up", hand::title, 12));
      lines.add(hand.counted("call to action", hand::callToAction, 28));
      lines.add(hand.counted("SD lower third with reversed border", hand::lowerThird, 30));
      lines.add(hand.counted("channel mark", hand::channelMark, 32));
      lines.add(hand.counted("variation of an overlay", hand::variation, 3));
      return lines;
    } finally {
      server.close();
    }
  }

  private Line counted(String job, Job work, int most) throws IOException {
    page.navigate(page.url().replaceAll("(https?://[^/]+)/.*", "$1/"));
    actions = 0;
    work.run();
    return Line.atMost("hand/" + job, actions, "actions", most);
  }

  @FunctionalInterface
  private interface Job {
    void run() throws IOException;
  }

  private void firstFile() throws IOException {
    press("Begin with a starter");
    press("Compose it");
    press("Name: Text");
    key("Enter");
    key("Control+a");
    type("Tam Orrin");
    delivered("lower-third-plate");
  }

  private void title() throws IOException {
    begin();
    press(page.getByLabel("Name of the overlay"));
    type("Title");
    key("Enter");
    press("Text");
    type("Race Day Two");
    press("Add a finish");
    press("Add an outline");
    type("6");
    key("Enter");
    // By one drag, straight up.
    Locator stage = page.getByLabel("Stage", new Page.GetByLabelOptions().setExact(true));
    settled();
    var box = stage.boundingBox();
    page.keyboard().down("Shift");
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
    page.mouse().down();
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2 - 60);
    page.mouse().up();
    page.keyboard().up("Shift");
    actions++;
    settled();
  }

  private void callToAction() throws IOException {
    begin();
    press(page.getByRole(AriaRole.RADIO, named("Call to action")));
    press("Compose it");
    press("Words: Text");
    key("Enter");
    key("Control+a");
    type("See the whole race →");
    delivered("call-to-action");
  }

  /** A plate whose border runs from dark to light where the plate runs from light to dark. */
  private void lowerThird() throws IOException {
    begin();
    press(
        page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("720 × 576")))
            .first());
    press(page.getByRole(AriaRole.RADIO, named("Lower third, plate")));
    press("Compose it");
    press("Name: Text");
    key("Enter");
    key("Control+a");
    type("Ysolde Farrow-Quill");
    press("Plate: Plate");
    choose("Kind of paint", "a linear gradient");
    press("Add a finish");
    press("Add an outline");
    type("4");
    key("Enter");
    choose("Outline kind of paint", "what its face has, turned round");
    delivered("lower-third-plate");
  }

  private void channelMark() throws IOException {
    begin();
    press(
        page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("800 × 800")))
            .first());
    press(page.getByRole(AriaRole.RADIO, named("Channel mark")));
    press("Compose it");
    press("Letters: Text");
    key("Enter");
    key("Control+a");
    type("SL");
    delivered("channel-mark");
  }

  private void variation() {
    press(page.getByLabel("More for Call to action", exact()));
    press(
        page.getByText("Duplicate", new Page.GetByTextOptions().setExact(true))
            .filter(new Locator.FilterOptions().setVisible(true)));
    page.waitForURL(Pattern.compile("/compose"));
  }

  private void begin() {
    press(
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New overlay")).first());
  }

  private void delivered(String name) throws IOException {
    settled();
    press(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Deliver")));
    press("Deliver");
    page.getByText("read back equal").first().waitFor();
    Path file = data.resolve("deliveries/1-my-programme/" + name + ".png");
    if (Files.size(file) == 0) {
      throw new IOException(file + " is empty.");
    }
  }

  private void settled() {
    page.getByText("Saved", new Page.GetByTextOptions().setExact(true)).waitFor();
    page.locator("[data-testid=composite][data-current=true]").waitFor();
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  private static Page.GetByLabelOptions exact() {
    return new Page.GetByLabelOptions().setExact(true);
  }

  private void press(String button) {
    press(page.getByRole(AriaRole.BUTTON, named(button)));
  }

  private void press(Locator what) {
    what.click();
    actions++;
  }

  /** The list is opened, then one of its lines is pressed. */
  private void choose(String list, String line) {
    page.getByLabel(list, exact()).selectOption(line);
    actions += 2;
  }

  private void key(String key) {
    page.keyboard().press(key);
    actions++;
  }

  private void type(String words) {
    page.keyboard().type(words);
    actions++;
  }
}
