package app.diaphan.server.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Makes an unpacked program and its libraries ready for training; see {@link LiftedClasses}. */
@Command(name = "lift", hidden = true)
final class LiftCommand implements Callable<Integer> {
  @Parameters(index = "0", description = "The folder with the program.")
  Path program;

  @Override
  public Integer call() throws IOException {
    try (Stream<Path> files = Files.walk(program, 2)) {
      List<Path> jars = files.filter(file -> file.toString().endsWith(".jar")).sorted().toList();
      for (Path jar : jars) {
        LiftedClasses.lift(jar);
      }
    }
    return 0;
  }
}
