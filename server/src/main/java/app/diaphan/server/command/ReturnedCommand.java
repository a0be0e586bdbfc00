package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.returned.Recognition;
import app.diaphan.core.returned.ReturnedCheck;
import app.diaphan.core.returned.Verdict;
import app.diaphan.server.json.DocumentJson;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Tells what happened to files that came back, by the folder that they were delivered to. */
@Command(
    name = "returned",
    description = "Compares files that came back with delivered ones; exit 1 if one is not usable.")
final class ReturnedCommand implements Callable<Integer> {
  @Parameters(arity = "1..*", description = "Files that came back.")
  List<Path> files;

  @Option(names = "--against", required = true, description = "Folder of delivered files.")
  Path folder;

  @Override
  public Integer call() throws IOException {
    DeliveredFolder delivered = DeliveredFolder.at(folder);
    List<Sought> sought = new ArrayList<>();
    boolean usable = true;
    for (Path file : files) {
      try {
        sought.add(Sought.of(file, delivered));
      } catch (InvalidInput e) {
        System.err.println(e.getMessage());
        usable = false;
      }
    }
    delivered.recognise(sought.stream().flatMap(one -> one.recognition().stream()).toList());
    for (Sought one : sought) {
      usable &= tell(one);
    }
    return usable ? 0 : 1;
  }

  private static boolean tell(Sought sought) throws IOException {
    Optional<Path> from = sought.from();
    Verdict verdict =
        sought.same().isPresent()
            ? ReturnedCheck.sameBytes()
            : from.isPresent()
                ? ReturnedCheck.of(PixelFile.read(from.get()), PixelFile.read(sought.file()))
                : ReturnedCheck.stranger();
    Map<String, Object> line = new LinkedHashMap<>();
    line.put("file", sought.file().toString());
    line.put("delivered", from.map(Path::toString).orElse(""));
    line.put("happened", verdict.happened());
    line.put("sentences", verdict.sentences());
    line.put("usable", verdict.usable());
    System.out.println(DocumentJson.write(line));
    return verdict.usable();
  }

  /**
   * A file that came back.
   *
   * @param same the delivered file of the same bytes
   * @param recognition of a file of which no delivered one has the bytes
   */
  private record Sought(Path file, Optional<Path> same, Optional<Recognition<Path>> recognition) {
    static Sought of(Path file, DeliveredFolder delivered) throws IOException {
      Optional<Path> same = delivered.sameAs(file);
      return new Sought(
          file,
          same,
          same.isPresent()
              ? Optional.empty()
              : Optional.of(new Recognition<>(PixelFile.pixels(file))));
    }

    Optional<Path> from() {
      return same.or(() -> recognition.flatMap(Recognition::nearest));
    }
  }
}
