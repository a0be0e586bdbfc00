package app.diaphan.server.bundle;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipFile;

/**
 * A file of a bundle that is read when it is needed: all of them together may be more than memory
 * holds.
 */
@FunctionalInterface
public interface BundlePart {
  byte[] bytes();

  static BundlePart of(Path file) {
    return () -> {
      try {
        return Files.readAllBytes(file);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    };
  }

  /**
   * @param length bytes that were counted in it, of which no more are read
   */
  static BundlePart inZip(Path zip, String name, int length) {
    return () -> {
      try (ZipFile file = new ZipFile(zip.toFile());
          InputStream content = file.getInputStream(file.getEntry(name))) {
        return content.readNBytes(length);
      } catch (IOException | IllegalArgumentException e) {
        throw new InvalidInput(
            Sentence.of(
                "The zip file's \"%s\" is damaged, so nothing was taken in; export the package again.",
                name),
            e);
      }
    };
  }
}
