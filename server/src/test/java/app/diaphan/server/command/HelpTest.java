package app.diaphan.server.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import picocli.CommandLine;

/** What the help and the documentation say of commands and options is so. */
class HelpTest {
  private static final Path ROOT = Path.of("..");
  private static final String DEMO = "../demo/lantern-reach-regatta";
  private static final Pattern OPTION = Pattern.compile("--[a-z][a-z-]+");
  private static final Set<String> OF_THE_LAUNCHER = Set.of("--only", "--rounds", "--help");

  @TempDir Path folder;

  private static String launcher() throws IOException {
    return Files.readString(ROOT.resolve("diaphan"));
  }

  /** Lines of the help: the command with its options. */
  private static List<String> help() throws IOException {
    return launcher().lines().filter(line -> line.startsWith("  ./diaphan ")).toList();
  }

  @Test
  void theLauncherKnowsEveryCommandOfItsHelp() throws IOException {
    assertTrue(help().size() > 10);
    for (String line : help()) {
      String command = line.split(" ")[3];
      assertTrue(
          Pattern.compile("(?m)^  ([a-z]+ \\| )*" + command + "( \\| [a-z-]+)*\\)")
              .matcher(launcher())
              .find(),
          command);
    }
  }

  @Test
  void everyOptionOfTheHelpAndTheDocumentationIsOneOfACommand() throws IOException {
    Set<String> known = new TreeSet<>(OF_THE_LAUNCHER);
    Commands.COMMANDS.forEach(
        (name, command) ->
            new CommandLine(command.get())
                .getCommandSpec()
                .options()
                .forEach(option -> known.addAll(List.of(option.names()))));
    List<Path> pages = new ArrayList<>(List.of(ROOT.resolve("README.md")));
    try (var docs = Files.list(ROOT.resolve("docs"))) {
      docs.filter(page -> page.toString().endsWith(".md")).forEach(pages::add);
    }
    String told = String.join("\n", help());
    for (Path page : pages) {
      // Only lines that call Diaphan: other programs have options of their own.
      told +=
          Files.readString(page)
              .lines()
              .filter(line -> line.contains("./diaphan "))
              .reduce("", (a, b) -> a + "\n" + b);
    }
    List<String> options = OPTION.matcher(told).results().map(MatchResult::group).toList();
    assertTrue(options.size() > 10, options::toString);
    for (String option : options) {
      assertTrue(known.contains(option), option);
    }
  }

  /** Each option of delivering with a value, and what must be true of the file then. */
  static List<List<String>> options() {
    return List.of(
        List.of("--frame", "1280x720"),
        List.of("--format", "tiff", "--depth", "16", "--compression", "none"),
        List.of("--format", "tiff", "--compression", "lzw"),
        List.of("--alpha", "premultiplied", "--matte", "#ff0000", "--format", "tiff"),
        List.of("--alpha", "fill-and-key", "--shaped"),
        List.of("--alpha", "none", "--over", "#00ff00"),
        List.of("--extent", "trimmed", "--margin", "3", "--even"),
        List.of("--level", "9", "--no-dither", "--dots", "300"),
        List.of("--sidecar", "--names", "{overlay}_{frame}", "--keep"),
        List.of("--target", "As designed"),
        List.of("--all-targets"),
        List.of("--report", "target/help-report.html"),
        List.of("--report", "target/help-report.json"),
        // Said twice, the later one counts.
        List.of("--frame", "320x180", "--frame", "640x360"));
  }

  @ParameterizedTest
  @MethodSource("options")
  void everyOptionOfDeliveringWorks(List<String> options) {
    List<String> arguments =
        new ArrayList<>(
            List.of("deliver", DEMO, "--overlay", "Saltlight bug", "--to", folder.toString()));
    arguments.addAll(options);
    CommandRun run = CommandRun.of(arguments.toArray(String[]::new));
    assertEquals(0, run.code(), run.errors());
    assertFalse(run.lines().isEmpty());
  }

  @Test
  void everyOptionOfTheOtherCommandsWorks() {
    String files = folder.resolve("files").toString();
    assertEquals(
        0, CommandRun.of("deliver", DEMO, "--overlay", "Saltlight bug", "--to", files).code());
    String file = files + "/saltlight-bug.png";
    assertEquals(0, CommandRun.of("inspect", file).code());
    assertEquals(0, CommandRun.of("returned", file, "--against", files).code());
    for (String as : List.of("ora", "svg")) {
      CommandRun run =
          CommandRun.of(
              "convert", DEMO, "--overlay", "Saltlight bug", "--as", as, "--to", files + as);
      // Its relief is more than a vector drawing can carry, which is said.
      assertEquals(as.equals("ora") ? 0 : 1, run.code(), run.errors());
      assertTrue(as.equals("ora") || run.errors().contains("relief"), run.errors());
    }
    assertEquals(
        0,
        CommandRun.of("check", DEMO, "--overlay", "Saltlight bug", "--without", "TITLE_SAFE")
            .code());
    CommandRun none = CommandRun.of("restore", "--data", folder.toString());
    assertEquals(1, none.code());
    assertTrue(none.errors().contains("no backup"), none.errors());
    assertEquals(0, CommandRun.of("restore", "--data", folder.toString(), "--list").code());
  }
}
