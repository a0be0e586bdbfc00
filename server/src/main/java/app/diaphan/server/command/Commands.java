package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.DeliveryFailed;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The commands of the program. */
@Command(
    name = "diaphan",
    subcommands = {
      ServeCommand.class,
      DeliverCommand.class,
      CheckCommand.class,
      InspectCommand.class,
      ReturnedCommand.class,
      ConvertCommand.class
    })
public final class Commands {
  /** The exit code of a command whose process goes on. */
  public static final int KEEP_RUNNING = -1;

  private Commands() {}

  public static int run(String[] arguments) {
    CommandLine line = new CommandLine(new Commands());
    line.setCaseInsensitiveEnumValuesAllowed(true);
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
