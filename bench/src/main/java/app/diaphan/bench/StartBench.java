package app.diaphan.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** How long the server and the commands take from nothing, as whole processes. */
final class StartBench {
  private static final int TURNS = 5;

  private StartBench() {}

  static List<Line> run(Demo demo) throws Exception {
    Path work = Files.createTempDirectory("diaphan-start");
    Path bundle = demo.root().resolve("demo/lantern-reach-regatta");
    String launcher = demo.root().resolve("diaphan").toString();
    List<Line> lines = new ArrayList<>();
    lines.add(
        Line.atMost(
            "trust/start: ready, demo loaded before", ready(demo.root(), work, bundle), "s", 5));
    lines.add(
        Line.atMost(
            "trust/start: one 1080p still by command",
            median(
                launcher,
                "deliver",
                bundle.toString(),
                "--overlay",
                "Saltlight bug",
                "--to",
                work.resolve("files").toString()),
            "s",
            1.2));
    lines.add(
        Line.atMost(
            "trust/start: inspect one file",
            median(launcher, "inspect", work.resolve("files/saltlight-bug.png").toString()),
            "s",
            0.6));
    lines.add(Line.atMost("trust/start: help", median(launcher, "help"), "s", 0.1));
    return lines;
  }

  private static double ready(Path root, Path work, Path bundle) throws Exception {
    double[] seconds = new double[TURNS];
    for (int i = -1; i < TURNS; i++) { // The first loads the demo and is not counted.
      try (ServerProcess server =
          ServerProcess.start(root, work.resolve("data"), "1g", "--bundle", bundle.toString())) {
        if (i >= 0) {
          seconds[i] = server.secondsToReady();
        }
      }
    }
    return middle(seconds);
  }

  private static double median(String... command) throws IOException, InterruptedException {
    double[] seconds = new double[TURNS];
    for (int i = -1; i < TURNS; i++) {
      long began = System.nanoTime();
      Process process =
          new ProcessBuilder(command)
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .redirectError(ProcessBuilder.Redirect.DISCARD)
              .start();
      int exit = process.waitFor();
      if (exit != 0) {
        throw new IOException("It ended with " + exit + ": " + List.of(command));
      }
      if (i >= 0) {
        seconds[i] = (System.nanoTime() - began) / 1e9;
      }
    }
    return middle(seconds);
  }

  private static double middle(double[] seconds) {
    Arrays.sort(seconds);
    return seconds[seconds.length / 2];
  }
}
