package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A report is of one state of a file, whatever is written meanwhile. */
class FileInspectorTest {
  @TempDir Path folder;

  private Path file(String name, int size, String format) throws IOException {
    BufferedImage image = new BufferedImage(size, size, BufferedImage.TYPE_4BYTE_ABGR);
    Path file = folder.resolve(name);
    ImageIO.write(image, format, file.toFile());
    return file;
  }

  @ParameterizedTest
  @ValueSource(strings = {"png", "tiff"})
  void aFileThatAnotherTakesThePlaceOfIsNotReportedHalf(String format) throws IOException {
    Path file = file("bug." + format, 90, format);
    Path other = file("other." + format, 90, format);
    InvalidInput refused =
        assertThrows(
            InvalidInput.class,
            () ->
                FileInspector.inspect(
                    file,
                    (y, samples, at, length) -> {
                      if (y == 0) {
                        replace(file, other);
                      }
                    }));
    assertTrue(refused.getMessage().contains("written anew"), refused.getMessage());
    FileReport again = FileInspector.inspect(file);
    assertEquals(90, again.width());
    assertEquals(Digest.of(file), again.sha256());
    assertEquals(Files.size(file), again.bytes());
  }

  private static void replace(Path file, Path by) {
    try {
      Files.move(by, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Test
  void aFileThatEndsEarlyIsCalledDamaged() throws IOException {
    Path file = file("bug.png", 90, "png");
    Files.write(file, Arrays.copyOf(Files.readAllBytes(file), 60));
    InvalidInput damaged =
        assertThrows(InvalidInput.class, () -> FileInspector.inspect(file, (y, s, at, n) -> {}));
    assertTrue(damaged.getMessage().contains("damaged"), damaged.getMessage());
  }
}
