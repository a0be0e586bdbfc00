package app.diaphan.bench;

import app.diaphan.server.ServerApplication;
import app.diaphan.server.bundle.BundleStore;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** A server with the demo's package, and a browser to look at it with. */
final class Screen implements AutoCloseable {
  private final ConfigurableApplicationContext server;
  private final Playwright playwright;
  private final Browser browser;

  private Screen(ConfigurableApplicationContext server, Playwright playwright, Browser browser) {
    this.server = server;
    this.playwright = playwright;
    this.browser = browser;
  }

  static Screen of(Demo demo) throws IOException {
    ConfigurableApplicationContext server =
        ServerApplication.start(Files.createTempDirectory("diaphan-bench"), 0);
    Playwright playwright = playwright();
    Browser browser = browser(playwright);
    server.getBean(BundleStore.class).add(demo.bundle());
    return new Screen(server, playwright, browser);
  }

  static Playwright playwright() {
    return Playwright.create(
        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
  }

  static Browser browser(Playwright playwright) {
    return playwright
        .chromium()
        .launch(
            new BrowserType.LaunchOptions()
                .setExecutablePath(
                    Path.of(System.getenv().getOrDefault("DIAPHAN_CHROMIUM", "/usr/bin/chromium")))
                .setArgs(
                    List.of(
                        "--no-sandbox",
                        "--disable-gpu",
                        "--disable-background-networking",
                        "--disable-component-update",
                        "--disable-sync")));
  }

  static Page page(Browser browser) {
    return browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
  }

  <T> T bean(Class<T> type) {
    return server.getBean(type);
  }

  ConfigurableApplicationContext server() {
    return server;
  }

  int port() {
    return ((WebServerApplicationContext) server).getWebServer().getPort();
  }

  Page page() {
    return page(browser);
  }

  @Override
  public void close() {
    browser.close();
    playwright.close();
    server.close();
  }
}
