package app.diaphan.core;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DigestTest {
  /** The example of FIPS 180-4 for one block. */
  private static final String OF_ABC =
      "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad";

  @Test
  void bytesFilesAndStreamsHaveTheDigestOfTheStandard(@TempDir Path folder) throws IOException {
    byte[] bytes = "abc".getBytes(StandardCharsets.US_ASCII);
    assertEquals(OF_ABC, Digest.of(bytes));
    assertEquals(OF_ABC, Digest.of(Files.write(folder.resolve("abc.txt"), bytes)));
    assertEquals(OF_ABC, Digest.of(new ByteArrayInputStream(bytes)));
  }

  @Test
  void moreThanIsReadAtOnceIsOneDigest() throws IOException {
    byte[] bytes = new byte[200_000];
    bytes[150_000] = 7;
    assertEquals(Digest.of(bytes), Digest.of(new ByteArrayInputStream(bytes)));
  }
}
