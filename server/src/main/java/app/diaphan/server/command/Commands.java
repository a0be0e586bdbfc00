package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.DeliveryFailed;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The commands of the program. */
@Command(name = "diaphan")
public final class Commands {
  /** The exit code of a command whose process goes on. */
  public static final int KEEP_RUNNING = -1;

  private static final Map<String, Supplier<Object>> COMMANDS =
      Map.of(
          "serve", ServeCommand::new,
          "deliver", DeliverCommand::new,
          "check", CheckCommand::new,
          "inspect", InspectCommand::new,
          "returned", ReturnedCommand::new,
          "convert", ConvertCommand::new,
          "restore", RestoreCommand::new,
          "train", TrainCommand::new);

  private Commands() {}

  public static int run(String[] arguments) {
    CommandLine line = new CommandLine(new Commands());
    // Only the one that is wanted: looking at all of them takes longer than inspecting a file.
    Optional.ofNullable(arguments.length == 0 ? null : COMMANDS.get(arguments[0]))
        .ifPresentOrElse(
            wanted -> line.addSubcommand(arguments[0], wanted.get()),
            () -> COMMANDS.forEach((name, command) -> line.addSubcommand(name, command.get())));
    line.setCaseInsensitiveEnumValuesAllowed(true);
    // The launcher gives values of its own first; what is given after it counts.
    line.setOverwrittenOptionsAllowed(true);
    line.setExecutionExceptionHandler(
        (e, command, parsed) -> {
          if (e instanceof InvalidInput || e instanceof DeliveryFailed) {
            command.getErr().println(e.getMessage());
            return 1;
          }
          throw e;
        });
    return line.execute(arguments);
  }
}
