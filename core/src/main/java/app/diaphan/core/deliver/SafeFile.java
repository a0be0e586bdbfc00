package app.diaphan.core.deliver;

import app.diaphan.core.Sentence;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.concurrent.atomic.AtomicLong;

/**
 * A file that was written under another name, on to the disk, and checked; it gets its own name in
 * one step, so that the name only ever stands for a whole file. Closing it before that takes it
 * away.
 */
public final class SafeFile implements AutoCloseable {
  private static final String UNFINISHED = ".unfinished";

  private static final AtomicLong MADE = new AtomicLong();

  private final Path file;
  private final Path unfinished;

  private SafeFile(Path file, Path unfinished) {
    this.file = file;
    this.unfinished = unfinished;
  }

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
    try (SafeFile written = written(file, writing, checking)) {
      written.giveName();
    }
  }

  /** Writes and checks a file that is to get its name later, together with others. */
  static SafeFile written(Path file, Writing writing, Checking checking) throws IOException {
    Path folder = file.toAbsolutePath().getParent();
    Files.createDirectories(folder);
    SafeFile safe = new SafeFile(file, unnamed(folder));
    try {
      try (FileChannel channel =
          FileChannel.open(safe.unfinished, StandardOpenOption.WRITE, StandardOpenOption.READ)) {
        writing.to(channel);
        channel.force(true);
      }
      checking.of(safe.unfinished);
      return safe;
    } catch (IOException | RuntimeException | Error e) {
      safe.close();
      throw e;
    }
  }

  /** A new file with the rights that files in this folder have; a temporary one is ours alone. */
  private static Path unnamed(Path folder) throws IOException {
    while (true) {
      try {
        return Files.createFile(
            folder.resolve(
                Sentence.of(
                    ".%d-%d%s",
                    ProcessHandle.current().pid(), MADE.incrementAndGet(), UNFINISHED)));
      } catch (FileAlreadyExistsException e) {
        // Of another machine on the same disk, or left by a process of the same number.
      }
    }
  }

  /** Replaces whatever had the name before. */
  void giveName() throws IOException {
    Files.move(
        unfinished, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    Path folder = file.toAbsolutePath().getParent();
    try (FileChannel directory = FileChannel.open(folder, StandardOpenOption.READ)) {
      directory.force(true);
    } catch (IOException e) {
      // Some systems cannot flush a folder; the file itself is safe on the disk.
    }
  }

  @Override
  public void close() throws IOException {
    Files.deleteIfExists(unfinished);
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
