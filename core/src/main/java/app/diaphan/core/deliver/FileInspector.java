package app.diaphan.core.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.file.FileFormat;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/** Reads delivered files back by decoders that share no code with our writers. */
public final class FileInspector {
  private FileInspector() {}

  /** Told each decoded row; samples high byte first. */
  @FunctionalInterface
  interface RowVisitor {
    void row(int y, byte[] samples, int at, int length);
  }

  /** What tells a file from another that has taken its name, or from itself as it was. */
  private record Standing(Optional<Object> key, FileTime changed, long bytes) {
    static Standing of(Path file) throws IOException {
      BasicFileAttributes all = Files.readAttributes(file, BasicFileAttributes.class);
      return new Standing(Optional.ofNullable(all.fileKey()), all.lastModifiedTime(), all.size());
    }
  }

  /**
   * @throws InvalidInput if the file is of no format that is delivered, is damaged, or is changed
   *     meanwhile
   */
  public static FileReport inspect(Path file) throws IOException {
    return inspect(file, (y, samples, at, length) -> {});
  }

  /** Pixels, length and digest are read one after the other, and so of one state of the file. */
  static FileReport inspect(Path file, RowVisitor visitor) throws IOException {
    Standing before = Standing.of(file);
    try {
      FileReport report = read(file, visitor);
      requireSame(before, file);
      return report;
    } catch (InvalidInput e) {
      requireSame(before, file);
      throw e;
    }
  }

  private static void requireSame(Standing before, Path file) throws IOException {
    if (!before.equals(Standing.of(file))) {
      throw new InvalidInput(
          Sentence.of(
              "The file \"%s\" was written anew while it was read. Read it once more.",
              file.getFileName()));
    }
  }

  private static FileReport read(Path file, RowVisitor visitor) throws IOException {
    byte[] start = new byte[DeliveredFormat.BEGINS_WITH];
    try (InputStream stream = Files.newInputStream(file)) {
      stream.readNBytes(start, 0, start.length);
    }
    DeliveredFormat format =
        DeliveredFormat.beginning(start)
            .orElseThrow(
                () ->
                    new InvalidInput(
                        Sentence.of(
                            "\"%s\" is neither %s file.",
                            file.getFileName(),
                            Arrays.stream(FileFormat.values())
                                .map(one -> "a " + one.words())
                                .collect(Collectors.joining(" nor ")))));
    try {
      return format.inspect(file, visitor);
    } catch (RuntimeException e) {
      if (e instanceof DeliveryFailed) {
        throw e;
      }
      throw new InvalidInput(
          Sentence.of(
              "The file \"%s\" is damaged and cannot be read: %s",
              file.getFileName(), e.getMessage()),
          e);
    }
  }
}
