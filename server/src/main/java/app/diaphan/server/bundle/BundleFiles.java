package app.diaphan.server.bundle;

import app.diaphan.server.program.TemporaryFiles;
import app.diaphan.server.store.GraphicsPackage;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.springframework.stereotype.Service;

/** Packages as files, which lie on the disk while they are written and read: they may be large. */
@Service
public class BundleFiles {
  private final BundleStore bundles;
  private final TemporaryFiles temporary;

  BundleFiles(BundleStore bundles, TemporaryFiles temporary) {
    this.bundles = bundles;
    this.temporary = temporary;
  }

  /** Puts a file at the path that it is given. */
  @FunctionalInterface
  public interface Upload {
    void to(Path file) throws IOException;
  }

  /** Takes a zip file in, all of it or nothing. */
  public GraphicsPackage add(Upload upload) throws IOException {
    Path zip = temporary.fresh();
    try {
      upload.to(zip);
      return bundles.add(BundleReader.readZip(zip));
    } finally {
      Files.deleteIfExists(zip);
    }
  }

  /**
   * A package as a zip file that is written whole.
   *
   * @param content to be closed; then the file is gone
   */
  public record Written(long length, InputStream content) {}

  public Written write(Long packageId) throws IOException {
    Path zip = temporary.fresh();
    try {
      try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(zip))) {
        BundleWriter.writeZip(bundles.bundle(packageId), out);
      }
      return new Written(
          Files.size(zip), Files.newInputStream(zip, StandardOpenOption.DELETE_ON_CLOSE));
    } catch (IOException | RuntimeException | Error e) {
      Files.deleteIfExists(zip);
      throw e;
    }
  }
}
