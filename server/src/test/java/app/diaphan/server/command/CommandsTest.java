package app.diaphan.server.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class CommandsTest {
  @Test
  void commandsAreListedByTheirNames() {
    CommandRun run = CommandRun.of("--nothing");
    assertNotEquals(0, run.code());
    List<String> listed =
        Pattern.compile("(?m)^  ([a-z]+)\\b")
            .matcher(run.errors())
            .results()
            .map((MatchResult found) -> found.group(1))
            .toList();
    assertTrue(listed.size() > 5, run.errors());
    assertEquals(listed.stream().sorted().toList(), listed);
  }
}
