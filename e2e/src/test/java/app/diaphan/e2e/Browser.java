package app.diaphan.e2e;

import app.diaphan.server.ServerApplication;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.bundle.BundleStore;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.SQLIntegrityConstraintViolationException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.apache.tomcat.util.threads.ThreadPoolExecutor;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;

/**
 * For each test an empty server and a page of its own in headless Chromium. The server runs through
 * all tests, since starting it takes longer than most of them; what it holds is emptied before
 * each. A test fails if the page reported an error that the test did not ask for.
 */
final class Browser implements BeforeEachCallback, AfterEachCallback {
  static final Path DEMO = Path.of("../demo/lantern-reach-regatta");
  private static final int MOST_TRIES = 3;
  private static final Duration PATIENCE = Duration.ofSeconds(60);
  private final List<String> errors = new ArrayList<>();
  private boolean unanswered;

  /** One for all tests; they end with the Java process. */
  private static Path data;

  private static ConfigurableApplicationContext server;
  private static boolean demoIsKept;

  /** One for all tests, which have pages of their own; it ends with the Java process. */
  private static com.microsoft.playwright.Browser chromium;

  private Page page;

  @Override
  public void beforeEach(ExtensionContext test) throws IOException {
    if (server == null) {
      data = Files.createTempDirectory("diaphan-e2e");
      // As ./diaphan says it, so that the demo is offered where nothing is there yet.
      System.setProperty("diaphan.demo", DEMO.toString());
      server = ServerApplication.start(data, 0);
    }
    rest();
    empty();
    if (chromium == null) {
      chromium = launched();
    }
    newPage(1280, 800);
  }

  /**
   * Waits until the server works on no request: what was found half before and half after its data
   * changed would be remembered as found.
   */
  private static void rest() {
    TomcatWebServer web = (TomcatWebServer) ((WebServerApplicationContext) server).getWebServer();
    ThreadPoolExecutor workers =
        (ThreadPoolExecutor) web.getTomcat().getConnector().getProtocolHandler().getExecutor();
    long end = System.nanoTime() + PATIENCE.toNanos();
    while (workers.getActiveCount() > 0 && System.nanoTime() < end) {
      LockSupport.parkNanos(2_000_000);
    }
  }

  /** As if the server had just been started on an empty data folder: ids begin with 1 again. */
  private static void empty() throws IOException {
    try (Connection connection = server.getBean(DataSource.class).getConnection();
        Statement statement = connection.createStatement()) {
      statement.execute("set referential_integrity false");
      for (String table : tables(statement)) {
        statement.execute("truncate table \"%s\" restart identity".formatted(table));
      }
      statement.execute("set referential_integrity true");
    } catch (SQLException e) {
      throw new IOException(e);
    }
    for (String kept : List.of("deliveries", "photographs")) {
      Path files = data.resolve(kept);
      if (Files.exists(files)) {
        try (Stream<Path> all = Files.walk(files)) {
          for (Path file : all.sorted(Comparator.reverseOrder()).toList()) {
            Files.delete(file);
          }
        }
      }
    }
  }

  private static List<String> tables(Statement statement) throws SQLException {
    return names(
        statement,
        "select table_name from information_schema.tables where table_schema = 'PUBLIC'");
  }

  /** Tables that give their rows numbers. */
  private static List<String> numbered(Statement statement) throws SQLException {
    return names(
        statement,
        "select table_name from information_schema.columns where table_schema = 'PUBLIC' and is_identity = 'YES'");
  }

  private static List<String> names(Statement statement, String query) throws SQLException {
    List<String> names = new ArrayList<>();
    try (ResultSet found = statement.executeQuery(query)) {
      while (found.next()) {
        if (!found.getString(1).startsWith("flyway")) {
          names.add(found.getString(1));
        }
      }
    }
    return names;
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
          boolean expected =
              message.text().contains("status of 4")
                  || unanswered && message.text().contains("net::ERR_FAILED");
          if (message.type().equals("error") && !expected) {
            errors.add(message.text());
          }
        });
    page.onRequest(
        request -> {
          if (!request.url().startsWith(address()) && !request.url().matches("(data|blob):.*")) {
            errors.add("The page asked for " + request.url());
          }
        });
    return page;
  }

  /** From now on the test lets requests go unanswered, which the browser reports. */
  void leaveUnanswered() {
    unanswered = true;
  }

  @Override
  public void afterEach(ExtensionContext test) throws IOException {
    chromium.contexts().forEach(BrowserContext::close);
    List<String> found = List.copyOf(errors);
    errors.clear();
    Assertions.assertEquals(List.of(), found);
  }

  /** Reads the demo's bundle once; then its rows are copied, which is several times as quick. */
  void loadDemo() throws IOException {
    for (int tries = 1; ; tries++) {
      try {
        load();
        return;
      } catch (SQLIntegrityConstraintViolationException e) {
        // A page of the test before saved as it was left, after the tables had been emptied.
        if (tries == MOST_TRIES) {
          throw new IOException(e);
        }
        empty();
      } catch (SQLException e) {
        throw new IOException(e);
      }
    }
  }

  private static void load() throws IOException, SQLException {
    try (Connection connection = server.getBean(DataSource.class).getConnection();
        Statement statement = connection.createStatement()) {
      if (!demoIsKept) {
        server.getBean(BundleStore.class).add(BundleReader.read(DEMO));
        statement.execute("create schema demo");
        for (String table : tables(statement)) {
          statement.execute(
              "create table demo.\"%1$s\" as select * from public.\"%1$s\"".formatted(table));
        }
        demoIsKept = true;
        return;
      }
      statement.execute("set referential_integrity false");
      connection.setAutoCommit(false);
      for (String table : tables(statement)) {
        statement.execute(
            "insert into public.\"%1$s\" select * from demo.\"%1$s\"".formatted(table));
      }
      connection.commit();
      connection.setAutoCommit(true);
      for (String table : numbered(statement)) {
        statement.execute(
            "alter table public.\"%1$s\" alter column id restart with (select coalesce(max(id), 0) + 1 from demo.\"%1$s\")"
                .formatted(table));
      }
      statement.execute("set referential_integrity true");
    }
  }

  <T> T bean(Class<T> type) {
    return server.getBean(type);
  }

  /** Delivers overlays of the demo for some of its targets, and waits until they are there. */
  void deliver(List<Long> overlays, List<String> targets) {
    JsonMapper json = new JsonMapper();
    String run =
        page()
            .request()
            .post(
                address() + "/api/packages/1/delivery-runs",
                RequestOptions.create()
                    .setData(
                        Map.of("overlays", overlays, "targets", targets, "changedOnly", false)))
            .text();
    String status = address() + "/api/delivery-runs/" + json.readTree(run).path("id").asLong();
    // Files of the run have states of their own.
    page()
        .waitForCondition(
            () ->
                json.readTree(page().request().get(status).text())
                    .path("state")
                    .asString()
                    .equals("DONE"));
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
