package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.returned.Likeness;
import app.diaphan.core.returned.Recognition;
import app.diaphan.core.returned.ReturnedCheck;
import app.diaphan.core.returned.Verdict;
import app.diaphan.server.json.DocumentJson;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
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
    List<Path> delivered;
    try (Stream<Path> there = Files.list(folder)) {
      delivered = there.filter(file -> file.toString().matches(".*\\.(png|tif)")).sorted().toList();
    }
    boolean usable = true;
    for (Path file : files) {
      Map<String, Object> line = new LinkedHashMap<>();
      line.put("file", file.toString());
      usable &= compare(file, delivered, line);
      System.out.println(DocumentJson.write(line));
    }
    return usable ? 0 : 1;
  }

  private static boolean compare(Path file, List<Path> delivered, Map<String, Object> line)
      throws IOException {
    byte[] bytes = Files.readAllBytes(file);
    PictureFile returned = read(file, bytes);
    Recognition<Path> recognition = new Recognition<>((RasterPicture) returned.picture());
    Optional<Path> same = Optional.empty();
    for (Path one : delivered) {
      byte[] sent = Files.readAllBytes(one);
      if (Arrays.equals(sent, bytes)) {
        same = Optional.of(one);
        break;
      }
      recognition.consider(one, Likeness.of((RasterPicture) read(one, sent).picture()), 0);
    }
    Optional<Path> from = same.or(recognition::nearest);
    Verdict verdict =
        same.isPresent()
            ? ReturnedCheck.sameBytes()
            : from.isPresent()
                ? ReturnedCheck.of(read(from.get(), Files.readAllBytes(from.get())), returned)
                : ReturnedCheck.stranger();
    line.put("delivered", from.map(Path::toString).orElse(""));
    line.put("happened", verdict.happened());
    line.put("sentences", verdict.sentences());
    line.put("usable", verdict.usable());
    return verdict.usable();
  }

  private static PictureFile read(Path file, byte[] bytes) {
    PictureFile read = PictureReader.readFile(file.getFileName().toString(), bytes);
    if (!(read.picture() instanceof RasterPicture)) {
      throw new InvalidInput(
          Sentence.of("\"%s\" is a vector picture; give a file of pixels.", file.getFileName()));
    }
    return read;
  }
}
