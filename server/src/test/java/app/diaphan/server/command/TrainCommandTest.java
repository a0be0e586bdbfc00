package app.diaphan.server.command;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A part that cannot be trained starts slowly and says so to everybody who starts it. */
class TrainCommandTest {
  private static final Path DEMO =
      Path.of("..", "demo", "lantern-reach-regatta").toAbsolutePath().normalize();

  @TempDir Path work;

  @ParameterizedTest
  @ValueSource(strings = {"commands", "server"})
  void everyPartIsTrained(String part) {
    CommandRun run =
        CommandRun.of("train", part, "--bundle", DEMO.toString(), "--work", work.toString());

    assertEquals(0, run.code(), run.errors());
  }
}
