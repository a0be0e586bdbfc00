package app.diaphan.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.util.FileSystemUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A page in headless Firefox, driven by WebDriver BiDi (W3C), which Firefox speaks by itself: no
 * driver program is needed. Things are found by the names that a screen reader says.
 */
final class Firefox implements AutoCloseable {
  static final String ENTER = "\uE007";
  static final String CONTROL = "\uE009";

  private static final Duration PATIENCE = Duration.ofSeconds(30);
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final Pattern LISTENING =
      Pattern.compile("WebDriver BiDi listening on (ws://\\S+)");

  /** Nothing is looked up, reported or renewed while it runs. */
  private static final String SETTINGS =
      """
      user_pref("app.update.auto", false);
      user_pref("browser.aboutwelcome.enabled", false);
      user_pref("browser.safebrowsing.downloads.enabled", false);
      user_pref("browser.safebrowsing.malware.enabled", false);
      user_pref("browser.safebrowsing.phishing.enabled", false);
      user_pref("browser.shell.checkDefaultBrowser", false);
      user_pref("browser.startup.homepage", "about:blank");
      user_pref("datareporting.policy.dataSubmissionEnabled", false);
      user_pref("extensions.update.enabled", false);
      user_pref("media.autoplay.default", 0);
      user_pref("network.captive-portal-service.enabled", false);
      user_pref("network.connectivity-service.enabled", false);
      user_pref("network.dns.disablePrefetch", true);
      user_pref("services.settings.server", "http://127.0.0.1:9/");
      user_pref("toolkit.telemetry.server", "");
      """;

  /** Finds what is seen and has a name; a field by its label, all else by its label or words. */
  private static final String FIND =
      """
      const named = (name, kind = "a, button, input, select, textarea, [role], [aria-label], span") =>
          [...document.querySelectorAll(kind)]
        .filter(it => it.checkVisibility() && (it.getAttribute("aria-label")
            ?? it.labels?.[0]?.textContent ?? it.textContent).trim() === name)
        .at(0);
      """;

  private final Path profile;
  private final Process process;
  private final WebSocket socket;
  private final BlockingQueue<JsonNode> answers = new LinkedBlockingQueue<>();
  private final List<String> errors = new CopyOnWriteArrayList<>();
  private final String context;
  private int asked;

  /** Where it lies on this computer; nothing if it is not installed. */
  static Optional<Path> installed() {
    return List.of(
            System.getenv().getOrDefault("DIAPHAN_FIREFOX", "/usr/bin/firefox-esr"),
            "/usr/bin/firefox")
        .stream()
        .map(Path::of)
        .filter(Files::isExecutable)
        .findFirst();
  }

  Firefox(Path executable, int width, int height) throws IOException, InterruptedException {
    profile = Files.createTempDirectory("diaphan-firefox");
    Files.writeString(profile.resolve("user.js"), SETTINGS);
    ProcessBuilder start =
        new ProcessBuilder(
            executable.toString(),
            "--headless",
            "--no-remote",
            "--profile",
            profile.toString(),
            "--remote-debugging-port",
            "0");
    start.environment().put("HOME", profile.toString());
    start.environment().put("MOZ_CRASHREPORTER_DISABLE", "1");
    process = start.redirectErrorStream(true).start();
    socket =
        HttpClient.newHttpClient()
            .newWebSocketBuilder()
            .connectTimeout(PATIENCE)
            .buildAsync(URI.create(listening() + "/session"), new Answers())
            .join();
    send("session.new", Map.of("capabilities", Map.of()));
    send("session.subscribe", Map.of("events", List.of("log.entryAdded")));
    context =
        send("browsingContext.getTree", Map.of())
            .path("contexts")
            .get(0)
            .path("context")
            .asString();
    send(
        "browsingContext.setViewport",
        Map.of("context", context, "viewport", Map.of("width", width, "height", height)));
  }

