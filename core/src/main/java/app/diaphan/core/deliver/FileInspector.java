package app.diaphan.core.deliver;

import app.diaphan.core.InvalidInput;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

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
          "The file \"%s\" is damaged and cannot be read: %s"
              .formatted(file.getFileName(), e.getMessage()),
          e);
    }
    throw new InvalidInput(
        "\"%s\" is neither a PNG nor a TIFF file.".formatted(file.getFileName()));
  }

  /** Digest of a whole file, in hex. */
  public static String sha256(Path file) throws IOException {
    return sha256(Files.newInputStream(file));
  }

  /** Of all that a stream gives; closes it. */
  static String sha256(InputStream from) throws IOException {
    try (InputStream stream = new BufferedInputStream(from, 1 << 16)) {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      byte[] part = new byte[1 << 16];
      int count;
      while ((count = stream.read(part)) > 0) {
        digest.update(part, 0, count);
      }
      return HexFormat.of().formatHex(digest.digest());
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e); // Every Java platform has SHA-256.
    }
  }
}
