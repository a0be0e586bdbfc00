package app.diaphan.core.deliver;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.ReadOnlyFileSystemException;
import java.util.Optional;

/** Why a disk did not take or give a file, told from what systems say of it. */
public enum DiskTrouble {
  FULL("the disk is full"),
  READ_ONLY("nothing can be written there: it is read-only"),
  FORBIDDEN("the rights to write there are missing"),
  MISSING("the folder is no longer there");

  private final String words;

  DiskTrouble(String words) {
    this.words = words;
  }

  /** Such as "the disk is full". */
  public String words() {
    return words;
  }

  /** What to say of any failure to write. */
  public static String reason(IOException e) {
    return of(e)
        .map(DiskTrouble::words)
        .orElseGet(() -> e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage());
  }

  /** Nothing if it is something else. */
  public static Optional<DiskTrouble> of(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      Optional<DiskTrouble> known = known(cause);
      if (known.isPresent()) {
        return known;
      }
    }
    return Optional.empty();
  }

  private static Optional<DiskTrouble> known(Throwable e) {
    String message = e.getMessage() == null ? "" : e.getMessage();
    if (message.contains("No space left")
        || message.contains("File too large")
        || message.contains("Disk quota exceeded")
        || message.contains("There is not enough space")) {
      return Optional.of(FULL);
    }
    if (e instanceof ReadOnlyFileSystemException || message.contains("Read-only file system")) {
      return Optional.of(READ_ONLY);
    }
    if (e instanceof AccessDeniedException
        || e instanceof IOException && message.contains("Permission denied")) {
      return Optional.of(FORBIDDEN);
    }
    return e instanceof NoSuchFileException || e instanceof NotDirectoryException
        ? Optional.of(MISSING)
        : Optional.empty();
  }
}
