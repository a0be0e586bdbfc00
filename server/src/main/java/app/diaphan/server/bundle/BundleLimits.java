package app.diaphan.server.bundle;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;

/**
 * How much a bundle may hold, the same for reading and for writing, so that what goes out comes in.
 */
final class BundleLimits {
  private static final long MOST_BYTES = 4L << 30;
  private static final int MOST_FILES = 20_000;

  /** More than any picture, clip or table that is taken in by itself. */
  static final int MOST_OF_A_FILE = 256 << 20;

  private int files;
  private long bytes;

  /**
   * Counts one more file.
   *
   * @throws InvalidInput if that is too much
   */
  void add(String name, long length) {
    if (length > MOST_OF_A_FILE) {
      throw new InvalidInput(
          Sentence.of(
              "The bundle's file \"%s\" is larger than %d MB.", name, MOST_OF_A_FILE >> 20));
    }
    files++;
    bytes += length;
    if (files > MOST_FILES || bytes > MOST_BYTES) {
      throw new InvalidInput(
          Sentence.of(
              "A bundle has at most %d GB and %d files. Divide the package: move overlays with their pictures to another one.",
              MOST_BYTES >> 30, MOST_FILES));
    }
  }
}
