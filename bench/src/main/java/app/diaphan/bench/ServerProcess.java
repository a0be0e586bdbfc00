package app.diaphan.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.net.http.HttpTimeoutException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The real server as a process of its own, as the launcher starts it. */
final class ServerProcess implements AutoCloseable {
  private static final String READY = "Diaphan is ready at ";
  private static final Pattern USED = Pattern.compile("used (\\d+)K");

  /** Longer than this without an answer is silence. */
  static final Duration PATIENCE = Duration.ofSeconds(60);

  private final Process process;
  private final String address;
  private final double secondsToReady;
  private final HttpClient client = HttpClient.newHttpClient();

  private ServerProcess(Process process, String address, double secondsToReady) {
    this.process = process;
    this.address = address;
    this.secondsToReady = secondsToReady;
  }

  /**
   * What was answered.
   *
   * @param status 0 if nothing was, in time or at all
   */
  record Answer(int status, byte[] body, double milliseconds) {
    String text() {
      return new String(body, StandardCharsets.UTF_8);
    }

    boolean good() {
      return status >= 200 && status < 300;
    }
  }

  /**
   * @param heap such as "1g"
   */
  static ServerProcess start(Path root, Path data, String heap, String... options)
      throws IOException {
    Path app = root.resolve("server/target/app");
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "--enable-native-access=ALL-UNNAMED",
                "-Dspring.aot.enabled=true",
                "-Xlog:disable",
                "-Xlog:all=error:stderr",
                "-Xmx" + heap));
    if (Files.exists(app.resolve("server.aot"))) {
      command.add("-XX:AOTCache=" + app.resolve("server.aot"));
      command.add("-Ddiaphan.commands-cache=" + app.resolve("commands.aot"));
    }
    command.addAll(
        List.of(
            "-cp",
            app.resolve("diaphan-app.jar").toString(),
            "app.diaphan.server.Diaphan",
            "serve",
            "--data",
            data.toString(),
            "--port",
            "0"));
    command.addAll(List.of(options));
    long began = System.nanoTime();
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    BufferedReader lines = process.inputReader();
    StringBuilder said = new StringBuilder();
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      if (line.startsWith(READY)) {
        double seconds = (System.nanoTime() - began) / 1e9;
        Thread.ofVirtual().start(() -> drain(lines));
        return new ServerProcess(process, line.substring(READY.length()), seconds);
      }
      said.append(line).append('\n');
    }
    throw new IOException("The server did not start: " + said);
  }

  /** A process whose words nobody takes stands still at some time. */
  private static void drain(BufferedReader lines) {
    try {
      while (lines.readLine() != null) {}
    } catch (IOException e) {
      // The process has gone.
    }
  }

  double secondsToReady() {
    return secondsToReady;
  }

  Answer get(String path) {
    return send("GET", path, BodyPublishers.noBody(), "application/json");
  }

  Answer ask(String method, String path, String json) {
    return send(method, path, BodyPublishers.ofString(json), "application/json");
  }

  Answer upload(String path, String name, byte[] content) {
    String line = "x-diaphan-part";
    String head =
        "--%s\r\nContent-Disposition: form-data; name=\"file\"; filename=\"%s\"\r\nContent-Type: application/octet-stream\r\n\r\n"
            .formatted(line, name);
    return send(
        "POST",
        path,
        BodyPublishers.concat(
            BodyPublishers.ofString(head),
            BodyPublishers.ofByteArray(content),
            BodyPublishers.ofString("\r\n--" + line + "--\r\n")),
        "multipart/form-data; boundary=" + line);
  }

  private Answer send(String method, String path, BodyPublisher body, String type) {
    long began = System.nanoTime();
    try {
      HttpResponse<byte[]> response =
          client.send(
              HttpRequest.newBuilder(URI.create(address + path))
                  .timeout(PATIENCE)
                  .header("Content-Type", type)
                  .method(method, body)
                  .build(),
              BodyHandlers.ofByteArray());
      return new Answer(response.statusCode(), response.body(), (System.nanoTime() - began) / 1e6);
    } catch (HttpTimeoutException e) {
      return new Answer(0, "silent".getBytes(StandardCharsets.UTF_8), PATIENCE.toMillis());
    } catch (IOException e) {
      return new Answer(0, new byte[0], (System.nanoTime() - began) / 1e6);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return new Answer(0, new byte[0], 0);
    }
  }

  boolean alive() {
    return process.isAlive();
  }

  /** What is left on the heap after a collection, in MiB. */
  double liveHeap() throws IOException, InterruptedException {
    tool("GC.run");
    Matcher used = USED.matcher(tool("GC.heap_info"));
    if (!used.find()) {
      throw new IOException("The heap of the server cannot be looked at.");
    }
    return Long.parseLong(used.group(1)) / 1024.0;
  }

  private String tool(String command) throws IOException, InterruptedException {
    Process tool =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "jcmd").toString(),
                Long.toString(process.pid()),
                command)
            .start();
    String said = new String(tool.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    tool.waitFor();
    return said;
  }

  /** As when the power fails. */
  void kill() throws InterruptedException {
    process.destroyForcibly().waitFor();
    client.close();
  }

  /** Where it listens, as a browser takes it. */
  String address() {
    return address;
  }

  @Override
  public void close() throws InterruptedException {
    process.destroy();
    if (!process.waitFor(20, TimeUnit.SECONDS)) {
      process.destroyForcibly();
    }
    client.close();
  }
}
