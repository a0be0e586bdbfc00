package app.diaphan.server.deliver;

import app.diaphan.core.Digest;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.server.memory.MemoryBudget;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import org.springframework.stereotype.Component;

/** Digests of files, worked out again only for a file that was touched. */
@Component
final class FileDigests {
  private static final int DIGEST_BYTES = 128;

  private final Remembered<Touched, String> digests;

  /** A file as it was last touched; another file under its name has another key or time. */
  private record Touched(Path file, Object fileKey, FileTime modified, long size) {}

  FileDigests(MemoryBudget budget) {
    digests = budget.remembered().kind(Memory::bytesOf, digest -> DIGEST_BYTES);
  }

  /**
   * @param attributes of the file itself, links not followed
   */
  String of(Path file, BasicFileAttributes attributes) throws IOException {
    Touched touched =
        new Touched(file, attributes.fileKey(), attributes.lastModifiedTime(), attributes.size());
    try {
      return digests.of(touched, () -> read(file));
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
  }

  private static String read(Path file) {
    try {
      return Digest.of(Files.newInputStream(file, LinkOption.NOFOLLOW_LINKS));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
