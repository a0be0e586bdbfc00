package app.diaphan.core.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/** Reads PNG and TIFF files back by decoders that share no code with our writers. */
public final class FileInspector {
  private FileInspector() {}

  /** Told each decoded row; samples high byte first. */
  @FunctionalInterface
  interface RowVisitor {
    void row(int y, byte[] samples, int at, int length);
  }

  /**
   * @throws InvalidInput if the file is no PNG or TIFF, or is damaged
   */
  public static FileReport inspect(Path file) throws IOException {
    return inspect(file, (y, samples, at, length) -> {});
  }

  static FileReport inspect(Path file, RowVisitor visitor) throws IOException {
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
