package app.diaphan.core.deliver;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/**
 * Writes a file so that its name only ever stands for a whole one: under another name first, on to
 * the disk, checked, then renamed in one step.
 */
public final class SafeFile {
  private static final String UNFINISHED = ".unfinished";

  private SafeFile() {}

  @FunctionalInterface
  public interface Writing {
    void to(FileChannel channel) throws IOException;
  }

  @FunctionalInterface
  public interface Checking {
    void of(Path written) throws IOException;
  }

  /**
   * @param checking looks at the written file before it gets its name; throws to refuse it
   */
  public static void write(Path file, Writing writing, Checking checking) throws IOException {
    Path folder = file.toAbsolutePath().getParent();
    Files.createDirectories(folder);
    Path unfinished = Files.createTempFile(folder, ".", UNFINISHED);
    try {
      try (FileChannel channel =
          FileChannel.open(unfinished, StandardOpenOption.WRITE, StandardOpenOption.READ)) {
        writing.to(channel);
        channel.force(true);
      }
      checking.of(unfinished);
      Files.move(
          unfinished, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(unfinished);
    }
    try (FileChannel directory = FileChannel.open(folder, StandardOpenOption.READ)) {
      directory.force(true);
    } catch (IOException e) {
      // Some systems cannot flush a folder; the file itself is safe on the disk.
    }
  }

  /** Removes what a killed process left unfinished in a folder. */
  public static void removeUnfinished(Path folder) throws IOException {
    if (Files.isDirectory(folder)) {
      try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, ".*" + UNFINISHED)) {
        for (Path file : files) {
          Files.deleteIfExists(file);
        }
      }
    }
  }
}
