package app.diaphan.server.command;

import app.diaphan.server.RunningServer;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * A command as it was run in this process, with what it printed.
 *
 * @param lines those that are JSON
 */
public record CommandRun(int code, String out, String errors, List<JsonNode> lines) {
  public static CommandRun of(String... arguments) {
    PrintStream outBefore = System.out;
    PrintStream errorsBefore = System.err;
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream errors = new ByteArrayOutputStream();
    System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
    System.setErr(new PrintStream(errors, true, StandardCharsets.UTF_8));
    try {
      int code = Commands.run(arguments);
      String text = out.toString(StandardCharsets.UTF_8);
      return new CommandRun(
          code,
          text,
          errors.toString(StandardCharsets.UTF_8),
          text.lines()
              .filter(line -> line.startsWith("{"))
              .map(RunningServer.JSON::readTree)
              .toList());
    } finally {
      System.setOut(outBefore);
      System.setErr(errorsBefore);
    }
  }
}
