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
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Locale.Category;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;

/** The program as a process of its own, as these tests' machine would run it. */
final class Program {
  private static final HttpClient CLIENT = HttpClient.newHttpClient();

  private Program() {}

  static List<String> command(String... arguments) {
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin/java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                "--enable-native-access=ALL-UNNAMED",
                "-XX:TieredStopAtLevel=1",
                "-Duser.language=" + Locale.getDefault().getLanguage(),
                "-Duser.country=" + Locale.getDefault().getCountry(),
                "-Duser.language.format=" + Locale.getDefault(Category.FORMAT).getLanguage(),
                "app.diaphan.server.Diaphan"));
    command.addAll(List.of(arguments));
    return command;
  }

  /** The same behind words for a shell, such as a limit. */
  static List<String> behind(String shell, List<String> command) {
    StringBuilder line = new StringBuilder(shell).append("; exec");
    for (String word : command) {
      line.append(" '").append(word.replace("'", "'\\''")).append('\'');
    }
    return List.of("bash", "-c", line.toString());
  }

  /** A process that came to its end. */
  record Ended(int exit, String out, String error) {}

  static Ended run(Path work, List<String> command) throws IOException, InterruptedException {
    Path out = Files.createTempFile(work, "out", ".log");
    Path error = Files.createTempFile(work, "error", ".log");
    Process process =
        new ProcessBuilder(command)
            .redirectError(error.toFile())
            .redirectOutput(out.toFile())
            .start();
    if (!process.waitFor(120, TimeUnit.SECONDS)) {
      process.destroyForcibly();
      throw new IllegalStateException("It did not end: " + command);
    }
    return new Ended(process.exitValue(), Files.readString(out), Files.readString(error));
  }

  /** A server that is ready. */
  record Served(Process process, String address) implements AutoCloseable {
    HttpResponse<String> ask(String method, String path, String body)
        throws IOException, InterruptedException {
      return CLIENT.send(
          HttpRequest.newBuilder(URI.create(address + path))
              .header("Content-Type", "application/json")
              .method(
                  method, body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
              .build(),
          BodyHandlers.ofString());
    }

    JsonNode json(String method, String path, String body)
        throws IOException, InterruptedException {
      return RunningServer.JSON.readTree(ask(method, path, body).body());
    }

    @Override
    public void close() throws InterruptedException {
      process.destroy();
      process.waitFor();
    }
  }

  static Served serve(Path work, List<String> command) throws IOException {
    Path log = Files.createTempFile(work, "server", ".log");
    Process process = new ProcessBuilder(command).redirectError(log.toFile()).start();
    var lines = process.inputReader();
    String line;
    while ((line = lines.readLine()) != null) {
      if (line.startsWith("Diaphan is ready at ")) {
        return new Served(process, line.substring("Diaphan is ready at ".length()));
      }
    }
    throw new IOException("The server did not start: " + Files.readString(log));
  }
}
