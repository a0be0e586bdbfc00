package app.diaphan.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A real server on a free port over an empty data folder, for the tests of one class. */
public final class RunningServer implements BeforeAllCallback, AfterAllCallback {
  public static final JsonMapper JSON = JsonMapper.builder().build();
  private final HttpClient client = HttpClient.newHttpClient();
  private Path data;
  private ConfigurableApplicationContext context;

  /** An answer with its body as JSON, or null if it has none. */
  public record Answer(int status, JsonNode body, HttpResponse<byte[]> raw) {
    public String detail() {
      return body.path("detail").asString();
    }
  }

  @Override
  public void beforeAll(ExtensionContext extension) throws IOException {
    data = Files.createTempDirectory("diaphan-test");
    start();
  }

  @Override
  public void afterAll(ExtensionContext extension) throws IOException {
    context.close();
    try (Stream<Path> files = Files.walk(data)) {
      for (Path file : files.sorted(java.util.Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(file); // A delivery that was called off may do so itself.
      }
    }
  }

  public void restart() {
    context.close();
    start();
  }

  private void start() {
    context = ServerApplication.start(data, 0);
  }

  public Path data() {
    return data;
  }

  public <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  public int port() {
    return ((WebServerApplicationContext) context).getWebServer().getPort();
  }

  public HttpRequest.Builder to(String path) {
    return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port() + path));
  }

  public Answer get(String path) {
    return send(to(path));
  }

  public Answer post(String path, String json) {
    return send(
        to(path).header("Content-Type", "application/json").POST(BodyPublishers.ofString(json)));
  }

  public Answer put(String path, String json) {
    return send(
        to(path).header("Content-Type", "application/json").PUT(BodyPublishers.ofString(json)));
  }

  public Answer delete(String path) {
    return send(to(path).DELETE());
  }

  public Answer upload(String path, String name, byte[] content) {
    return upload("POST", path, name, content);
  }

  public Answer upload(String method, String path, String name, byte[] content) {
    String line = "x-diaphan-part";
    byte[] head =
        ("--%s\r\nContent-Disposition: form-data; name=\"file\"; filename=\"%s\"\r\n"
                + "Content-Type: application/octet-stream\r\n\r\n")
            .formatted(line, name)
            .getBytes(java.nio.charset.StandardCharsets.UTF_8);
    byte[] tail = ("\r\n--" + line + "--\r\n").getBytes();
    return send(
        to(path)
            .header("Content-Type", "multipart/form-data; boundary=" + line)
            .method(
                method,
                BodyPublishers.concat(
                    BodyPublishers.ofByteArray(head),
                    BodyPublishers.ofByteArray(content),
                    BodyPublishers.ofByteArray(tail))));
  }

  public Answer send(HttpRequest.Builder request) {
    try {
      HttpResponse<byte[]> response = client.send(request.build(), BodyHandlers.ofByteArray());
      boolean json =
          response.headers().firstValue("Content-Type").orElse("").contains("json")
              && response.body().length > 0;
      return new Answer(
          response.statusCode(), json ? JSON.readTree(response.body()) : null, response);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
