package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.server.disk.Backups;
import app.diaphan.server.program.DataFolder;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Brings a backup of the database back. */
@Command(name = "restore", description = "Brings a backup back; the newest if none is named.")
final class RestoreCommand implements Callable<Integer> {
  @Parameters(arity = "0..1", description = "Name of a backup.")
  String backup;

  @Option(names = "--data", defaultValue = "data", description = "The data folder.")
  Path data;

  @Option(names = "--list", description = "Only lists the backups there are, newest first.")
  boolean list;

  @Override
  public Integer call() throws IOException {
    DataFolder folder = new DataFolder(data);
    Backups backups = new Backups(folder);
    List<Path> all = backups.all();
    String none = Sentence.of("There is no backup in %s.", folder.backups());
    if (list) {
      all.forEach(file -> System.out.println(file.getFileName()));
      if (all.isEmpty()) {
        System.err.println(none);
      }
      return 0;
    }
    if (all.isEmpty() && backup == null) {
      throw new InvalidInput(none);
    }
    Path chosen = backup == null ? all.getFirst() : folder.backups().resolve(backup).normalize();
    if (!chosen.startsWith(folder.backups())) {
      throw new InvalidInput(Sentence.of("\"%s\" is no name of a backup.", backup));
    }
    backups
        .restore(chosen)
        .ifPresent(before -> System.out.println("The database of before is kept as " + before));
    System.out.println("Restored " + chosen.getFileName());
    return 0;
  }
}
