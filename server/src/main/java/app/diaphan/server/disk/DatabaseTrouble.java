package app.diaphan.server.disk;

import app.diaphan.core.deliver.DiskTrouble;
import java.nio.channels.OverlappingFileLockException;
import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import org.h2.mvstore.MVStoreException;

/** What is the matter with the database, told by its error codes and by what the disk said. */
public enum DatabaseTrouble {
  FULL(
      "The disk with the data folder is full.",
      "Nothing can be saved until there is room; what you typed is kept here, and saving goes on by itself."),
  READ_ONLY(
      "The data folder is read-only.",
      "Nothing can be saved until it can be written again; what you typed is kept here, and saving goes on by itself."),
  MISSING(
      "The data folder is no longer there.",
      "Nothing can be saved until it is back; what you typed is kept here."),
  LOCKED(
      "The data folder is in use by another Diaphan.",
      "Close that one, or start this one with another folder (--data)."),
  DAMAGED(
      "The database in the data folder is damaged.",
      "\"./diaphan restore\" with the same --data brings the newest backup back."),
  CLOSED(
      "The database was closed by an error of the disk and is being opened again.", "Try again.");

  /** See org.h2.api.ErrorCode: database already open, file corrupted, file version, closed. */
  private static final int LOCKED_CODE = 90020;

  private static final int CORRUPTED_CODE = 90030;
  private static final int FORMAT_CODE = 90048;
  private static final int CLOSED_CODE = 90098;

  /** Written to through a connection that was opened for reading alone. */
  private static final int FOR_READING_CODE = 90097;

  /** What a connection says whose database has closed under it, or could not read or write. */
  private static final Set<Integer> BROKEN_CODES = Set.of(90007, 90028, 90031, 90067, 90121);

  private final String what;
  private final String then;

  DatabaseTrouble(String what, String then) {
    this.what = what;
    this.then = then;
  }

  /** What is the matter, in a sentence. */
  public String what() {
    return what;
  }

  /** The same with what follows for somebody at work. */
  public String sentence() {
    return what + " " + then;
  }

  /** Whether it is over once there is room again or the disk is back, without anybody's doing. */
  boolean mayPass() {
    return switch (this) {
      case FULL, READ_ONLY, MISSING, CLOSED -> true;
      case LOCKED, DAMAGED -> false;
    };
  }

  /**
   * Whether it is the database that failed, and not a file beside it. It closes itself then, and
   * its connections are of no more use.
   */
  static boolean closed(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException || cause instanceof MVStoreException) {
        return true;
      }
    }
    return false;
  }

  /** Nothing if it is something else. */
  public static Optional<DatabaseTrouble> of(Throwable e) {
    Optional<DatabaseTrouble> disk =
        DiskTrouble.of(e)
            .map(
                trouble ->
                    switch (trouble) {
                      case FULL -> FULL;
                      case READ_ONLY, FORBIDDEN -> READ_ONLY;
                      case MISSING -> MISSING;
                    });
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException database) {
        switch (database.getErrorCode()) {
          case LOCKED_CODE -> {
            return Optional.of(lockedByThisProcess(e) ? CLOSED : LOCKED);
          }
          case CORRUPTED_CODE, FORMAT_CODE -> {
            return Optional.of(DAMAGED);
          }
          case CLOSED_CODE, FOR_READING_CODE -> {
            return disk.or(() -> Optional.of(CLOSED));
          }
          default -> {
            // Told by what lies beneath it, if at all.
          }
        }
        if (disk.isPresent()) {
          return disk;
        }
      }
    }
    return broken(e) ? Optional.of(CLOSED) : Optional.empty();
  }

  /** Then it is what has closed, or is closing, and not another Diaphan that holds it. */
  private static boolean lockedByThisProcess(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof OverlappingFileLockException) {
        return true;
      }
    }
    return false;
  }

  /** An error of the database's own file leaves it, and every connection to it, of no use. */
  private static boolean broken(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof MVStoreException
          || cause instanceof SQLException database
              && BROKEN_CODES.contains(database.getErrorCode())) {
        return true;
      }
    }
    return false;
  }
}
