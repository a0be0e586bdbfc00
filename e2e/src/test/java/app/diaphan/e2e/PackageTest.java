package app.diaphan.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What `./diaphan package` puts together, but for the trained caches, which only make it quick. */
class PackageTest {
  private static final Path JAR = Path.of("../server/target/diaphan-app.jar").toAbsolutePath();
  private static final Path DEMO =
      Path.of("../demo/lantern-reach-regatta").toAbsolutePath().normalize();
  private static final String JDK = System.getProperty("java.home");

  @TempDir Path folder;

  private void run(String... command) throws IOException, InterruptedException {
    Path log = folder.resolve("log");
    Process process =
        new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log.toFile()).start();
    assertTrue(process.waitFor(300, TimeUnit.SECONDS));
    assertEquals(0, process.exitValue(), Files.readString(log));
  }

  private static String modules() throws IOException {
    Matcher found =
        Pattern.compile("(?m)^modules=(.*)$").matcher(Files.readString(Path.of("../diaphan")));
    assertTrue(found.find());
    return found.group(1);
  }

  private Process started(String... arguments) throws IOException {
    List<String> command = new java.util.ArrayList<>();
    command.add(folder.resolve("diaphan").toString());
    command.addAll(List.of(arguments));
    ProcessBuilder builder =
        new ProcessBuilder(command).redirectError(folder.resolve("errors").toFile());
    builder.environment().clear();
    builder.environment().put("PATH", "");
    builder.environment().put("HOME", folder.resolve("home").toString());
    return builder.start();
  }

  @Test
  void itNeedsNothingThatIsOnThePath() throws Exception {
    run(JDK + "/bin/jlink", "--add-modules", modules(), "--output", folder + "/runtime");
    run(
        JDK + "/bin/java",
        "-Djarmode=tools",
        "-jar",
        JAR.toString(),
        "extract",
        "--destination",
        folder + "/app");
    Files.copy(
        Path.of("../server/src/package/diaphan"),
        folder.resolve("diaphan"),
        java.nio.file.StandardCopyOption.COPY_ATTRIBUTES);
    Files.createSymbolicLink(folder.resolve("demo"), DEMO);
    for (String beside : List.of("photographs", "winter-house")) {
      Files.createSymbolicLink(folder.resolve(beside), DEMO.resolveSibling(beside));
    }

    Process server = started("demo", "--port", "0");
    try {
      String line = server.inputReader().readLine();
      assertTrue(
          line != null && line.startsWith("Diaphan is ready at http://127.0.0.1:"),
          () -> line + " " + errors());
      String address = line.substring(line.indexOf("http"));
      try (HttpClient client = HttpClient.newHttpClient()) {
        String packages =
            client
                .send(
                    HttpRequest.newBuilder(URI.create(address + "/api/packages")).build(),
                    BodyHandlers.ofString())
                .body();
        assertTrue(packages.contains("Lantern Reach Regatta"), packages);
      }
    } finally {
      server.descendants().forEach(ProcessHandle::destroy);
      server.destroy();
      server.waitFor();
    }

    // The letters of a name are not those of the shell's language, which is none here.
    Path files = folder.resolve("files é");
    Process delivering =
        started("deliver", DEMO.toString(), "--overlay", "Slack water", "--to", files.toString());
    String told = new String(delivering.getInputStream().readAllBytes(), "UTF-8");
    assertEquals(0, delivering.waitFor(), this::errors);
    assertTrue(told.contains("1920 × 1080"), told);
    assertTrue(Files.exists(files.resolve("slack-water.png")));

    Process marking =
        started(
            "mark",
            DEMO.toString(),
            DEMO.resolveSibling("photographs").resolve("0411-quay.jpg").toString(),
            "--overlay",
            "Photographer's watermark",
            "--format",
            "tiff",
            "--copyright",
            "© Saltlight",
            "--to",
            files.toString());
    assertEquals(0, marking.waitFor(), this::errors);
    assertTrue(Files.exists(files.resolve("0411-quay.tif")));
  }

  private String errors() {
    try {
      return Files.readString(folder.resolve("errors"));
    } catch (IOException e) {
      return e.toString();
    }
  }
}
