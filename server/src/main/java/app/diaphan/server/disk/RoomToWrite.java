package app.diaphan.server.disk;

import app.diaphan.server.program.DataFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Looks at the disk before anything is written to the database. A database that finds its disk full
 * in the middle of writing has to close; one that is not written to goes on being read.
 */
@Component
public class RoomToWrite {
  /** What the database may write on its own account, and what one save takes. */
  private static final long LEAST_BYTES = 24L << 20;

  private final DataFolder data;
  private final ReopenedDatabase database;

  RoomToWrite(DataFolder data, ReopenedDatabase database) {
    this.data = data;
    this.database = database;
  }

  /** What is in the way of writing; nothing if nothing is. */
  public Optional<DatabaseTrouble> trouble() {
    Optional<DatabaseTrouble> closed = database.trouble();
    if (closed.isPresent()) {
      return closed;
    }
    try {
      if (!Files.exists(data.databaseFile())) {
        return Optional.of(DatabaseTrouble.MISSING);
      }
      var disk = Files.getFileStore(data.path());
      if (disk.isReadOnly()) {
        return Optional.of(DatabaseTrouble.READ_ONLY);
      }
      return disk.getUsableSpace() < LEAST_BYTES
          ? Optional.of(DatabaseTrouble.FULL)
          : Optional.empty();
    } catch (IOException e) {
      return Optional.of(DatabaseTrouble.MISSING);
    }
  }
}
