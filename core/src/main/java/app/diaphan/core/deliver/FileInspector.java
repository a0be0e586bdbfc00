package app.diaphan.core.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.Optional;

/** Reads PNG and TIFF files back by decoders that share no code with our writers. */
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
   * @throws InvalidInput if the file is no PNG or TIFF, is damaged, or is changed meanwhile
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
    byte[] start = new byte[4];
    try (InputStream stream = Files.newInputStream(file)) {
      stream.readNBytes(start, 0, 4);
    }
    try {
      if (start[0] == (byte) 0x89 && start[1] == 'P') {
        return PngInspection.of(file, visitor);
      }
      if (start[0] == 'M' && start[1] == 'M' || start[0] == 'I' && start[1] == 'I') {
        return TiffInspection.of(file, visitor);
      }
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
    throw new InvalidInput(
        Sentence.of("\"%s\" is neither a PNG nor a TIFF file.", file.getFileName()));
  }
}
