package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OwnFolderTest {
  @TempDir Path folder;

  @ParameterizedTest
  @ValueSource(
      strings = {"/", "/etc", "/etc/diaphan/new", "/usr/share", "/proc/self", "/tmp/../etc"})
  void whatBelongsToTheSystemIsRefused(String path) {
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> OwnFolder.required(Path.of(path)));
    assertTrue(refused.getMessage().contains("belongs to the system"), refused.getMessage());
  }

  @Test
  void aLinkIsFollowedBeforeItIsJudged() throws IOException {
    Path link = Files.createSymbolicLink(folder.resolve("files"), Path.of("/etc"));
    assertThrows(InvalidInput.class, () -> OwnFolder.required(link));
    assertThrows(InvalidInput.class, () -> OwnFolder.required(link.resolve("new/one")));
  }

  @Test
  void aFolderThatIsStillToBeMadeIsTakenAndAFileIsNot() throws IOException {
    Path later = folder.resolve("out/race day");
    assertEquals(folder.toRealPath().resolve("out/race day"), OwnFolder.required(later));
    Path file = Files.createFile(folder.resolve("file"));
    InvalidInput refused = assertThrows(InvalidInput.class, () -> OwnFolder.required(file));
    assertTrue(refused.getMessage().contains("is a file"), refused.getMessage());
  }
}
