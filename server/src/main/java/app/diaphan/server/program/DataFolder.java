package app.diaphan.server.program;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.DiskTrouble;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Where everything is kept that must outlive the process. */
public record DataFolder(Path path) {
  private static final String DATABASE = "diaphan";

  public DataFolder {
    path = path.toAbsolutePath().normalize();
  }

  public Path deliveries() {
    return path.resolve("deliveries");
  }

  /** Photographs that were given without saying where they lie. */
  public Path photographs() {
    return path.resolve("photographs");
  }

  public Path backups() {
    return path.resolve("backups");
  }

  public Path log() {
    return path.resolve("log").resolve("diaphan.log");
  }

  /** For what is only kept while a process lives. */
  public Path temporary() {
    return path.resolve("temporary");
  }

  /** The one file that the database is kept in. */
  public Path databaseFile() {
    return path.resolve(DATABASE + ".mv.db");
  }

  /** As the database calls it, without what it adds itself. */
  public Path database() {
    return path.resolve(DATABASE);
  }

  public String databaseName() {
    return DATABASE;
  }

  /**
   * Makes the folder if it is not there, and sees whether it can be worked in.
   *
   * @throws InvalidInput if it cannot
   */
  public void makeReady() {
    try {
      Files.createDirectories(log().getParent());
      Path probe = Files.createTempFile(path, ".probe", "");
      Files.write(probe, new byte[1 << 16]);
      Files.delete(probe);
      if (Files.exists(databaseFile()) && Files.size(databaseFile()) == 0) {
        throw new InvalidInput(
            Sentence.of(
                "The database file %s is empty, so something has taken what was in it. Bring a backup back with \"./diaphan restore --data %s\", or move the file away to begin anew.",
                databaseFile(), path));
      }
    } catch (IOException e) {
      throw new InvalidInput(
          Sentence.of(
              "The data folder %s cannot be used: %s.",
              path,
              DiskTrouble.of(e)
                  .map(DiskTrouble::words)
                  .orElse("it is no folder, or cannot be made")),
          e);
    }
  }
}
