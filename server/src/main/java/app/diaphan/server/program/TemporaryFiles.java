package app.diaphan.server.program;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;

/**
 * Where uploads lie until they are kept: each process has a folder of its own within the data
 * folder, so that the next one can take away what a killed one left. In the computer's common
 * folder they would stay.
 *
 * @param all the folder of all processes
 * @param own the folder of this one
 */
public record TemporaryFiles(Path all, Path own) {

  /** Makes a folder for this process. */
  public static TemporaryFiles within(DataFolder folder) {
    Path own = folder.temporary().resolve(UUID.randomUUID().toString());
    try {
      Files.createDirectories(own);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return new TemporaryFiles(folder.temporary(), own);
  }

  /** A file that is not there yet; whoever writes it takes it away. */
  public Path fresh() {
    return own.resolve(UUID.randomUUID().toString());
  }

  /** Takes away what earlier processes left. Only whoever holds the database may do so. */
  public void removeOfEarlierProcesses() {
    try (Stream<Path> folders = Files.list(all)) {
      List<Path> earlier = folders.filter(folder -> !folder.equals(own)).toList();
      for (Path folder : earlier) {
        FileSystemUtils.deleteRecursively(folder);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
