package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SafeFileTest {
  @TempDir Path folder;

  private void write(String content, SafeFile.Checking checking) throws IOException {
    SafeFile.write(
        folder.resolve("sub/bug.png"),
        channel -> channel.write(ByteBuffer.wrap(content.getBytes())),
        checking);
  }

  private List<String> names() throws IOException {
    try (Stream<Path> files = Files.list(folder.resolve("sub"))) {
      return files.map(file -> file.getFileName().toString()).toList();
    }
  }

  @Test
  void theNameStandsForTheNewFileOnlyOnceItWasChecked() throws IOException {
    write("first", written -> {});
    write(
        "second",
        written -> {
          assertEquals("second", Files.readString(written));
          assertEquals("first", Files.readString(folder.resolve("sub/bug.png")));
        });
    assertEquals("second", Files.readString(folder.resolve("sub/bug.png")));
    assertEquals(List.of("bug.png"), names());
  }

  @Test
  void aRefusedOrBrokenFileLeavesTheOlderOne() throws IOException {
    write("first", written -> {});
    assertThrows(
        DeliveryFailed.class,
        () ->
            write(
                "second",
                written -> {
                  throw new DeliveryFailed("not equal");
                }));
    assertThrows(
        IOException.class,
        () ->
            SafeFile.write(
                folder.resolve("sub/bug.png"),
                channel -> {
                  channel.write(ByteBuffer.wrap(new byte[10]));
                  throw new IOException("No space left on device");
                },
                written -> {}));
    assertEquals("first", Files.readString(folder.resolve("sub/bug.png")));
    assertEquals(List.of("bug.png"), names());
  }

  @Test
  void whatAKilledProcessLeftIsRemovedAndNothingElse() throws IOException {
    write("kept", written -> {});
    Path left = Files.createTempFile(folder.resolve("sub"), ".", ".unfinished");
    Path own = Files.writeString(folder.resolve("sub/own.unfinished"), "the designer's");
    SafeFile.removeUnfinished(folder.resolve("sub"));
    assertFalse(Files.exists(left));
    assertTrue(Files.exists(own));
    SafeFile.removeUnfinished(folder.resolve("nowhere"));
  }
}