  /** Waits until Firefox says where it listens; what it says later is read and dropped. */
  private String listening() throws InterruptedException, IOException {
    BlockingQueue<String> address = new ArrayBlockingQueue<>(1);
    Thread.ofVirtual()
        .start(
            () -> {
              try (BufferedReader lines = process.inputReader(StandardCharsets.UTF_8)) {
                for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                  Matcher found = LISTENING.matcher(line);
                  if (found.find()) {
                    address.offer(found.group(1));
                  }
                }
              } catch (IOException e) {
                address.offer(""); // It has ended.
              }
            });
    String found = address.poll(PATIENCE.toSeconds(), TimeUnit.SECONDS);
    if (found == null || found.isEmpty()) {
      throw new IOException("Firefox did not say where it listens.");
    }
    return found;
  }

  private final class Answers implements WebSocket.Listener {
    private final StringBuilder text = new StringBuilder();

    @Override
    public CompletionStage<?> onText(WebSocket from, CharSequence part, boolean last) {
      text.append(part);
      if (last) {
        JsonNode message = JSON.readTree(text.toString());
        text.setLength(0);
        if (message.has("id")) {
          answers.add(message);
        } else if (message.path("params").path("level").asString("").equals("error")) {
          errors.add(message.path("params").path("text").asString(""));
        }
      }
      from.request(1);
      return null;
    }
  }

  private JsonNode send(String method, Map<String, ?> parameters) throws InterruptedException {
    int id = ++asked;
    socket
        .sendText(
            JSON.writeValueAsString(Map.of("id", id, "method", method, "params", parameters)), true)
        .join();
    for (JsonNode answer; (answer = answers.poll(60, TimeUnit.SECONDS)) != null; ) {
      if (answer.path("id").asInt() == id) {
        if (!answer.path("type").asString("").equals("success")) {
          throw new AssertionError(method + ": " + answer);
        }
        return answer.path("result");
      }
    }
    throw new AssertionError("Firefox did not answer to " + method + ".");
  }

  void open(String address) throws InterruptedException {
    send(
        "browsingContext.navigate", Map.of("context", context, "url", address, "wait", "complete"));
  }

  /** The value of an expression, as a text. */
  String value(String expression) throws InterruptedException {
    JsonNode answer =
        send(
            "script.evaluate",
            Map.of(
                "expression",
                "(async () => { " + FIND + " return String(await (" + expression + ")); })()",
                "target",
                Map.of("context", context),
                "awaitPromise",
                true));
    if (!answer.path("type").asString("").equals("success")) {
      throw new AssertionError(expression + ": " + answer.path("exceptionDetails"));
    }
    return answer.path("result").path("value").asString("");
  }

  /** Waits until an expression is true. */
  void until(String expression) throws InterruptedException {
    long end = System.nanoTime() + PATIENCE.toNanos();
    while (!value("Boolean(" + expression + ")").equals("true")) {
      if (System.nanoTime() > end) {
        throw new AssertionError(
            "Firefox never came to: " + expression + "\n" + value("document.body.innerText"));
      }
      Thread.sleep(50);
    }
  }

  void press(String name) throws InterruptedException {
    pressed("named(" + JSON.writeValueAsString(name) + ")");
  }

  /** A button, where something else has the same name. */
  void pressButton(String name) throws InterruptedException {
    pressed("named(" + JSON.writeValueAsString(name) + ", 'button')");
  }

  private void pressed(String it) throws InterruptedException {
    until(it + " && !" + it + ".disabled");
    value(it + ".scrollIntoView({ block: 'nearest' })");
    String[] middle =
        value(
                "(box => `${box.x + box.width / 2} ${box.y + box.height / 2}`)("
                    + it
                    + ".getBoundingClientRect())")
            .split(" ");
    drag(new double[] {Double.parseDouble(middle[0]), Double.parseDouble(middle[1])});
  }

  /** Presses at the first point, moves on to the others in small steps, and lets go. */
  void drag(double[]... points) throws InterruptedException {
    List<Map<String, ?>> steps = new ArrayList<>();
    for (double[] point : points) {
      steps.add(
          Map.of(
              "type",
              "pointerMove",
              "x",
              (int) Math.round(point[0]),
              "y",
              (int) Math.round(point[1]),
              "duration",
              60));
      if (steps.size() == 1) {
        steps.add(Map.of("type", "pointerDown", "button", 0));
      }
    }
    steps.add(Map.of("type", "pointerUp", "button", 0));
    act(
        Map.of(
            "type",
            "pointer",
            "id",
            "mouse",
            "parameters",
            Map.of("pointerType", "mouse"),
            "actions",
            steps));
  }

  void type(String words) throws InterruptedException {
    List<Map<String, ?>> keys = new ArrayList<>();
    words
        .codePoints()
        .mapToObj(Character::toString)
        .forEach(
            key -> {
              keys.add(Map.of("type", "keyDown", "value", key));
              keys.add(Map.of("type", "keyUp", "value", key));
            });
    act(Map.of("type", "key", "id", "keyboard", "actions", keys));
  }

  /** One key while another is held. */
  void chord(String held, String key) throws InterruptedException {
    act(
        Map.of(
            "type",
            "key",
            "id",
            "keyboard",
            "actions",
            List.of(
                Map.of("type", "keyDown", "value", held),
                Map.of("type", "keyDown", "value", key),
                Map.of("type", "keyUp", "value", key),
                Map.of("type", "keyUp", "value", held))));
  }

  private void act(Map<String, ?> source) throws InterruptedException {
    send("input.performActions", Map.of("context", context, "actions", List.of(source)));
  }

  /** What the page reported as errors. */
  List<String> errors() {
    return List.copyOf(errors);
  }

  @Override
  public void close() throws IOException {
    process.destroy();
    try {
      if (!process.waitFor(10, TimeUnit.SECONDS)) {
        process.destroyForcibly().waitFor();
      }
    } catch (InterruptedException e) {
      process.destroyForcibly();
      Thread.currentThread().interrupt();
    }
    FileSystemUtils.deleteRecursively(profile);
  }
}
