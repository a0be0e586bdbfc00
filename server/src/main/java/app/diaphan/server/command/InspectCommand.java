package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.FileInspector;
import app.diaphan.core.deliver.FileReport;
import app.diaphan.server.json.DocumentJson;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Reads files back and prints what is in them, one line of JSON for each. */
@Command(name = "inspect", description = "Reports on PNG and TIFF files.")
final class InspectCommand implements Callable<Integer> {
  @Parameters(arity = "1..*", description = "PNG or TIFF files.")
  List<Path> files;

  @Override
  public Integer call() throws IOException {
    int exit = 0;
    for (Path file : files) {
      try {
        if (!Files.isRegularFile(file)) {
          throw new InvalidInput("There is no file " + file + ".");
        }
        FileReport report = FileInspector.inspect(file);
        Map<String, Object> line = new LinkedHashMap<>();
        line.put("file", file.toString());
        line.put("inWords", report.inWords());
        line.put("edges", report.edgesInWords());
        line.put("report", report);
        System.out.println(DocumentJson.write(line));
      } catch (InvalidInput e) {
        System.err.println(e.getMessage());
        exit = 1;
      }
    }
    return exit;
  }
}
