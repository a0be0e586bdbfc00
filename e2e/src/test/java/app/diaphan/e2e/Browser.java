package app.diaphan.e2e;

import app.diaphan.server.ServerApplication;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * For each test a server over an empty data folder and a page of its own in headless Chromium. A
 * test fails if the page reported an error that the test did not ask for.
 */
final class Browser implements BeforeEachCallback, AfterEachCallback {
  static final Path DEMO = Path.of("../demo/lantern-reach-regatta");
  private final List<String> errors = new ArrayList<>();
  private Path data;
  private ConfigurableApplicationContext server;

  /** One for all tests, which have pages of their own; it ends with the Java process. */
  private static com.microsoft.playwright.Browser chromium;

  private Page page;

  @Override
  public void beforeEach(ExtensionContext test) throws IOException {
    data = Files.createTempDirectory("diaphan-e2e");
    server = ServerApplication.start(data, 0);
    if (chromium == null) {
      chromium = launched();
    }
    newPage(1280, 800);
  }

  private static com.microsoft.playwright.Browser launched() {
    // A busy machine is slow, not wrong.
    PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
    Playwright playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    String executable = System.getenv().getOrDefault("DIAPHAN_CHROMIUM", "/usr/bin/chromium");
    return playwright
        .chromium()
        .launch(
            new BrowserType.LaunchOptions()
                .setExecutablePath(Path.of(executable))
                .setArgs(
                    List.of(
                        "--no-sandbox",
                        "--disable-gpu",
                        "--disable-background-networking",
                        "--disable-component-update",
                        "--disable-sync")));
  }

  Page newPage(int width, int height) {
    BrowserContext context =
        chromium.newContext(
            new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setAcceptDownloads(true));
    page = context.newPage();
    page.onPageError(errors::add);
    page.onConsoleMessage(
        message -> {
          // A refused request shows as a console error of its own; the screen says it in words.
          if (message.type().equals("error") && !message.text().contains("status of 4")) {
            errors.add(message.text());
          }
        });
    page.onRequest(
        request -> {
          if (!request.url().startsWith(address()) && !request.url().startsWith("data:")) {
            errors.add("The page asked for " + request.url());
          }
        });
    return page;
  }

  @Override
  public void afterEach(ExtensionContext test) throws IOException {
    chromium.contexts().forEach(BrowserContext::close);
    server.close();
    try (Stream<Path> files = Files.walk(data)) {
      for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(file);
      }
    }
    List<String> found = List.copyOf(errors);
    errors.clear();
    Assertions.assertEquals(List.of(), found);
  }

  void loadDemo() throws IOException {
    server.getBean(PackageStore.class).add(BundleReader.read(DEMO));
  }

  <T> T bean(Class<T> type) {
    return server.getBean(type);
  }

  Path data() {
    return data;
  }

  Page page() {
    return page;
  }

  String address() {
    return "http://127.0.0.1:" + ((WebServerApplicationContext) server).getWebServer().getPort();
  }

  void open(String path) {
    page.navigate(address() + path);
  }
}
