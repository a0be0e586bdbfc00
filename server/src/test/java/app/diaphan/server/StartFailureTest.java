package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.Program.Ended;
import app.diaphan.server.Program.Served;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A server that cannot start says why in one sentence. */
class StartFailureTest {
  @TempDir Path work;

  private void refused(String said, String... options) throws Exception {
    String[] arguments = new String[options.length + 1];
    arguments[0] = "serve";
    System.arraycopy(options, 0, arguments, 1, options.length);
    Ended ended = Program.run(work, Program.command(arguments));
    assertEquals(1, ended.exit(), ended.error());
    assertEquals(1, ended.error().lines().count(), ended.error());
    assertEquals("", ended.out());
    assertTrue(ended.error().contains(said), ended.error());
  }

  private String data() {
    return work.resolve("data").toString();
  }

  @Test
  void aPortInUseOrThatIsNone() throws Exception {
    try (ServerSocket other = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
      String port = Integer.toString(other.getLocalPort());
      refused("Port " + port + " is in use", "--data", data(), "--port", port);
    }
    assertTrue(
        Files.readString(work.resolve("data/log/diaphan.log")).contains("already in use"),
        "details are in the log");
    refused("no port 99999", "--data", data(), "--port", "99999");
  }

  @Test
  void aFolderInUseByAnother() throws Exception {
    try (Served first =
        Program.serve(work, Program.command("serve", "--data", data(), "--port", "0"))) {
      refused("in use by another Diaphan", "--data", data(), "--port", "0");
      assertEquals(200, first.ask("GET", "/api/packages", "").statusCode());
    }
  }

  @Test
  void aDatabaseThatIsEmptyOrDamagedIsLeftAsItIs() throws Exception {
    Path file = Files.createDirectories(Path.of(data())).resolve("diaphan.mv.db");
    Files.createFile(file);
    refused("is empty", "--data", data(), "--port", "0");
    assertEquals(0, Files.size(file), "no new data were begun");
    byte[] damaged = new byte[8192];
    java.util.Arrays.fill(damaged, (byte) 'x');
    Files.write(file, damaged);
    refused("is damaged", "--data", data(), "--port", "0");
    org.junit.jupiter.api.Assertions.assertArrayEquals(damaged, Files.readAllBytes(file));
  }

  @Test
  void aFolderThatIsNone() throws IOException, Exception {
    Path file = Files.createFile(work.resolve("file"));
    refused("cannot be used", "--data", file.toString(), "--port", "0");
    refused("cannot be used", "--data", "/proc/diaphan", "--port", "0");
  }
}
