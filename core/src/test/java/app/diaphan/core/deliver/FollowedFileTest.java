package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FollowedFileTest {
  private static final Duration PATIENCE = Duration.ofSeconds(30);

  @TempDir Path folder;
  private FileChannel channel;
  private FollowedFile file;

  @BeforeEach
  void open() throws IOException {
    channel =
        FileChannel.open(
            folder.resolve("file"),
            StandardOpenOption.CREATE_NEW,
            StandardOpenOption.WRITE,
            StandardOpenOption.READ);
    file = new FollowedFile(channel);
  }

  @AfterEach
  void close() throws IOException {
    channel.close();
  }

  private void write(int from, int count) throws IOException {
    byte[] bytes = new byte[count];
    for (int i = 0; i < count; i++) {
      bytes[i] = (byte) (from + i);
    }
    PngWriter.writeFully(file, ByteBuffer.wrap(bytes));
  }

  private FutureTask<byte[]> reading() {
    FutureTask<byte[]> task =
        new FutureTask<>(
            () -> {
              try (InputStream stream = file.reading()) {
                return stream.readAllBytes();
              }
            });
    Thread.ofVirtual().start(task);
    return task;
  }

  @Test
  void aReaderThatHasCaughtUpWaitsForTheRest() {
    assertTimeoutPreemptively(
        PATIENCE,
        () -> {
          FutureTask<byte[]> early = reading();
          for (int i = 0; i < 50; i++) {
            write(1000 * i, 1000);
            Thread.sleep(1);
          }
          file.end();
          byte[] expected = new byte[50_000];
          for (int i = 0; i < expected.length; i++) {
            expected[i] = (byte) i;
          }
          assertArrayEquals(expected, early.get());
          assertArrayEquals(expected, reading().get(), "each stream reads from the beginning");
          assertEquals(50_000, file.size());
        });
  }

  @Test
  void oneByteAtATimeIsReadAsWell() throws IOException {
    write(250, 10);
    file.end();
    try (InputStream stream = file.reading()) {
      for (int i = 0; i < 10; i++) {
        assertEquals(250 + i & 0xff, stream.read());
      }
      assertEquals(-1, stream.read());
    }
  }

  @Test
  void aReaderOfAFileThatIsGivenUpIsNotLeftWaiting() {
    assertTimeoutPreemptively(
        PATIENCE,
        () -> {
          FutureTask<byte[]> task = reading();
          write(0, 10);
          file.giveUp();
          ExecutionException ended = assertThrows(ExecutionException.class, task::get);
          assertEquals(IOException.class, ended.getCause().getClass());
        });
  }
}
