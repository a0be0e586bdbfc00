package app.diaphan.server.disk;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.server.program.DataFolder;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.h2.tools.Restore;

/**
 * Whole copies of the database within the data folder, made while it is in use. Their names are the
 * time at which they were made, so that they stand in order.
 */
public final class Backups {
  private static final int KEPT = 5;
  private static final String END = ".zip";
  private static final DateTimeFormatter NAME =
      DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HHmmss").withZone(ZoneOffset.UTC);

  private final DataFolder data;

  public Backups(DataFolder data) {
    this.data = data;
  }

  /** All there are, newest first. */
  public List<Path> all() throws IOException {
    List<Path> found = new ArrayList<>();
    if (Files.isDirectory(data.backups())) {
      try (DirectoryStream<Path> files = Files.newDirectoryStream(data.backups(), "*" + END)) {
        files.forEach(found::add);
      }
    }
    found.sort(Comparator.<Path>naturalOrder().reversed());
    return found;
  }

  public Optional<Instant> newest() throws IOException {
    return all().stream()
        .findFirst()
        .map(file -> file.getFileName().toString().replace(END, ""))
        .map(name -> NAME.parse(name, Instant::from));
  }

  /** Makes one and lets go of the oldest. */
  public Path make(Connection database, Instant now) throws IOException, SQLException {
    Files.createDirectories(data.backups());
    Path file = data.backups().resolve(NAME.format(now) + END);
    Path unfinished = file.resolveSibling(file.getFileName() + ".unfinished");
    try (Statement statement = database.createStatement()) {
      statement.execute(Sentence.of("BACKUP TO '%s'", unfinished.toString().replace("'", "''")));
      Files.move(unfinished, file, StandardCopyOption.ATOMIC_MOVE);
    } finally {
      Files.deleteIfExists(unfinished);
    }
    for (Path old : all().stream().skip(KEPT).toList()) {
      Files.delete(old);
    }
    return file;
  }

  /**
   * Puts a backup in the place of the database, which is kept beside it.
   *
   * @return where the database of before is now; nothing if there was none
   * @throws InvalidInput if there is no such backup, or the database is in use
   */
  public Optional<Path> restore(Path backup) throws IOException {
    if (!Files.isRegularFile(backup)) {
      throw new InvalidInput(Sentence.of("There is no backup %s.", backup));
    }
    Path file = data.databaseFile();
    Optional<Path> before = Optional.empty();
    if (Files.exists(file)) {
      checkNotInUse(file);
      Path aside = free(file);
      Files.move(file, aside, StandardCopyOption.ATOMIC_MOVE);
      before = Optional.of(aside);
    }
    try {
      Restore.execute(backup.toString(), data.path().toString(), data.databaseName());
    } catch (RuntimeException e) {
      if (before.isPresent()) {
        Files.move(before.get(), file, StandardCopyOption.REPLACE_EXISTING);
      }
      throw new InvalidInput(
          Sentence.of("The backup %s cannot be read; nothing was changed.", backup), e);
    }
    return before;
  }

  private static void checkNotInUse(Path file) throws IOException {
    try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE);
        FileLock lock = channel.tryLock()) {
      if (lock == null) {
        throw inUse(file);
      }
    } catch (OverlappingFileLockException e) {
      throw inUse(file); // By this very process.
    }
  }

  private static InvalidInput inUse(Path file) {
    return new InvalidInput(Sentence.of("The database %s is in use. Close Diaphan first.", file));
  }

  private static Path free(Path file) {
    int number = 1;
    Path free;
    do {
      free = file.resolveSibling(file.getFileName() + ".before-" + number++);
    } while (Files.exists(free));
    return free;
  }
}
