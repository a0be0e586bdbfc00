package app.diaphan.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;

/**
 * What rows are held against: {@code bench/plain-rows.py}, measured in the same minutes, since the
 * machine is quicker at times.
 */
final class PlainRows {
  /** Debian's own: others on the path may not have its packages. */
  private static final String PYTHON = "/usr/bin/python3";

  private static final int ROWS = 40;

  private PlainRows() {}

  /** Rows a second; none, with a word about it, if what the script needs is not installed. */
  static OptionalDouble aSecond(Path root, Path work) throws IOException, InterruptedException {
    if (!Files.isExecutable(Path.of(PYTHON))
        || run(List.of(PYTHON, "-c", "import PIL")).isEmpty()) {
      System.err.println("Not compared with a plain script: python3-pil is not installed.");
      return OptionalDouble.empty();
    }
    return run(List.of(
            PYTHON,
            root.resolve("bench/plain-rows.py").toString(),
            root.resolve("fonts/target/classes/app/diaphan/fonts").toString(),
            root.resolve("demo/lantern-reach-regatta/pictures/boat-at-anchor.jpg").toString(),
            Files.createDirectories(work.resolve("plain")).toString(),
            Integer.toString(ROWS)))
        .map(Double::parseDouble)
        .map(OptionalDouble::of)
        .orElseThrow(() -> new IOException("The plain script failed."));
  }

  /** What a program says; none if it fails. */
  private static Optional<String> run(List<String> command)
      throws IOException, InterruptedException {
    Process process =
        new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    return process.waitFor(5, TimeUnit.MINUTES) && process.exitValue() == 0
        ? Optional.of(said.strip())
        : Optional.empty();
  }
}
