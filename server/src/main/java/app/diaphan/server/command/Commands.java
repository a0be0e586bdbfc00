package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.DeliveryFailed;
import app.diaphan.core.deliver.DiskTrouble;
import app.diaphan.core.memory.NoRoom;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Supplier;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The commands of the program. */
@Command(name = "diaphan")
public final class Commands {
  /** The exit code of a command whose process goes on. */
  public static final int KEEP_RUNNING = -1;

  static final Map<String, Supplier<Object>> COMMANDS =
      Map.ofEntries(
          Map.entry("serve", ServeCommand::new),
          Map.entry("deliver", DeliverCommand::new),
          Map.entry("mark", MarkCommand::new),
          Map.entry("cues", CuesCommand::new),
          Map.entry("check", CheckCommand::new),
          Map.entry("inspect", InspectCommand::new),
          Map.entry("returned", ReturnedCommand::new),
          Map.entry("convert", ConvertCommand::new),
          Map.entry("restore", RestoreCommand::new),
          Map.entry("trial", TrialCommand::new),
          Map.entry("lift", LiftCommand::new),
          Map.entry("train", TrainCommand::new));

  private Commands() {}

  public static int run(String[] arguments) {
    CommandLine line = new CommandLine(new Commands());
    // Only the one that is wanted: looking at all of them takes longer than inspecting a file.
    Optional.ofNullable(arguments.length == 0 ? null : COMMANDS.get(arguments[0]))
        .ifPresentOrElse(
            wanted -> line.addSubcommand(arguments[0], wanted.get()),
            () ->
                // By their names: a map has another order at each start.
                new TreeMap<>(COMMANDS)
                    .forEach((name, command) -> line.addSubcommand(name, command.get())));
    line.setCaseInsensitiveEnumValuesAllowed(true);
    // The launcher gives values of its own first; what is given after it counts.
    line.setOverwrittenOptionsAllowed(true);
    line.setExecutionExceptionHandler(
        (e, command, parsed) -> {
          Optional<String> sentence = sentence(e);
          sentence.ifPresent(command.getErr()::println);
          if (sentence.isPresent()) {
            return 1;
          }
          throw e;
        });
    return line.execute(arguments);
  }

  /** What the designer is told; nothing for an error in Diaphan itself. */
  private static Optional<String> sentence(Exception e) {
    return switch (e) {
      case InvalidInput known -> Optional.of(known.getMessage());
      case DeliveryFailed known -> Optional.of(known.getMessage());
      case NoRoom known -> Optional.of(known.getMessage());
      case UncheckedIOException disk -> Optional.of(stopped(disk.getCause()));
      case IOException disk -> Optional.of(stopped(disk));
      default -> Optional.empty();
    };
  }

  private static String stopped(IOException e) {
    return Sentence.of(
        "Diaphan had to stop: %s (%s).",
        DiskTrouble.of(e).map(DiskTrouble::words).orElse("a file could not be read or written"),
        e.getMessage());
  }
}
